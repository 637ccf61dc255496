<?php

declare(strict_types=1);

use Eris\Generators;
use Kalopsis\Colour\Viewing;
use Kalopsis\Colour\Xyz;
use Kalopsis\Sight\Barten;
use Kalopsis\Sight\Eye;
use Kalopsis\Sight\Filter;
use Kalopsis\Sight\Scene;
use Kalopsis\Sight\Signal;
use Kalopsis\Tests\Support\Colours;

uses(Eris\TestTrait::class);

/**
 * A straight ramp of one signal, from full to nothing, between level stretches.
 *
 * @param array{float, float, float} $by lightness as ln Y, chroma, hue
 */
function straightRamp(array $by, float $mm, float $y = 40.0, float $step = 2.0, ?float $gap = null): Scene
{
    $standard = new Signal(new Xyz(0.95 * $y, $y, 1.07 * $y), Viewing::paint());
    $channels = [[], [], []];
    for ($x = 0.0; $x <= $mm + 1e-9; $x += $mm / max(1.0, round($mm / $step))) {
        foreach ($by as $c => $v) {
            $channels[$c][] = $v * (1.0 - $x / $mm);
        }
    }

    $scene = new Scene(0.0, $mm / max(1.0, round($mm / $step)), [45 => $channels], [45 => $standard]);

    return $gap === null ? $scene : $scene->endingAt($gap);
}

/** ln((Y + veil) / (Y + veil)) of so many L* at a luminance. */
function logOf(float $dL, float $y): float
{
    $l = (new Xyz(0.95 * $y, $y, 1.07 * $y))->lab(Viewing::paint())->l;
    $y2 = Colours::lab($l + $dL)->xyz()->y;

    return log(($y2 + Signal::VEIL) / ($y + Signal::VEIL));
}

it(
    'is Barten\'s contrast sensitivity (SPIE 5294, 2003; values computed apart, docs/model.md section 9)',
    function (): void {
        foreach ([[1.0, 411.0], [3.0, 655.0], [10.0, 338.0]] as [$u, $s]) {
            expect(Barten::sensitivity($u, 100.0, 100.0))->toEqualWithDelta($s, 0.6);
        }
        // What the optics of the eye leave of the finest gratings: 5200 exp(-0.0016 u2 (1 + 100 / L)^0.08) over the rest.
        expect(Barten::sensitivity(40.0, 100.0, 100.0))
            ->toEqualWithDelta(7.0310, 5e-4)
            ->and(Barten::sensitivity(30.0, 5.0, 100.0))
            ->toEqualWithDelta(8.2166, 5e-4)
            ->and(Barten::sensitivity(0.1, 100.0, 100.0))
            ->toEqualWithDelta(47.0, 0.5)
            ->and(Barten::sensitivity(1.0, 100.0, 9.0))
            ->toEqualWithDelta(172.0, 0.6)
            ->and(Barten::sensitivity(1.0, 100.0, 100.0, 4.0))
            ->toEqualWithDelta(370.0, 0.6)
            ->and(Barten::sensitivity(10.0, 5.0, 100.0))
            ->toEqualWithDelta(124.0, 0.6);
    },
);

it(
    'answers a step and ramps as the sensitivity\'s integral says, found here by summing over frequencies',
    function (): void {
        $filter = Filter::lightness(100.0, 100.0);
        // R(x) = int S(u) sin(2 pi u x) sin(pi u w) / (pi u w) / (pi u) du: the definition, by brute force.
        $integral = function (float $x, float $w): float {
            $sum = 0.0;
            for ($u = 0.002; $u < 60.0; $u *= 1.0005) {
                $ramp = $w > 0.0 ? sin(M_PI * $u * $w) / (M_PI * $u * $w) : 1.0;
                $sum +=
                    ((Barten::sensitivity($u, 100.0, 100.0) * sin(2.0 * M_PI * $u * $x)) / (M_PI * $u)) *
                    $ramp *
                    $u *
                    0.0005;
            }

            return $sum;
        };
        foreach ([[0.05, 0.0], [0.15, 0.3], [0.5, 1.0], [1.5, 3.0]] as [$x, $w]) {
            $answer = $w > 0.0 ? $filter->ramp($w, $x) : $filter->step($x);
            expect($answer)->toEqualWithDelta($integral($x, $w), 0.02 * abs($integral($x, $w)));
        }
        expect(max(array_map(fn (int $i): float => $filter->step($i / 1000), range(1, 400))))
            ->toEqualWithDelta(277.0, 1.0)
            ->and(array_map(fn (float $w): float => round($filter->ramp($w, $w / 2), 1), [0.3, 1.0, 3.0, 8.0]))
            ->toEqual([171.8, 81.4, 35.8, 16.3]);
    },
);

it('filters colour with the kernels of Zhang and Wandell (1996): low-pass, and slow ramps fade away', function (): void {
    $colour = Filter::colour(100.0);
    expect($colour->step(0.1))
        ->toEqualWithDelta(2.52, 0.01)
        ->and($colour->ramp(3.0, 1.5))
        ->toEqualWithDelta(1.75, 0.01)
        ->and($colour->ramp(20.0, 10.0))
        ->toBeLessThan($colour->ramp(3.0, 1.5));
});

it('tabulates what it answers one by one', function (): void {
    $filter = Filter::lightness(60.0, 300.0, 2.0);
    foreach ($filter->corners(0.07, 40) as $k => $v) {
        expect($v)->toEqualWithDelta($filter->corner(0.07 * $k), 1e-6 * max(1.0, abs($v)));
    }
});

it('gives the ramps of the second model\'s check table within 4 %', function (
    array $by,
    float $mm,
    float $y,
    float $at,
    float $index,
): void {
    $scene = straightRamp([$by[0] === 0.0 ? 0.0 : logOf($by[0], $y), $by[1], 0.0], $mm, $y, max(0.5, $mm / 60));
    expect(Eye::look($scene, [$at])->worst)->toEqualWithDelta($index, 0.04 * $index);
})->with([
    '100 mm dL 2 at 3 m' => [[2.0, 0.0], 100.0, 40.0, 3.0, 0.57],
    '300 mm dL 3 at 5 m' => [[3.0, 0.0], 300.0, 40.0, 5.0, 0.46],
    '100 mm dC 1 at 3 m' => [[0.0, 1.0], 100.0, 40.0, 3.0, 0.39],
    'dark, 100 mm dL 2 at 3 m' => [[2.0, 0.0], 100.0, 2.0, 3.0, 0.43],
]);

it('judges a sharp edge the same wherever places lie and however many there are', function (): void {
    $answers = [];
    foreach ([1.0, 2.5, 5.0, 10.0] as $step) {
        $signal = fn (float $v): array => array_fill(0, (int) (200 / $step) + 1, $v);
        $scene = new Scene(
            -200.0,
            $step,
            [45 => [$signal(0.05), $signal(0.0), $signal(0.0)]],
            [45 => new Signal(Colours::lab(60)->xyz(), Viewing::paint())],
            [(int) (200 / $step) => 1.0],
        );
        $answers[] = Eye::look($scene)->worst;
    }
    expect(max($answers) / min($answers))
        ->toBeLessThan(1.01)
        ->and(min($answers))
        ->toBeGreaterThan(1.0);
});

it('judges a step between two places as it judges one at the end', function (): void {
    $signal = new Signal(Colours::lab(60)->xyz(), Viewing::paint());
    $level = fn (array $y): array => [45 => [$y, array_fill(0, count($y), 0.0), array_fill(0, count($y), 0.0)]];
    $ends = new Scene(-300.0, 5.0, $level(array_fill(0, 61, 0.05)), [45 => $signal], [60 => 1.5]);
    $within = new Scene(
        -300.0,
        5.0,
        $level([...array_fill(0, 61, 0.05), ...array_fill(0, 60, 0.0)]),
        [45 => $signal],
        [60 => 1.5],
    );
    $end = Eye::look($ends, [2.0])->worst;
    expect(Eye::look($within, [2.0])->worst)
        ->toEqualWithDelta($end, 1e-6)
        ->and(Eye::atLine($within, 60, 45, 2.0))
        ->toEqualWithDelta($end, 1e-6)
        ->and(max(Eye::along($within, 45, 2.0)))
        ->toBeLessThanOrEqual($end + 1e-9);
});

it('sees a smooth fade the same at half and at twice the places', function (): void {
    $fade = function (int $n): Scene {
        $y = array_map(fn (int $i): float => 0.05 * 0.5 * (1.0 + cos((M_PI * $i) / ($n - 1))), range(0, $n - 1));
        $none = array_fill(0, $n, 0.0);

        return new Scene(
            0.0,
            150.0 / ($n - 1),
            [45 => [$y, $none, $none]],
            [45 => new Signal(Colours::lab(60)->xyz(), Viewing::paint())],
        );
    };
    $fine = Eye::look($fade(193))->worst;
    foreach ([25, 49, 97] as $n) {
        expect(Eye::look($fade($n))->worst)->toEqualWithDelta($fine, 0.02 * $fine);
    }
});

it('sees less of a longer ramp, more of a larger difference in proportion, and nothing of none', function (): void {
    $worst = fn (float $by, float $mm): float => Eye::look(straightRamp([$by, 0.0, 0.0], $mm))->worst;
    $this->limitTo(15)
        ->forAll(Generators::choose(1, 20), Generators::choose(20, 400))
        ->then(function (int $by, int $mm) use ($worst): void {
            $here = $worst($by / 100, (float) $mm);
            expect($worst($by / 100, $mm * 1.3))
                ->toBeLessThan($here)
                ->and($worst($by / 50, (float) $mm))
                ->toEqualWithDelta(2 * $here, 0.02 * $here);
        });
    expect($worst(0.0, 100.0))->toBe(0.0);
});

it(
    'is worst from near for a sharp edge and from some metres for a fade, and never gets worse for ever (docs/model.md section 9)',
    function (): void {
        $from = fn (Scene $scene, float $m): float => Eye::look($scene, [$m])->worst;
        $fade = straightRamp([0.05, 0.0, 0.0], 80.0);
        expect(Eye::look($fade)->distanceM)
            ->toBeGreaterThanOrEqual(2.0)
            ->and($from($fade, 20.0))
            ->toBeLessThan(0.95 * Eye::look($fade)->worst);
        $edge = straightRamp([0.05, 0.0, 0.0], 1.0, 40.0, 1.0);
        expect($from($edge, 0.5))->toBeGreaterThan($from($edge, 5.0));
        $chroma = straightRamp([0.0, 3.0, 0.0], 200.0);
        expect($from($chroma, 20.0))->toBeLessThan(0.75 * $from($chroma, 5.0));
    },
);

it('measures how wide a change is: a straight ramp its own width, a step nothing', function (): void {
    expect(straightRamp([0.05, 0.0, 0.0], 120.0)->widthMm())
        ->toEqualWithDelta(120.0, 1e-6)
        ->and(straightRamp([0.05, 1.0, 0.0], 120.0, 40.0, 2.0, 1.5)->widthMm())
        ->toBe(0.0);
});

it(
    'takes a little off a step at a gap, from its lightness and not from its colour (Boynton, Hayhoe and MacLeod 1977)',
    function (): void {
        $step = fn (array $by, float $gap): float => Eye::look(straightRamp([$by[0], $by[1], 0.0], 1.0, 40.0, 1.0, $gap), [
            1.0,
        ])->worst;
        $signal = new Signal(Colours::lab(60)->xyz(), Viewing::paint());
        $flat = fn (float $l, float $c, float $hides): float => Eye::look(
            new Scene(-1.0, 1.0, [45 => [[$l, $l], [$c, $c], [0.0, 0.0]]], [45 => $signal], [1 => $hides]),
            [1.0],
        )->worst;
        expect($flat(0.05, 0.0, 1.5))
            ->toEqualWithDelta($flat(0.05, 0.0, 1.0) / 1.5, 1e-9)
            ->and($flat(0.0, 3.0, 1.5))
            ->toEqualWithDelta($flat(0.0, 3.0, 1.0), 1e-12)
            ->and($step([0.05, 0.0], 1.5))
            ->toBeGreaterThan(0.0);
    },
);

it('weighs the standard as CIE 94 does: the same chroma step counts less on a vivid colour', function (): void {
    $seen = fn (float $c): float => abs(
        (new Signal(Colours::lab(60, $c, 0)->xyz(), Viewing::paint()))->of(Colours::lab(60, $c + 2, 0)->xyz())[1],
    );
    expect($seen(60.0))
        ->toBeLessThan($seen(5.0))
        ->and(Eye::weight(45))
        ->toBe(1.0)
        ->and(Eye::weight(-15))
        ->toBeLessThan(1.0);
});

it('computes the error function (Abramowitz and Stegun, table 7.1)', function (float $x, float $erf): void {
    expect(Filter::erf($x))
        ->toEqualWithDelta($erf, 2e-7)
        ->and(Filter::erf(-$x))
        ->toEqualWithDelta(-$erf, 2e-7);
})->with([[0.0, 0.0], [0.5, 0.5204999], [1.0, 0.8427008], [2.0, 0.9953223]]);

it('has a field of 109 square degrees for a change 300 mm wide from 3 m', function (): void {
    expect(Eye::field(300.0, 3.0))
        ->toEqualWithDelta(109.4, 1.2)
        ->and(Eye::field(5000.0, 3.0))
        ->toBe(Eye::field(800.0, 3.0));
});
