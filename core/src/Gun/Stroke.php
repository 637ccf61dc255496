<?php

declare(strict_types=1);

namespace Kalopsis\Gun;

/** How fast the paint leaves the gun and how fast the hand moves it. */
final readonly class Stroke
{
    /** Where a gun's fan is measured, mm from the panel; it opens in proportion to the distance. Common practice. */
    public const REFERENCE_MM = 180.0;

    /**
     * @param float $flowMlPerMin  ml/min of ready-to-spray paint, > 0
     * @param float $speedMmPerS   mm/s of the gun along the panel, > 0
     */
    public function __construct(public float $flowMlPerMin, public float $speedMmPerS) {}

    /** A full base coat. Typical solvent metallic, docs/model.md section 8. */
    public static function full(): self
    {
        return new self(160.0, 500.0);
    }

    /** A control coat: less paint, a faster hand. docs/model.md section 8. */
    public static function control(): self
    {
        return new self(120.0, 700.0);
    }

    /** A full coat from a 1.0 mm nozzle. Common practice: 40 to 45 ml/min; the hand slower for as much film. */
    public static function small(): self
    {
        return new self(42.5, 300.0);
    }

    /** A control coat from the small gun. Common practice: its least flow, a faster hand. */
    public static function smallControl(): self
    {
        return new self(40.0, 420.0);
    }

    public static function fanMm(GunSetUp $gun): float
    {
        return ($gun->fanMm * $gun->distanceMm) / self::REFERENCE_MM;
    }

    /**
     * Wet film laid by strokes side by side, um: flow that lands over the area swept, each place passed 1/(1 - overlap)
     * times.
     */
    public function wetUm(GunSetUp $gun): float
    {
        // ml/min over mm2/s: 1000 mm3 a ml, 60 s a min, 1000 um a mm
        return ((($this->flowMlPerMin * $gun->transferEfficiency()) /
            ($this->speedMmPerS * self::fanMm($gun) * (1.0 - $gun->overlapPercent / 100.0))) *
            1e6) /
            60.0;
    }

    /**
     * How much thicker or thinner the same hand sprays with another set-up of the gun: 1 is the same.
     */
    public static function change(GunSetUp $from, GunSetUp $to): float
    {
        $stroke = self::full();

        return $stroke->wetUm($to) / $stroke->wetUm($from);
    }
}
