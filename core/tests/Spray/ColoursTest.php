<?php

declare(strict_types=1);

use Kalopsis\Colour\Measurement;
use Kalopsis\Film\Air;
use Kalopsis\Film\ReducerGrade;
use Kalopsis\Gun\GunSetUp;
use Kalopsis\Sequence\FinishClass;
use Kalopsis\Spray\Assumptions;
use Kalopsis\Spray\Certainty;
use Kalopsis\Spray\Finish;
use Kalopsis\Spray\Part;
use Kalopsis\Spray\Pigment;
use Kalopsis\Spray\Places;
use Kalopsis\Spray\Simulation;
use Kalopsis\Spray\Sprayed;
use Kalopsis\Tests\Support\Colours;
use Kalopsis\Tests\Support\Sprays;

function sprayedOver(
    Measurement $car,
    Measurement $card,
    FinishClass $class = FinishClass::MetallicLight,
    ?string $bed = null,
): Simulation {
    return Sprays::simulation(Sprays::stepped($bed), Finish::measured($class, 3, $car, $card));
}

/** @return list<array{float, float, float}> X, Y and Z at places, one for each */
function seenAt(Simulation $s, array $mm, int $angle, ?Assumptions $assumed = null): array
{
    $out = [];
    foreach ($mm as $x) {
        $colours = $s->colours($assumed);
        [$xyz] = $colours->along($angle, $colours->laid(new Places($x, 1.0, 1), 300.0));
        $out[] = [$xyz->x, $xyz->y, $xyz->z];
    }

    return $out;
}

it('adds up to the colour itself where card and car are alike and every flake lies well: nothing is lost between coats', function (
    FinishClass $class,
    Measurement $car,
): void {
    $s = sprayedOver($car, $car, $class);
    foreach ($s->finish->angles() as $angle) {
        $own = $s->finish->oldAt($angle);
        foreach (seenAt($s, [-20.0, 30.0, 75.0, 140.0, 220.0, 290.0, 400.0], $angle, Assumptions::colourOnly()) as $xyz) {
            expect($xyz)->toEqualWithDelta([$own->x, $own->y, $own->z], 1e-6);
        }
    }
})->with([
    [FinishClass::MetallicLight, Colours::silver()],
    [FinishClass::SolidDark, Colours::measured([45 => [30.0, 12.0, -8.0]])],
    [
        FinishClass::Pearl,
        Colours::measured([15 => [115.0, 1.0, 4.0], 25 => 100.0, 45 => 82.0, 75 => 72.0, 110 => [70.0, 0.0, 3.0]]),
    ],
]);

it('is the car where nothing landed, the card where all of it hides, and between them on the way', function (): void {
    $dark = Colours::measured([45 => [30.0, 0.0, 0.0]]);
    $light = Colours::measured([45 => [60.0, 0.0, 0.0]]);
    $s = sprayedOver($dark, $light, FinishClass::SolidDark);
    [$inside, $half, $outside] = array_column(seenAt($s, [-20.0, 150.0, 301.0], 45), 1);
    expect($outside)
        ->toEqualWithDelta($dark->at(45)->xyz()->y, 1e-9)
        ->and($inside)
        ->toBeGreaterThan(0.97 * $light->at(45)->xyz()->y)
        ->toBeLessThanOrEqual($light->at(45)->xyz()->y)
        ->and($half)
        ->toBeGreaterThan($outside)
        ->toBeLessThan($inside);
    // What is below is seen as far as nothing covers it.
    $colours = $s->colours();
    $uncovered = $colours->uncovered($colours->laid(new Places(0.0, 50.0, 8), 300.0));
    expect($uncovered[7])->toEqualWithDelta(1.0, 1e-9)->and($uncovered[0])->toBeLessThan(0.05);
    for ($i = 1; $i < 8; $i++) {
        expect($uncovered[$i])->toBeGreaterThanOrEqual($uncovered[$i - 1] - 1e-12);
    }
});

it('lays a film as thick as its coats, each as far as it goes', function (): void {
    $s = sprayedOver(Colours::silver(), Colours::silver(1.0));
    $laid = $s->colours()->laid(new Places(0.0, 30.0, 12), 300.0);
    // Reaches of 30, 90 and 150 mm, fades of 99, 111 and 150: all three at 0, two at 150, one at 210, none past 300.
    expect(array_map(count(...), $laid->films))
        ->toBe([3, 3, 3, 3, 3, 2, 2, 1, 1, 1, 0, 0])
        ->and(array_sum($laid->films[0]))
        ->toEqualWithDelta(array_sum(array_map(fn ($l): float => $l->pigmentedUm, $s->layers)), 1e-9)
        // Half way down a fade half of the coat: 150 + 75 mm.
        ->and($s->colours()->laid(new Places(225.0, 1.0, 1), 300.0)->films[0][2])
        ->toEqualWithDelta($s->layers[2]->pigmentedUm / 2.0, 1e-9)
        // The same as a rule of three for a blend half as long.
        ->and(array_map(count(...), $s->colours()->laid(new Places(0.0, 15.0, 12), 150.0)->films))
        ->toBe([3, 3, 3, 3, 3, 2, 2, 1, 1, 1, 0, 0])
        ->and($s->limitMm(300.0))
        ->toEqualWithDelta(300.0, 1e-9);
});

it('lands drier where less lands, wetter on what is wet still and in a bed', function (): void {
    $bare = sprayedOver(Colours::silver(), Colours::silver())->colours()->laid(new Places(0.0, 20.0, 14), 300.0);
    $bed = sprayedOver(Colours::silver(), Colours::silver(), bed: 'wet-bed')->colours()->laid(new Places(0.0, 20.0, 14), 300.0);
    foreach ($bare->dryness as $n => $dry) {
        foreach ($dry as $i => $share) {
            expect($share)
                ->toBeGreaterThanOrEqual(0.0)
                ->toBeLessThanOrEqual(1.0)
                ->and($bed->dryness[$n][$i])
                ->toBeLessThanOrEqual($share);
        }
    }
    // The outermost coat thins towards its end.
    $last = array_column(array_slice($bare->dryness, 8), 2);
    $sorted = $last;
    sort($sorted);
    expect($last)->toBe($sorted)->and(array_sum(array_map(array_sum(...), $bare->swims)))->toBe(0.0);
});

it('changes its key with everything that a need depends on, and with nothing else', function (): void {
    $silver = Finish::assumed(FinishClass::MetallicLight, 3);
    $key = fn (Simulation $s, Certainty $c = Certainty::Sure): string => $s->key($c);
    $out = fn (float $fade): array => ['extent' => ['kind' => 'past', 'reach' => 0.4, 'fade' => $fade]];
    $plain = fn (): Simulation => Sprays::simulation(Sprays::stepped(null), $silver);
    $keys = [
        $key($plain()),
        $key($plain(), Certainty::Likely),
        $key(Sprays::simulation(Sprays::stepped(null, 2), $silver)),
        $key(Sprays::simulation(Sprays::stepped('wet-bed'), $silver)),
        $key(Sprays::simulation(Sprays::stepped('flashed-bed'), $silver)),
        $key(Sprays::simulation(Sprays::stepped(null, 3, ['drying' => 'wet-on-wet']), $silver)),
        $key(Sprays::simulation(Sprays::stepped(null, 3, ['mixture' => ['reducer' => 1.3]]), $silver)),
        $key(Sprays::simulation(Sprays::stepped(null, 3, ['film' => 0.8]), $silver)),
        $key(Sprays::simulation(Sprays::stepped(null, 3, $out(0.6)), $silver)),
        $key(Sprays::simulation(Sprays::stepped(null, 3, $out(0.5)), $silver)),
        $key(Sprays::simulation(Sprays::stepped(null, 3, ['extent' => ['kind' => 'whole-panel']]), $silver)),
        $key(Sprays::simulation(Sprays::stepped(null), $silver, null, ReducerGrade::Slow)),
        $key(Sprays::simulation(Sprays::stepped(null), $silver, new Air(28.0, 50.0))),
        $key(Sprays::simulation(Sprays::stepped(null), Finish::assumed(FinishClass::MetallicLight, 3, 1.0))),
        $key(Sprays::simulation(Sprays::stepped(null), Finish::assumed(FinishClass::MetallicDark, 3))),
        $key(Sprays::simulation(Sprays::stepped(null), Finish::assumed(
            FinishClass::MetallicLight,
            3,
            2.0,
            Pigment::of(FinishClass::MetallicLight, null, 20.0),
        ))),
    ];
    expect(array_values(array_unique($keys)))
        ->toBe($keys)
        ->and($key($plain()))
        ->toBe($keys[0])
        // Another primer and a reach set by hand change nothing of a need.
        ->and($key(Sprays::simulation(Sprays::stepped(null), Finish::assumed(FinishClass::MetallicLight, 6))))
        ->toBe($keys[0]);
});

it('sees nothing where nothing fades, and sees a line as far as it hides', function (): void {
    $finish = Finish::assumed(FinishClass::SolidDark, 3);
    $whole = Sprays::simulation(Sprays::stepped(null, 2, ['extent' => ['kind' => 'whole-panel']]), $finish);
    expect([$whole->fades(), $whole->limitMm(300.0), $whole->needMm(Certainty::Sure)])
        ->toBe([false, null, null])
        ->and($whole->look(300.0, Assumptions::usual())->worst)
        ->toBe(0.0);
    $s = Sprays::simulation(Sprays::stepped(null, 2), $finish);
    $line = fn (float $mm, float $hides): float => $s->lookAtLine(300.0, $mm, $hides)->worst;
    expect($line(80.0, 1.0))
        ->toBeGreaterThan($line(80.0, Simulation::GAP))
        ->and($line(80.0, Simulation::GAP))
        ->toBeGreaterThan($line(80.0, Simulation::FOLD))
        // The further out, the less of a step is left; a butt joint is the whole of it.
        ->and($line(240.0, Simulation::GAP))
        ->toBeLessThan($line(80.0, Simulation::GAP))
        ->and($line(5.0, Simulation::GAP))
        ->toEqualWithDelta($s->buttIndex(), 0.12 * $s->buttIndex());
});

it('is parabolic strokes side by side: three eighths at half overlap, three thirty-seconds at three quarters', function (): void {
    $ripple = fn (float $percent): float => Simulation::ripple(new GunSetUp(1.4, 180.0, $percent));
    expect([$ripple(50.0), $ripple(75.0)])->toEqualWithDelta([0.375, 0.09375], 1e-12);
});

it('shows of the film itself what it hides, how it swims and how strokes lap, each by itself', function (): void {
    $silver = Finish::assumed(FinishClass::MetallicLight, 3);
    $s = Sprays::simulation(Sprays::stepped(null), $silver);
    $film = fn (Simulation $s): array => Sprayed::film($s, Sprayed::hiding($s));
    [$hiding, $mottle, $stripes] = [Part::Hiding->value, Part::Mottle->value, Part::Stripes->value];
    expect($film($s)[$mottle])
        ->toBe(0.0)
        ->and($film($s)[$stripes])
        ->toBeGreaterThan(0.0)
        // A solid neither swims nor laps.
        ->and($film(Sprays::simulation(Sprays::stepped(null), Finish::assumed(FinishClass::SolidDark, 3)))[$stripes])
        ->toBe(0.0);
    // Two coats more hide more; strokes that lap less show more; a flood swims.
    $gun = fn (float $overlap): array => ['gun' => ['hold' => 'full', 'overlapPercent' => $overlap]];
    $of = fn (array $all, int $coats = 3): array => $film(Sprays::simulation(Sprays::stepped(null, $coats, $all), $silver));
    expect($of([], 3)[$hiding])
        ->toBeLessThan($of([], 1)[$hiding])
        ->and($of($gun(30.0))[$stripes])
        ->toBeGreaterThan($of($gun(60.0))[$stripes])
        ->and($of(['film' => 2.0, 'drying' => 'wet-on-wet'])[$mottle])
        ->toBeGreaterThan(0.0);
    $nothing = Sprayed::nothing($silver);
    expect([$nothing->index(), $nothing->spread, $nothing->isSeen()])->toBe([0.0, 0.2, false]);
});

it('swims by half of what clouds are at the most, and says how large they are', function (): void {
    $silver = Finish::assumed(FinishClass::MetallicLight, 3);
    $flood = Sprays::simulation(
        Sprays::stepped(null, 3, ['film' => 2.0, 'drying' => 'wet-on-wet', 'mixture' => ['reducer' => 2.0]]),
        $silver,
        null,
        ReducerGrade::ExtraSlow,
    );
    [$half, $mm] = Sprayed::clouds($flood);
    // Four L* from peak to peak: two of them, as ln (Y + 5), the eye's veil, at the silver's own L* of 61.07. CIE 15: Y is
    // 100 ((L + 16) / 116)^3 = 29.33, and dY / dL = 3 Y / (L + 16) = 1.1416.
    expect($mm)->toBe(60.0)->and($half)->toEqualWithDelta(2.0 * 1.1416 / (29.33 + 5.0), 2e-4);
});
