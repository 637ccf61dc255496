<?php

declare(strict_types=1);

namespace Kalopsis\Input;

use Kalopsis\Why\Phrase;

/** Collects faults while something is read, so that all of them are told at once. */
final class Problems
{
    /** Past this many the rest is noise. */
    private const MOST = 50;

    /** @var list<Problem> */
    private array $found = [];

    public function add(string $field, string $code, Phrase|string $detail): void
    {
        if (count($this->found) < self::MOST) {
            $this->found[] = new Problem($field, $code, is_string($detail) ? Phrase::of($detail) : $detail);
        }
    }

    public function any(): bool
    {
        return $this->found !== [];
    }

    /** @throws InvalidInput */
    public function stop(): void
    {
        if ($this->found !== []) {
            throw new InvalidInput($this->found);
        }
    }
}
