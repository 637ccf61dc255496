<?php

declare(strict_types=1);

namespace App\Exceptions;

use RuntimeException;

/** Somebody else saved the same thing in between. */
final class StaleEdit extends RuntimeException
{
    /** @param string $what that counts: version, edition */
    public function __construct(
        public readonly int $current,
        public readonly string $by,
        public readonly string $what = 'version',
    ) {
        parent::__construct($what === 'version' ? 'The job was changed meanwhile.' : 'The data sheet was changed meanwhile.');
    }
}
