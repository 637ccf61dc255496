<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

/** A cup that is to go on the scale. */
final class MixRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'id' => ['required', 'uuid'],
            'cup' => ['required', 'string', 'max:60'],
            'kind' => ['required', 'in:cup,formula'],
            'batch' => ['sometimes', 'nullable', 'string', 'max:60'],
            'cardsMl' => ['sometimes', 'nullable', 'numeric', 'min:0', 'max:1000'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'id.*' => 'An id is a UUID.',
            'cup.*' => 'Which cup goes on the scale?',
            'kind.*' => 'A cup is weighed from its products, or its colour from toners.',
            'batch.*' => 'A batch has at most 60 characters.',
            'cardsMl.*' => 'Paint for cards: 0 to 1000 ml.',
        ];
    }

    public function id(): string
    {
        return strtolower($this->string('id')->toString());
    }

    public function cup(): string
    {
        return $this->string('cup')->toString();
    }

    public function kind(): string
    {
        return $this->string('kind')->toString();
    }

    public function batch(): string
    {
        return $this->string('batch')->toString();
    }

    public function cardsMl(): float
    {
        return $this->float('cardsMl');
    }
}
