<?php

declare(strict_types=1);

use Kalopsis\Colour\CoatPath;
use Kalopsis\Colour\FlakeLobe;
use Kalopsis\Colour\Xyz;
use Kalopsis\Film\Air;
use Kalopsis\Film\FlakeOrder;
use Kalopsis\Film\ReducerGrade;
use Kalopsis\Sequence\FinishClass;
use Kalopsis\Spray\Assumptions;
use Kalopsis\Spray\Certainty;
use Kalopsis\Spray\Finish;
use Kalopsis\Spray\Hiding;
use Kalopsis\Spray\Part;
use Kalopsis\Spray\Places;
use Kalopsis\Spray\Simulation;
use Kalopsis\Spray\Sprayed;
use Kalopsis\Tests\Support\Colours;
use Kalopsis\Tests\Support\Sprays;

/*
 * What each part of a sprayed sequence shows, from its coats one by one: at full strength, where every film is known.
 */

/** @param array<string, mixed> $more */
function coatOf(string $id, array $more = []): array
{
    return [
        'id' => $id,
        'name' => $id,
        'kind' => 'base',
        'extent' => ['kind' => 'past', 'reach' => 0.4, 'fade' => 0.6],
        ...$more,
    ];
}

function silverWith(array ...$steps): Simulation
{
    return Sprays::simulation(Sprays::read($steps), Finish::assumed(FinishClass::MetallicLight, 3));
}

/** The same with a reducer that stays. */
function slowly(array ...$steps): Simulation
{
    $silver = Finish::assumed(FinishClass::MetallicLight, 3);

    return Sprays::simulation(Sprays::read($steps), $silver, null, ReducerGrade::ExtraSlow);
}

/** What floods: so much and so thin that all of it swims. */
const FLOOD = ['film' => 2.0, 'drying' => 'wet-on-wet', 'mixture' => ['reducer' => 2.0]];

it('shows nothing of nothing, and counts no coats of a colour that is not sprayed, be the primer like it', function (): void {
    $primer = Colours::measured([45 => 88.0]);
    $finish = Finish::measured(FinishClass::SolidLight, 1, $primer, $primer);
    $nothing = Sprayed::nothing($finish);
    expect(array_unique(array_values($nothing->parts)))
        ->toBe([0.0])
        ->and(array_keys($nothing->parts))
        ->toBe(array_map(fn (Part $p): string => $p->value, Part::cases()))
        // Shade 1 is as light as the colour: nothing shows, but no coat hides it either.
        ->and($nothing->hiding->index())
        ->toBeLessThan(1.0)
        ->and($nothing->hiding->coats())
        ->toBeNull();
});

it('looks at a plan with the reaches that a hand set', function (): void {
    $byHand = ['kind' => 'past', 'reach' => 0.4, 'fade' => 0.6, 'reachMm' => 20.0, 'fadeMm' => 30.0];
    $s = silverWith(coatOf('a', ['extent' => $byHand]));
    $outlook = Sprayed::outlook($s, 300.0, []);
    $look = fn (bool $hand): float => $s->look(300.0, Assumptions::usual(), $hand, Simulation::FINE, true)->worst;
    expect($outlook->free->worst)
        ->toBe($look(true))
        ->and($look(true))
        ->toBeGreaterThan(1.5 * $look(false));
});

it('counts hiding in full coats: the largest base coat, or all there is where none is one', function (): void {
    $half = coatOf('half', ['film' => 0.5]);
    $control = coatOf('control', ['kind' => 'control', 'film' => 0.4]);
    $like = fn (Simulation $s, float $film, float $full): array => [
        [Sprayed::hiding($s)->pigmentedUm, Sprayed::hiding($s)->coats(), Sprayed::hiding($s)->index()],
        [$film, Hiding::of($s->finish, $film, $full)->coats(), Hiding::of($s->finish, $film, $full)->index()],
    ];
    $s = silverWith($half, coatOf('full'), $control);
    [$um1, $um2, $um3] = array_map(fn ($l): float => $l->pigmentedUm, $s->layers);
    expect($um2)->toEqualWithDelta(2.0 * $um1, 1e-9);
    [$is, $wanted] = $like($s, $um1 + $um2 + $um3, $um2);
    expect($is)->toEqualWithDelta($wanted, 1e-9);
    // Only thin coats: all of them count as one.
    $thin = silverWith($control, [...$control, 'id' => 'second', 'name' => 'second']);
    $um = $thin->layers[0]->pigmentedUm;
    [$is, $wanted] = $like($thin, 2.0 * $um, 2.0 * $um);
    expect($is)->toEqualWithDelta($wanted, 1e-9)->and($is[1])->not->toBeNull();
});

it('is cloudy as far as a swimming coat is seen, the lowest too, and a little through what covers it', function (): void {
    $per = Sprayed::clouds(slowly(coatOf('a', FLOOD), coatOf('b', FLOOD), coatOf('c', FLOOD)))[0];
    $alone = slowly(coatOf('a', FLOOD));
    $seen = fn (Simulation $s, float $um): float => 1.0 - $s->finish->film()->through($um)[1];
    $um = $alone->layers[0]->pigmentedUm;
    $swims = $alone->colours()->laid(new Places(-1.0, 1.0, 1), 300.0)->swims[0][0];
    expect($swims)
        ->toBeGreaterThan(0.05)
        ->and($seen($alone, $um))
        ->toBeLessThan(0.98)
        // One coat that does not hide is as cloudy as it swims and is seen.
        ->and(Sprayed::clouds($alone)[0])
        ->toEqualWithDelta($per * $swims * $seen($alone, $um), 1e-9);
    // Under a dry coat: no less than what is still seen of it, no more than if nothing lay over it.
    $dry = coatOf('dry', ['film' => 0.7]);
    $covered = slowly(coatOf('a', [...FLOOD, 'drying' => 'blower']), $dry);
    $laid = $covered->colours()->laid(new Places(-1.0, 1.0, 1), 300.0);
    [$low, $top] = array_map(fn ($l): float => $l->pigmentedUm, $covered->layers);
    $still = $seen($covered, $top + $low) - $seen($covered, $top);
    expect($laid->swims[0][1])
        ->toBe(0.0)
        ->and($laid->swims[0][0])
        ->toBe($swims)
        ->and(Sprayed::clouds($covered)[0] / $per / $swims)
        ->toBeGreaterThan($still)
        ->toBeLessThan($still + 0.5 * $seen($covered, $top) * $seen($covered, $low));
});

it('has no clouds in a tinted clear, which has no flakes to swim', function (): void {
    $tinted = [...coatOf('tinted', FLOOD), 'kind' => 'tinted-clear'];
    expect(Sprayed::clouds(slowly($tinted))[0])
        ->toBe(0.0)
        ->and(Sprayed::strokes(slowly($tinted)))
        ->toBe([])
        ->and(Sprayed::film(slowly($tinted), Sprayed::hiding(slowly($tinted)))[Part::Mottle->value])
        ->toBe(0.0);
});

it('swings from stroke to stroke by its wetness times the ripple, as far as the coat is seen', function (): void {
    // Nine tenths of overlap ripple by 1.5 %: little enough for a slope.
    $gun = ['gun' => ['hold' => 'full', 'overlapPercent' => 90.0]];
    $steps = [coatOf('low', [...$gun, 'film' => 0.2]), coatOf('top', [...$gun, 'film' => 0.15])];
    $hot = new Air(34.0, 30.0);
    $s = Sprays::simulation(Sprays::read($steps), Finish::assumed(FinishClass::MetallicLight, 3), $hot);
    $strokes = Sprayed::strokes($s);
    $laid = $s->colours()->laid(new Places(-1.0, 1.0, 1), 300.0);
    [$low, $top] = array_map(fn ($l): float => $l->pigmentedUm, $s->layers);
    $through = fn (float $um): float => $s->finish->film()->through($um)[1];
    $fit = $s->finish->fit;
    $level = $s->finish->pigment->flakes->spreadDeg;
    $lnY = function (float $dry) use ($fit, $level): float {
        $lobe = FlakeLobe::weight(FlakeLobe::tilt(45), $level, $level * (1.0 + FlakeOrder::SPREAD * $dry), $dry, 0.0);

        return log($fit->body->y + $lobe * $fit->flake->y + $fit->restAt(45)->y + 5.0);
    };
    // d ln Y / d ln V by difference, dryness falling as exp(-V / Vc).
    $slope = fn (float $dry): float => abs($lnY(exp(log($dry) * 1.001)) - $lnY(exp(log($dry) * 0.999))) / 0.002;
    $half = fn (float $dry): float => $slope($dry) * 0.015 / 2.0;
    [$dryLow, $dryTop] = $laid->dryness[0];
    expect($dryTop)
        ->toBeGreaterThan(0.01)
        ->toBeLessThan(0.9)
        ->and($strokes)
        ->toHaveCount(4)
        // From the top: at full strength, and where half of its wetness is left.
        ->and($strokes[0][0])
        ->toEqualWithDelta($half($dryTop) * (1.0 - $through($top)), 0.001 * $strokes[0][0])
        ->and($strokes[1][0])
        ->toEqualWithDelta($half(sqrt($dryTop)) * (1.0 - $through(0.5 * $top)), 0.001 * $strokes[1][0])
        ->and($strokes[2][0])
        ->toEqualWithDelta($half($dryLow) * ($through($top) - $through($top + $low)), 0.001 * $strokes[2][0])
        ->and($strokes[3][0])
        ->toEqualWithDelta($half(sqrt($dryLow)) * ($through($top) - $through($top + 0.5 * $low)), 0.001 * $strokes[3][0]);
});

it('steps from stroke to stroke by what is not lapped of the fan', function (): void {
    $pitch = fn (float $percent): float => Sprayed::strokes(silverWith(
        coatOf('a', ['gun' => ['hold' => 'full', 'overlapPercent' => $percent]]),
    ))[0][1];
    // A quarter at three quarters of overlap is half of what half of overlap leaves.
    expect($pitch(75.0) / $pitch(50.0))
        ->toEqualWithDelta(0.5, 1e-9)
        ->and($pitch(75.0) / $pitch(90.0))
        ->toEqualWithDelta(2.5, 1e-9);
});

it('judges colour, landing and coats apart, where they fade and at each line', function (): void {
    $silver = silverWith(coatOf('a'), coatOf('b', ['extent' => ['kind' => 'past', 'reach' => 0.5, 'fade' => 0.5]]));
    $parts = fn (array $lines): array => Sprayed::parts($silver, 200.0, $lines, Sprayed::hiding($silver));
    $free = $parts([]);
    $lines = ['Near' => [60.0, Simulation::GAP], 'Far' => [170.0, Simulation::BODY_LINE]];
    $cut = $parts($lines);
    $at = fn (string $name, Assumptions $only): float => $silver
        ->lookAtLine(200.0, $lines[$name][0], $lines[$name][1], false, $only)->worst;
    expect($free[Part::Coats->value])
        ->toBe(0.0)
        ->and($cut[Part::Coats->value])
        ->toBe(0.0)
        ->and($free[Part::Colour->value])
        ->toBe($silver->look(200.0, Assumptions::colourOnly())->worst)
        ->and($free[Part::Fringe->value])
        ->toBe($silver->look(200.0, Assumptions::landingOnly())->worst)
        // Near the primer nearly the whole step is cut off: that is seen most.
        ->and($at('Near', Assumptions::colourOnly()))
        ->toBeGreaterThan(2.0 * $free[Part::Colour->value])
        ->and($cut[Part::Colour->value])
        ->toBe($at('Near', Assumptions::colourOnly()))
        ->and($cut[Part::Fringe->value])
        ->toBe(max(
            $free[Part::Fringe->value],
            $at('Near', Assumptions::landingOnly()),
            $at('Far', Assumptions::landingOnly()),
        ));
});

it('looks at a line from everywhere, or from the few places that tell', function (): void {
    $s = silverWith(coatOf('a'));
    $distances = fn (mixed ...$how): int => count($s->lookAtLine(200.0, 60.0, Simulation::GAP, ...$how)->table[45]);
    expect($distances())
        ->toBe(7)
        ->and($distances(true))
        ->toBe(7)
        ->and($distances(false))
        ->toBe(3);
});

it('needs as much, and under another name, whatever a hand set; another shape is another need', function (): void {
    $at = fn (float $reach, ?float $byHand): Simulation => Sprays::simulation(Sprays::read([
        coatOf('a', ['extent' => [
            'kind' => 'past', 'reach' => $reach, 'fade' => 0.6, 'reachMm' => $byHand, 'fadeMm' => $byHand === null ? null : 30.0,
        ]]),
    ]), Finish::assumed(FinishClass::SolidDark, 3));
    expect($at(0.4, 20.0)->needMm(Certainty::Likely))
        ->toBe($at(0.4, null)->needMm(Certainty::Likely))
        ->and($at(0.4, 20.0)->key(Certainty::Likely))
        ->toBe($at(0.4, null)->key(Certainty::Likely))
        ->and($at(0.3, null)->key(Certainty::Likely))
        ->not->toBe($at(0.4, null)->key(Certainty::Likely));
});

/** A layer over its ground, as a let-down set showed it: X, Y and Z each by its own. */
function inLayers(): CoatPath
{
    $at = [new Xyz(50.0, 60.0, 70.0), new Xyz(6.0, 2.0, 1.0), new Xyz(0.2, 0.35, 0.5)];

    return new CoatPath([15 => $at, 25 => $at, 45 => $at, 75 => $at, 110 => $at]);
}

function layeredWith(FinishClass $class, ?Air $air, array ...$steps): Simulation
{
    $finish = Finish::assumed($class, 4, 0.0)->layered(inLayers(), 2.0);

    return Sprays::simulation(Sprays::read($steps), $finish, $air);
}

/** What flakes make of a finish at an angle where they landed so: 1 where they lie well. */
function landedBy(Simulation $s, int $angle, float $dry, float $swims): float
{
    $fit = $s->finish->fit;
    $level = $s->finish->pigment->flakes->spreadDeg;
    $y = fn (float $d, float $w): float => $fit->body->y
        + FlakeLobe::weight(FlakeLobe::tilt($angle), $level, $level * (1.0 + FlakeOrder::SPREAD * $d), $d, $w) * $fit->flake->y
        + $fit->restAt($angle)->y;

    return $y($dry, $swims) / $y(0.0, 0.0);
}

it('shows how the flakes of a ground landed through a tinted clear, as far as they cover', function (): void {
    // Hot and dusted on: flakes stand up.
    $s = layeredWith(
        FinishClass::MetallicLight,
        new Air(34.0, 30.0),
        coatOf('ground', ['kind' => 'ground', 'film' => 0.5]),
        coatOf('tinted', ['kind' => 'tinted-clear']),
    );
    $colours = $s->colours(Assumptions::landingOnly());
    $laid = $colours->laid(new Places(-1.0, 1.0, 1), 300.0);
    $dry = $laid->ground?->dryness[0][0] ?? 0.0;
    $covered = 1.0 - $s->finish->film()->through($s->groundUm())[1];
    expect($dry)->toBeGreaterThan(0.02)->and($covered)->toBeGreaterThan(0.3)->toBeLessThan(0.99);
    foreach ([15, 45, 110] as $angle) {
        $old = $s->finish->newAt($angle)->y;
        $wanted = 1.0 + $covered * (landedBy($s, $angle, $dry, 0.0) - 1.0);
        expect($colours->along($angle, $laid)[0]->y / $old)->toEqualWithDelta($wanted, 1e-9);
    }
    expect(landedBy($s, 110, $dry, 0.0))->toBeGreaterThan(1.0)->and(landedBy($s, 15, $dry, 0.0))->toBeLessThan(1.0);
});

it('shows how the flakes of a three-stage\'s own layer landed, as far as that layer covers (Bouguer)', function (): void {
    $steps = [coatOf('ground', ['kind' => 'ground', 'film' => 2.0]), coatOf('pearl', ['film' => 0.4])];
    $s = layeredWith(FinishClass::Pearl, new Air(34.0, 30.0), ...$steps);
    $laid = fn (Assumptions $assumed) => $s->colours($assumed)->laid(new Places(-1.0, 1.0, 1), 300.0);
    $y = fn (Assumptions $assumed, int $angle): float => $s->colours($assumed)->along($angle, $laid($assumed))[0]->y;
    $dry = $laid(Assumptions::usual())->dryness[0][0];
    // One coat is all of the plan, and so the two coats that the colour was judged with; light crosses them twice.
    $own = 1.0 - exp(-2.0 * 0.35 * 2.0);
    expect($dry)->toBeGreaterThan(0.02);
    foreach ([15, 45, 110] as $angle) {
        $wanted = 1.0 + $own * (landedBy($s, $angle, $dry, 0.0) - 1.0);
        expect($y(Assumptions::usual(), $angle) / $y(new Assumptions(landsWell: true), $angle))->toEqualWithDelta($wanted, 1e-9);
        // Alone, over the car's own colour.
        expect($y(Assumptions::landingOnly(), $angle) / $s->finish->newAt($angle)->y)->toEqualWithDelta($wanted, 1e-9);
    }
});

it('lets the car shine through ground and layer by X, Y and Z, each by its own film', function (): void {
    $s = layeredWith(
        FinishClass::Pearl,
        null,
        coatOf('ground', ['kind' => 'ground', 'film' => 0.3]),
        coatOf('pearl', ['film' => 0.5]),
    );
    $colours = $s->colours(new Assumptions(landsWell: true));
    // Half way down the fade of both: half of each film, one of the two coats.
    $laid = $colours->laid(new Places(210.0, 1.0, 1), 300.0);
    $left = $s->finish->groundFilm()->lets(0.5 * $s->groundUm());
    $towards = $s->finish->layer?->towards(45, $s->finish->newAt(45));
    assert($towards !== null);
    [$ground, $end, $takes] = $towards;
    $old = $s->finish->oldAt(45);
    $seen = $colours->along(45, $laid)[0];
    foreach (['x', 'y', 'z'] as $i => $c) {
        $under = (1.0 - $left[$i]) * $ground->{$c} + $left[$i] * $old->{$c};
        $wanted = $end->{$c} + ($under - $end->{$c}) * exp(-2.0 * $takes->{$c});
        expect($seen->{$c})->toEqualWithDelta($wanted, 1e-6);
    }
    expect($left[1])->toBeGreaterThan(0.1)->toBeLessThan(0.95);
});

it('blames coats over a ground for where they end, however their flakes landed', function (): void {
    $steps = [
        coatOf('ground', ['kind' => 'ground', 'extent' => ['kind' => 'past', 'reach' => 0.3, 'fade' => 0.2]]),
        coatOf('pearl', ['film' => 0.5]),
    ];
    $coats = fn (?Air $air): float => layeredWith(FinishClass::Pearl, $air, ...$steps)
        ->look(300.0, Assumptions::coatsOnly())->worst;
    $hot = new Air(34.0, 30.0);
    expect($coats($hot))
        ->toEqualWithDelta($coats(null), 1e-9)
        ->and($coats(null))
        ->toBeGreaterThan(0.0)
        ->and(Sprayed::parts(layeredWith(FinishClass::Pearl, $hot, ...$steps), 300.0, [], Hiding::of(
            Finish::assumed(FinishClass::Pearl, 4),
            5.0,
            5.0,
        ))[Part::Coats->value])
        ->toBe($coats($hot));
    // At a line the worse of both.
    $line = ['Gap' => [100.0, Simulation::GAP]];
    $s = layeredWith(FinishClass::Pearl, null, ...$steps);
    $at = $s->lookAtLine(300.0, 100.0, Simulation::GAP, false, Assumptions::coatsOnly())->worst;
    expect(Sprayed::parts($s, 300.0, $line, Sprayed::hiding($s))[Part::Coats->value])->toBe(max($at, $coats(null)));
});

it('is darker where strokes of a layer lap, twice as much where one coat lays what two did', function (): void {
    $gun = ['gun' => ['hold' => 'full', 'overlapPercent' => 50.0]];
    $ground = coatOf('ground', ['kind' => 'ground', 'film' => 2.0]);
    $tinted = fn (string $id, float $film): array => coatOf($id, ['kind' => 'tinted-clear', 'film' => $film, ...$gun]);
    $stripes = fn (array ...$steps): float => Sprayed::film(
        $s = layeredWith(FinishClass::MetallicLight, null, $ground, ...$steps),
        Sprayed::hiding($s),
    )[Part::Stripes->value];
    $once = $stripes($tinted('a', 1.0));
    expect($once)
        ->toBeGreaterThan(0.0)
        ->and($stripes($tinted('a', 0.5), $tinted('b', 0.5)) / $once)
        ->toEqualWithDelta(0.5, 1e-6)
        // The coat that shows it most speaks, whichever comes first.
        ->and($stripes($tinted('a', 0.25), $tinted('b', 0.75)) / $once)
        ->toEqualWithDelta(0.75, 1e-6)
        ->and($stripes($tinted('a', 0.75), $tinted('b', 0.25)) / $once)
        ->toEqualWithDelta(0.75, 1e-6);
});

it('is the card where all of it hides, be it as dark as it may', function (): void {
    $dark = Colours::measured([
        15 => [30.0, 2.0, -9.0],
        25 => [22.0, 2.0, -8.0],
        45 => [9.0, 1.0, -5.0],
        75 => [3.0, 0.5, 0.5],
        110 => 2.5,
    ]);
    $finish = Finish::measured(FinishClass::MetallicDark, 3, Colours::silver(), $dark);
    $steps = array_map(fn (string $id): array => coatOf($id, ['film' => 2.0]), ['a', 'b', 'c', 'd', 'e']);
    $colours = Sprays::simulation(Sprays::read($steps), $finish)->colours(Assumptions::colourOnly());
    $laid = $colours->laid(new Places(-1.0, 1.0, 1), 300.0);
    foreach ($finish->angles() as $angle) {
        $seen = $colours->along($angle, $laid)[0];
        $card = $finish->newAt($angle);
        expect([$seen->x, $seen->y, $seen->z])->toEqualWithDelta([$card->x, $card->y, $card->z], 0.02 * $card->y + 0.01);
    }
    // The same of one that came out lighter.
    $lighter = $finish->lighter(6.0);
    $colours = Sprays::simulation(Sprays::read($steps), $lighter)->colours(Assumptions::colourOnly());
    foreach ([15, 45] as $angle) {
        $card = $lighter->newAt($angle);
        expect($card->y)
            ->toBeGreaterThan(1.2 * $finish->newAt($angle)->y)
            ->and($colours->along($angle, $laid)[0]->y)
            ->toEqualWithDelta($card->y, 0.02 * $card->y + 0.01);
    }
    // What is below is told by Y, though blue hides otherwise.
    $thin = Sprays::simulation(Sprays::read([coatOf('a', ['film' => 0.3])]), $finish);
    $film = $finish->film()->through($thin->layers[0]->pigmentedUm);
    expect($film[1])
        ->not->toEqualWithDelta($film[0], 1e-6)
        ->and($thin->colours()->uncovered($thin->colours()->laid(new Places(-1.0, 1.0, 1), 300.0))[0])
        ->toEqualWithDelta($film[1], 1e-12);
});

it('judges by how the whole looks at 45 degrees, whatever angles were read', function (): void {
    $read = fn (array $angles): Finish => Finish::measured(
        FinishClass::MetallicLight,
        3,
        Colours::measured($angles),
        Colours::measured($angles),
    );
    $three = $read([15 => 138.0, 45 => 61.0, 110 => 37.5]);
    $one = $read([45 => 61.0]);
    // A solid reading looks the same everywhere; its film hides as that of the same lightness at 45 degrees does.
    expect($three->groundFilm()->lets(7.0))->toEqualWithDelta($one->groundFilm()->lets(7.0), 1e-12);
});
