<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

final class SignInRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['email' => ['required', 'string', 'max:190'], 'password' => ['required', 'string', 'max:190']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['email.*' => 'Type your e-mail address.', 'password.*' => 'Type your password.'];
    }
}
