<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

final class PreferencesRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'units' => ['sometimes', 'string', Rule::in(['metric', 'us'])],
            'theme' => ['sometimes', 'string', Rule::in(['light', 'dark', 'booth'])],
            'weights' => ['sometimes', 'string', Rule::in(['g', 'oz'])],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'units.*' => 'Units are metric or us.',
            'theme.*' => 'The theme is light, dark or booth.',
            'weights.*' => 'Weights are g or oz.',
        ];
    }
}
