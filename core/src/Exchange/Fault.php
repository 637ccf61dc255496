<?php

declare(strict_types=1);

namespace Kalopsis\Exchange;

use JsonSerializable;

/** Something about a line of a file: it was left out, or it was taken after mending it. */
final readonly class Fault implements JsonSerializable
{
    private function __construct(public int $line, public string $reason, public bool $mended) {}

    public static function leftOut(int $line, string $reason): self
    {
        return new self($line, $reason, false);
    }

    public static function mended(int $line, string $reason): self
    {
        return new self($line, $reason, true);
    }

    /** @return array{line: int, reason: string, mended: bool} */
    public function jsonSerialize(): array
    {
        return ['line' => $this->line, 'reason' => $this->reason, 'mended' => $this->mended];
    }
}
