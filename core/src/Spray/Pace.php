<?php

declare(strict_types=1);

namespace Kalopsis\Spray;

use Kalopsis\Film\Air;
use Kalopsis\Film\AirMovement;
use Kalopsis\Film\Carrier;
use Kalopsis\Film\FlashOff;
use Kalopsis\Film\FlashSheet;
use Kalopsis\Film\Mixture;
use Kalopsis\Film\MixtureSpec;
use Kalopsis\Film\PaintSystem;
use Kalopsis\Film\Reducer;
use Kalopsis\Film\ReducerGrade;
use Kalopsis\Film\Volatile;
use Kalopsis\Gun\Stroke;
use Kalopsis\Sequence\Coat;
use Kalopsis\Sequence\Drying;
use Kalopsis\Units\Quantity;
use Kalopsis\Why\Figure;
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

    public function __construct(private PaintSystem $system, private Reducer $reducer, private Air $air) {}

    /** Minutes with the gun in the hand for a coat over so much area. */
    public function spraying(Coat $coat, float $areaM2): float
    {
        return self::ROUND_MINUTES + $this->strokes($coat, $areaM2);
    }

    /** Minutes of strokes alone, the way back counted, without edges and filling. */
    public function strokes(Coat $coat, float $areaM2): float
    {
        $pitch = Stroke::fanMm($coat->gun) * (1.0 - $coat->gun->overlapPercent / 100.0);
        $passes = $coat->step->strokes->passes();

        return self::WAY_BACK * $passes * $areaM2 * 1e6 / ($coat->stroke->speedMmPerS * $pitch * 60.0);
    }

    /** Minutes until a coat is ready for the next, LONGEST_MINUTES where it will not dry. */
    public function waiting(Coat $coat): float
    {
        return $this->waitingIn($coat, $this->movement($coat));
    }

    /** The same if another air moved over it. */
    public function waitingIn(Coat $coat, AirMovement $movement): float
    {
        $sheet = $coat->mixture->product->sheet->flash;
        $minutes = $sheet === null
            ? $this->untilDull($coat, $this->volatile($coat), $this->air, $movement)
            : $sheet->minutes * $this->besideSheet($coat, $sheet, $movement);

        return min(self::LONGEST_MINUTES, $coat->step->drying->patience() * $minutes);
    }

    /** What leaves the film: not every product of a waterborne system gives off water. */
    public function volatile(Coat $coat): Volatile
    {
        if ($this->system->carrier === Carrier::Waterborne && ! $coat->mixture->isWaterborne()) {
            return Volatile::of(Carrier::Solvent, Reducer::of(ReducerGrade::Standard));
        }

        return Volatile::of($this->system->carrier, $this->reducer);
    }

    /** What moves over a coat while it dries. */
    public function movement(Coat $coat): AirMovement
    {
        return $coat->step->drying->movement($this->volatile($coat)->carrier);
    }

    /** How much longer than the data sheet's full coat in the data sheet's air: 1 there, exactly. */
    private function besideSheet(Coat $coat, FlashSheet $sheet, AirMovement $movement): float
    {
        $standard = $coat->asSheet(Mixture::of($this->system, $coat->role(), new MixtureSpec(), null));
        // The sheet says it of its own reducer.
        $there = Volatile::of($this->volatile($coat)->carrier, Reducer::of(ReducerGrade::Standard));

        return $this->untilDull($coat, $this->volatile($coat), $this->air, $movement) /
            $this->untilDull($standard, $there, $sheet->air(), AirMovement::Booth);
    }

    private function untilDull(Coat $coat, Volatile $volatile, Air $air, AirMovement $movement): float
    {
        return FlashOff::minutes(
            Simulation::laid($coat, $volatile, $air)->volatileUm(),
            FlashOff::rate($volatile, $air, $movement),
        );
    }

    /** The wait after a coat, with where it comes from. */
    public function wait(Coat $coat): Figure
    {
        $volatile = $this->volatile($coat);
        $movement = $this->movement($coat);
        $sheet = $coat->mixture->product->sheet->flash;
        $laid = Simulation::laid($coat, $volatile, $this->air);

        return Figure::of(
            Quantity::minutes($this->waiting($coat)),
            Reason::of(
                match (true) {
                    $coat->step->drying === Drying::WetOnWet => 'Straight on, wet in wet: a third of the volatile has gone.',
                    $sheet !== null => 'The data sheet says it of a full coat in its own air; this film in this air, beside that.',
                    default => 'Volatile left in the film over the rate at which this air takes it. A look at the film decides.',
                },
                $sheet === null ? SourceKind::Estimate : SourceKind::DataSheet,
                'Flat plate, laminar, model notes, section 8; the data sheet wins.',
                [
                    ...$sheet === null ? [] : ['data sheet' => Quantity::minutes($sheet->minutes)],
                    ...$sheet === null ? [] : ['its air' => Quantity::celsius($sheet->celsius)],
                    'wet film' => Quantity::um($laid->wetUm),
                    'of it volatile' => Quantity::um($laid->volatileUm()),
                    'booth' => Quantity::celsius($this->air->temperatureC),
                    'humidity' => Quantity::percent($this->air->humidityPercent),
                    'air over it' => $movement->words(),
                ],
            ),
            ...$sheet === null ? [] : [$coat->mixture->product->source()],
            ...$this->air->dries === 1.0 ? [] : [
                Reason::of(
                    Phrase::of('In this booth a coat dries at {share} of the rate that the model takes.', [
                        'share' => Quantity::percent(round(100.0 * $this->air->dries)),
                    ]),
                    SourceKind::ShopCalibration,
                    'Times to dull that this workshop took.',
                ),
            ],
        );
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
