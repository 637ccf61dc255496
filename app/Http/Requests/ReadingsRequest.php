<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Kalopsis\Card\ReadingReader;
use Kalopsis\Card\Surface;
use Kalopsis\Colour\Measurement;
use Kalopsis\Input\Fields;
use Kalopsis\Input\Problems;

/** Readings typed in, or sent by a device. */
final class ReadingsRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'spot' => ['sometimes', 'nullable', 'string', 'max:40'],
            'surface' => ['sometimes', Rule::enum(Surface::class)],
            'readings' => ['required', 'array', 'min:1', 'max:200'],
            'instrument' => ['sometimes', 'nullable', 'string', 'max:60'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'spot.*' => 'A spot has a name of up to 40 characters.',
            'surface.*' => 'The surface is polished, unpolished or sanded.',
            'readings.*' => 'Between 1 and 200 readings at once.',
            'instrument.*' => 'An instrument has a name of up to 60 characters.',
        ];
    }

    public function spot(): string
    {
        $spot = trim($this->string('spot')->toString());

        return $spot === '' ? 'spot 1' : $spot;
    }

    public function surface(): Surface
    {
        return Surface::tryFrom($this->string('surface')->toString()) ?? Surface::Polished;
    }

    public function instrument(): string
    {
        return trim($this->string('instrument')->toString());
    }

    /** @return list<Measurement> */
    public function measurements(): array
    {
        $problems = new Problems();
        $out = [];
        foreach (array_values((array) $this->input('readings')) as $i => $reading) {
            $measurement = ReadingReader::read(Fields::of($reading, $problems, "readings.{$i}"));
            if ($measurement !== null) {
                $out[] = $measurement;
            }
        }
        $problems->stop();

        return $out;
    }
}
