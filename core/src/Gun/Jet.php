<?php

declare(strict_types=1);

namespace Kalopsis\Gun;

/**
 * Droplets of an air-atomising gun and their flight. Own model, docs/model.md section 8; figures from memory of the
 * literature.
 */
final class Jet
{
    /** Sauter mean diameter at 1.4 bar, m. From memory: 25 to 45 um for fine finishing guns. */
    private const DIAMETER_M = 35e-6;

    /** Droplets shrink with pressure by this power. From memory. */
    private const DIAMETER_POWER = -0.6;

    private const REFERENCE_BAR = 1.4;

    /** Speed at the air cap at 1.4 bar, m/s, growing with the root of the pressure. From memory. */
    private const SPEED_M_PER_S = 60.0;

    /** The jet keeps its speed this far, then slows with 1/distance, m. From memory: round turbulent jet. */
    private const CORE_M = 0.025;

    /** Sauter mean diameter, m. */
    public static function diameterM(GunSetUp $gun): float
    {
        return self::DIAMETER_M * ($gun->bar / self::REFERENCE_BAR) ** self::DIAMETER_POWER;
    }

    /** Time from air cap to panel, s: t = z0/v0 + (z^2 - z0^2)/(2 v0 z0). */
    public static function flightSeconds(GunSetUp $gun): float
    {
        $v0 = self::SPEED_M_PER_S * sqrt($gun->bar / self::REFERENCE_BAR);
        $z = max(self::CORE_M, $gun->distanceMm / 1000.0);

        return self::CORE_M / $v0 + ($z ** 2 - self::CORE_M ** 2) / (2.0 * $v0 * self::CORE_M);
    }
}
