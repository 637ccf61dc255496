<?php

declare(strict_types=1);

use Kalopsis\Colour\Viewing;
use Kalopsis\Colour\Xyz;
use Kalopsis\Sight\Barten;
use Kalopsis\Sight\Eye;
use Kalopsis\Sight\Internal\Gaussians;
use Kalopsis\Sight\Internal\Response;
use Kalopsis\Sight\Scene;
use Kalopsis\Sight\Sighting;
use Kalopsis\Sight\Signal;
use Kalopsis\Tests\Support\Colours;

/**
 * What is seen along places of 10 mm, from -20 mm on.
 *
 * @param array<int, array{list<float>, list<float>, list<float>}> $signals by angle
 * @param array<int, float> $lines
 */
function sceneOf(array $signals, array $lines = [], float $gain = 1.0): Scene
{
    $standard = new Signal(Colours::lab(50.0)->xyz(), Viewing::paint());

    return new Scene(-20.0, 10.0, $signals, array_fill_keys(array_keys($signals), $standard), $lines, $gain);
}

/** @return list<float> the same all along */
function levelAt(float $v, int $places = 12): array
{
    return array_fill(0, $places, $v);
}

/**
 * Answers at each place and half way between, from 45 degrees.
 *
 * @return list<float>
 */
function answers(Scene $scene, float $m = 2.0, float $halfGap = 0.05): array
{
    $answer = new Response($scene, 45, Eye::field(300.0, $m), $m, $halfGap);

    return array_map(fn (int $i): float => $answer->at($i / 2.0), range(0, 2 * ($scene->places() - 1)));
}

$ramp = fn (array $y, ?array $c = null, ?array $h = null): array => [
    45 => [$y, $c ?? array_fill(0, count($y), 0.0), $h ?? array_fill(0, count($y), 0.0)],
];

it('knows how many places it has, where they lie, and where a line lies between them', function () use ($ramp): void {
    $scene = sceneOf($ramp([0.0, 0.0, 0.0, 0.1, 0.2, 0.2]));
    expect([$scene->places(), $scene->lineAt(2), $scene->lineAt(5), $scene->lineAt(0)])
        ->toBe([6, 2.5, 5.0, 0.5])
        ->and($scene->lines)
        ->toBe([])
        ->and($scene->endingAt(1.5)->lines)
        ->toBe([5 => 1.5])
        ->and(sceneOf($ramp([0.0, 0.1, 0.2]), [0 => 1.2])->endingAt(1.5)->lines)
        ->toBe([0 => 1.2, 2 => 1.5])
        // A line that is there already keeps what it hides.
        ->and(sceneOf($ramp([0.0, 0.1, 0.2]), [2 => 3.0])->endingAt(1.5)->lines)
        ->toBe([2 => 3.0])
        ->and($scene->endingAt(1.5)->gain)
        ->toBe(1.0)
        ->and((new Scene(0.0, 1.0, [], []))->places())
        ->toBe(0);
});

it('is level up to where anything changes by a two hundredth, in any signal from any angle', function () use ($ramp): void {
    $at = fn (array $signals): float => sceneOf($signals)->levelUpToMm();
    expect($at($ramp([0.0, 0.0, 0.0, 0.1, 0.2])))
        // Places of 10 mm from -20: the third lies at 0.
        ->toBe(0.0)
        ->and($at($ramp([0.0, 0.0009, 0.0009, 0.1, 0.2])))
        ->toBe(0.0)
        ->and($at($ramp([0.0, 0.0011, 0.0011, 0.1, 0.2])))
        ->toBe(-20.0)
        ->and($at($ramp([0.2, 0.2, 0.1, 0.0, 0.0])))
        ->toBe(-10.0)
        ->and($at($ramp(levelAt(0.0, 5), [0.0, 0.0, 0.0, 0.0, 1.0])))
        ->toBe(10.0)
        ->and($at($ramp(levelAt(0.0, 5), null, [0.0, 0.0, 1.0, 0.0, 1.0])))
        ->toBe(-10.0)
        ->and($at($ramp([0.0, 0.0, 0.0, 0.1, 0.2]) + [75 => [[0.0, 0.0, 0.1, 0.2, 0.3], levelAt(0.0, 5), levelAt(0.0, 5)]]))
        ->toBe(-10.0)
        // Where nothing changes it is level to the end.
        ->and($at($ramp(levelAt(0.3, 5))))
        ->toBe(20.0);
});

it('is as wide as a ramp, chroma and hue count a thirtieth of lightness, a line makes it a step', function () use ($ramp): void {
    $width = fn (array $signals, array $lines = []): float => sceneOf($signals, $lines)->widthMm();
    expect($width($ramp([0.0, 0.1, 0.2, 0.3, 0.3])))
        ->toEqualWithDelta(30.0, 1e-9)
        ->and($width($ramp([0.0, 0.1, 0.1, 0.1, 0.1])))
        ->toEqualWithDelta(10.0, 1e-9)
        // 3 and 1 of a slope: 4^2 / 10 of a step.
        ->and($width($ramp([0.0, 0.3, 0.4, 0.4, 0.4])))
        ->toEqualWithDelta(16.0, 1e-9)
        // As much lightness in one step as chroma, thirty times, in another.
        ->and($width($ramp([0.0, 0.1, 0.1, 0.1, 0.1], [0.0, 0.0, 3.0, 3.0, 3.0])))
        ->toEqualWithDelta(20.0, 1e-9)
        ->and($width($ramp(levelAt(0.0, 5), [0.0, 1.0, 1.0, 1.0, 1.0], [0.0, 0.0, 1.0, 1.0, 1.0])))
        ->toEqualWithDelta(20.0, 1e-9)
        ->and($width($ramp(levelAt(0.0, 5))))
        ->toBe(0.0)
        ->and($width($ramp([0.0, 0.1, 0.2, 0.3, 0.3]), [4 => 1.5]))
        ->toBe(0.0);
    // A grazing view counts two thirds, so (4/9) of the square: slopes of 1 and 2/3, (5/3)^2 / (1 + 4/9).
    $both = $ramp([0.0, 0.1, 0.1, 0.1, 0.1]) + [110 => [[0.0, 0.0, 0.1, 0.1, 0.1], levelAt(0.0, 5), levelAt(0.0, 5)]];
    expect($width($both))->toEqualWithDelta(10.0 * (25.0 / 9.0) / (13.0 / 9.0), 1e-9);
});

it('answers the mirror image of a change with the mirror image of its answer', function () use ($ramp): void {
    $y = [0.0, 0.0, 0.02, 0.05, 0.06, 0.2, 0.22, 0.22, 0.21, 0.3, 0.3, 0.3];
    $c = [0.0, 0.4, 0.4, 0.4, 0.9, 1.0, 1.0, 1.3, 1.3, 1.3, 1.3, 1.3];
    $h = [0.0, 0.0, 0.0, -0.2, -0.2, 0.1, 0.1, 0.1, 0.4, 0.4, 0.5, 0.5];
    $there = answers(sceneOf($ramp($y, $c, $h)));
    $back = answers(sceneOf($ramp(array_reverse($y), array_reverse($c), array_reverse($h))));
    expect(array_reverse($back))->toEqualWithDelta($there, 1e-9);
    // With a line in it as well: after the fifth place, which is after the seventh from the other end.
    $there = answers(sceneOf($ramp($y, $c, $h), [4 => 1.5]));
    $back = answers(sceneOf($ramp(array_reverse($y), array_reverse($c), array_reverse($h)), [6 => 1.5]));
    expect(array_reverse($back))->toEqualWithDelta($there, 1e-9);
});

it('answers in proportion, nothing to nothing, and the same wherever the change lies', function () use ($ramp): void {
    $y = [0.0, 0.0, 0.0, 0.0, 0.05, 0.1, 0.15, 0.15, 0.15, 0.15, 0.15, 0.15];
    $twice = array_map(fn (float $v): float => 2.0 * $v, $y);
    $once = answers(sceneOf($ramp($y)));
    expect(answers(sceneOf($ramp($twice))))
        ->toEqualWithDelta(array_map(fn (float $v): float => 2.0 * $v, $once), 1e-9)
        ->and(array_sum(answers(sceneOf($ramp(levelAt(0.7))))))
        ->toBe(0.0)
        // Another level below all of it changes nothing.
        ->and(answers(sceneOf($ramp(array_map(fn (float $v): float => $v + 0.4, $y)))))
        ->toEqualWithDelta($once, 1e-9);
    // Two places further on the answer is two places further on.
    $later = answers(sceneOf($ramp([0.0, 0.0, ...array_slice($y, 0, 10)])));
    expect(array_slice($later, 4))->toEqualWithDelta(array_slice($once, 0, 19), 1e-9);
});

it('adds lightness, chroma and hue as squares, and goes straight between two places', function () use ($ramp): void {
    $y = [0.0, 0.0, 0.02, 0.05, 0.06, 0.2, 0.22, 0.22, 0.21, 0.3, 0.3, 0.3];
    $c = [0.0, 0.4, 0.4, 0.4, 0.9, 1.0, 1.0, 1.3, 1.3, 1.3, 1.3, 1.3];
    $none = levelAt(0.0);
    $light = answers(sceneOf($ramp($y)));
    $chroma = answers(sceneOf($ramp($none, $c)));
    $hue = answers(sceneOf($ramp($none, null, $c)));
    $all = answers(sceneOf($ramp($y, $c, $c)));
    foreach ($all as $i => $v) {
        // At places; half way between, each is the mean of its two, with their signs.
        if ($i % 2 === 0) {
            expect($v)->toEqualWithDelta(sqrt($light[$i] ** 2 + $chroma[$i] ** 2 + $hue[$i] ** 2), 1e-9);
        }
    }
    expect($hue)->toEqualWithDelta($chroma, 1e-12);
    // A straight fall of the answer: the mean is half way.
    $scene = sceneOf($ramp([0.0, 0.3, 0.3, 0.3, 0.3, 0.3, 0.3, 0.3, 0.3, 0.3, 0.3, 0.3]));
    $half = answers($scene);
    for ($i = 9; $i < 23; $i += 2) {
        expect($half[$i])->toEqualWithDelta(abs($half[$i - 1] + $half[$i + 1]) / 2.0, 1e-9);
    }
});

it('takes of a step at a line as much lightness as the line hides, and no colour', function () use ($ramp): void {
    $step = [0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.2, 0.2, 0.2, 0.2, 0.2, 0.2];
    $plain = answers(sceneOf($ramp($step), [5 => 1.0]));
    $hidden = answers(sceneOf($ramp($step), [5 => 1.5]));
    $colour = answers(sceneOf($ramp(levelAt(0.0), $step), [5 => 1.0]));
    expect($hidden)
        ->toEqualWithDelta(array_map(fn (float $v): float => $v / 1.5, $plain), 1e-9)
        ->and(answers(sceneOf($ramp(levelAt(0.0), $step), [5 => 3.0])))
        ->toEqualWithDelta($colour, 1e-12)
        // What ends at the last place falls back to the old finish, which is nought: a step as any other, seen from one side.
        ->and(answers(sceneOf($ramp(levelAt(0.2)), [11 => 1.0]))[20])
        ->toEqualWithDelta($plain[13], 1e-9)
        ->and(answers(sceneOf($ramp(levelAt(0.2)), [11 => 1.0]))[22])
        ->toEqualWithDelta(0.0, 1e-9);
});

it('looks from everywhere and says from where it is worst: angle, distance and place', function () use ($ramp): void {
    $y = [0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.3, 0.3, 0.3, 0.3, 0.3, 0.3];
    $none = levelAt(0.0);
    $scene = sceneOf([15 => [$y, $none, $none], 45 => [$y, $none, $none], 110 => [$y, $none, $none]]);
    $seen = Eye::look($scene);
    expect($seen)
        ->toBeInstanceOf(Sighting::class)
        // The same change counts most square on; grazing views two thirds of it (chosen in docs/model.md section 9).
        ->and($seen->angle)
        ->toBe(45)
        ->and($seen->worst)
        ->toBe(max(array_map(max(...), $seen->table)))
        ->and(array_keys($seen->table))
        ->toBe([15, 45, 110])
        ->and(array_map(fn (int|string $m): float => (float) $m, array_keys($seen->table[45])))
        ->toBe(Eye::DISTANCES_M)
        ->and($seen->table[15]['1'] / $seen->table[45]['1'])
        ->toEqualWithDelta(2.0 / 3.0, 1e-9)
        // The step lies between the sixth and the seventh place, at 30 and 40 mm.
        ->and($seen->atMm)
        ->toBeGreaterThan(10.0)
        ->toBeLessThan(60.0)
        ->and($seen->table[45][(string) $seen->distanceM])
        ->toBeGreaterThanOrEqual(0.95 * $seen->worst);
    foreach (Eye::DISTANCES_M as $m) {
        if ($m < $seen->distanceM) {
            expect(max(array_map(fn (array $row): float => $row[(string) $m], $seen->table)))->toBeLessThan(0.95 * $seen->worst);
        }
    }
    // One distance alone; an eye that catches twice as much; and what nobody sees.
    expect(Eye::look($scene, [3.0])->worst)
        ->toBe($seen->table[45]['3'])
        ->and(Eye::look($scene, [3.0])->distanceM)
        ->toBe(3.0)
        ->and(Eye::look(sceneOf($scene->signals, [], 2.0))->worst)
        ->toEqualWithDelta(2.0 * $seen->worst, 1e-9);
    $nothing = Eye::look(sceneOf($ramp(levelAt(0.1))));
    expect([$nothing->worst, $nothing->angle, $nothing->isSeen()])->toBe([0.0, 45, false]);
    // Where nothing is seen from anywhere the first angle stands for all; what is seen begins above 1.
    $level = [levelAt(0.1), levelAt(0.0), levelAt(0.0)];
    expect(Eye::look(sceneOf([25 => $level, 45 => $level, 75 => $level]))->angle)
        ->toBe(25)
        ->and(array_map(fn (float $v): bool => (new Sighting([], $v, 45, 1.0, 0.0))->isSeen(), [0.4, 1.0, 1.001]))
        ->toBe([false, false, true]);
    $none = Sighting::nothing([25, 45]);
    expect([$none->worst, $none->angle, $none->distanceM, $none->atMm])
        ->toBe([0.0, 25, 1.0, 0.0])
        ->and(array_keys($none->table))
        ->toBe([25, 45]);
});

it('draws along the places what it found worst there', function () use ($ramp): void {
    $scene = sceneOf($ramp([0.0, 0.0, 0.0, 0.0, 0.05, 0.1, 0.15, 0.2, 0.25, 0.3, 0.3, 0.3]));
    $along = Eye::along($scene, 45, 2.0);
    $worst = Eye::look($scene, [2.0])->worst;
    expect($along)
        ->toHaveCount(12)
        // The peak between two places is a parabola's: a little above the highest of them.
        ->and(max($along))
        ->toBeLessThanOrEqual($worst + 1e-9)
        ->toBeGreaterThan(0.9 * $worst);
    // Beside a line it is what the line shows.
    $step = sceneOf($ramp([0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.3, 0.3, 0.3, 0.3, 0.3, 0.3]), [5 => 1.5]);
    $seen = Eye::look($step, [2.0])->worst;
    expect(Eye::atLine($step, 5, 45, 2.0))->toEqualWithDelta($seen, 0.01 * $seen);
});

it('finds the peak between places where a fade peaks there, as high and as far along as closer places do', function (): void {
    // A hump 120 mm wide whose top lies a third of the way between two places of 10 mm.
    $hump = function (float $step): Scene {
        $standard = new Signal(Colours::lab(50.0)->xyz(), Viewing::paint());
        $y = [];
        for ($x = -300.0; $x <= 300.0 + 1e-9; $x += $step) {
            $d = abs($x - 3.3);
            $y[] = $d < 60.0 ? 0.05 * 0.5 * (1.0 + cos(M_PI * $d / 60.0)) : 0.0;
        }

        $none = array_fill(0, count($y), 0.0);

        return new Scene(-300.0, $step, [45 => [$y, $none, $none]], [45 => $standard]);
    };
    // Straight lines between places 4 mm apart are off by some thousandths, between places 10 mm apart by half a hundredth.
    foreach ([[2.0, 4.0, 0.003], [5.0, 4.0, 0.003], [5.0, 10.0, 0.006]] as [$m, $step, $off]) {
        $fine = Eye::look($hump(0.5), [$m]);
        $coarse = Eye::look($hump($step), [$m]);
        expect($coarse->worst)
            ->toEqualWithDelta($fine->worst, $off * $fine->worst)
            ->and($coarse->atMm)
            ->toEqualWithDelta(3.3, 0.1);
    }
});

it('finds the higher of two changes though it is the narrower, wherever places meet it', function (float $at): void {
    // Half as wide and as high: from two metres the narrow one is seen most.
    $y = [];
    for ($x = -400.0; $x <= 400.0 + 1e-9; $x += 5.0) {
        [$wide, $narrow] = [abs($x + 200.0), abs($x - $at)];
        $y[] = ($wide < 80.0 ? 0.025 * (1.0 + cos(M_PI * $wide / 80.0)) : 0.0)
            + ($narrow < 20.0 ? 0.02 * (1.0 + cos(M_PI * $narrow / 20.0)) : 0.0);
    }
    $none = array_fill(0, count($y), 0.0);
    $scene = new Scene(-400.0, 5.0, [45 => [$y, $none, $none]], [45 => new Signal(Colours::lab(50.0)->xyz(), Viewing::paint())]);
    $seen = Eye::look($scene, [2.0]);
    expect($seen->atMm)
        ->toEqualWithDelta($at, 1.0)
        ->and($seen->worst)
        ->toBeGreaterThan(2.0 * max(array_slice(Eye::along($scene, 45, 2.0), 0, 80)))
        ->toBeGreaterThanOrEqual(max(Eye::along($scene, 45, 2.0)) - 1e-9);
})->with([200.0, 205.0, 210.0, 215.0]);

it('looks beside a line at its step, be the places near it as far apart as they may', function () use ($ramp): void {
    // Two places 10 mm apart with a line between, seen from half a metre: the peak lies within the first millimetres.
    foreach ([[0.3, 0.0], [0.0, 0.3]] as $y) {
        $two = sceneOf($ramp($y), [0 => 1.5]);
        $many = sceneOf($ramp([...array_fill(0, 30, $y[0]), ...array_fill(0, 30, $y[1])]), [29 => 1.5]);
        foreach ([0.5, 1.0] as $m) {
            $wanted = Eye::atLine($many, 29, 45, $m);
            expect($wanted)->toBeGreaterThan(1.0)->and(Eye::look($many, [$m])->worst)->toEqualWithDelta($wanted, 1e-9);
        }
        $wanted = Eye::atLine($many, 29, 45, 0.5);
        expect(Eye::atLine($two, 0, 45, 0.5))->toEqualWithDelta($wanted, 1e-3 * $wanted);
    }
});

it('splits a step at a gap of 4 mm wherever it is drawn, along the line as at its worst place', function (): void {
    // Places so close that one lies on the peak, of dark and of light colours; what they leave is half a hundredth.
    foreach ([20.0, 50.0, 90.0] as $l) {
        $standard = new Signal(Colours::lab($l)->xyz(), Viewing::paint());
        foreach (Eye::DISTANCES_M as $m) {
            $y = [...array_fill(0, 1200, 0.3), ...array_fill(0, 1200, 0.0)];
            $none = array_fill(0, 2400, 0.0);
            $scene = new Scene(0.0, 0.1 * $m, [45 => [$y, $none, $none]], [45 => $standard], [1199 => 1.0]);
            $worst = Eye::atLine($scene, 1199, 45, $m);
            expect(max(Eye::along($scene, 45, $m)))
                ->toEqualWithDelta($worst, 0.005 * $worst)
                ->and(Eye::look($scene, [$m])->worst)
                ->toEqualWithDelta($worst, 1e-3 * $worst);
        }
    }
});

it('sees a regular pattern as its contrast times what the eye catches from where it catches most', function (): void {
    $standard = new Signal(Colours::lab(60.0)->xyz(), Viewing::paint());
    $best = 0.0;
    foreach (Eye::DISTANCES_M as $m) {
        // A patch of 300 mm, 600 high; a period of 60 mm in degrees, straight in front.
        $field = 0.3 * 0.6 / $m ** 2 * (180.0 / M_PI) ** 2;
        $best = max($best, Barten::sensitivity($m / (0.06 * 180.0 / M_PI), $standard->luminance, $field, $standard->surround()));
    }
    // Fields are rounded to two in a hundred: a thousandth of the sensitivity.
    expect(Eye::pattern(0.01, 60.0, $standard))
        ->toEqualWithDelta(0.01 * $best / 5.0, 0.002 * $best / 500.0)
        ->and(Eye::pattern(0.01, 60.0, $standard, 2.0))
        ->toEqualWithDelta(2.0 * Eye::pattern(0.01, 60.0, $standard), 1e-12)
        ->and(Eye::pattern(0.0, 60.0, $standard))
        ->toBe(0.0)
        // Finer than the optics of the eye resolve, some 60 cycles a degree: nothing, however strong.
        ->and(Eye::pattern(1.0, 0.02, $standard))
        ->toBeLessThan(1e-6);
});

it('sees a thing as dark as it may be under a twentieth of white', function (): void {
    $white = Viewing::paint()->white();
    $grey = fn (float $share): Xyz => new Xyz($share * $white->x, $share * $white->y, $share * $white->z);
    $signal = new Signal($grey(0.2), Viewing::paint());
    // ln of (Y + 5) over (20 + 5).
    expect($signal->of($grey(0.001))[0])
        ->toEqualWithDelta(log(5.1 / 25.0), 1e-12)
        ->and($signal->of($grey(0.0))[0])
        ->toEqualWithDelta(log(5.0 / 25.0), 1e-12)
        // A grey is a grey however dark.
        ->and([$signal->of($grey(0.0))[1], $signal->of($grey(0.0))[2]])
        ->toEqualWithDelta([0.0, 0.0], 1e-9);
});

it('weighs what reaches the eye as CIE 94 does, under a veil of a twentieth of white', function (): void {
    $viewing = Viewing::paint();
    $white = $viewing->white();
    // The same colours with the veil laid over them, as objects of CIE 15.
    $veiled = fn (Xyz $v): array => (function (Xyz $v) use ($white, $viewing): array {
        $lab = $v->plus($white, 0.05)->times(1.0 / 1.05)->lab($viewing);

        return [$lab->a, $lab->b];
    })($v);
    foreach ([
        [[40.0, 20.0, 30.0], [41.0, 24.0, 27.0]],
        [[60.0, -30.0, 5.0], [58.0, -28.0, 9.0]],
        [[8.0, 2.0, -3.0], [9.0, 1.0, -4.0]],
    ] as [$one, $other]) {
        [$s, $x] = [Colours::lab(...$one)->xyz(), Colours::lab(...$other)->xyz()];
        [[$a, $b], [$a2, $b2]] = [$veiled($s), $veiled($x)];
        $chroma = hypot($a, $b);
        $dc = hypot($a2, $b2) - $chroma;
        $dh = sqrt(($a2 - $a) ** 2 + ($b2 - $b) ** 2 - $dc ** 2) * ($a * $b2 - $b * $a2 < 0.0 ? -1.0 : 1.0);
        expect((new Signal($s, $viewing))->of($x))->toEqualWithDelta(
            [log(($x->y + 5.0) / ($s->y + 5.0)), $dc / (1.0 + 0.045 * $chroma), $dh / (1.0 + 0.015 * $chroma)],
            1e-9,
        );
    }
    // A bright workshop's white is 300 cd/m2, and a quarter of it surrounds the panel.
    $grey = new Signal(Colours::lab(50.0)->xyz(), $viewing);
    expect($grey->luminance)
        ->toEqualWithDelta(3.0 * (18.42 + 5.0), 0.01)
        ->and($grey->surround())
        ->toEqualWithDelta(75.0 / $grey->luminance, 1e-12);
});

it('writes a sensitivity as Gaussians that add up to none at nought, near it everywhere else', function (): void {
    $nodes = Gaussians::nodes();
    $at = array_map(fn (float $u): float => Barten::sensitivity($u, 100.0, 100.0, 1.0), $nodes);
    $terms = Gaussians::fit($at, $at);
    expect(array_column($terms, 1))
        ->toBe(Gaussians::widths())
        ->and(array_sum(array_column($terms, 0)))
        ->toEqualWithDelta(0.0, 1e-6)
        // From 0.004 degrees on, doubling, thirteen of them; eighty frequencies, evenly spaced in their logarithm.
        ->and([count($terms), $terms[0][1], $terms[12][1] / $terms[11][1]])
        ->toBe([13, 0.004, 2.0])
        ->and([count($nodes), $nodes[0], $nodes[79]])
        ->toEqualWithDelta([80, 0.005, 56.0], 1e-9)
        ->and($nodes[40] / $nodes[39])
        ->toEqualWithDelta($nodes[1] / $nodes[0], 1e-9);
    foreach ($nodes as $i => $u) {
        $fitted = 0.0;
        foreach ($terms as [$q, $s]) {
            $fitted += $q * exp(-2.0 * (M_PI * $s * $u) ** 2);
        }
        if ($u > 0.05 && $u < 30.0) {
            expect($fitted)->toEqualWithDelta($at[$i], 0.02 * max($at));
        }
    }
});

it('is seen in a field as large as the change and a hand beside it, no larger than a panel', function (): void {
    $deg2 = fn (float $mm2, float $m): float => $mm2 / 1e6 / $m ** 2 * (180.0 / M_PI) ** 2;
    // 300 mm and 200 beside it, 600 high, from 2 m; to two in a hundred.
    expect(Eye::field(300.0, 2.0))
        ->toEqualWithDelta($deg2(500.0 * 600.0, 2.0), 0.011 * $deg2(500.0 * 600.0, 2.0))
        ->and(Eye::field(0.0, 2.0))
        ->toEqualWithDelta($deg2(200.0 * 600.0, 2.0), 0.011 * $deg2(200.0 * 600.0, 2.0))
        ->and(Eye::field(5000.0, 2.0))
        ->toEqualWithDelta($deg2(1000.0 * 600.0, 2.0), 0.011 * $deg2(1000.0 * 600.0, 2.0))
        ->and(Eye::degrees(1000.0, 1.0))
        ->toEqualWithDelta(180.0 / M_PI, 1e-9)
        ->and([Eye::weight(45), Eye::weight(15), Eye::weight(75), Eye::weight(60)])
        ->toEqualWithDelta([1.0, 1 / 1.5, 1 / 1.2, 1.0], 1e-12);
});
