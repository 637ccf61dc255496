<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

/** A job document with the words for what changed. The document itself is checked by the core, field by field. */
final class DocumentRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'document' => ['required', 'array'],
            'change' => ['sometimes', 'nullable', 'string', 'max:160'],
            'id' => ['sometimes', 'nullable', 'uuid'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'document.*' => 'A job document is needed here.',
            'change.*' => 'Say in at most 160 characters what changed.',
            'id.*' => 'An id is a UUID.',
        ];
    }

    /** @return array<array-key, mixed> as sent */
    public function document(): array
    {
        $document = $this->raw('document');

        return is_array($document) ? $document : [];
    }

    /** A part as it was sent: the framework's trimming and emptying must not touch what the core reads. */
    public function raw(string $part): mixed
    {
        $body = json_decode($this->getContent(), true);

        return is_array($body) ? $body[$part] ?? null : null;
    }

    public function change(): string
    {
        return $this->string('change')->toString();
    }

    public function id(): ?string
    {
        $id = $this->input('id');

        return is_string($id) ? strtolower($id) : null;
    }
}
