<?php

declare(strict_types=1);

namespace Kalopsis\Tint;

/**
 * Light in a film that absorbs (K) and scatters (S). Kubelka and Munk, Z. tech. Physik 12 (1931); Kubelka, JOSA 38 (1948),
 * the hyperbolic solution. Reflectances are those inside the film; `Surface` takes them out.
 */
final class KubelkaMunk
{
    /** Reflectance of a film so thick that nothing shines through; 0 where nothing scatters. */
    public static function infinite(float $k, float $s): float
    {
        if ($s <= 0.0) {
            return 0.0;
        }
        $ratio = $k / $s;

        return 1.0 + $ratio - sqrt($ratio * $ratio + 2.0 * $ratio);
    }

    /** K/S of an infinitely thick film: (1 - R)^2 / 2R, R in (0, 1]. */
    public static function ratio(float $r): float
    {
        return (1.0 - $r) ** 2 / (2.0 * $r);
    }

    /**
     * Reflectance of a film over a ground: [1 - Rg (a - b coth bSh)] / [a - Rg + b coth bSh]. Kubelka 1948, equation 26.
     *
     * @param float $k absorption per unit of film
     * @param float $s scattering per unit of film, > 0
     * @param float $h film, same unit
     * @param float $ground reflectance of what lies below, 0 to 1
     */
    public static function over(float $k, float $s, float $h, float $ground): float
    {
        if ($h <= 0.0) {
            return $ground;
        }
        $a = 1.0 + $k / $s;
        $b = sqrt($a * $a - 1.0);
        $x = $b * $s * $h;
        if ($x < 1e-7) {
            // Nothing absorbs: coth(x) b tends to 1/(S h).
            $bcoth = 1.0 / ($s * $h);
        } elseif ($x > 300.0) {
            $bcoth = $b;
        } else {
            $bcoth = $b / tanh($x);
        }

        return (1.0 - $ground * ($a - $bcoth)) / ($a - $ground + $bcoth);
    }

    /** Reflectance over black against that over white: how well a film hides, 0 to 1. The idea of ASTM D2805. */
    public static function contrastRatio(float $k, float $s, float $h, float $white = 0.8): float
    {
        return self::over($k, $s, $h, 0.0) / self::over($k, $s, $h, $white);
    }
}
