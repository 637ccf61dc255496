<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Role;
use App\Models\User;
use App\Policies\Right;
use Illuminate\Auth\Access\Response;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** Somebody of the workshop, as a lead writes them down. */
final class PersonRequest extends FormRequest
{
    /** Who may not hears that, and nothing of what was typed. */
    public function authorize(): Response
    {
        $user = $this->user();

        return $user instanceof User && Right::LookAfterPeople->isOf($user)
            ? Response::allow()
            : Response::deny(Right::LookAfterPeople->refusal());
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        $adds = $this->isMethod('POST');

        return [
            'name' => [$adds ? 'required' : 'sometimes', 'string', 'min:1', 'max:80'],
            'email' => $adds ? ['required', 'email:rfc', 'max:190', Rule::unique(User::class)] : ['prohibited'],
            'role' => [$adds ? 'required' : 'sometimes', Rule::enum(Role::class)],
            'password' => $adds ? ['required', 'string'] : ['prohibited'],
            'putAway' => $adds ? ['prohibited'] : ['sometimes', 'boolean'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'name.*' => 'A name needs 1 to 80 characters.',
            'email.unique' => 'Somebody has this address already.',
            'email.*' => 'Type an e-mail address; nothing is ever sent to it.',
            'role.*' => 'A role is lead, painter or apprentice.',
            'password.*' => 'Give a first password; it is changed at the first sign-in.',
            'putAway.*' => 'Say yes or no.',
        ];
    }

    protected function prepareForValidation(): void
    {
        if (is_string($this->input('email'))) {
            $this->merge(['email' => mb_strtolower(trim($this->input('email')))]);
        }
    }
}
