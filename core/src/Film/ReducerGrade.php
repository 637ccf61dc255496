<?php

declare(strict_types=1);

namespace Kalopsis\Film;

/** How fast a reducer leaves, as it stands on the tin. */
enum ReducerGrade: string
{
    case Fast = 'fast';
    case Standard = 'standard';
    case Slow = 'slow';
    case ExtraSlow = 'extra-slow';

    public function words(): string
    {
        return match ($this) {
            self::Fast => 'fast',
            self::Standard => 'standard',
            self::Slow => 'slow',
            self::ExtraSlow => 'extra slow',
        };
    }

    public function slower(): ?self
    {
        return match ($this) {
            self::Fast => self::Standard,
            self::Standard => self::Slow,
            self::Slow => self::ExtraSlow,
            self::ExtraSlow => null,
        };
    }

    /** Around this temperature the next slower grade takes over, deg C. Common practice. */
    public function upToC(): ?float
    {
        return match ($this) {
            self::Fast => 18.0,
            self::Standard => 25.0,
            self::Slow => 30.0,
            self::ExtraSlow => null,
        };
    }

    /** Relative evaporation rate of all volatiles together, n-butyl acetate = 1 (the idea of ASTM D3539). Chosen here. */
    public function relativeRate(): float
    {
        return match ($this) {
            self::Fast => 2.0,
            self::Standard => 1.0,
            self::Slow => 0.65,
            self::ExtraSlow => 0.4,
        };
    }
}
