<?php

declare(strict_types=1);

namespace Kalopsis\Colour\Difference;

use Kalopsis\Colour\Exception\CannotCompare;
use Kalopsis\Colour\Lab;

/**
 * CIEDE2000. Sharma, Wu, Dalal: The CIEDE2000 color-difference formula: implementation notes, supplementary test data, and
 * mathematical observations, Color Research and Application 30 (2005), equations 2 to 22. Symmetric. Made for differences
 * below 5; has small jumps where hues differ by 180 degrees (section 4 of the paper). kL = kC = kH = 1.
 */
final class Ciede2000
{
    /** 25^7 */
    private const C7 = 6103515625.0;

    /** @throws CannotCompare */
    public static function between(Lab $one, Lab $other): float
    {
        Difference::same($one, $other);
        [$l, $c, $h, $rt] = self::terms($one->l, $one->a, $one->b, $other->l, $other->a, $other->b);

        return sqrt(max(0.0, $l ** 2 + $c ** 2 + $h ** 2 + $rt * $c * $h));
    }

    /**
     * dL'/SL, dC'/SC, dH'/SH and RT, plain numbers because fits call it in hot loops.
     *
     * @return array{float, float, float, float}
     */
    public static function terms(float $l1, float $a1, float $b1, float $l2, float $a2, float $b2): array
    {
        $cBar7 = ((hypot($a1, $b1) + hypot($a2, $b2)) / 2) ** 7;
        $g = 0.5 * (1 - sqrt($cBar7 / ($cBar7 + self::C7)));
        $a1 *= 1 + $g;
        $a2 *= 1 + $g;
        $c1 = hypot($a1, $b1);
        $c2 = hypot($a2, $b2);
        $h1 = self::hue($a1, $b1);
        $h2 = self::hue($a2, $b2);
        $grey = $c1 * $c2 === 0.0;
        $dh = $grey ? 0.0 : $h2 - $h1;
        if ($dh > 180) {
            $dh -= 360;
        } elseif ($dh < -180) {
            $dh += 360;
        }
        $dH = 2 * sqrt($c1 * $c2) * sin(deg2rad($dh / 2));
        $lBar = ($l1 + $l2) / 2;
        $cBar = ($c1 + $c2) / 2;
        $sum = $h1 + $h2;
        $hBar = match (true) {
            $grey => $sum,
            abs($h1 - $h2) <= 180 => $sum / 2,
            $sum < 360 => ($sum + 360) / 2,
            default => ($sum - 360) / 2,
        };
        $t = 1 - 0.17 * cos(deg2rad($hBar - 30)) + 0.24 * cos(deg2rad(2 * $hBar))
            + 0.32 * cos(deg2rad(3 * $hBar + 6)) - 0.20 * cos(deg2rad(4 * $hBar - 63));
        $c7 = $cBar ** 7;
        $rc = 2 * sqrt($c7 / ($c7 + self::C7));
        $l50 = ($lBar - 50) ** 2;

        return [
            ($l2 - $l1) / (1 + 0.015 * $l50 / sqrt(20 + $l50)),
            ($c2 - $c1) / (1 + 0.045 * $cBar),
            $dH / (1 + 0.015 * $cBar * $t),
            -sin(deg2rad(60 * exp(-(($hBar - 275) / 25) ** 2))) * $rc,
        ];
    }

    private static function hue(float $a, float $b): float
    {
        if ($a === 0.0 && $b === 0.0) {
            return 0.0;
        }
        $h = rad2deg(atan2($b, $a));

        return $h < 0 ? $h + 360 : $h;
    }
}
