<?php

declare(strict_types=1);

namespace Kalopsis\Panel\Exception;

use DomainException;

/** A body shape file that cannot be read; the message says which element and why. */
final class BadBodyShape extends DomainException
{
    public static function because(string $where, string $why): self
    {
        return new self($where === '' ? $why : "{$where}: {$why}");
    }
}
