<?php

declare(strict_types=1);

namespace Kalopsis\Tint\Exception;

use DomainException;

final class NotMeasured extends DomainException implements TintException
{
    public static function named(string $name): self
    {
        return new self("Nobody has made drawdowns of {$name} yet, so nothing can be said of its colour. Build it on the Shelf.");
    }
}
