<?php

declare(strict_types=1);

namespace Kalopsis\Practice;

use Kalopsis\Film\Air;
use Kalopsis\Film\MixRatio;
use Kalopsis\Film\PaintSystem;
use Kalopsis\Film\Reducer;
use Kalopsis\Sequence\FinishClass;
use Kalopsis\Sequence\LandsIn;
use Kalopsis\Sequence\School;
use Kalopsis\Tint\Formula;

/** A repair in the practice bay with everything that decides how it comes out, as it really is. */
final readonly class SetUp
{
    /**
     * @param float $spotMm radius of the primer, mm
     * @param ?float $roomMm to the next gap, mm; null: nothing stops the blend
     * @param float $blendMm how far colour is drawn out
     * @param ?MixRatio $ratio of the base; null: the data sheet's
     * @param list<float> $off of the sprayed colour beside the car, dL*, da*, db*
     * @param float $flop dL* more towards the flop and as much less in the face: flakes of another grade
     * @param ?Formula $formula what is mixed and $target what would match: instead of $off
     * @param ?LandsIn $bed what the bed had become when the first colour came; null: as the way says
     * @param bool $hurried colour coats did not dull between
     * @param float $film wet film beside the data sheet's
     * @param float $minutes beside spraying and waiting: another card, another bed
     */
    public function __construct(
        public FinishClass $finish,
        public PaintSystem $system,
        public School $school,
        public Reducer $reducer,
        public Air $air,
        public ?int $shade,
        public float $spotMm,
        public ?float $roomMm,
        public float $blendMm,
        public ?MixRatio $ratio,
        public array $off,
        public float $flop,
        public ?Formula $formula,
        public ?Formula $target,
        public ?LandsIn $bed,
        public bool $hurried,
        public float $film,
        public float $furtherMm,
        public float $barMore,
        public float $overlapMore,
        public float $minutes,
    ) {}
}
