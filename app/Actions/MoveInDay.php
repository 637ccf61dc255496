<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\DayMove;
use App\Models\RepairJob;
use App\Models\User;

/** Puts a piece of a car's day somewhere, gives it back to the computation, or ticks it off. */
final readonly class MoveInDay
{
    public function __invoke(
        User $user,
        RepairJob $job,
        string $block,
        ?string $starts,
        ?string $booth,
        ?string $person,
        bool $done,
    ): void {
        DayMove::query()->updateOrCreate(
            ['repair_job_id' => $job->id, 'block' => $block],
            ['starts' => $starts, 'booth' => $booth, 'person' => $person, 'done' => $done, 'user_id' => $user->id],
        );
    }
}
