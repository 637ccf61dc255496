<?php

declare(strict_types=1);

use Kalopsis\Colour\Viewing;
use Kalopsis\Colour\Xyz;
use Kalopsis\Sequence\FinishClass;
use Kalopsis\Spray\Film;
use Kalopsis\Spray\Finish;
use Kalopsis\Spray\Pigment;
use Kalopsis\Tests\Support\Colours;

function filmOf(float $l, float $a, float $b, float $h98, bool $effect = false): Film
{
    $xyz = Colours::lab($l, $a, $b)->xyz();

    return Film::of($xyz, $effect, $xyz->y, $h98, Viewing::paint());
}

it('hides at contrast ratio 0.98 over black and white where the film is the hiding film (ASTM D2805)', function (
    float $l,
    float $a,
    float $b,
    float $h98,
): void {
    $film = filmOf($l, $a, $b, $h98);
    $white = $film->over(new Xyz(0.8 * 94.811, 80.0, 0.8 * 107.304), $h98)->y;
    $black = $film->over(new Xyz(0.0, 0.0, 0.0), $h98)->y;
    expect($black / $white)->toEqualWithDelta(0.98, 1e-4);
})->with([[95.0, -1.0, 3.0, 28.0], [82.0, 8.0, 80.0, 40.0], [42.0, 56.0, 38.0, 28.0], [16.0, 0.0, -1.0, 12.0]]);

it('is the ground when there is no film, and the colour when there is enough (Kubelka 1948)', function (): void {
    $film = filmOf(42.0, 56.0, 38.0, 28.0);
    $ground = new Xyz(30.0, 30.0, 30.0);
    expect($film->over($ground, 0.0)->y)
        ->toEqualWithDelta(30.0, 1e-9)
        ->and($film->over($ground, 1000.0)->lab(Viewing::paint())->a)
        ->toEqualWithDelta(56.0, 0.5);
    // Hyperbolic solution against many thin films laid over each other by the two-flux equations (Runge-Kutta): dR/dh =
    // S (1 - 2 a R + R^2).
    $endless = Colours::lab(42.0, 56.0, 38.0)->xyz()->y / 100.0;
    [$a, $s, $r] = [(1 / $endless + $endless) / 2, $film->scatterPerUm(), 0.3];
    $f = fn (float $x): float => $s * (1.0 - 2.0 * $a * $x + $x * $x);
    for ($h = 0.0; $h < 12.0; $h += 0.01) {
        $k1 = $f($r);
        $k2 = $f($r + 0.005 * $k1);
        $k3 = $f($r + 0.005 * $k2);
        $r += (0.01 / 6.0) * ($k1 + 2 * $k2 + 2 * $k3 + $f($r + 0.01 * $k3));
    }
    expect($film->over($ground, 12.0)->y / 100.0)->toEqualWithDelta($r, 1e-4);
});

it('changes nothing over a ground that is the full colour', function (): void {
    $film = filmOf(42.0, 56.0, 38.0, 28.0);
    $same = Colours::lab(42.0, 56.0, 38.0)->xyz();
    foreach ([0.5, 5.0, 20.0] as $um) {
        expect($film->over($same, $um)->y)
            ->toEqualWithDelta($same->y, 1e-6)
            ->and($film->over($same, $um)->x)
            ->toEqualWithDelta($same->x, 1e-6);
    }
});

it('lets less through the more there is, and is hidden at h98 as the ratio says for effect finishes too', function (
    FinishClass $class,
): void {
    $film = Finish::assumed($class, 3)->film();
    $last = 1.0;
    foreach ([1.0, 3.0, 7.0, 15.0, 30.0] as $um) {
        $left = $film->through($um)[1];
        expect($left)->toBeLessThan($last);
        $last = $left;
    }
    $face = Finish::assumed($class, 3)->new[45]->xyz()->y / 100.0;
    $t = $film->through(Pigment::h98($class))[1];
    // (1 - t) F + 0.8 t over (1 - t) F is the contrast ratio.
    expect(((1.0 - $t) * $face) / ((1.0 - $t) * $face + 0.8 * $t))->toEqualWithDelta(0.98, 1e-3);
})->with([FinishClass::MetallicLight, FinishClass::MetallicDark, FinishClass::Pearl]);

it('covers near the figures the second model lists for silver: 3.5 um leave a third', function (): void {
    expect(Finish::assumed(FinishClass::MetallicLight, 3)->film()->coverUm())->toEqualWithDelta(3.47, 0.2);
});

it('stays between ground and colour, also where one of them shines like no solid does', function (): void {
    foreach ([16.0, 88.0, 130.0] as $body) {
        $film = filmOf($body, 0.0, 0.0, 20.0);
        foreach ([0.0, 20.0, 99.0, 180.0, 300.0] as $y) {
            $last = $y;
            foreach ([0.5, 3.0, 20.0, 300.0] as $um) {
                $there = $film->over(new Xyz(0.95 * $y, $y, 1.07 * $y), $um)->y;
                [$low, $high] = [min($y, Colours::lab($body)->xyz()->y), max($y, Colours::lab($body)->xyz()->y)];
                expect($there)->toBeGreaterThanOrEqual($low - 1e-6)->toBeLessThanOrEqual($high + 1e-6);
                expect(abs($there - $y))->toBeGreaterThanOrEqual(abs($last - $y) - 1e-6);
                $last = $there;
            }
        }
    }
});
