<?php

declare(strict_types=1);

namespace Kalopsis\Colour\Difference;

use Kalopsis\Colour\Exception\CannotCompare;
use Kalopsis\Colour\Lab;

/**
 * CIE 1994, for reference conditions (kL = kC = kH = 1, K1 = 0.045, K2 = 0.015). CIE 116. Not symmetric: weighted by the
 * standard.
 */
final class Cie94
{
    /** @throws CannotCompare */
    public static function between(Lab $standard, Lab $sample): float
    {
        $d = Difference::of($standard, $sample);
        $c = $standard->chroma();

        return sqrt($d->l ** 2 + ($d->chroma / (1 + 0.045 * $c)) ** 2 + ($d->hue / (1 + 0.015 * $c)) ** 2);
    }
}
