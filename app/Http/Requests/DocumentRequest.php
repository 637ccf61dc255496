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

    /** @return array<array-key, mixed> as sent: the framework's trimming and emptying must not touch a document */
    public function document(): array
    {
        $body = json_decode($this->getContent(), true);
        $document = is_array($body) ? $body['document'] ?? null : null;

        return is_array($document) ? $document : [];
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
