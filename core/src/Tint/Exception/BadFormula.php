<?php

declare(strict_types=1);

namespace Kalopsis\Tint\Exception;

use DomainException;

final class BadFormula extends DomainException implements TintException
{
    public static function empty(): self
    {
        return new self('A formula needs at least one toner.');
    }

    public static function amount(string $toner, float $grams): self
    {
        return new self(
            sprintf(
                '%s: %s g cannot be poured. Amounts lie above 0 and up to 20000 g.',
                $toner,
                is_finite($grams) ? (string) round($grams, 3) : 'that',
            ),
        );
    }
}
