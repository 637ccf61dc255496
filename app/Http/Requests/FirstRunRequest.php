<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\People\Passwords;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** The first workshop and its lead. */
final class FirstRunRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'workshop' => ['required', 'string', 'max:120'],
            'town' => ['sometimes', 'nullable', 'string', 'max:120'],
            'name' => ['required', 'string', 'max:80'],
            'email' => ['required', 'email:rfc', 'max:190'],
            'password' => ['required', 'string'],
            'units' => ['required', Rule::in(['metric', 'us'])],
            'paper' => ['required', Rule::in(['A4', 'letter'])],
            'booth' => ['required', 'string', 'max:40'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'workshop.*' => 'The workshop needs a name of up to 120 characters.',
            'town.*' => 'A town has up to 120 characters.',
            'name.*' => 'Your name needs 1 to 80 characters.',
            'email.*' => 'Type an e-mail address; nothing is ever sent to it.',
            'password.*' => 'Choose a password.',
            'units.*' => 'Units are metric or us.',
            'paper.*' => 'Paper is A4 or letter.',
            'booth.*' => 'The booth needs a name of up to 40 characters.',
        ];
    }

    /** @return array{name: string, town: string, paper: string, booth: string} */
    public function shop(): array
    {
        return [
            'name' => $this->string('workshop')->trim()->toString(),
            'town' => $this->string('town')->trim()->toString(),
            'paper' => $this->string('paper')->toString(),
            'booth' => $this->string('booth')->trim()->toString(),
        ];
    }

    /** @return array{name: string, email: string, password: string, units: string} */
    public function lead(): array
    {
        $lead = [
            'name' => $this->string('name')->trim()->toString(),
            'email' => $this->string('email')->trim()->toString(),
            'password' => $this->string('password')->toString(),
            'units' => $this->string('units')->toString(),
        ];
        Passwords::check($lead['password'], 'password', $lead['name'], $lead['email']);

        return $lead;
    }
}
