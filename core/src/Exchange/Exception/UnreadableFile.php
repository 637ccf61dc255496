<?php

declare(strict_types=1);

namespace Kalopsis\Exchange\Exception;

use DomainException;

/** Nothing of the file can be used. */
final class UnreadableFile extends DomainException
{
    public static function because(string $why): self
    {
        return new self($why);
    }
}
