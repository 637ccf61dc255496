<?php

declare(strict_types=1);

namespace Kalopsis\Findings;

/** Something that was found or said of a car once it was sprayed; only ever added. */
final readonly class LookEvent
{
    public const KINDS = ['finding', 'strike', 'restore', 'clean', 'delivered', 'asked', 'follow-up', 'follows', 'lesson'];

    /**
     * @param string $key made by who sends it, the same however often
     * @param array<array-key, mixed> $body what belongs to its kind
     * @param string $at when, ISO 8601
     * @param string $by who
     */
    public function __construct(
        public string $key,
        public string $kind,
        public array $body,
        public string $at = '',
        public string $by = '',
    ) {}

    public function text(string $name): string
    {
        $value = $this->body[$name] ?? null;

        return is_string($value) ? $value : '';
    }

    public function number(string $name): ?float
    {
        $value = $this->body[$name] ?? null;

        return is_int($value) || is_float($value) ? (float) $value : null;
    }
}
