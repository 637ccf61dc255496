<?php

declare(strict_types=1);

namespace Kalopsis\Calibration;

use JsonSerializable;

/** What a workshop's own tests say of the model's constants; of whatever was not tested, what the model takes. */
final readonly class Calibration implements JsonSerializable
{
    /** @param array<string, Known> $known by key(); none: nobody has tested anything */
    public function __construct(public array $known = []) {}

    /** @param string $subject colour or toner, as subject() says; empty for the workshop's own */
    public static function key(Constant $constant, string $subject = ''): string
    {
        return $subject === '' ? $constant->value : "{$constant->value} {$subject}";
    }

    /** One colour under however it was typed: its code where it has one, else its name. */
    public static function colour(string $name, string $code): string
    {
        return mb_strtolower(trim($code) !== '' ? trim($code) : trim($name));
    }

    public function about(Constant $constant, string $subject = ''): Known
    {
        return $this->known[self::key($constant, $subject)] ?? Known::untested($constant);
    }

    /**
     * Reads what jsonSerialize wrote; what is no longer known as a constant counts for nothing.
     *
     * @param array<array-key, mixed> $kept
     */
    public static function kept(array $kept): self
    {
        $known = [];
        foreach ($kept as $key => $k) {
            if (! is_string($key) || ! is_array($k) || Constant::tryFrom(explode(' ', $key)[0]) === null) {
                continue;
            }
            [$factor, $spread, $tests] = [$k['factor'] ?? 0, $k['spread'] ?? 0, $k['tests'] ?? []];
            if (is_numeric($factor) && is_numeric($spread) && $factor > 0 && $spread > 0 && is_array($tests)) {
                $known[$key] = new Known((float) $factor, (float) $spread, array_values(array_filter($tests, is_string(...))));
            }
        }

        return new self($known);
    }

    /** @return array<string, Known> */
    public function jsonSerialize(): array
    {
        return $this->known;
    }
}
