<?php

declare(strict_types=1);

namespace Kalopsis\Gun;

/**
 * How coarse the orange peel of a clear is to be: usually what the factory left on the car, not glass. A scale of our own, as
 * drawn; what moves it is common practice, by how much is chosen here and starts a test panel.
 */
enum Peel: int
{
    case Glass = 1;
    case Fine = 2;
    case Usual = 3;
    case Coarse = 4;
    case VeryCoarse = 5;

    /** Air breaks droplets up, bar for each step: more air, finer. */
    private const BAR = 0.15;

    /** From further away droplets land drier and flow less, mm for each step. */
    private const DISTANCE_MM = 20.0;

    /** Fluid out or in for each step, turns: a wetter coat flows flatter. */
    private const TURNS = 0.25;

    public function words(): string
    {
        return match ($this) {
            self::Glass => 'like glass',
            self::Fine => 'fine',
            self::Usual => 'as most factories leave it',
            self::Coarse => 'coarse',
            self::VeryCoarse => 'very coarse',
        };
    }

    /** The gun for it, from what the clear's data sheet says. */
    public function gun(GunSetUp $sheet): GunSetUp
    {
        $steps = $this->value - self::Usual->value;
        $bar = max(GunSetUp::PRESSURE_BAR[0], min(GunSetUp::PRESSURE_BAR[1], $sheet->bar - self::BAR * $steps));
        $mm = max(GunSetUp::DISTANCE_MM[0], min(GunSetUp::DISTANCE_MM[1], $sheet->distanceMm + self::DISTANCE_MM * $steps));

        return new GunSetUp($bar, $mm, $sheet->overlapPercent, $sheet->fanMm);
    }

    /** Turns of fluid further out (more than 0) or in. */
    public function turns(): float
    {
        return -self::TURNS * ($this->value - self::Usual->value);
    }
}
