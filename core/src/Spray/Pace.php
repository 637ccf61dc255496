<?php

declare(strict_types=1);

namespace Kalopsis\Spray;

use Kalopsis\Film\Air;
use Kalopsis\Film\AirMovement;
use Kalopsis\Film\Carrier;
use Kalopsis\Film\FlashOff;
use Kalopsis\Film\PaintSystem;
use Kalopsis\Film\Reducer;
use Kalopsis\Film\Volatile;
use Kalopsis\Gun\Stroke;
use Kalopsis\Sequence\Coat;
use Kalopsis\Sequence\Drying;
use Kalopsis\Units\Quantity;
use Kalopsis\Why\Phrase;
use Kalopsis\Why\Reason;
use Kalopsis\Why\SourceKind;

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

    public function __construct(private PaintSystem $system, Reducer $reducer, private Air $air)
    {
        $this->volatile = Volatile::of($system->carrier, $reducer);
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
        return $this->waitingIn($coat, $coat->step->drying->movement($this->system->carrier));
    }

    /** The same if another air moved over it. */
    public function waitingIn(Coat $coat, AirMovement $movement): float
    {
        $rate = FlashOff::rate($this->volatile, $this->air, $movement);
        $volatile = Simulation::laid($coat, $this->volatile, $this->air)->volatileUm();

        return min(self::LONGEST_MINUTES, $coat->step->drying->patience() * FlashOff::minutes($volatile, $rate));
    }

    /**
     * How long to wait between colour coats: the shortest and the longest of this plan's waits. A look at the film decides.
     *
     * @param list<Coat> $coats
     */
    public function betweenCoats(array $coats): Reason
    {
        $waits = [];
        foreach ($coats as $coat) {
            if ($coat->isColour() && $coat->step->drying !== Drying::WetOnWet) {
                $waits[] = round($this->waiting($coat));
            }
        }
        [$from, $to] = $waits === [] ? [0.0, 0.0] : [min($waits), max($waits)];
        $blown = $this->system->carrier === Carrier::Waterborne;

        return Reason::of(
            Phrase::of(
                match (true) {
                    $waits === [] => 'Straight on, wet in wet.',
                    $to >= self::LONGEST_MINUTES => 'It does not dry in this air: warm it, dry it or move it first.',
                    $from === $to && $blown => 'Wait until all gloss has gone, about {from} under a hand blower.',
                    $from === $to => 'Wait until evenly dull, about {from}.',
                    $blown => 'Wait until all gloss has gone, about {from} to {to} under a hand blower.',
                    default => 'Wait until evenly dull, about {from} to {to}.',
                },
                ['from' => Quantity::minutes($from), 'to' => Quantity::minutes($to)],
            ),
            SourceKind::Estimate,
            'Volatile left in the film over the rate at which this air takes it, model notes, section 8. A look at the film '
                . 'decides; the data sheet wins.',
            [
                'booth' => Quantity::celsius($this->air->temperatureC),
                'humidity' => Quantity::percent($this->air->humidityPercent),
                // Common practice at 20 to 22 deg C; a slow reducer or a cold booth takes longer.
                'painters expect at least' => Quantity::minutes($blown ? 2.0 : 5.0),
                'and at most' => Quantity::minutes($blown ? 5.0 : 10.0),
            ],
        );
    }

    /** Does it dry in this air within the time anybody waits? */
    public function dries(Coat $coat): bool
    {
        return $this->waiting($coat) < self::LONGEST_MINUTES;
    }
}
