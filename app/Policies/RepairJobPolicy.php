<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\RepairJob;
use App\Models\User;
use Illuminate\Auth\Access\Response;

/** Everybody in the workshop plans; only a lead puts a job away. */
final class RepairJobPolicy
{
    public function view(User $user, RepairJob $job): bool
    {
        return $user->workshop_id === $job->workshop_id;
    }

    public function create(User $user): bool
    {
        return true;
    }

    public function update(User $user, RepairJob $job): Response
    {
        return match (true) {
            $user->workshop_id !== $job->workshop_id => Response::deny(),
            $job->archived_at !== null => Response::deny('This job is put away. A lead can bring it back.'),
            default => Response::allow(),
        };
    }

    /** A car is looked back on long after it was put away. */
    public function look(User $user, RepairJob $job): bool
    {
        return $user->workshop_id === $job->workshop_id;
    }

    public function archive(User $user, RepairJob $job): Response
    {
        return $user->workshop_id === $job->workshop_id && Right::PutJobsAway->isOf($user)
            ? Response::allow()
            : Response::deny(Right::PutJobsAway->refusal());
    }
}
