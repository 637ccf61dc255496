<?php

declare(strict_types=1);

namespace Kalopsis\Colour\Internal;

use Kalopsis\Colour\Observer;
use Kalopsis\Colour\Spectrum;
use Kalopsis\Colour\Viewing;
use Kalopsis\Colour\Xyz;

/**
 * From spectra to XYZ by summation (CIE 15, 7.1). Powers outside 400 to 700 nm are added to the end values, that is, the spectrum
 * goes on level (ASTM E308, 7.3.2.2); each sum is scaled so that the perfect reflector comes out at its published white.
 * Plain arrays: tint search comes here thousands of times.
 */
final class Weights
{
    /**
     * @param list<float> $values 31 reflectance factors
     */
    public static function apply(array $values, Viewing $viewing): Xyz
    {
        [$wx, $wy, $wz] = self::table($viewing);
        $x = $y = $z = 0.0;
        foreach ($values as $i => $r) {
            $x += $r * $wx[$i];
            $y += $r * $wy[$i];
            $z += $r * $wz[$i];
        }

        return new Xyz($x, $y, $z);
    }

    /** @return array{list<float>, list<float>, list<float>} */
    private static function table(Viewing $viewing): array
    {
        /**
         * A pure function's memory, not a state: the same viewing always gives the same table.
         *
         * @var array<string, array{list<float>, list<float>, list<float>}> $tables
         */
        static $tables = [];

        return $tables[$viewing->name()] ??= self::make($viewing);
    }

    /** @return array{list<float>, list<float>, list<float>} */
    private static function make(Viewing $viewing): array
    {
        $first = $viewing->observer === Observer::Two ? 0 : 3;
        $power = match ($viewing->illuminant->value) {
            'A' => 6,
            'D50' => 7,
            'D65' => 8,
        };
        $sums = [array_fill(0, Spectrum::COUNT, 0.0), array_fill(0, Spectrum::COUNT, 0.0), array_fill(0, Spectrum::COUNT, 0.0)];
        foreach (Tables::ROWS as $nm => $row) {
            $at = intdiv(max(Spectrum::FIRST_NM, min(Spectrum::LAST_NM, $nm)) - Spectrum::FIRST_NM, Spectrum::STEP_NM);
            for ($c = 0; $c < 3; $c++) {
                $sums[$c][$at] += $row[$first + $c] * $row[$power];
            }
        }
        $white = $viewing->white();

        return [self::scaled($sums[0], $white->x), self::scaled($sums[1], $white->y), self::scaled($sums[2], $white->z)];
    }

    /**
     * @param array<int, float> $sum
     * @return list<float>
     */
    private static function scaled(array $sum, float $to): array
    {
        $total = array_sum($sum);

        return array_values(array_map(fn (float $v): float => $v * $to / $total, $sum));
    }
}
