<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Kalopsis\Card\Surface;
use Kalopsis\Colour\Geometry;
use Kalopsis\Colour\InstrumentFault;

/** A wish to the instrument: where, how often, at which angles; the simulator can be told to go wrong. */
final class MeasureRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'spot' => ['sometimes', 'nullable', 'string', 'max:40'],
            'shots' => ['required', 'integer', 'min:1', 'max:20'],
            'geometry' => ['required', Rule::enum(Geometry::class)],
            'fault' => ['sometimes', Rule::enum(InstrumentFault::class)],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'spot.*' => 'A spot has a name of up to 40 characters.',
            'shots.*' => 'Between 1 and 20 shots.',
            'geometry.*' => 'These angles are not known.',
            'fault.*' => 'The simulator does not know this fault.',
        ];
    }

    public function spot(): string
    {
        $spot = trim($this->string('spot')->toString());

        return $spot === '' ? 'spot 1' : $spot;
    }

    public function shots(): int
    {
        return $this->integer('shots');
    }

    public function geometry(): Geometry
    {
        return Geometry::from($this->string('geometry')->toString());
    }

    public function fault(): InstrumentFault
    {
        return InstrumentFault::tryFrom($this->string('fault')->toString()) ?? InstrumentFault::None;
    }

    public function surface(): Surface
    {
        return match ($this->fault()) {
            InstrumentFault::Unpolished => Surface::Unpolished,
            InstrumentFault::Sanded => Surface::Sanded,
            InstrumentFault::None, InstrumentFault::DirtyLens, InstrumentFault::WrongSpot => Surface::Polished,
        };
    }
}
