<?php

declare(strict_types=1);

namespace Kalopsis\Tests\Support;

use Kalopsis\Colour\Lab;
use Kalopsis\Colour\Measurement;
use Kalopsis\Colour\Random;
use Kalopsis\Colour\Spectrum;
use Kalopsis\Colour\Viewing;
use Kalopsis\Tint\PaintModel;

/** Colours and readings for tests. */
final class Colours
{
    public const SILVER = [
        'alu-coarse' => 68.0,
        'alu-medium' => 60.0,
        'black' => 1.8,
        'blue-green' => 1.0,
        'flop-adjuster' => 6.0,
    ];

    public const LICHEN = ['green' => 90.0, 'oxide-yellow' => 49.0, 'black' => 16.0, 'white' => 33.0, 'lemon' => 12.0];

    public static function lab(float $l, float $a = 0.0, float $b = 0.0): Lab
    {
        return Lab::of($l, $a, $b, Viewing::paint());
    }

    /** @param array<int, array{float, float, float}|float> $angles */
    public static function measured(array $angles): Measurement
    {
        return Measurement::ofLabs(
            array_map(fn (array|float $v): Lab => is_array($v) ? self::lab(...$v) : self::lab($v), $angles),
        );
    }

    /** A silver as the model's tables know it. */
    public static function silver(float $lighter = 0.0): Measurement
    {
        return self::measured([
            15 => [138.0 + $lighter, -0.6, -0.9],
            25 => [115.0 + $lighter, -0.5, -0.9],
            45 => [61.0 + $lighter, -0.4, -0.9],
            75 => [38.0 + $lighter, -0.3, -1.0],
            110 => [37.5 + $lighter, -0.3, -1.0],
        ]);
    }

    /** @param array<string, float> $grams */
    public static function of(PaintModel $model, array $grams, ?Random $chance = null, float $noise = 0.0): Measurement
    {
        return Measurement::ofSpectra(
            array_map(
                fn (array $values): Spectrum => Spectrum::of(
                    array_map(
                        fn (float $v): float => $chance === null ? $v : max(0.0, $v * (1.0 + $noise * $chance->normal())),
                        $values,
                    ),
                ),
                $model->spectra($grams),
            ),
        );
    }

    public static function grey(float $reflectance): Spectrum
    {
        return Spectrum::of(array_fill(0, Spectrum::COUNT, $reflectance));
    }
}
