<?php

declare(strict_types=1);

namespace App\Colour;

use App\Models\ColourEvent;
use App\Models\ColourFormula;
use App\Models\ColourSample;
use App\Models\RepairJob;
use Illuminate\Support\Collection;
use Kalopsis\Card\Desk;
use Kalopsis\Card\Spraying;
use Kalopsis\Job\JobPlan;

/** The colour desk of a job: what was recorded, what the core makes of it, and who let it pass. */
final readonly class DeskView
{
    /**
     * @param Collection<int, ColourSample> $samples
     * @param Collection<int, ColourEvent> $events newest first: looks, passes and overrides
     * @param bool $practice may simulated readings pass here?
     */
    public function __construct(
        public RepairJob $job,
        public JobPlan $plan,
        public Desk $desk,
        public Collection $samples,
        public Collection $events,
        public ?ColourFormula $formula,
        public ?Spraying $spraying,
        public ?ColourEvent $passed,
        public ?FallenPass $fallen,
        public bool $practice,
    ) {}
}
