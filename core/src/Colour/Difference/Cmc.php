<?php

declare(strict_types=1);

namespace Kalopsis\Colour\Difference;

use Kalopsis\Colour\Exception\CannotCompare;
use Kalopsis\Colour\Lab;

/**
 * CMC(l:c). Clarke, McDonald, Rigg: Modification to the JPC79 colour-difference formula, JSDC 100 (1984). Weighted by
 * the standard.
 */
final class Cmc
{
    /**
     * @param float $l weight of lightness, 1 to judge whether it can be seen
     * @param float $c weight of chroma
     * @throws CannotCompare
     */
    public static function between(Lab $standard, Lab $sample, float $l = 1.0, float $c = 1.0): float
    {
        $d = Difference::of($standard, $sample);
        $chroma = $standard->chroma();
        $hue = $standard->hueDegrees();
        $sl = $standard->l < 16 ? 0.511 : (0.040975 * $standard->l) / (1 + 0.01765 * $standard->l);
        $sc = (0.0638 * $chroma) / (1 + 0.0131 * $chroma) + 0.638;
        $f = sqrt($chroma ** 4 / ($chroma ** 4 + 1900));
        $t =
            $hue >= 164 && $hue <= 345
                ? 0.56 + abs(0.2 * cos(deg2rad($hue + 168)))
                : 0.36 + abs(0.4 * cos(deg2rad($hue + 35)));
        $sh = $sc * ($f * $t + 1 - $f);

        return sqrt(($d->l / ($l * $sl)) ** 2 + ($d->chroma / ($c * $sc)) ** 2 + ($d->hue / $sh) ** 2);
    }
}
