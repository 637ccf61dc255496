<?php

declare(strict_types=1);

namespace Kalopsis\Practice;

use Kalopsis\Why\Phrase;

/** One way to decide it, and what that does to the set-up; what it does is told only with the answer. */
final readonly class Option
{
    /** @param array<string, mixed> $does plain values of the set-up */
    public function __construct(public string $key, public Phrase $text, public array $does) {}
}
