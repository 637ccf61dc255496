<?php

declare(strict_types=1);

namespace Kalopsis\Colour\Exception;

use DomainException;
use Kalopsis\Colour\Viewing;

final class CannotCompare extends DomainException implements ColourException
{
    public static function viewing(Viewing $one, Viewing $other): self
    {
        return new self("One reading is for {$one->name()}, the other for {$other->name()}: they cannot be compared.");
    }

    public static function angles(): self
    {
        return new self('The two readings have no angle in common.');
    }
}
