<?php

declare(strict_types=1);

namespace Kalopsis\Tint\Internal;

use Kalopsis\Colour\FlakeGrade;
use Kalopsis\Colour\Spectrum;
use Kalopsis\Tint\Toner;
use Kalopsis\Tint\TonerKind;

/**
 * How the invented toners are made: absorption is a sum of edges (logistic, absorbing below a wavelength) and bands
 * (Gaussian) on a
 * floor; scattering falls with wavelength as a power. Numbers chosen here so that each behaves like a paint of its name:
 * docs/model.md section 7. Per gram; white's scattering at 550 nm is 1.
 */
final class Recipe
{
    /** key => [name, kind, floor of K, edges [height, nm, width], bands [height, nm, width], S at 550 nm, power of S] */
    private const SOLIDS = [
        'white' => ['White', TonerKind::White, 0.0015, [[0.9, 403.0, 6.0]], [], 1.0, 0.8],
        'black' => ['Black', TonerKind::Black, 3.2, [[0.4, 470.0, 60.0]], [], 0.05, 0.5],
        'blue-black' => ['Blue black', TonerKind::Black, 1.1, [], [[1.3, 660.0, 130.0]], 0.04, 0.5],
        'oxide-yellow' => [
            'Oxide yellow',
            TonerKind::Shade,
            0.015,
            [[1.15, 508.0, 14.0], [0.1, 590.0, 24.0]],
            [],
            0.5,
            0.6,
        ],
        'oxide-red' => ['Oxide red', TonerKind::Shade, 0.06, [[1.7, 575.0, 11.0]], [], 0.55, 0.6],
        'lemon' => ['Lemon yellow', TonerKind::Shade, 0.004, [[1.5, 480.0, 8.0]], [], 0.13, 0.7],
        'warm-yellow' => ['Warm yellow', TonerKind::Shade, 0.005, [[1.8, 516.0, 9.0]], [], 0.12, 0.7],
        'orange' => ['Orange', TonerKind::Shade, 0.006, [[1.9, 562.0, 9.0]], [], 0.14, 0.7],
        'scarlet' => ['Scarlet', TonerKind::Shade, 0.008, [[2.1, 593.0, 8.0]], [], 0.1, 0.7],
        'maroon' => ['Maroon', TonerKind::Shade, 0.1, [[2.3, 612.0, 13.0]], [], 0.05, 0.7],
        'magenta' => ['Magenta', TonerKind::Shade, 0.008, [[0.25, 430.0, 15.0]], [[2.2, 548.0, 44.0]], 0.05, 0.7],
        'violet' => ['Violet', TonerKind::Shade, 0.01, [], [[2.2, 582.0, 52.0]], 0.04, 0.7],
        'blue-red' => ['Blue, red shade', TonerKind::Shade, 0.008, [], [[2.3, 612.0, 62.0]], 0.04, 0.7],
        'blue-green' => [
            'Blue, green shade',
            TonerKind::Shade,
            0.008,
            [[0.12, 425.0, 12.0]],
            [[2.4, 662.0, 72.0]],
            0.04,
            0.7,
        ],
        'green' => ['Green', TonerKind::Shade, 0.008, [], [[1.9, 660.0, 66.0], [1.5, 432.0, 44.0]], 0.05, 0.7],
    ];

    /** key => [name, area, grade, strength]. Coarse flakes lie flatter and shine more, fine ones hide more. */
    private const ALUMINIUM = [
        'alu-coarse' => ['Aluminium, coarse', 0.72, FlakeGrade::Coarse, 3.35],
        'alu-medium' => ['Aluminium, medium', 1.0, FlakeGrade::Medium, 2.9],
        'alu-fine' => ['Aluminium, fine', 1.45, FlakeGrade::Fine, 2.35],
    ];

    /** key => [name, area, strength, tint as [floor, height, nm, width]] */
    private const PEARLS = [
        'pearl-white' => ['Pearl, white', 0.55, 1.25, [0.94, 0.06, 480.0, 90.0]],
        'pearl-gold' => ['Pearl, gold', 0.55, 1.1, [0.45, 0.75, 610.0, 75.0]],
        'pearl-blue' => ['Pearl, blue', 0.55, 1.05, [0.4, 0.95, 450.0, 50.0]],
    ];

    /** Absorption and scattering of flakes' rims, per gram and unit of area. Chosen so that a silver's flop lies near L* 38. */
    private const FLAKE_K = 0.19;

    private const FLAKE_S = 0.055;

    /** @return list<Toner> */
    public static function toners(): array
    {
        $out = [];
        foreach (self::SOLIDS as $key => [$name, $kind, $floor, $edges, $bands, $s550, $power]) {
            $out[] = new Toner(
                $key,
                $name,
                $kind,
                self::sampled(function (float $nm) use ($floor, $edges, $bands): float {
                    $k = $floor;
                    foreach ($edges as [$height, $at, $width]) {
                        $k += $height / (1.0 + exp(($nm - $at) / $width));
                    }
                    foreach ($bands as [$height, $at, $width]) {
                        $k += $height * exp(-((($nm - $at) / $width) ** 2));
                    }

                    return $k;
                }),
                self::sampled(fn (float $nm): float => $s550 * (550.0 / $nm) ** $power),
            );
        }
        foreach (self::ALUMINIUM as $key => [$name, $area, $grade, $strength]) {
            $out[] = new Toner(
                $key,
                $name,
                TonerKind::Aluminium,
                self::level(self::FLAKE_K * $area),
                self::level(self::FLAKE_S * $area),
                $area,
                $grade,
                $strength,
                self::level(1.0),
            );
        }
        foreach (self::PEARLS as $key => [$name, $area, $strength, [$floor, $height, $at, $width]]) {
            $out[] = new Toner(
                $key,
                $name,
                TonerKind::Pearl,
                self::level(0.004 * $area),
                self::level(0.05 * $area),
                $area,
                FlakeGrade::Pearl,
                $strength,
                self::sampled(fn (float $nm): float => $floor + $height * exp(-((($nm - $at) / $width) ** 2))),
            );
        }
        $out[] = new Toner(
            'flop-adjuster',
            'Flop adjuster',
            TonerKind::FlopAdjuster,
            self::level(0.002),
            self::level(0.035),
        );

        return $out;
    }

    /**
     * @param callable(float): float $of
     * @return list<float>
     */
    private static function sampled(callable $of): array
    {
        $out = [];
        for ($i = 0; $i < Spectrum::COUNT; $i++) {
            $out[] = $of((float) (Spectrum::FIRST_NM + $i * Spectrum::STEP_NM));
        }

        return $out;
    }

    /** @return list<float> */
    private static function level(float $value): array
    {
        return array_fill(0, Spectrum::COUNT, $value);
    }
}
