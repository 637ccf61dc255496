<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\JobLook;
use App\Models\RepairJob;
use App\Models\User;
use Kalopsis\Findings\LookEvent;

/** Adds something that was found or said of a car; the same key sent twice is kept once. */
final readonly class RecordLook
{
    public function __invoke(User $user, RepairJob $job, LookEvent $event): JobLook
    {
        return $job->looks()->createOrFirst(
            ['key' => $event->key],
            ['kind' => $event->kind, 'body' => $event->body, 'user_id' => $user->id],
        );
    }
}
