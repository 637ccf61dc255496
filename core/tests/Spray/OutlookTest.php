<?php

declare(strict_types=1);

use Kalopsis\Colour\FlakeGrade;
use Kalopsis\Colour\Flakes;
use Kalopsis\Colour\Lab;
use Kalopsis\Colour\Measurement;
use Kalopsis\Film\Air;
use Kalopsis\Film\Carrier;
use Kalopsis\Film\Reducer;
use Kalopsis\Film\ReducerGrade;
use Kalopsis\Film\Volatile;
use Kalopsis\Sequence\Coat;
use Kalopsis\Sequence\FinishClass;
use Kalopsis\Sequence\GunChoice;
use Kalopsis\Sight\Sighting;
use Kalopsis\Spray\ClearEdge;
use Kalopsis\Spray\Finish;
use Kalopsis\Spray\Hiding;
use Kalopsis\Spray\Layer;
use Kalopsis\Spray\LightTable;
use Kalopsis\Spray\Outlook;
use Kalopsis\Spray\Pace;
use Kalopsis\Spray\Part;
use Kalopsis\Spray\Pigment;
use Kalopsis\Tests\Support\Colours;
use Kalopsis\Tests\Support\Sprays;
use Kalopsis\Units\UnitSystem;

/**
 * What is told of a plan of which everything was looked at already.
 *
 * @param array<string, float> $parts
 * @param array<string, Sighting> $lines
 */
function toldOutlook(
    float $free,
    array $parts,
    array $lines = [],
    float $spread = 0.2,
    ?Flakes $flakes = null,
    int $angle = 45,
): Outlook {
    $none = array_fill_keys(array_map(fn (Part $p): string => $p->value, Part::cases()), 0.0);
    $finish = Finish::assumed(FinishClass::SolidDark, 3);

    return new Outlook(
        new Sighting([], $free, $angle, 1.5, 240.0),
        $lines,
        [...$none, ...$parts],
        $spread,
        Hiding::of($finish, 20.0, 10.0),
        $flakes,
    );
}

function saysOf(Outlook $outlook): string
{
    return $outlook->says()->in(UnitSystem::Metric);
}

/** @return list<Coat> */
function drawnCoats(string $system = 'northlight-s', array $all = [], int $coats = 3): array
{
    return Sprays::stepped(null, $coats, $all)
        ->drawnOut(300.0, Sprays::system($system), FinishClass::MetallicLight, GunChoice::Standard, []);
}

function paceOf(float $celsius = 22.0, float $humidity = 50.0, string $system = 'northlight-s', float $dries = 1.0): Pace
{
    return new Pace(Sprays::system($system), Reducer::of(ReducerGrade::Standard), new Air($celsius, $humidity, $dries));
}

it('tells what is seen, from where, and how sure that is', function (Outlook $outlook, ?Part $fault, string $says): void {
    expect([$outlook->fault(), saysOf($outlook)])->toBe([$fault, $says]);
})->with(fn (): array => [
    'nothing, by far' => [toldOutlook(0.5, []), null, 'Nobody sees it. Sure.'],
    // Just noticed is not seen: V = 1.
    'nothing, just' => [toldOutlook(1.0, []), null, 'Nobody sees it. Doubtful.'],
    'colour' => [
        toldOutlook(1.15, ['colour' => 1.1, 'fringe' => 1.0]), Part::Colour,
        'Seen 240 mm past the primer, square on, from 1500 mm on. Likely.',
    ],
    'a dry fringe from the side' => [
        toldOutlook(2.0, ['colour' => 1.0, 'fringe' => 2.0], flakes: Flakes::of(FlakeGrade::Medium), angle: 110),
        Part::Fringe,
        'A light ring is seen 240 mm past the primer, from low at the side, from 1500 mm on. Sure.',
    ],
    'a dry fringe from the face' => [
        toldOutlook(2.0, ['colour' => 1.0, 'fringe' => 2.0], flakes: Flakes::of(FlakeGrade::Medium), angle: 15),
        Part::Fringe,
        'A darker band is seen 240 mm past the primer, into the gloss, from 1500 mm on. Sure.',
    ],
    'coats over the ground' => [
        toldOutlook(2.0, ['colour' => 1.0, 'coats' => 1.5], flakes: Flakes::of(FlakeGrade::Medium)), Part::Coats,
        'Seen 240 mm past the primer, square on, from 1500 mm on. Sure.',
    ],
    'primer' => [toldOutlook(1.2, ['hiding' => 3.0]), Part::Hiding, 'Seen: the primer shows through. Sure.'],
    'mottle' => [toldOutlook(1.2, ['mottle' => 3.0]), Part::Mottle, 'Seen: the last coats are too wet and mottle. Sure.'],
    'stripes' => [toldOutlook(1.2, ['stripes' => 3.0]), Part::Stripes, 'Seen: stripes along the strokes. Sure.'],
    'at a gap, the worst of two' => [
        toldOutlook(0.4, [], [
            'the rear door' => new Sighting([], 1.4, 45, 1.0, 0.0),
            'the wing' => new Sighting([], 2.4, 75, 2.0, 0.0),
        ]),
        Part::Colour,
        'Seen at the gap to the wing, from the side, from 2 m on. Sure.',
    ],
]);

it('is as bad as its worst place and part, within what nine in ten of what may be off leave', function (): void {
    $outlook = toldOutlook(1.2, ['hiding' => 0.8, 'mottle' => 0.3], ['the wing' => new Sighting([], 1.5, 45, 1.0, 0.0)], 0.3);
    // exp(1.2816 x 0.3): the standard normal quantile of 0.9 (Abramowitz and Stegun, table 26.5).
    expect([$outlook->index(), $outlook->worst()->worst, $outlook->isSeen()])
        ->toBe([1.5, 1.5, true])
        ->and($outlook->high())
        ->toEqualWithDelta(1.5 * 1.46888, 1e-4)
        ->and($outlook->low())
        ->toEqualWithDelta(1.5 / 1.46888, 1e-4)
        ->and(toldOutlook(0.1, ['stripes' => 0.7])->index())
        ->toBe(0.7)
        ->and(toldOutlook(-5.0, [])->says()->in(UnitSystem::Metric))
        ->toContain('Nobody');
    // A place inside the repair is told as at its edge.
    $inside = new Outlook(
        new Sighting([], 2.0, 45, 1.5, -30.0),
        [],
        $outlook->parts,
        0.2,
        Hiding::of(Finish::assumed(FinishClass::SolidDark, 3), 20.0, 10.0),
        null,
    );
    expect(saysOf($inside))->toContain('Seen 0 mm past');
});

it('looks at the parts of the fade for what stays, the first where two are alike', function (): void {
    expect(toldOutlook(2.0, ['colour' => 1.0, 'fringe' => 1.0, 'coats' => 1.0])->stays())
        ->toBe(Part::Colour)
        ->and(toldOutlook(2.0, ['colour' => 1.0, 'fringe' => 1.1, 'coats' => 1.05])->stays())
        ->toBe(Part::Fringe)
        ->and(toldOutlook(2.0, ['colour' => 1.0, 'fringe' => 1.1, 'coats' => 1.2])->stays())
        ->toBe(Part::Coats);
});

it('counts the minutes of the gun by the area swept (worked by hand)', function (): void {
    [$coat] = drawnCoats(coats: 1);
    // Each stroke moves on by the fan less its overlap; a square metre at so many mm a second, and 30 % for the way back.
    $pitch = 280.0 * $coat->gun->distanceMm / 180.0 * (1.0 - $coat->gun->overlapPercent / 100.0);
    $minutes = 1.3 * 2.0e6 / ($coat->stroke->speedMmPerS * $pitch) / 60.0;
    expect(paceOf()->strokes($coat, 2.0))
        ->toEqualWithDelta($minutes, 1e-9)
        ->and(paceOf()->spraying($coat, 2.0))
        ->toEqualWithDelta($minutes + 1.0, 1e-9)
        ->and(paceOf()->strokes($coat, 0.0))
        ->toBe(0.0);
});

it('says why it waits, with and without a sheet, and what the booth does to it', function (): void {
    [$coat] = drawnCoats(coats: 1);
    $told = json_decode((string) json_encode(paceOf(24.0, 40.0, dries: 0.8)->wait($coat)), true);
    expect(array_column($told['reasons'], 'source'))
        ->toBe(['estimate', 'shop-calibration'])
        ->and(array_column($told['reasons'][0]['inputs'], 'name'))
        ->toBe(['wet film', 'of it volatile', 'booth', 'humidity', 'air over it'])
        ->and($told['reasons'][0]['rule']['plain'])
        ->toStartWith('Volatile left in the film')
        ->and([$told['reasons'][0]['inputs'][2]['value']['value'], $told['reasons'][0]['inputs'][3]['value']['value']])
        ->toEqual([24.0, 40.0])
        ->and($told['reasons'][1]['rule']['plain'])
        ->toBe('In this booth a coat dries at 80% of the rate that the model takes.')
        ->and($told['value'])
        ->toEqualWithDelta(paceOf(24.0, 40.0, dries: 0.8)->waiting($coat), 1e-3)
        ->and(json_decode((string) json_encode(paceOf()->wait($coat)), true)['reasons'])
        ->toHaveCount(1);
    $clear = Sprays::read([['id' => 'c', 'name' => 'Clear', 'kind' => 'clear', 'extent' => ['kind' => 'whole-panel']]])
        ->drawnOut(300.0, Sprays::system(), FinishClass::MetallicLight, GunChoice::Standard, [])[0];
    $sheet = json_decode((string) json_encode(paceOf(20.0, 50.0)->wait($clear)), true);
    expect(array_column($sheet['reasons'], 'source'))
        ->toBe(['data-sheet', 'data-sheet'])
        ->and(array_column($sheet['reasons'][0]['inputs'], 'name'))
        ->toBe(['data sheet', 'its air', 'wet film', 'of it volatile', 'booth', 'humidity', 'air over it'])
        ->and($sheet['reasons'][0]['rule']['plain'])
        ->toStartWith('The data sheet says it of a full coat')
        // The sheet's 7 min of the sheet's coat in the sheet's air.
        ->and($sheet['value'])
        ->toEqualWithDelta(7.0, 1e-6)
        // Longer in the cold, shorter in the warm (common practice).
        ->and(paceOf(14.0)->waiting($clear))
        ->toBeGreaterThan(8.0)
        ->and(paceOf(30.0)->waiting($clear))
        ->toBeLessThan(6.0);
    $straightOn = drawnCoats(all: ['drying' => 'wet-on-wet'], coats: 1)[0];
    expect(json_decode((string) json_encode(paceOf()->wait($straightOn)), true)['reasons'][0]['rule']['plain'])
        ->toStartWith('Straight on, wet in wet');
});

it('says how long to wait between coats, under a blower or not', function (): void {
    $reason = fn (string $system, array $coats): array => json_decode(
        (string) json_encode(paceOf(system: $system)->betweenCoats($coats)),
        true,
    );
    $expects = fn (array $told): array => array_column(
        array_map(fn (array $i): array => [$i['name'], $i['value']['value']], $told['inputs']),
        1,
        0,
    );
    $solvent = $reason('northlight-s', drawnCoats());
    $water = $reason('northlight-w', drawnCoats('northlight-w'));
    expect($solvent['rule']['plain'])
        ->toMatch('/^Wait until evenly dull, about \d+ min( to \d+ min)?\.$/')
        ->and($water['rule']['plain'])
        ->toMatch('/^Wait until all gloss has gone, about \d+ min( to \d+ min)? under a hand blower\.$/')
        // Common practice: solvent 5 to 10 min, waterborne 2 to 5 under a blower.
        ->and($expects($solvent))
        ->toEqual(['booth' => 22.0, 'humidity' => 50.0, 'painters expect at least' => 5.0, 'and at most' => 10.0])
        ->and($expects($water))
        ->toEqual(['booth' => 22.0, 'humidity' => 50.0, 'painters expect at least' => 2.0, 'and at most' => 5.0])
        ->and($reason('northlight-s', drawnCoats(all: ['drying' => 'wet-on-wet']))['rule']['plain'])
        ->toBe('Straight on, wet in wet.');
    // Where coats differ, from the shortest to the longest.
    [$thin, $full] = [drawnCoats(all: ['film' => 0.3], coats: 1)[0], drawnCoats(coats: 1)[0]];
    $minutes = array_map(fn ($c): int => (int) round(paceOf()->waiting($c)), [$thin, $full]);
    expect($minutes[0])
        ->toBeLessThan($minutes[1])
        ->and($reason('northlight-s', [$full, $thin, $full])['rule']['plain'])
        ->toBe("Wait until evenly dull, about {$minutes[0]} min to {$minutes[1]} min.");
    $one = drawnCoats(coats: 1);
    expect($reason('northlight-s', $one)['rule']['plain'])
        ->toBe('Wait until evenly dull, about ' . round(paceOf()->waiting($one[0])) . ' min.')
        ->and(paceOf()->dries($one[0]))
        ->toBeTrue()
        ->and((new Pace(Sprays::system('northlight-w'), Reducer::of(ReducerGrade::Standard), new Air(22.0, 100.0)))->dries(
            drawnCoats('northlight-w', coats: 1)[0],
        ))
        ->toBeFalse();
});

it('stands between the points of a clear\'s edge on a straight line, and at full strength before the first', function (): void {
    $steps = [[
        'id' => 'c', 'name' => 'Clear', 'kind' => 'clear',
        'extent' => ['kind' => 'past', 'reach' => 0.5, 'fade' => 0.5],
    ]];
    $coats = Sprays::read($steps)->drawnOut(200.0, Sprays::system(), FinishClass::SolidDark, GunChoice::Standard, []);
    $air = new Air(22.0, 50.0);
    $volatile = Volatile::of(Carrier::Solvent, Reducer::of(ReducerGrade::Standard));
    $edge = ClearEdge::of($coats, $volatile, $air);
    assert($edge !== null);
    $reach = $coats[0]->reachMm;
    $full = $edge->fullUm();
    expect([$edge->limitMm, $edge->unthinnedMm])
        ->toEqual([$reach + $coats[0]->fadeMm, $reach])
        ->and([$edge->at(-10.0), $edge->at(0.0), $edge->at($reach)])
        ->toEqualWithDelta([$full, $full, $full], 1e-9)
        // Half way down the raised cosine half of it is left.
        ->and($edge->at($reach + $coats[0]->fadeMm / 2.0))
        ->toEqualWithDelta($full / 2.0, 0.01)
        ->and($edge->at(($edge->mm[60] + $edge->mm[61]) / 2.0))
        ->toEqualWithDelta(($edge->um[60] + $edge->um[61]) / 2.0, 1e-9)
        ->and($edge->at($edge->limitMm + 100.0))
        ->toBe(0.0)
        // Steepest in the middle: pi / 2 of the mean fall.
        ->and($edge->steepest())
        ->toEqualWithDelta(M_PI / 2.0 * $full / $coats[0]->fadeMm, 0.01 * $full / $coats[0]->fadeMm)
        // Dust is less than half a micrometre: so much is left where cos is 1 - 2 x 0.5 / full.
        ->and($edge->endMm)
        ->toEqualWithDelta($reach + $coats[0]->fadeMm * acos(1.0 / $full - 1.0) / M_PI, 2.0)
        ->and($edge->stepUm())
        ->toEqualWithDelta($edge->at($edge->endMm - 20.0), 1e-9);
    // One that fades from the primer on is full there and nowhere else.
    $steps[0]['extent']['reach'] = 0.0;
    $fading = Sprays::read($steps)->drawnOut(200.0, Sprays::system(), FinishClass::SolidDark, GunChoice::Standard, []);
    $fading = ClearEdge::of($fading, $volatile, $air);
    expect($fading?->fullUm())
        ->toEqualWithDelta($full, 1e-9)
        ->and($fading?->um[1])
        ->toBeLessThan($full);
    // Where a clear covers the whole panel no edge is left, and where there is no clear neither.
    $whole = Sprays::read([['id' => 'c', 'name' => 'Clear', 'kind' => 'clear', 'extent' => ['kind' => 'whole-panel']]]);
    $drawn = $whole->drawnOut(200.0, Sprays::system(), FinishClass::SolidDark, GunChoice::Standard, []);
    expect([ClearEdge::of($drawn, $volatile, $air), ClearEdge::of(drawnCoats(), $volatile, $air)])->toBe([null, null]);
});

it('falls as a raised cosine: full, three quarters, half, a quarter, nothing', function (): void {
    $at = fn (float $x): float => Layer::strength($x, 100.0, 60.0);
    // cos(60) = 1/2 and cos(90) = 0 at a third and a half of the fade.
    expect([$at(0.0), $at(100.0)])
        ->toBe([1.0, 1.0])
        ->and([$at(120.0), $at(130.0), $at(140.0), $at(160.0)])
        ->toEqualWithDelta([0.75, 0.5, 0.25, 0.0], 1e-12)
        ->and([$at(159.999) > 0.0, $at(500.0), Layer::strength(1e6, null, 60.0)])
        ->toBe([true, 0.0, 1.0]);
});

it('assumes of a finish that nobody measured what docs/model.md lists, laid well', function (FinishClass $class, float $body, float $flop): void {
    $finish = Finish::assumed($class, 3, 1.5);
    // From low at the side hardly a flake shines: there the body is seen.
    expect($finish->old[110]->l)
        ->toEqualWithDelta($body, 0.05)
        ->and($finish->old[110]->b)
        ->toEqualWithDelta($flop, 0.01)
        ->and($finish->measured)
        ->toBeFalse();
    foreach ($finish->old as $angle => $lab) {
        expect($finish->new[$angle]->l - $lab->l)->toEqualWithDelta(1.5, 1e-9)->and($finish->new[$angle]->a)->toBe($lab->a);
    }
    // Two lighter where nobody says how much: an ordinary variant.
    expect(Finish::assumed($class, 3)->new[45]->l - Finish::assumed($class, 3)->old[45]->l)->toEqualWithDelta(2.0, 1e-9);
})->with([
    [FinishClass::SolidDark, 16.0, -1.0],
    [FinishClass::SolidLight, 88.0, 6.0],
    [FinishClass::MetallicDark, 22.0, -1.5],
    [FinishClass::MetallicLight, 38.0, -1.0],
    [FinishClass::Pearl, 70.0, 2.0],
]);

it('looks the same from everywhere where a finish has no flakes', function (FinishClass $class): void {
    $old = Finish::assumed($class, 3)->old;
    foreach ($old as $lab) {
        expect([$lab->l, $lab->a, $lab->b])->toEqualWithDelta([$old[15]->l, $old[15]->a, $old[15]->b], 1e-9);
    }
})->with([FinishClass::SolidDark, FinishClass::SolidLight]);

it('greys primer in even steps from L* 88 to 28, the middle where nobody said', function (): void {
    $lightness = fn (?int $shade, ?int $said = null): float => Finish::assumed(FinishClass::SolidDark, $shade)
        ->primer($said)->lab(Finish::assumed(FinishClass::SolidDark, 1)->viewing())->l;
    expect(array_map($lightness, [1, 2, 4, 7, null]))
        ->toEqualWithDelta([88.0, 78.0, 58.0, 28.0, 58.0], 1e-6)
        ->and($lightness(1, 7))
        ->toEqualWithDelta(28.0, 1e-6);
    $grey = Finish::assumed(FinishClass::SolidDark, 3)->primer()->lab(Finish::assumed(FinishClass::SolidDark, 3)->viewing());
    expect([$grey->a, $grey->b])->toEqualWithDelta([0.0, 0.0], 1e-6);
});

it('takes a finish apart and puts it together: lighter, over another primer, like another', function (): void {
    $silver = Colours::silver();
    $finish = Finish::measured(FinishClass::MetallicLight, 3, $silver, Colours::silver(1.0));
    expect($finish->lighter(0.0))
        ->toBe($finish)
        ->and($finish->lighter(0.5)->new[45]->l)
        ->toEqualWithDelta(62.5, 1e-9)
        ->and([$finish->lighter(0.5)->new[45]->a, $finish->lighter(0.5)->new[45]->b])
        ->toBe([$finish->new[45]->a, $finish->new[45]->b])
        ->and($finish->lighter(0.5)->greyShade)
        ->toBe(3)
        ->and($finish->over(6)->greyShade)
        ->toBe(6)
        ->and($finish->isLike($finish->over(6)))
        ->toBeTrue()
        ->and($finish->isLike($finish->lighter(0.5)))
        ->toBeFalse()
        ->and($finish->isLike(Finish::measured(FinishClass::MetallicLight, 3, Colours::silver(0.1), Colours::silver(1.0))))
        ->toBeFalse()
        ->and($finish->isLike(Finish::assumed(FinishClass::SolidDark, 3)))
        ->toBeFalse()
        ->and($finish->withCoats(2.0))
        ->toBe($finish)
        ->and($finish->angles())
        ->toBe([15, 25, 45, 75, 110]);
    $threeAngles = Colours::measured([15 => 138.0, 45 => 61.0, 110 => 37.5]);
    expect(array_keys(Finish::measured(FinishClass::MetallicLight, 3, $silver, $threeAngles)->new))
        ->toBe([15, 45, 110])
        // Where it was measured it is what was measured.
        ->and($finish->oldAt(45)->y)
        ->toEqualWithDelta($silver->at(45)->xyz()->y, 1e-12)
        ->and($finish->newAt(45)->y)
        ->toEqualWithDelta(Colours::silver(1.0)->at(45)->xyz()->y, 1e-12)
        // Elsewhere between its neighbours.
        ->and($finish->oldAt(35)->y)
        ->toBeLessThan($finish->oldAt(25)->y)
        ->toBeGreaterThan($finish->oldAt(45)->y);
    // A solid read at 45/0 is the same at every angle, though the car has five.
    $solid = Finish::measured(FinishClass::SolidDark, 3, $silver, Colours::measured([45 => 60.0]));
    expect(array_map(fn (Lab $lab): float => $lab->l, array_values($solid->new)))
        ->toBe([60.0, 60.0, 60.0, 60.0, 60.0])
        ->and(array_unique(array_map(fn (Lab $lab): float => $lab->l, $solid->old)))
        ->toHaveCount(1);
});

it('lets all light through no film, and the more of it the less', function (): void {
    $film = Finish::assumed(FinishClass::MetallicLight, 3)->film();
    expect([$film->through(0.0), $film->through(-1.0)])
        ->toBe([[1.0, 1.0, 1.0], [1.0, 1.0, 1.0]])
        ->and($film->through(0.5)[1])
        ->toBeLessThan(1.0)
        ->and($film->through(1.0)[0])
        ->toBeLessThan($film->through(0.5)[0]);
    // Twice the film that hides is wanted where a shop says so.
    $thick = Finish::assumed(FinishClass::SolidLight, 3)->film(2.0);
    expect($thick->lets(2.0))->toEqualWithDelta(Finish::assumed(FinishClass::SolidLight, 3)->film()->lets(1.0), 1e-6);
});

it('counts coats until the primer is gone, and knows the shade that wants the fewest', function (): void {
    // A mid grey over grey primers: the nearest of them, and coats that rise with the distance from it.
    $grey = Colours::measured([45 => 58.0]);
    $finish = Finish::measured(FinishClass::SolidLight, 4, $grey, $grey);
    $hiding = Hiding::of($finish, 10.0, 10.0);
    expect($hiding->bestShade())
        ->toBe(4)
        ->and($hiding->index())
        ->toBe($hiding->index(4))
        ->and($hiding->index(1))
        ->toBeGreaterThan($hiding->index(2))
        ->and($hiding->index(7))
        ->toBeGreaterThan($hiding->index(6))
        ->and($hiding->coats(1))
        ->toBeGreaterThan($hiding->coats(3) ?? INF)
        ->and($hiding->index(4))
        ->toBeLessThan(0.05);
    // At so many coats it turns: a twentieth less shows, a twentieth more does not.
    $coats = $hiding->coats(1) ?? NAN;
    expect(Hiding::of($finish, 0.95 * $coats * 10.0, 10.0)->index(1))
        ->toBeGreaterThan(1.0)
        ->and(Hiding::of($finish, 1.05 * $coats * 10.0, 10.0)->index(1))
        ->toBeLessThan(1.0)
        ->and(Hiding::of($finish, 10.0, 0.0)->coats(1))
        ->toBeNull()
        ->and(Hiding::of($finish, 10.0, 0.05)->coats(1))
        ->toBeNull();
    // Ground coats of the colour's own lightness spare the effect above.
    $pearl = Finish::assumed(FinishClass::Pearl, 7);
    expect(Hiding::of($pearl, 8.0, 4.0, 40.0)->index())->toBeLessThan(Hiding::of($pearl, 8.0, 4.0, 0.0)->index());
});

it('takes of a pigment what its class has, and what was typed instead', function (FinishClass $class, float $um): void {
    // Common practice, dry: opaque 12 to 13 um, medium 20, weak 25 to 30.
    expect(Pigment::h98($class))
        ->toBe($um)
        ->and(Pigment::of($class)->hidingUm)
        ->toBe($um)
        ->and(Pigment::of($class, null, 17.5)->hidingUm)
        ->toBe(17.5)
        ->and(Pigment::of($class)->isTested($class))
        ->toBeFalse()
        ->and(Pigment::of($class)->reasons())
        ->toBe([]);
})->with([
    [FinishClass::SolidDark, 12.0],
    [FinishClass::MetallicLight, 13.0],
    [FinishClass::MetallicDark, 20.0],
    [FinishClass::Pearl, 26.0],
    [FinishClass::SolidLight, 28.0],
]);

it('draws light and what is seen of it in a table of angles and places', function (): void {
    $way = Sprays::simulation(Sprays::stepped(null), Finish::assumed(FinishClass::MetallicLight, 3));
    $told = json_decode((string) json_encode(LightTable::of($way, 300.0, 400.0)), true);
    // From 80 mm inside to 400 mm past the primer, a place each 5 mm.
    expect([$told['fromMm'], $told['stepMm']])
        ->toEqual([-80.0, 5.0])
        ->and($told['light'])
        ->toHaveCount(13)
        ->and(array_unique(array_map(count(...), $told['light'])))
        ->toBe([3 * 97])
        ->and($told['index'])
        ->toHaveCount(5)
        ->and(array_unique(array_map(count(...), $told['index'][0])))
        ->toBe([97])
        // The last place lies no nearer than was asked for.
        ->and(LightTable::of($way, 300.0, 401.0)->places->mm)
        ->toHaveCount(98)
        ->and(LightTable::rounded([0.12345678, 0.5, 1.0]))
        ->toBe([0.123457, 0.5, 1.0]);
});

it('lets through of each of X, Y and Z what white and black below it differ by (Kubelka 1948)', function (): void {
    $film = Finish::measured(
        FinishClass::SolidLight,
        3,
        Colours::measured([45 => [60.0, 30.0, 40.0]]),
        Colours::measured([45 => [60.0, 30.0, 40.0]]),
    )->film();
    $white = Kalopsis\Colour\Viewing::paint()->white();
    foreach ([0.5, 3.0, 12.0] as $um) {
        $over = $film->over($white->times(0.8), $um);
        $black = $film->over(new Kalopsis\Colour\Xyz(0.0, 0.0, 0.0), $um);
        expect($film->lets($um))->toEqualWithDelta([
            ($over->x - $black->x) / (0.8 * $white->x),
            ($over->y - $black->y) / (0.8 * $white->y),
            ($over->z - $black->z) / (0.8 * $white->z),
        ], 1e-9);
    }
    // An orange swallows blue: less of it comes through than of red.
    expect($film->lets(3.0)[2])->toBeLessThan($film->lets(3.0)[0]);
});

it('takes a pigment as this workshop tested it, and says which tests', function (): void {
    $shop = new Kalopsis\Calibration\Calibration([
        'hiding lg-11' => new Kalopsis\Calibration\Known(0.8, 0.1, ['hiding card']),
        'flakes' => new Kalopsis\Calibration\Known(1.2, 0.1, ['flake card']),
        'dry-below' => new Kalopsis\Calibration\Known(0.9, 0.1, ['dry card']),
        'eye' => new Kalopsis\Calibration\Known(1.1, 0.1, ['five fades']),
    ]);
    $known = Pigment::of(FinishClass::MetallicLight, null, null, $shop, 'lg-11');
    $citations = array_map(fn ($r): string => json_decode((string) json_encode($r), true)['citation'], $known->reasons());
    expect($citations)
        ->toBe(['hiding card', 'flake card', 'dry card', 'five fades'])
        // Four fifths of 13 um.
        ->and($known->hidingUm)
        ->toEqualWithDelta(10.4, 1e-9)
        ->and([$known->tilt->factor, $known->dryBelow->factor, $known->eye->factor])
        ->toBe([1.2, 0.9, 1.1])
        ->and($known->isTested(FinishClass::MetallicLight))
        ->toBeTrue();
    // What was typed is not what was tested; another colour's test says nothing of this one.
    $typed = Pigment::of(FinishClass::MetallicLight, null, 15.0, $shop, 'lg-11');
    expect([$typed->hidingUm, $typed->hiding->isTested(), count($typed->reasons())])
        ->toBe([15.0, false, 3])
        ->and(Pigment::of(FinishClass::MetallicLight, null, null, $shop, 'other')->hidingUm)
        ->toBe(13.0);
    // A solid has no flakes to test.
    $solid = new Kalopsis\Calibration\Calibration(array_diff_key($shop->known, ['flakes' => 0]));
    expect([
        Pigment::of(FinishClass::SolidDark, null, null, $solid, 'lg-11')->isTested(FinishClass::SolidDark),
        Pigment::of(FinishClass::MetallicLight, null, null, $solid, 'lg-11')->isTested(FinishClass::MetallicLight),
    ])->toBe([true, false]);
});

it('fades over no less than a millimetre, and reaches as far as it is drawn out or set by hand', function (): void {
    $layer = fn (array $extent): Layer => Sprays::simulation(
        Sprays::stepped(null, 1, ['extent' => ['kind' => 'past', ...$extent]]),
        Finish::assumed(FinishClass::SolidDark, 3),
    )->layers[0];
    $drawn = $layer(['reach' => 0.4, 'fade' => 0.6]);
    $set = $layer(['reach' => 0.4, 'fade' => 0.6, 'reachMm' => 50.0, 'fadeMm' => 70.0]);
    expect([$drawn->reachMm(200.0, false), $drawn->fadeMm(200.0, false)])
        ->toEqualWithDelta([80.0, 120.0], 1e-9)
        ->and([$set->reachMm(200.0, true), $set->fadeMm(200.0, true), $set->reachMm(200.0, false), $set->fadeMm(200.0, false)])
        ->toEqualWithDelta([50.0, 70.0, 80.0, 120.0], 1e-9)
        ->and($drawn->fadeMm(0.5, false))
        ->toBe(1.0);
});

it('shows primer in what colour it differs by, effect or solid', function (): void {
    // A yellow over grey differs in blue alone: it is seen all the same, and less the more of it there is.
    $yellow = Colours::measured([45 => [58.0, 0.0, 50.0]]);
    $grey = Colours::measured([45 => [58.0, 0.0, 0.0]]);
    $index = fn (Measurement $c, float $um): float => Hiding::of(
        Finish::measured(FinishClass::SolidLight, 4, $c, $c),
        $um,
        10.0,
    )->index();
    expect($index($yellow, 8.0))
        ->toBeGreaterThan(5.0 * $index($grey, 8.0))
        ->and($index($yellow, 16.0))
        ->toBeLessThan($index($yellow, 8.0));
    $gold = Colours::measured([
        15 => [100.0, 2.0, 40.0], 25 => [85.0, 2.0, 35.0], 45 => [58.0, 2.0, 30.0],
        75 => [45.0, 2.0, 25.0], 110 => [42.0, 2.0, 24.0],
    ]);
    $effect = fn (float $um, float $ground = 0.0): float => Hiding::of(
        Finish::measured(FinishClass::MetallicLight, 4, $gold, $gold),
        $um,
        5.0,
        $ground,
    )->index();
    expect($effect(4.0))
        ->toBeGreaterThan($effect(8.0))
        ->and($effect(4.0, 30.0))
        ->toBeLessThan(0.5 * $effect(4.0));
});

it('holds films, waits and primers to what docs/model.md says of them, worked by hand', function (): void {
    // Jeffreys 1930: 3 Pa s, 1000 kg/m3, wet for 120 s, 5 mm below its edge: sqrt(3 x 0.005 / (1000 x 9.80665 x 120)).
    expect(Kalopsis\Spray\Sag::limitUm())
        ->toEqualWithDelta(112.9, 0.05)
        // Half a working day of eight hours.
        ->and(Pace::LONGEST_MINUTES)
        ->toBe(8.0 * 60.0 / 2.0);
    // A primer that is gone after 7.9 coats is gone; one that would want 8.1 is not within what anybody sprays (common practice).
    $grey = Colours::measured([45 => 58.0]);
    $finish = Finish::measured(FinishClass::SolidLight, 4, $grey, $grey);
    $um = 10.0 * (Hiding::of($finish, 10.0, 10.0)->coats(1) ?? NAN);
    expect(Hiding::of($finish, 10.0, $um / 7.9)->coats(1))
        ->toEqualWithDelta(7.9, 0.01)
        ->and(Hiding::of($finish, 10.0, $um / 8.1)->coats(1))
        ->toBeNull();
});

it('polishes out an edge that rises by no more than five micrometres within a pad, down to half a micrometre', function (): void {
    $air = new Air(22.0, 50.0);
    $volatile = Volatile::of(Carrier::Solvent, Reducer::of(ReducerGrade::Standard));
    $edge = function (float $fade) use ($air, $volatile): ClearEdge {
        $steps = [['id' => 'c', 'name' => 'Clear', 'kind' => 'clear', 'extent' => ['kind' => 'past', 'reach' => 0.1, 'fade' => $fade]]];
        $coats = Sprays::read($steps)->drawnOut(900.0, Sprays::system(), FinishClass::SolidDark, GunChoice::Standard, []);
        $edge = ClearEdge::of($coats, $volatile, $air);
        assert($edge !== null);

        return $edge;
    };
    $steps = $polished = [];
    foreach (range(4, 20, 2) as $hundredths) {
        $one = $edge($hundredths / 100.0);
        [$steps[], $polished[]] = [$one->stepUm(), $one->polishesOut()];
    }
    // The softer, the less it rises: from well above five to well below.
    expect(max($steps))
        ->toBeGreaterThan(6.7)
        ->and(min($steps))
        ->toBeLessThan(3.7)
        ->and($polished)
        ->toBe(array_map(fn (float $um): bool => $um <= 5.0, $steps));
    // Over 810 mm half a micrometre is left of a full clear where 1 + cos is 1 / full of two.
    $long = $edge(0.9);
    expect($long->endMm)->toEqualWithDelta(90.0 + 810.0 * acos(1.0 / $long->fullUm() - 1.0) / M_PI, 2.0);
});
