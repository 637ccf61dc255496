<?php

declare(strict_types=1);

use Eris\Generators;
use Kalopsis\Film\Air;
use Kalopsis\Film\ReducerGrade;
use Kalopsis\Gun\GunSetUp;
use Kalopsis\Sequence\FinishClass;
use Kalopsis\Sight\Eye;
use Kalopsis\Spray\Assumptions;
use Kalopsis\Spray\Bed;
use Kalopsis\Spray\Certainty;
use Kalopsis\Spray\Finish;
use Kalopsis\Spray\Profile;
use Kalopsis\Spray\StackBuilder;
use Kalopsis\Tests\Support\Colours;
use Kalopsis\Tests\Support\Sprays;

uses(Eris\TestTrait::class);

const SILVER = FinishClass::MetallicLight;
const BLACK = FinishClass::SolidDark;

it('comes near the table of docs/model.md section 10', function (float $index, float $wanted, float $within): void {
    expect($index)->toBeGreaterThan($wanted * (1 - $within))->toBeLessThan($wanted * (1 + $within));
})->with(fn (): array => [
    'silver, no bed' => [Sprays::index(SILVER, 2.0, Sprays::over(300)), 1.05, 0.10],
    'silver, bed flashed' => [Sprays::index(SILVER, 2.0, Sprays::over(300), Bed::Flashed), 0.70, 0.15],
    'silver, bed kept wet' => [Sprays::index(SILVER, 2.0, Sprays::over(300), Bed::Wet), 0.60, 0.15],
    'silver in 80 mm, no bed' => [Sprays::index(SILVER, 2.0, Sprays::over(80)), 2.0, 0.20],
    'two coats not stepped, fade 60' => [Sprays::index(SILVER, 2.0, [Sprays::coat(10, 60), Sprays::coat(10, 60)]), 3.4, 0.15],
    'a perfect match with a dry fringe' => [Sprays::index(SILVER, 0.0, Sprays::over(300)), 1.1, 0.15],
    '32 C, fast reducer' => [Sprays::index(SILVER, 2.0, Sprays::over(300, 3, ['air' => new Air(32, 50), 'reducer' => ReducerGrade::Fast]), Bed::None, new Air(32, 50), ReducerGrade::Fast), 1.8, 0.15],
    '32 C, extra slow' => [Sprays::index(SILVER, 2.0, Sprays::over(300, 3, ['air' => new Air(32, 50), 'reducer' => ReducerGrade::ExtraSlow]), Bed::None, new Air(32, 50), ReducerGrade::ExtraSlow), 1.0, 0.15],
    'dL 4 over 300, bed' => [Sprays::index(SILVER, 4.0, Sprays::over(300), Bed::Flashed), 1.13, 0.20],
    'dL 4 over 500, bed' => [Sprays::index(SILVER, 4.0, Sprays::over(500), Bed::Flashed), 0.86, 0.20],
    'black dL 3 over 300' => [Sprays::index(BLACK, 3.0, Sprays::over(300), Bed::Flashed), 0.63, 0.15],
    'black dL 3 over 160' => [Sprays::index(BLACK, 3.0, Sprays::over(160), Bed::Flashed), 0.94, 0.15],
]);

it('shows a halo on a light silver with a dry fringe, which a wet bed removes (common practice)', function (): void {
    $finish = Finish::assumed(SILVER, 3, 0.0);
    $fringe = function (Bed $bed) use ($finish): array {
        $stack = Sprays::stack(Sprays::over(300), $bed, $finish->h98Um);
        $lighter = [];
        foreach ([15, 110] as $angle) {
            $l = array_map(fn ($xyz): float => $xyz->lab($finish->old[$angle]->viewing)->l - $finish->old[$angle]->l, array_slice($stack->colours($angle, $finish->fit, $finish->old[$angle]->xyz(), $finish->primer), 17));
            $lighter[$angle] = $angle === 15 ? min($l) : max($l);
        }

        return $lighter;
    };
    $dry = $fringe(Bed::None);
    $wet = $fringe(Bed::Wet);
    // Darker on the face, a light ring from the side.
    expect($dry[15])->toBeLessThan(-1.0)->and($dry[110])->toBeGreaterThan(0.2)->and(abs($wet[15]))->toBeLessThan(abs($dry[15]) / 3)->and($wet[110])->toBeLessThan($dry[110] / 2);
});

it('tolerates a short fade on dark solids, and shows nothing of a solid that matches (common practice)', function (): void {
    // A solid's base holds more: 36 % solids at 1:0.5.
    $solid = ['solids' => 0.24];
    expect(Sprays::index(BLACK, 2.0, Sprays::over(80, 2, $solid)))->toBeLessThan(1.0)
        ->and(Sprays::index(BLACK, 2.0, Sprays::over(80, 2, $solid)))->toBeLessThan(Sprays::index(SILVER, 2.0, Sprays::over(80, 2)) / 2)
        ->and(Sprays::index(BLACK, 2.0, Sprays::over(300, 2, $solid)))->toBeLessThan(0.6)
        ->and(Sprays::index(BLACK, 0.0, Sprays::over(80, 3, $solid)))->toBeLessThan(0.1);
});

it('cannot hide a difference above the limit at any reach (common practice: a blend cannot save a bad match)', function (): void {
    foreach ([100, 300, 600, 900] as $room) {
        expect(Sprays::index(SILVER, 9.0, Sprays::over((float) $room), Bed::Flashed))->toBeGreaterThan(1.0);
    }
});

it('dims the face and mottles where the last coat is far too wet, which a control coat cures in part (common practice)', function (): void {
    $flood = [Sprays::coat(0, 150), Sprays::coat(75, 150), Sprays::coat(150, 150, ['film' => 3.0])];
    $finish = Finish::assumed(SILVER, 3);
    $wet = Sprays::stack($flood, Bed::None, $finish->h98Um);
    $cured = Sprays::stack([...$flood, Sprays::coat(170, 150, ['film' => 0.5])], Bed::None, $finish->h98Um);
    expect($wet->swimming())->toBeGreaterThan(0.5)->and(Profile::mottle($wet, new Eye()))->toBeGreaterThan(1.0)->and(Profile::mottle($cured, new Eye()))->toBeLessThan(Profile::mottle($wet, new Eye()))
        ->and($wet->colours(15, $finish->fit, $finish->old[15]->xyz(), $finish->primer)[0]->y)->toBeLessThan(Sprays::stack(Sprays::over(300), Bed::None, $finish->h98Um)->colours(15, $finish->fit, $finish->old[15]->xyz(), $finish->primer)[0]->y);
});

it('hides in two to three coats at standard reduction, in about one and a half under-reduced (common practice)', function (): void {
    $uncovered = fn (int $n, float $solids): float => Sprays::stack(array_fill(0, $n, Sprays::coat(100, 50, ['solids' => $solids])), Bed::None, 12.5)->primerShows();
    expect($uncovered(1, 0.16))->toBeGreaterThan(0.02)->and($uncovered(2, 0.16))->toBeLessThan(0.02);
    $half = Sprays::stack([Sprays::coat(100, 50, ['solids' => 0.28 / 1.5]), Sprays::coat(100, 50, ['solids' => 0.28 / 1.5, 'film' => 0.5])], Bed::None, 12.5);
    expect($half->primerShows())->toBeLessThan(0.025);
});

it('hides at contrast ratio 0.98 where the film is the hiding film (ASTM D2805: random cover, exp(-k h98) = 2 %)', function (): void {
    $one = Sprays::coat(100, 50);
    expect(Sprays::stack([$one], Bed::None, $one->pigmentedUm)->primerShows())->toEqualWithDelta(0.02, 1e-9)
        // Poisson cover: the uncovered shares of two films multiply.
        ->and(Sprays::stack([$one, $one], Bed::None, $one->pigmentedUm)->primerShows())->toEqualWithDelta(0.0004, 1e-9);
});

it('never covers more further out, and ends in the old finish', function (): void {
    $this->limitTo(40)->forAll(Generators::choose(60, 500), Generators::choose(1, 4), Generators::elements(...Bed::cases()))->then(function (int $room, int $coats, Bed $bed): void {
        $finish = Finish::assumed(SILVER, 3);
        $stack = Sprays::stack(Sprays::over((float) $room, $coats + 1), $bed, $finish->h98Um);
        for ($i = 1, $n = count($stack->xs); $i < $n; $i++) {
            expect($stack->uncovered[$i])->toBeGreaterThanOrEqual($stack->uncovered[$i - 1] - 1e-12);
        }
        $far = $stack->colours(45, $finish->fit, $finish->old[45]->xyz(), $finish->primer);
        expect(end($far)->y)->toEqualWithDelta($finish->old[45]->xyz()->y, 1e-9)->and($stack->reachOf(0.1))->toBeLessThanOrEqual($stack->reachOf(0.9));
    });
});

it('rises with mismatch on solids and with a bed, and falls with room', function (): void {
    foreach ([[BLACK, Bed::None], [SILVER, Bed::Flashed]] as [$class, $bed]) {
        $last = 0.0;
        foreach ([0.5, 1.0, 2.0, 3.0, 4.0] as $dL) {
            $index = Sprays::index($class, $dL, Sprays::over(250), $bed);
            expect($index)->toBeGreaterThan($last);
            $last = $index;
        }
        foreach ([80, 160, 250, 400, 500] as $room) {
            $shorter = Sprays::index($class, 2.0, Sprays::over($room * 0.7), $bed);
            expect(Sprays::index($class, 2.0, Sprays::over((float) $room), $bed))->toBeLessThan($shorter);
        }
    }
});

it('lays flakes flatter in a bed than in a flashed one, and there flatter than in none', function (): void {
    $fringe = fn (Bed $bed): float => Sprays::stack(Sprays::over(300), $bed, 12.5)->dryness[64][2] ?? 0.0;
    expect($fringe(Bed::Wet))->toBeLessThan($fringe(Bed::Flashed))->and($fringe(Bed::Flashed))->toBeLessThan($fringe(Bed::None));
});

it('changes by under 2 % when the grid is halved and the fade is long', function (): void {
    foreach ([[SILVER, Bed::None], [SILVER, Bed::Flashed], [BLACK, Bed::None]] as [$class, $bed]) {
        $coarse = Sprays::index($class, 2.0, Sprays::over(300), $bed);
        expect(Sprays::index($class, 2.0, Sprays::over(300), $bed, step: 2.5))->toEqualWithDelta($coarse, 0.02 * $coarse);
    }
});

it('knows the ripple of parabolic strokes side by side: exact at 1 - 1/n, an upper bound between', function (float $overlap, float $true): void {
    // Strokes of width 1 laid a pitch apart, summed by brute force.
    $pitch = 1.0 - $overlap;
    [$low, $high, $sum, $n] = [INF, 0.0, 0.0, 0];
    for ($x = 0.0; $x < $pitch; $x += $pitch / 400) {
        $s = 0.0;
        for ($k = -40; $k <= 40; $k++) {
            $u = ($x - $k * $pitch) * 2.0;
            $s += abs($u) < 1.0 ? 1.0 - $u * $u : 0.0;
        }
        [$low, $high, $sum, $n] = [min($low, $s), max($high, $s), $sum + $s, $n + 1];
    }
    $ripple = ($high - $low) / ($sum / $n);
    expect($ripple)->toEqualWithDelta($true, 0.001)->and(StackBuilder::ripple(new GunSetUp(1.4, 170.0, 100 * $overlap)))->toBeGreaterThanOrEqual($ripple - 1e-3);
    if (in_array($overlap, [0.5, 0.75, 0.9], true)) {
        expect(StackBuilder::ripple(new GunSetUp(1.4, 170.0, 100 * $overlap)))->toEqualWithDelta($ripple, 0.001);
    }
})->with([[0.5, 0.375], [0.6, 0.072], [0.7, 0.054], [0.75, 0.09375], [0.85, 0.016], [0.9, 0.015]]);

it('stripes more with low overlap, fast reducer and dry paint, and not at all on a solid (common practice: zebra)', function (): void {
    $index = function (float $ripple, FinishClass $class = SILVER, ReducerGrade $grade = ReducerGrade::Standard, float $c = 22.0): float {
        $how = ['reducer' => $grade, 'air' => new Air($c, 50)];
        $coats = array_map(fn ($k) => new Kalopsis\Spray\StackCoat($k->id, $k->pigmentedUm, 0.4 * $k->volatileUm, $k->reachMm, $k->fadeMm, $k->flashedUm, $k->minutes, $ripple, 80.0), Sprays::over(300, 3, $how));

        return Profile::banding(Sprays::stack($coats, Bed::None, 12.5, new Air($c, 50), $grade), Finish::assumed($class, 3), new Eye());
    };
    expect($index(0.375))->toBeGreaterThan($index(0.094))->and($index(0.094))->toBeGreaterThan($index(0.0))->and($index(0.0))->toEqualWithDelta(0.0, 1e-9)
        ->and($index(0.375, SILVER, ReducerGrade::Fast, 32.0))->toBeGreaterThan($index(0.375))
        ->and($index(0.375, BLACK))->toBeLessThan(0.01);
});

it('says how sure it is from the spread, and draws the same spread from the same seed', function (): void {
    expect(Certainty::of(1.0))->toBe(Certainty::Sure)->and(Certainty::of(0.05))->toBe(Certainty::Sure)->and(Certainty::of(0.75))->toBe(Certainty::Likely)->and(Certainty::of(0.5))->toBe(Certainty::Doubtful)
        ->and(Assumptions::spread(9, 3))->toEqual(Assumptions::spread(9, 3))->not->toEqual(Assumptions::spread(9, 4))
        ->and(Assumptions::spread(9, 3)[0])->toEqual(new Assumptions());
});

it('takes measured cards: a solid read at 45/0 looks the same at every angle', function (): void {
    $finish = Finish::measured(BLACK, 5, Colours::measured([45 => [30.0, -10.0, 12.0]]), Colours::measured([45 => [31.0, -10.0, 12.0]]));
    expect($finish->angles())->toBe([15, 25, 45, 75, 110])->and($finish->old[110])->toEqual($finish->old[15])->and($finish->measured)->toBeTrue()
        ->and(Finish::measured(SILVER, 3, Colours::silver(), Colours::silver(1.0))->new[15]->l - Colours::silver()->at(15)->l)->toEqualWithDelta(1.0, 1e-9);
});
