<?php

declare(strict_types=1);

use Kalopsis\Blend\Internal\PanelsInPlay;
use Kalopsis\Blend\Internal\Regions;
use Kalopsis\Blend\PanelRole;
use Kalopsis\Blend\PlannedPanel;
use Kalopsis\Blend\SideChoice;
use Kalopsis\Blend\Zone;
use Kalopsis\Panel\NamedLine;
use Kalopsis\Panel\Polyline;
use Kalopsis\Panel\Repair;
use Kalopsis\Panel\Spot;
use Kalopsis\Panel\Under;
use Kalopsis\Sequence\CoatKind;
use Kalopsis\Sequence\CoatSequence;
use Kalopsis\Sequence\CoatStep;
use Kalopsis\Sequence\Extent;
use Kalopsis\Sequence\Where;
use Kalopsis\Tests\Support\Rows;

/*
 * What each coat covers of squares of 600 mm, by the areas of discs, rings and halves. The field's own bound is 0.2 % from
 * 50 mm past a spot of 60 mm on; 0.5 % is allowed here.
 */

const REGION_WITHIN = 0.005;

/**
 * @param list<CoatStep> $steps
 * @param list<Repair> $repairs
 * @param array<string, SideChoice> $sides
 * @param array<string, array<string, mixed>> $panels
 * @return array{array<string, PlannedPanel>, list<Zone>}
 */
function regionsOf(array $steps, array $repairs, float $blendMm, array $panels = ['one' => []], array $sides = []): array
{
    $request = Rows::request(Rows::of($panels), $repairs, $sides, steps: new CoatSequence($steps));
    $play = PanelsInPlay::around($request);
    $play->run($blendMm, 50.0, fn (): float => 50.0);
    $coats = $request->drawnOut($request->sequence, $blendMm);
    $planned = Regions::of($request, $coats, $play);

    return [$planned, Regions::zones($request, $coats, $planned)];
}

function step(string $id, CoatKind $kind, Extent $extent, ?Where $where = null): CoatStep
{
    return CoatStep::plain($id, $id, $kind, $extent, '')->changed(where: $where);
}

function primed(
    float $x = 300.0,
    float $y = 300.0,
    string $id = 'r1',
    string $panel = 'one',
    float $radius = 60.0,
    Under $under = Under::Primer,
    int $shade = 3,
): Repair {
    return new Repair($id, $panel, new Spot(new Kalopsis\Panel\Point($x, $y), $radius), $under, $shade);
}

/** mm2 of a disc so far around a spot of 60 mm. */
function disc(float $mm, float $radius = 60.0): float
{
    return M_PI * ($radius + $mm) ** 2;
}

function squareMm2(): float
{
    return Rows::WIDE_MM ** 2;
}

/** @return array<string, float> area by kind of zone */
function zoneAreas(array $zones, string $panel = 'one'): array
{
    $out = [];
    foreach ($zones as $zone) {
        if ($zone->panelId === $panel) {
            $out[$zone->kind->value] = $zone->region->areaMm2;
        }
    }

    return $out;
}

it('covers discs around a spot: to its reach in full, to its last dust at all', function (): void {
    [$planned, $zones] = regionsOf(Rows::fading()->steps, [primed()], 200.0);
    $one = $planned['one'];
    foreach (['first' => [40.0, 100.0], 'second' => [100.0, 200.0]] as $id => [$reach, $limit]) {
        expect($one->reach[$id]->areaMm2)
            ->toEqualWithDelta(disc($reach), REGION_WITHIN * disc($reach))
            ->and($one->limit[$id]->areaMm2)
            ->toEqualWithDelta(disc($limit), REGION_WITHIN * disc($limit));
    }
    $areas = zoneAreas($zones);
    expect($one->reach['clear']->areaMm2)
        ->toBe(squareMm2())
        ->and($one->limit['clear']->areaMm2)
        ->toBe(squareMm2())
        ->and($one->role)
        ->toBe(PanelRole::Blend)
        ->and(array_keys($areas))
        ->toBe(['repair', 'full-colour', 'colour-blend', 'clear'])
        // A circle drawn with 48 pieces: n/2 r2 sin(2 pi / n).
        ->and($areas['repair'])
        ->toEqualWithDelta(24.0 * 3600.0 * sin(M_PI / 24.0), 1e-6)
        // Full colour is the first full coat, though later ones go further.
        ->and($areas['full-colour'])
        ->toBe($one->reach['first']->areaMm2)
        ->and($areas['colour-blend'])
        ->toBe($one->limit['second']->areaMm2)
        ->and($areas['clear'])
        ->toBe(squareMm2());
});

it('takes the widest of its kind for a zone, in whichever order they are sprayed', function (): void {
    $steps = fn (float ...$beds): array => [
        ...array_map(
            fn (float $mm): CoatStep => step("bed {$mm}", CoatKind::WetBed, Extent::past(0.0, 0.0, $mm, 20.0)),
            $beds,
        ),
        ...array_slice(Rows::fading()->steps, 0, 2),
        step('clear', CoatKind::Clear, Extent::past(0.0, 0.0, 180.0, 30.0)),
        step('solvent', CoatKind::FadeSolvent, Extent::ring(20.0, 40.0, 10.0)),
    ];
    foreach ([[110.0, 150.0], [150.0, 110.0]] as $beds) {
        [, $zones] = regionsOf($steps(...$beds), [primed()], 150.0);
        $areas = zoneAreas($zones);
        expect(array_keys($areas))
            ->toBe(['repair', 'full-colour', 'colour-blend', 'wet-bed', 'clear', 'clear-fade'])
            ->and($areas['wet-bed'])
            ->toEqualWithDelta(disc(170.0), REGION_WITHIN * disc(170.0))
            ->and($areas['clear'])
            ->toEqualWithDelta(disc(210.0), REGION_WITHIN * disc(210.0))
            // Solvent from 20 to 40 mm past the blend of 150, its last dust 10 mm further.
            ->and($areas['clear-fade'])
            ->toEqualWithDelta(disc(200.0) - disc(170.0), REGION_WITHIN * disc(200.0));
    }
});

it('sprays a ring between two distances and leaves what is inside', function (): void {
    $steps = [...Rows::fading()->steps, step('ring', CoatKind::FadeSolvent, Extent::ring(10.0, 60.0, 30.0))];
    [$planned] = regionsOf($steps, [primed()], 100.0);
    $one = $planned['one'];
    expect($one->reach['ring']->areaMm2)
        ->toEqualWithDelta(disc(160.0) - disc(110.0), REGION_WITHIN * disc(160.0))
        ->and($one->limit['ring']->areaMm2)
        ->toEqualWithDelta(disc(190.0) - disc(110.0), REGION_WITHIN * disc(190.0))
        ->and(count($one->reach['ring']->rings))
        ->toBe(2);
});

it('fills between repairs on one panel: the hull of two discs and as far around it', function (): void {
    $between = step('first', CoatKind::Base, Extent::between(0.5, 0.5));
    $apart = step('second', CoatKind::Base, Extent::past(0.5, 0.5));
    $repairs = [primed(200.0), primed(400.0, id: 'r2')];
    [$planned] = regionsOf([$between, $apart, Rows::clear()], $repairs, 60.0);
    $one = $planned['one'];
    // Two spots 200 mm apart: a disc cut in halves and a rectangle between them.
    $stadium = fn (float $mm): float => disc($mm) + 200.0 * 2.0 * (60.0 + $mm);
    expect($one->reach['first']->areaMm2)
        ->toEqualWithDelta($stadium(30.0), REGION_WITHIN * $stadium(30.0))
        ->and($one->limit['first']->areaMm2)
        ->toEqualWithDelta($stadium(60.0), REGION_WITHIN * $stadium(60.0))
        ->and($one->reach['second']->areaMm2)
        ->toEqualWithDelta(2.0 * disc(30.0), REGION_WITHIN * 2.0 * disc(30.0));
    // With one repair there is nothing to fill.
    [$alone] = regionsOf([$between, Rows::clear()], [primed()], 60.0);
    expect($alone['one']->limit['first']->areaMm2)->toEqualWithDelta(disc(60.0), REGION_WITHIN * disc(60.0));
});

it('fills between repairs of one panel only: next door\'s keeps its own disc', function (): void {
    $between = step('first', CoatKind::Base, Extent::between(0.5, 0.5));
    // The second lies 104 mm from the edge of one, whose colour reaches 170 mm from its middle: a segment of a circle.
    $repairs = [primed(300.0, 200.0), primed(704.0, 400.0, 'r2', 'two')];
    [$planned] = regionsOf([$between, Rows::clear()], $repairs, 110.0, ['one' => [], 'two' => []]);
    $segment = 170.0 ** 2 * acos(104.0 / 170.0) - 104.0 * sqrt(170.0 ** 2 - 104.0 ** 2);
    $area = disc(110.0) + $segment;
    expect($planned['one']->limit['first']->areaMm2)->toEqualWithDelta($area, REGION_WITHIN * $area);
});

it('sprays a coat on the repairs and panels it names, and nothing of it elsewhere', function (): void {
    $steps = [
        step('all', CoatKind::Base, Extent::past(0.5, 0.5)),
        step('second only', CoatKind::Base, Extent::past(0.5, 0.5), Where::repairs(['r2'])),
        step('two only', CoatKind::Base, Extent::past(0.5, 0.5), Where::panels(['two'])),
        Rows::clear(),
    ];
    $repairs = [primed(150.0), primed(450.0, id: 'r2'), primed(904.0, id: 'r3', panel: 'two')];
    [$planned] = regionsOf($steps, $repairs, 60.0, ['one' => [], 'two' => []]);
    $near = fn (float $area): array => [$area * (1.0 - REGION_WITHIN), $area * (1.0 + REGION_WITHIN)];
    expect($planned['one']->limit['all']->areaMm2)
        ->toBeBetween(...$near(2.0 * disc(60.0)))
        ->and($planned['one']->limit['second only']->areaMm2)
        ->toBeBetween(...$near(disc(60.0)))
        ->and($planned['one']->limit['two only']->areaMm2)
        ->toBe(0.0)
        ->and($planned['two']->limit['two only']->areaMm2)
        ->toBeBetween(...$near(disc(60.0)))
        ->and($planned['two']->limit['second only']->areaMm2)
        ->toBe(0.0);
});

it('counts a panel as edge to edge when the first full coat leaves less than one part in 200', function (
    float $reach,
    PanelRole $role,
): void {
    // A spot in the middle; what stays bare are four corners, near right triangles with legs of s times the root of two.
    $steps = [
        step('bed', CoatKind::WetBed, Extent::wholePanel()),
        step('base', CoatKind::Base, Extent::past(0.0, 0.0, $reach, 10.0)),
        Rows::clear(),
    ];
    [$planned, $zones] = regionsOf($steps, [primed()], 100.0, sides: []);
    $one = $planned['one'];
    $bare = squareMm2() - $one->reach['base']->areaMm2;
    expect($one->role)
        ->toBe($role)
        ->and($bare < squareMm2() / 200.0)
        ->toBe($role === PanelRole::EdgeToEdge)
        ->and($bare)
        ->toBeGreaterThan(0.0)
        // No fringe, so no bed, and no zone of a blend.
        ->and($one->limit['bed']->isEmpty())
        ->toBe($role === PanelRole::EdgeToEdge)
        ->and($one->reach['bed']->isEmpty())
        ->toBe($role === PanelRole::EdgeToEdge)
        ->and(array_keys(zoneAreas($zones)))
        ->toBe(
            $role === PanelRole::EdgeToEdge
                ? ['repair', 'full-colour', 'clear']
                : ['repair', 'full-colour', 'colour-blend', 'wet-bed', 'clear'],
        );
})->with([
    // Corners lie 364 mm past the primer; s = 24, 23 and 20, 19: 4 s2 of 360 000 mm2.
    '0.64 %' => [340.3, PanelRole::Blend],
    '0.59 %' => [341.3, PanelRole::Blend],
    '0.44 %' => [344.3, PanelRole::EdgeToEdge],
    '0.40 %' => [345.3, PanelRole::EdgeToEdge],
]);

it('judges a panel by its first full coat that lands there, and one without any as a blend', function (): void {
    $far = step('far', CoatKind::Base, Extent::wholePanel());
    $near = step('near', CoatKind::Base, Extent::past(0.5, 0.5));
    $role = fn (array $steps): PanelRole => regionsOf([...$steps, Rows::clear()], [primed()], 100.0)[0]['one']->role;
    expect($role([$near, $far]))
        ->toBe(PanelRole::Blend)
        ->and($role([$far, $near]))
        ->toBe(PanelRole::EdgeToEdge)
        ->and($role([$far->changed(where: Where::panels(['two'])), $near]))
        ->toBe(PanelRole::Blend)
        ->and($role([$far->changed(kind: CoatKind::Control), $near]))
        ->toBe(PanelRole::Blend)
        ->and($role([$far->changed(kind: CoatKind::Control)]))
        ->toBe(PanelRole::Blend);
});

it('cuts what is measured at a line colour stops at, by the segment of a circle', function (): void {
    // The line lies 30 mm right of the primer; a disc of R is cut where x > 90: R2 acos(90 / R) - 90 root(R2 - 90 2) is gone.
    $line = new NamedLine('crease', Polyline::through([[390.0, 0.0], [390.0, 600.0]]));
    $panels = ['one' => ['lines' => [$line]], 'two' => []];
    [$planned, $zones] = regionsOf(
        Rows::fading()->steps,
        [primed()],
        260.0,
        $panels,
        ['one|two' => SideChoice::StopAtLine],
    );
    $cut = function (float $mm): float {
        $r = 60.0 + $mm;

        return $r ** 2 * acos(90.0 / $r) - 90.0 * sqrt($r ** 2 - 90.0 ** 2);
    };
    $one = $planned['one'];
    expect(array_keys($planned))
        ->toBe(['one'])
        ->and($one->reach['second']->areaMm2)
        ->toEqualWithDelta(disc(130.0) - $cut(130.0), REGION_WITHIN * disc(130.0))
        ->and($one->distanceFrom(389.0, 300.0))
        ->toEqualWithDelta(29.0, 1e-9)
        ->and($one->distanceFrom(391.0, 300.0))
        ->toBeNull()
        // The clear goes over the line.
        ->and($one->limit['clear']->areaMm2)
        ->toBe(squareMm2());
});

it('seals what wants it, on its own panel, and all of a panel where the sealer does not fade', function (): void {
    $sealer = step('sealer', CoatKind::Sealer, Extent::past(0.0, 0.0, 15.0, 15.0));
    $panels = ['one' => [], 'two' => []];
    $repairs = [
        primed(150.0, under: Under::BareMetal),
        primed(300.0, 450.0, id: 'r2'),
        primed(450.0, id: 'r3', shade: 5),
        primed(450.0, 100.0, id: 'r4', shade: 4),
    ];
    $near = fn (float $area): array => [$area * 0.99, $area * 1.01];
    [$planned, $zones] = regionsOf([$sealer, ...Rows::fading()->steps], $repairs, 240.0, $panels);
    // Bare metal and shade 5 under a colour for 3; not primer of its shade or one beside it.
    expect($planned['one']->reach['sealer']->areaMm2)
        ->toBeBetween(...$near(2.0 * disc(15.0)))
        ->and($planned['one']->limit['sealer']->areaMm2)
        ->toBeBetween(...$near(2.0 * disc(30.0)))
        ->and($planned)
        ->toHaveKey('two')
        ->and($planned['two']->limit['sealer']->isEmpty())
        ->toBeTrue()
        ->and(zoneAreas($zones)['sealer'])
        ->toBe($planned['one']->limit['sealer']->areaMm2)
        ->and(zoneAreas($zones, 'two'))
        ->not->toHaveKey('sealer');
    // Named, it lies on what is named, whether that wants it or not.
    $named = $sealer->changed(where: Where::repairs(['r2']));
    [$planned] = regionsOf([$named, ...Rows::fading()->steps], $repairs, 40.0);
    expect($planned['one']->reach['sealer']->areaMm2)->toBeBetween(...$near(disc(15.0)));
    // Nothing wants it: none.
    [$planned] = regionsOf([$sealer, ...Rows::fading()->steps], [primed()], 40.0);
    expect($planned['one']->limit['sealer']->isEmpty())->toBeTrue();
    // One that does not fade isolates the panel of any repair.
    $whole = step('sealer', CoatKind::Sealer, Extent::wholePanel());
    [$planned] = regionsOf([$whole, ...Rows::fading()->steps], [primed()], 300.0, $panels);
    expect($planned['one']->reach['sealer']->areaMm2)
        ->toBe(squareMm2())
        ->and($planned['one']->limit['sealer']->areaMm2)
        ->toBe(squareMm2())
        ->and($planned['two']->reach['sealer']->isEmpty())
        ->toBeTrue();
    // Not where its step names another repair.
    [$planned] = regionsOf([$whole->changed(where: Where::repairs(['r9'])), ...Rows::fading()->steps], [primed()], 40.0);
    expect($planned['one']->reach['sealer']->isEmpty())->toBeTrue();
});
