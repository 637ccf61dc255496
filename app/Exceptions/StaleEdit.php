<?php

declare(strict_types=1);

namespace App\Exceptions;

use RuntimeException;

/** Somebody else saved the job in between. */
final class StaleEdit extends RuntimeException
{
    public function __construct(public readonly int $current, public readonly string $by)
    {
        parent::__construct('The job was changed meanwhile.');
    }
}
