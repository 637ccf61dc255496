<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

/** Something that happened to a mix, with a key of its own so that it happens once. */
final class MixEventRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'key' => ['required', 'uuid'],
            'grams' => ['sometimes', 'nullable', 'numeric', 'min:0', 'max:30000'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['key.*' => 'A key is a UUID.', 'grams.*' => 'A weight is 0 to 30 000 g.'];
    }

    public function key(): string
    {
        return strtolower($this->string('key')->toString());
    }

    public function grams(): ?float
    {
        return $this->input('grams') === null ? null : $this->float('grams');
    }
}
