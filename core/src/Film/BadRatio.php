<?php

declare(strict_types=1);

namespace Kalopsis\Film;

use DomainException;

/** A mixing ratio that cannot be mixed. */
final class BadRatio extends DomainException
{
    public static function unreadable(string $text): self
    {
        return new self(
            '"' . mb_substr($text, 0, 30) . '" is no mixing ratio. Write parts like 4:1:2, or percent added like +55 % or 3:1:10 %.',
        );
    }

    public static function zeroPart(int $position): self
    {
        return new self("Part {$position} of the ratio is 0. Leave it out, or say how much goes in.");
    }

    public static function tooLarge(): self
    {
        return new self('No part of a ratio can be more than 1000.');
    }

    public static function wrongCount(int $given, int $needed, string $names): self
    {
        return new self("This product mixes {$needed} parts ({$names}); the ratio has {$given}.");
    }
}
