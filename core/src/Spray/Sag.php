<?php

declare(strict_types=1);

namespace Kalopsis\Spray;

/**
 * How much wet paint an upright panel holds. A film drains under its own weight: after a time t a height z below its top edge
 * carries h = sqrt(mu z / (rho g t)) (Jeffreys, Proc. Camb. Phil. Soc. 26, 204, 1930). What is thicker has run by then.
 */
final class Sag
{
    /** m/s2, standard gravity, CGPM 1901. */
    private const G = 9.80665;

    /** What a coat thickens to once its fast solvent is gone, Pa s. Chosen here, between a spray viscosity and a setting film. */
    public const LANDED_PA_S = 3.0;

    /** A paint's density wet, kg/m3. Common practice: a little over a litre's kilogram or under it. */
    private const DENSITY_KG_M3 = 1000.0;

    /** It can run as long as it is this wet, s, and that far before anybody calls it a run, m. Chosen here. */
    private const OPEN_S = 120.0;

    private const SEEN_M = 0.005;

    /**
     * What is left of a film that drains, um.
     *
     * @param float $paS viscosity, Pa s, > 0
     * @param float $kgM3 density, > 0
     * @param float $seconds > 0
     * @param float $metres below the top edge, > 0
     */
    public static function filmUm(float $paS, float $kgM3, float $seconds, float $metres): float
    {
        return 1e6 * sqrt(($paS * $metres) / ($kgM3 * self::G * $seconds));
    }

    /** The thickest wet coat that stays where it is, um. */
    public static function limitUm(): float
    {
        return self::filmUm(self::LANDED_PA_S, self::DENSITY_KG_M3, self::OPEN_S, self::SEEN_M);
    }
}
