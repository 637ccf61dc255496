<?php

declare(strict_types=1);

namespace Kalopsis\Tint\Exception;

use DomainException;

/** Cards that do not say what is asked of them. */
final class BadDrawdowns extends DomainException implements TintException
{
    public static function because(string $why): self
    {
        return new self($why);
    }
}
