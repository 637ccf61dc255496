<?php

declare(strict_types=1);

namespace Kalopsis\Film;

use Kalopsis\Gun\GunSetUp;
use Kalopsis\Gun\Jet;

/** What droplets lose on their way: the d-squared law, Lefebvre and McDonell, Atomization and Sprays, chapter 8. */
final class Flight
{
    /** For slip and the fine tail of the size distribution. Chosen here. */
    private const FACTOR = 2.0;

    /** A droplet never loses all of its volatile before it lands. Chosen here. */
    private const MOST = 0.95;

    /**
     * Share of the whole droplet volume lost in flight.
     *
     * @param float $volumeSolids as sprayed, 0 to 1
     */
    public static function loss(GunSetUp $gun, Volatile $volatile, Air $air, float $volumeSolids): float
    {
        $k = self::FACTOR * 8.0 * $volatile->diffusivity() * $volatile->dropletDeficit($air) / $volatile->densityKgPerM3();
        $left = 1.0 - $k * Jet::flightSeconds($gun) / Jet::diameterM($gun) ** 2;
        $lost = 1.0 - max(0.0, $left) ** 1.5;

        return min($lost, self::MOST * (1.0 - $volumeSolids));
    }
}
