<?php

declare(strict_types=1);

namespace Kalopsis\Film;

/** How fast a two-pack clear sets, as it stands on the tin. */
enum HardenerSpeed: string
{
    case Fast = 'fast';
    case Standard = 'standard';
    case Slow = 'slow';

    public function words(): string
    {
        return match ($this) {
            self::Fast => 'fast',
            self::Standard => 'standard',
            self::Slow => 'slow',
        };
    }

    /**
     * Minutes at 20 deg C that a clear's edge stays open to overspray. Common practice: a fast one keeps its wet edge for two
     * panels, three if the painter is quick; beyond that a slower one.
     */
    public function openMin(): float
    {
        return match ($this) {
            self::Fast => 5.0,
            self::Standard => 9.0,
            self::Slow => 15.0,
        };
    }

    public function openAt(float $celsius): float
    {
        return $this->openMin() * DataSheet::slower($celsius);
    }

    /** The fastest whose edge is still open when the round is done; the slowest where none is. */
    public static function for(float $roundMin, float $celsius): self
    {
        foreach (self::cases() as $speed) {
            if ($speed->openAt($celsius) >= $roundMin) {
                return $speed;
            }
        }

        return self::Slow;
    }
}
