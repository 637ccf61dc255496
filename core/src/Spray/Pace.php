<?php

declare(strict_types=1);

namespace Kalopsis\Spray;

use Kalopsis\Film\Air;
use Kalopsis\Film\FlashOff;
use Kalopsis\Film\PaintSystem;
use Kalopsis\Film\ReducerGrade;
use Kalopsis\Film\Volatile;
use Kalopsis\Gun\Stroke;
use Kalopsis\Sequence\Coat;
use Kalopsis\Sequence\Drying;

/** One pace of spraying and drying: whoever says minutes reads it. */
final readonly class Pace
{
    /** The way back between strokes, beside the strokes themselves. Common practice. */
    private const WAY_BACK = 1.3;

    /** Edges, and filling the cup. Common practice. */
    private const ROUND_MINUTES = 1.0;

    /** Nobody waits longer between coats; in such air a coat does not dry, min. Chosen here: half a working day. */
    public const LONGEST_MINUTES = 240.0;

    private Volatile $volatile;

    public function __construct(private PaintSystem $system, ReducerGrade $grade, private Air $air)
    {
        $this->volatile = Volatile::of($system->carrier, $grade);
    }

    /** Minutes with the gun in the hand for a coat over so much area. */
    public function spraying(Coat $coat, float $areaM2): float
    {
        $pitch = Stroke::fanMm($coat->gun) * (1.0 - $coat->gun->overlapPercent / 100.0);
        $passes = $coat->step->strokes->passes();

        return self::ROUND_MINUTES + self::WAY_BACK * $passes * $areaM2 * 1e6 / ($coat->stroke->speedMmPerS * $pitch * 60.0);
    }

    /** Minutes until a coat is ready for the next, LONGEST_MINUTES where it will not dry. */
    public function waiting(Coat $coat): float
    {
        $drying = $coat->step->drying;
        $rate = FlashOff::rate($this->volatile, $this->air, $drying->movement($this->system->carrier));
        $volatile = Simulation::laid($coat, $this->volatile, $this->air)->volatileUm();

        return min(self::LONGEST_MINUTES, $drying->gone() / Drying::Flash->gone() * FlashOff::minutes($volatile, $rate));
    }

    /** Does it dry in this air within the time anybody waits? */
    public function dries(Coat $coat): bool
    {
        return $this->waiting($coat) < self::LONGEST_MINUTES;
    }
}
