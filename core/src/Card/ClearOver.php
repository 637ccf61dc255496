<?php

declare(strict_types=1);

namespace Kalopsis\Card;

/** What lies over the colour of a card when it is judged. */
enum ClearOver: string
{
    case Clear = 'clear';
    case WetWipe = 'wet-wipe';
    case Nothing = 'nothing';

    public function words(): string
    {
        return match ($this) {
            self::Clear => 'clear',
            self::WetWipe => 'a wipe of slow solvent',
            self::Nothing => 'nothing',
        };
    }

    /**
     * Light that a dull surface throws towards every angle, reflectance factor: all of the first-surface reflection
     * where nothing levels
     * it (Fresnel, n = 1.5: 4 %), little of it under a wipe. Chosen here.
     */
    public function veil(): float
    {
        return match ($this) {
            self::Clear => 0.0,
            self::WetWipe => 0.004,
            self::Nothing => 0.03,
        };
    }
}
