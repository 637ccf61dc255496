<?php

declare(strict_types=1);

namespace App\Support;

use App\Models\RepairJob;
use App\Models\User;
use Illuminate\Database\ConnectionInterface;

/**
 * Holds what a change is about until it is done. On one database server a lock does. Several that all take changes know nothing
 * of each other's locks, only of what was written: there the row is written, so that of two changes at once on two servers the
 * one that comes second is refused, and done again.
 */
final readonly class Hold
{
    public function __construct(private ConnectionInterface $database) {}

    public function job(string $id): void
    {
        RepairJob::held($id);
        if (self::isBySeveral()) {
            $this->database->table('repair_jobs')->where('id', $id)->increment('holds');
        }
    }

    /** What belongs to no job belongs to a workshop. */
    public function workshopOf(User $user): void
    {
        if (self::isBySeveral()) {
            $this->database->table('workshops')->where('id', $user->workshop_id)->increment('holds');
        }
    }

    private static function isBySeveral(): bool
    {
        return config('database.several_writers') === true;
    }
}
