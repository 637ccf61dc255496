<?php

declare(strict_types=1);

namespace App\Support;

use App\Models\User;
use Kalopsis\Blend\Planner;
use Kalopsis\Blend\ReachRule;
use Kalopsis\Input\InvalidInput;
use Kalopsis\Job\JobPlan;
use Kalopsis\Job\JobPlanner;
use Kalopsis\Job\JobReader;

/** Plans a document with the shelf of a workshop. */
final readonly class Planning
{
    public function __construct(private ReachRule $rule) {}

    /**
     * @param array<array-key, mixed> $document
     * @throws InvalidInput
     */
    public function plan(array $document, int $workshopId): JobPlan
    {
        $job = (new JobReader(new WorkshopCatalogue($workshopId)))->read($document);

        return $this->planner()->plan($job);
    }

    public function planner(): JobPlanner
    {
        return new JobPlanner(new Planner($this->rule));
    }

    /**
     * @param array<array-key, mixed> $document
     * @throws InvalidInput
     */
    public function planFor(User $user, array $document): JobPlan
    {
        return $this->plan($document, $user->workshop_id);
    }
}
