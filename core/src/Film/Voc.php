<?php

declare(strict_types=1);

namespace Kalopsis\Film;

use DomainException;

/**
 * Volatile organic compounds of a mixture ready to spray, g/l, by mass balance. Less water and exempt solvents as both laws
 * ask: (Wv - Ww - Wex) / (V - Vw - Vex), EPA Method 24 and ASTM D3960.
 */
final class Voc
{
    /** Paint solvents, g/ml: butyl acetate 0.88, hydrocarbons less. From memory. */
    private const SOLVENT_G_PER_ML = 0.87;

    /** Water at 25 deg C, g/l. CRC Handbook, from memory. */
    private const WATER_G_PER_L = 997.0;

    /** One pound in a US gallon, g/l: 453.59237 / 3.785411784. Exact. */
    public const G_PER_L_IN_LB_PER_GAL = 453.59237 / 3.785411784;

    /** Of the paint as it stands in the cup, g/l. */
    public static function ofMixture(Mixture|Mix $mixture): float
    {
        return 1000.0 * self::SOLVENT_G_PER_ML * $mixture->mean(fn (Component $c): float => $c->organicShare());
    }

    /** Less water and exempt solvents, g/l: what the laws limit. */
    public static function lessWater(Mixture|Mix $mixture): float
    {
        $left = 1.0 - $mixture->mean(fn (Component $c): float => $c->water + $c->exempt);

        return self::ofMixture($mixture) / $left;
    }

    /**
     * From what a laboratory measures: EPA Method 24, equation 24-2.
     *
     * @param float $densityGPerL of the coating
     * @param float $volatiles share of the mass, 0 to 1
     * @param float $water share of the mass, 0 to 1
     * @param float $exempt share of the mass, 0 to 1
     * @param float $exemptGPerL density of the exempt solvents
     * @throws DomainException when that cannot be a litre of paint
     */
    public static function measured(
        float $densityGPerL,
        float $volatiles,
        float $water,
        float $exempt = 0.0,
        float $exemptGPerL = 1000.0,
    ): float {
        $volume = 1.0 - $densityGPerL * ($water / self::WATER_G_PER_L + $exempt / $exemptGPerL);
        if (! ($volume > 0.0 && $volatiles >= $water + $exempt)) {
            throw new DomainException('So much water and exempt solvent does not fit into a litre of this.');
        }

        return $densityGPerL * ($volatiles - $water - $exempt) / $volume;
    }

    /**
     * A topcoat of several stages together, 40 CFR 59 subpart B: (base + mid coats + 2 clear) / (mid coats + 3), g/l.
     *
     * @param list<float> $mids
     */
    public static function multistage(float $base, array $mids, float $clear): float
    {
        return ($base + array_sum($mids) + 2.0 * $clear) / (count($mids) + 3.0);
    }
}
