<?php

declare(strict_types=1);

namespace Kalopsis\Panel\Exception;

use OutOfBoundsException;

final class UnknownPanel extends OutOfBoundsException
{
    public static function called(string $id, string $bodyShape): self
    {
        return new self("The body shape {$bodyShape} has no panel \"{$id}\".");
    }
}
