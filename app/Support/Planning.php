<?php

declare(strict_types=1);

namespace App\Support;

use App\Colour\Pair;
use App\Models\ColourFormula;
use App\Models\RepairJob;
use Kalopsis\Blend\Planner;
use Kalopsis\Input\InvalidInput;
use Kalopsis\Job\JobPlan;
use Kalopsis\Job\JobPlanner;
use Kalopsis\Job\JobReader;
use Kalopsis\Job\JobSpec;

/** Plans a document with the shelf of a workshop, for the car and the best card that lie on the job's desk. */
final readonly class Planning
{
    /**
     * @param array<array-key, mixed> $document
     * @param RepairJob|Pair|null $job whose readings count; the pair where a caller has them already
     * @throws InvalidInput
     */
    public function plan(array $document, int $workshopId, RepairJob|Pair|null $job = null): JobPlan
    {
        $pair = match (true) {
            $job === null => Pair::none(),
            $job instanceof Pair => $job,
            default => Pair::of($job),
        };

        $spec = $this->read($document, $workshopId);
        $pair = $pair->at($spec->plan->effectCoats());

        return $this->planner()
            ->plan($pair->shown($spec), $pair->car, $pair->card, $pair->seen)
            ->fromSimulated($pair->simulated);
    }

    /**
     * @param array<array-key, mixed> $document
     * @throws InvalidInput
     */
    public function read(array $document, int $workshopId): JobSpec
    {
        $spec = (new JobReader(new WorkshopCatalogue($workshopId)))->read($document);
        $formula = ColourFormula::newest($workshopId, $spec->colour->name, $spec->colour->code);

        return $spec->withFlakes($formula?->flakes());
    }

    public function planner(): JobPlanner
    {
        return new JobPlanner(new Planner(new KeptNeeds()));
    }
}
