<?php

declare(strict_types=1);

namespace App\Support;

use Illuminate\Database\ConnectionInterface;
use PDOException;

/** Is what the application stands on there? */
final readonly class Health
{
    public function __construct(private ConnectionInterface $database) {}

    public function databaseAnswers(): bool
    {
        try {
            $this->database->table('workshops')->exists();

            return true;
        } catch (PDOException) {
            return false;
        }
    }
}
