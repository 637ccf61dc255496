<?php

declare(strict_types=1);

namespace Kalopsis\Job;

use Kalopsis\Blend\SideChoice;
use Kalopsis\Cups\CupWish;
use Kalopsis\Film\ClearGrade;
use Kalopsis\Film\MixRatio;
use Kalopsis\Film\Reducer;
use Kalopsis\Sequence\CoatSequence;
use Kalopsis\Sequence\GunChoice;
use Kalopsis\Spray\Certainty;

/** What the painter chose; everything else is computed. */
final readonly class PlanSpec
{
    /**
     * @param string $school where the sequence came from
     * @param float $usual its usual length as a share of the trade's usual blend
     * @param bool $edited is the sequence the painter's own, not the school's as it stands?
     * @param array<string, SideChoice> $sides by "panel|neighbour"
     * @param array<string, MixRatio> $ratios by product role
     * @param ?Reducer $reducer set by hand; null: the advised one
     * @param array<string, CupWish> $cups by cup
     * @param ?ClearGrade $clear which of the shop's clears; null: the usual one
     * @param bool $letDown is the colour judged at the number of coats that is sprayed, on the path of a let-down set?
     */
    public function __construct(
        public string $school,
        public CoatSequence $sequence,
        public float $usual,
        public bool $edited,
        public GunChoice $gun,
        public Certainty $certainty,
        public array $sides,
        public array $ratios,
        public float $remainderMl,
        public ?Reducer $reducer = null,
        public bool $letDown = false,
        public array $cups = [],
        public ?ClearGrade $clear = null,
    ) {}

    /** Coats of the effect layer that this plan sprays; null where no let-down set was taken over. */
    public function effectCoats(): ?float
    {
        return $this->letDown ? $this->sequence->layerCoats() : null;
    }

    public function with(
        ?GunChoice $gun = null,
        ?SideChoice $side = null,
        string $sideKey = '',
        ?ClearGrade $clear = null,
    ): self {
        return new self(
            $this->school,
            $this->sequence,
            $this->usual,
            $this->edited,
            $gun ?? $this->gun,
            $this->certainty,
            $side === null ? $this->sides : [...$this->sides, $sideKey => $side],
            $this->ratios,
            $this->remainderMl,
            $this->reducer,
            $this->letDown,
            $this->cups,
            $clear ?? $this->clear,
        );
    }

    /** The same choices with another way to spray. */
    public function sprayed(string $school, CoatSequence $sequence, float $usual, bool $edited = false): self
    {
        return new self(
            $school,
            $sequence,
            $usual,
            $edited,
            $this->gun,
            $this->certainty,
            $this->sides,
            $this->ratios,
            $this->remainderMl,
            $this->reducer,
            $this->letDown,
            $this->cups,
            $this->clear,
        );
    }
}
