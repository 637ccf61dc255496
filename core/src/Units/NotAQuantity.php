<?php

declare(strict_types=1);

namespace Kalopsis\Units;

use InvalidArgumentException;

/** What was given cannot be read as a quantity of the wanted kind. */
final class NotAQuantity extends InvalidArgumentException
{
    public static function notFinite(float $value): self
    {
        return new self('A measure must be a finite number, not ' . $value . '.');
    }

    public static function unreadable(string $text): self
    {
        return new self('"' . mb_substr($text, 0, 40) . '" is not a number with a unit.');
    }

    public static function wrongUnit(string $text, Dimension $dimension): self
    {
        return new self('"' . mb_substr($text, 0, 40) . '" is not a ' . $dimension->value . '.');
    }
}
