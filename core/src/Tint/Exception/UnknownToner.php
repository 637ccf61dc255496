<?php

declare(strict_types=1);

namespace Kalopsis\Tint\Exception;

use DomainException;

final class UnknownToner extends DomainException implements TintException
{
    public static function named(string $key): self
    {
        return new self("There is no toner \"{$key}\" on the mixing bench.");
    }
}
