<?php

declare(strict_types=1);

namespace Kalopsis\Tint;

/**
 * The step from inside a film to outside. Saunderson, JOSA 32 (1942): k1 is lost at the way in, k2 of the diffuse
 * light is thrown back
 * on the way out. 45/0 does not see the mirror reflection, so k1 is not added.
 */
final class Surface
{
    /** Fresnel reflection at n = 1.5, straight on. Saunderson 1942. */
    public const K1 = 0.04;

    /** Internal reflection of diffuse light at n = 1.5; 0.6 by theory, 0.4 to 0.6 in use. Saunderson 1942. */
    public const K2 = 0.6;

    public static function outside(float $inside): float
    {
        return ((1.0 - self::K1) * (1.0 - self::K2) * $inside) / (1.0 - self::K2 * $inside);
    }

    public static function inside(float $outside): float
    {
        return $outside / ((1.0 - self::K1) * (1.0 - self::K2) + self::K2 * $outside);
    }
}
