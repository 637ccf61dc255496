<?php

declare(strict_types=1);

namespace Kalopsis\Job;

use Kalopsis\Blend\School;
use Kalopsis\Blend\SideChoice;
use Kalopsis\Blend\WetBedChoice;
use Kalopsis\Film\MixRatio;
use Kalopsis\Sequence\GunChoice;

/** What the painter chose; everything else is computed. */
final readonly class PlanSpec
{
    /**
     * @param array<string, float> $reaches by coat id, mm
     * @param array<string, SideChoice> $sides by "panel|neighbour"
     * @param array<string, MixRatio> $ratios by product role
     */
    public function __construct(
        public School $school,
        public GunChoice $gun,
        public WetBedChoice $wetBed,
        public array $reaches,
        public array $sides,
        public array $ratios,
        public float $remainderMl,
    ) {}
}
