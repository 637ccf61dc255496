<?php

declare(strict_types=1);

namespace App\Support;

use Closure;
use Illuminate\Database\MariaDbConnection;

/** MariaDB, where of two transactions that wait for each other one is given up: that one is done again, not told to anybody. */
final class ShopConnection extends MariaDbConnection
{
    /** Where several servers take changes, of twelve at one car each loses some rounds before it wins. */
    public const TRIES = 20;

    /**
     * @param int $attempts
     * @return mixed
     * @phpstan-ignore method.childParameterType
     */
    public function transaction(Closure $callback, $attempts = self::TRIES)
    {
        return parent::transaction($callback, $attempts);
    }
}
