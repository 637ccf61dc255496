<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Colour\Bench;
use App\Models\User;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Carbon;
use Illuminate\Validation\Rule;
use Kalopsis\Card\DriedHow;
use Kalopsis\Card\SampleKind;
use Kalopsis\Card\Spraying;
use Kalopsis\Input\Fields;
use Kalopsis\Input\Problems;
use Kalopsis\Tint\Formula;

/** A sample as somebody describes it. How it was sprayed is checked by the core, field by field. */
final class SampleRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'id' => ['sometimes', 'nullable', 'uuid'],
            'kind' => [$this->isMethod('PATCH') ? 'sometimes' : 'required', Rule::enum(SampleKind::class)],
            'name' => [$this->isMethod('PATCH') ? 'sometimes' : 'required', 'string', 'min:1', 'max:80'],
            'spraying' => ['sometimes', 'nullable', 'array'],
            'sprayedAt' => ['bail', 'sometimes', 'nullable', 'string', 'date', 'before:+1 day', 'after:2000-01-01'],
            'dried' => ['sometimes', 'nullable', Rule::enum(DriedHow::class)],
            'note' => ['sometimes', 'nullable', 'string', 'max:400'],
            'letDownCoats' => ['sometimes', 'nullable', 'numeric', 'min:0', 'max:8'],
            'toners' => ['sometimes', 'array', 'min:1', 'max:25'],
            'toners.*' => ['numeric', 'min:0', 'max:20000'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'id.*' => 'An id is a UUID.',
            'kind.*' => 'Say what it is: car, card or variant.',
            'name.*' => 'A name needs 1 to 80 characters.',
            'spraying.*' => 'Say how it was sprayed.',
            'sprayedAt.*' => 'The day it was sprayed must be a date between 2000 and today.',
            'dried.*' => 'Dried in the air, under the lamp or in the oven.',
            'note.*' => 'At most 400 characters.',
            'letDownCoats.*' => 'Between 0 and 8 coats of the effect layer.',
            'toners.*' => 'Grams of each toner, 0 to 20000.',
        ];
    }

    public function id(): ?string
    {
        $id = $this->input('id');

        return is_string($id) ? strtolower($id) : null;
    }

    public function kind(): SampleKind
    {
        return SampleKind::from($this->string('kind')->toString());
    }

    public function name(): string
    {
        return $this->string('name')->toString();
    }

    /** The name as it is, where another was sent: who changes something else meanwhile does not take it back. */
    public function newName(string $was): string
    {
        return $this->exists('name') ? $this->name() : $was;
    }

    /** @return array<string, mixed> only what was sent */
    public function details(): array
    {
        $out = [];
        if (is_array($this->input('spraying'))) {
            $problems = new Problems();
            $spraying = Spraying::read(Fields::of($this->input('spraying'), $problems, 'spraying'));
            $problems->stop();
            $out['spraying'] = $spraying->jsonSerialize();
        } elseif ($this->exists('spraying')) {
            $out['spraying'] = null;
        }
        if ($this->exists('sprayedAt')) {
            $at = $this->input('sprayedAt');
            $out['sprayedAt'] = is_string($at) ? Carbon::parse($at)->toIso8601String() : null;
        }
        foreach (['dried', 'note', 'letDownCoats'] as $name) {
            if ($this->exists($name)) {
                $out[$name] = $this->input($name);
            }
        }
        if (is_array($this->input('toners'))) {
            $user = $this->user();
            $bench = Bench::of($user instanceof User ? $user->workshop_id : 0);
            $grams = [];
            foreach ($this->input('toners') as $key => $g) {
                $grams[$bench->toner((string) $key)->key] = is_numeric($g) ? (float) $g : 0.0;
            }
            $out['formula'] = ['toners' => Formula::of($grams)->grams];
        }

        return $out;
    }
}
