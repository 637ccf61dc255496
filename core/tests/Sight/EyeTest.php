<?php

declare(strict_types=1);

use Eris\Generators;
use Kalopsis\Colour\Xyz;
use Kalopsis\Sight\Eye;
use Kalopsis\Sight\Kernel;
use Kalopsis\Tests\Support\Colours;

uses(Eris\TestTrait::class);

it('fits the contrast sensitivity of Mannos and Sakrison (1974), A(f) = 2.6 (0.0192 + 0.114 f) exp(-(0.114 f)^1.1), within 5 %', function (): void {
    foreach ([0.1, 0.2, 0.5, 1, 2, 3, 5, 8, 12, 20, 30] as $f) {
        $published = 2.6 * (0.0192 + 0.114 * $f) * exp(-(0.114 * $f) ** 1.1);
        expect(Kernel::Lightness->sensitivity((float) $f) / $published)->toBeGreaterThan(0.95)->toBeLessThan(1.05);
    }
});

it('passes low frequencies of colour and stops high ones, as chromatic sensitivity does (Mullen 1985: nothing left by 12 cycles per degree)', function (): void {
    expect(Kernel::Colour->sensitivity(0.5))->toBeGreaterThan(Kernel::Colour->sensitivity(4.0))
        ->and(Kernel::Colour->sensitivity(12.0))->toBeLessThan(0.01)
        ->and(Kernel::Colour->sensitivity(0.02))->toBeLessThan(Kernel::Colour->sensitivity(0.5));
});

it('answers straight ramps as direct integration says (docs/model.md section 10)', function (float $degrees, float $answer): void {
    $worst = 0.0;
    for ($x = -3.0; $x <= $degrees + 3.0; $x += $degrees / 100) {
        $sum = 0.0;
        for ($j = 0; $j < 200; $j++) {
            $sum += Kernel::Lightness->step($x - ($j + 0.5) * $degrees / 200) / 200;
        }
        $worst = max($worst, abs($sum));
    }
    expect($worst)->toEqualWithDelta($answer, 0.002);
})->with([[0.57, 0.115], [2.86, 0.051], [5.70, 0.040]]);

it('notices a sharp step of one L* at about 1.9 and of one chroma at about 1.07', function (): void {
    $step = fn (Kernel $k): float => max(array_map(fn (int $i): float => $k->step($i / 500), range(1, 1000)));
    expect(Eye::LIGHTNESS_GAIN * $step(Kernel::Lightness))->toEqualWithDelta(1.9, 0.03)->and(Eye::COLOUR_GAIN * $step(Kernel::Colour))->toEqualWithDelta(1.07, 0.03);
});

it('computes the error function (Abramowitz and Stegun, table 7.1)', function (float $x, float $erf): void {
    expect(Kernel::erf($x))->toEqualWithDelta($erf, 2e-7)->and(Kernel::erf(-$x))->toEqualWithDelta(-$erf, 2e-7);
})->with([[0.0, 0.0], [0.5, 0.5204999], [1.0, 0.8427008], [2.0, 0.9953223]]);

/** @return list<Xyz> a straight ramp of lightness between two level stretches */
function rampOf(float $dL, float $mm, float $step = 5.0): array
{
    $out = [];
    for ($x = -300.0; $x <= $mm + 300.0; $x += $step) {
        $out[] = Colours::lab(50 + $dL * max(0.0, min(1.0, 1.0 - $x / $mm)))->xyz();
    }

    return $out;
}

it('sees less of a longer ramp, more of a larger difference, and nothing of none', function (): void {
    $eye = new Eye();
    $worst = fn (float $dL, float $mm): float => max(array_map(fn (float $m): float => max($eye->along(Eye::seen(rampOf($dL, $mm), Colours::lab(50)), 5.0, $m)), Eye::DISTANCES_M));
    $this->limitTo(25)->forAll(Generators::choose(5, 40), Generators::choose(30, 400))->then(function (int $dL, int $mm) use ($worst): void {
        $here = $worst($dL / 10, (float) $mm);
        expect($worst($dL / 10, $mm * 1.5))->toBeLessThan($here)->and($worst($dL / 10 * 1.4, (float) $mm))->toBeGreaterThan($here);
    });
    expect($worst(0.0, 100.0))->toBe(0.0);
});

it('gives back the ramps of the check table within a tenth', function (float $l, float $mm): void {
    $eye = new Eye();
    // The table counts seen differences; a veil takes a little off, so a ramp of that many seen units is laid out directly.
    $signal = [];
    for ($x = -400.0; $x <= $mm + 400.0; $x += 2.0) {
        $signal[] = $l * max(0.0, min(1.0, 1.0 - $x / $mm));
    }
    $none = array_fill(0, count($signal), 0.0);
    $worst = max(array_map(fn (float $m): float => max($eye->along([$signal, $none, $none], 2.0, $m)), Eye::DISTANCES_M));
    expect($worst)->toBeGreaterThan(0.9)->toBeLessThan(1.12);
})->with([[2.0, 52.0], [3.0, 112.0], [4.0, 205.0], [6.0, 621.0]]);

it('weighs the standard as CIE 94 does: the same chroma step counts less on a vivid colour', function (): void {
    $seen = fn (float $c): float => abs(Eye::seen([Colours::lab(60, $c + 2, 0)->xyz()], Colours::lab(60, $c, 0))[1][0]);
    expect($seen(60.0))->toBeLessThan($seen(5.0))->and(Eye::rarer(45))->toBe(1.0)->and(Eye::rarer(-15))->toBe(1.5);
});
