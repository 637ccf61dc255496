<?php

declare(strict_types=1);

namespace Kalopsis\Sight;

/**
 * Contrast sensitivity of the eye for a grating: Barten, SPIE 5294 (2003), equation for a typical observer, with the
 * effect of the surround
 * from Barten, Contrast Sensitivity of the Human Eye (SPIE Press 1999). From memory; check values in docs/model.md section 9.
 */
final class Barten
{
    /** Surround the first factor belongs to is the object's own: the spread of its logarithm. Barten 1999. */
    private const SURROUND_LOG = 32.0;

    /**
     * 1 / threshold contrast.
     *
     * @param float $u cycles per degree, > 0
     * @param float $luminance of the object, cd/m2, > 0
     * @param float $fieldDeg2 how large it is, square degrees, > 0
     * @param float $surround luminance around it over its own, > 0
     */
    public static function sensitivity(float $u, float $luminance, float $fieldDeg2, float $surround = 1.0): float
    {
        $u2 = $u * $u;
        $optics = 5200.0 * exp(-0.0016 * $u2 * (1.0 + 100.0 / $luminance) ** 0.08);
        $size = 1.0 + 144.0 / $fieldDeg2 + 0.64 * $u2;
        $noise = 63.0 / $luminance ** 0.83 + 1.0 / (1.0 - exp(-0.02 * $u2));

        return (self::surround($fieldDeg2, $surround) * $optics) / sqrt($size * $noise);
    }

    /** 1 in a surround as bright as the object; less in a darker or a brighter one. */
    private static function surround(float $fieldDeg2, float $surround): float
    {
        $g = (1.0 + 144.0 / $fieldDeg2) ** 0.25;

        return exp(-(log($surround * $g) ** 2 - log($g) ** 2) / (2.0 * log(self::SURROUND_LOG) ** 2));
    }
}
