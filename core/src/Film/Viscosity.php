<?php

declare(strict_types=1);

namespace Kalopsis\Film;

/**
 * How thick a mixture is. Anchored at the middle of the data sheet's window for the data sheet's mix; away from it by
 * Arrhenius' rule of mixtures, ln v = sum of share x ln v (1887), and over temperature by Andrade's equation,
 * v = A exp(B/T). Own model, docs/model.md section 16.
 */
final class Viscosity
{
    /** Reducer, mm2/s at 20 deg C: n-butyl acetate 0.83, and what is in it besides. From memory. */
    private const REDUCER_MM2_PER_S = 1.0;

    /** Andrade's B, K: paints lose some 3 to 4 % a kelvin. Common practice. */
    private const ANDRADE_K = 3000.0;

    /** mm2/s at `$celsius`; null where no sheet says anything. */
    public static function of(Mixture $mixture, float $celsius): ?float
    {
        $at = self::atSheet($mixture);
        $sheet = $mixture->product->sheet->viscosity;

        return $at === null || $sheet === null ? null : self::moved($at, $sheet->celsius, $celsius);
    }

    /** mm2/s at the temperature of the product's data sheet. */
    public static function atSheet(Mixture $mixture): ?float
    {
        $own = self::thinned($mixture->product, $mixture->base);
        if ($own === null || $mixture->added === null) {
            return $own;
        }
        $added = $mixture->added->sheet->viscosity === null
            ? self::REDUCER_MM2_PER_S
            : $mixture->added->sheet->viscosity->middle();
        $share = $mixture->baseShare();

        return exp($share * log($own) + (1.0 - $share) * log($added));
    }

    /** What was v at one temperature, at another. */
    public static function moved(float $mm2PerS, float $fromC, float $toC): float
    {
        return $mm2PerS * exp(self::ANDRADE_K * (1.0 / ($toC + Air::KELVIN) - 1.0 / ($fromC + Air::KELVIN)));
    }

    private static function thinned(Product $product, Mix $mix): ?float
    {
        $sheet = $product->sheet->viscosity;
        if ($sheet === null) {
            return null;
        }
        $at = $product->reducerAt();
        if ($at === null) {
            return $sheet->middle();
        }
        $asSheet = 1.0 - $product->mix()->ratio->share($at);
        $here = 1.0 - $mix->ratio->share($at);
        $reducer = log(self::REDUCER_MM2_PER_S);
        $paint = (log($sheet->middle()) - (1.0 - $asSheet) * $reducer) / $asSheet;

        return exp($here * $paint + (1.0 - $here) * $reducer);
    }
}
