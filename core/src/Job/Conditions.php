<?php

declare(strict_types=1);

namespace Kalopsis\Job;

use Kalopsis\Film\Air;
use Kalopsis\Film\Reducer;
use Kalopsis\Sequence\LandsIn;

/** How a plan was really sprayed, beside how it was meant: what a run records, or what a cause would change. */
final readonly class Conditions
{
    /**
     * @param ?LandsIn $bed what the first colour landed in where the plan says wet bed; null: as planned
     * @param bool $addBed a wet bed below the colour that the plan has not got
     * @param float $furtherMm gun to panel, beside the plan
     * @param float $barMore
     * @param float $overlapMore percentage points
     * @param float $film wet film beside the plan's, 1 is the same
     * @param bool $wetInWet colour coats did not dull before the next
     * @param ?int $shade grey of the primer; null: as it is
     * @param float $lighter L* that the new colour is off beside the card
     * @param bool $sheetGun colour coats with the gun as the data sheet has it
     * @param float $longer length of the blend beside the plan's
     */
    public function __construct(
        public Reducer $reducer,
        public Air $air,
        public ?LandsIn $bed = null,
        public bool $addBed = false,
        public float $furtherMm = 0.0,
        public float $barMore = 0.0,
        public float $overlapMore = 0.0,
        public float $film = 1.0,
        public bool $wetInWet = false,
        public ?int $shade = null,
        public float $lighter = 0.0,
        public bool $sheetGun = false,
        public float $longer = 1.0,
    ) {}

    /** The same with something of it otherwise; null stays as it is. */
    public function with(
        ?Reducer $reducer = null,
        ?Air $air = null,
        ?LandsIn $bed = null,
        ?bool $addBed = null,
        ?float $furtherMm = null,
        ?float $barMore = null,
        ?float $overlapMore = null,
        ?float $film = null,
        ?bool $wetInWet = null,
        ?int $shade = null,
        ?float $lighter = null,
        ?bool $sheetGun = null,
        ?float $longer = null,
    ): self {
        return new self(
            $reducer ?? $this->reducer,
            $air ?? $this->air,
            $bed ?? $this->bed,
            $addBed ?? $this->addBed,
            $furtherMm ?? $this->furtherMm,
            $barMore ?? $this->barMore,
            $overlapMore ?? $this->overlapMore,
            $film ?? $this->film,
            $wetInWet ?? $this->wetInWet,
            $shade ?? $this->shade,
            $lighter ?? $this->lighter,
            $sheetGun ?? $this->sheetGun,
            $longer ?? $this->longer,
        );
    }
}
