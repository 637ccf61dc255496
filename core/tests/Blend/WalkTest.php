<?php

declare(strict_types=1);

use Kalopsis\Blend\BlendRequest;
use Kalopsis\Blend\Internal\PanelsInPlay;
use Kalopsis\Blend\Side;
use Kalopsis\Blend\SideChoice;
use Kalopsis\Panel\BodyShape;
use Kalopsis\Panel\Footprint;
use Kalopsis\Panel\Freehand;
use Kalopsis\Panel\Material;
use Kalopsis\Panel\NamedLine;
use Kalopsis\Panel\Orientation;
use Kalopsis\Panel\PanelKind;
use Kalopsis\Panel\Polyline;
use Kalopsis\Panel\Repair;
use Kalopsis\Panel\Under;
use Kalopsis\Panel\WholePanel;
use Kalopsis\Sequence\CoatKind;
use Kalopsis\Sequence\CoatSequence;
use Kalopsis\Sequence\CoatStep;
use Kalopsis\Sequence\Extent;
use Kalopsis\Sequence\GunChoice;
use Kalopsis\Sequence\Where;
use Kalopsis\Tests\Support\Bodies;
use Kalopsis\Tests\Support\Rows;
use Kalopsis\Units\UnitSystem;

/*
 * From panel to panel on a row of squares, 600 mm wide and 4 mm apart. A spot of 60 mm in the middle of one has 240 mm to
 * the gaps beside it, and 844 mm to the far edge of a neighbour.
 */

function spotIn(string $panel, int $place, float $across = 300.0, string $id = 'r1', float $radius = 60.0): Repair
{
    return Bodies::spot($place * (Rows::WIDE_MM + Rows::GAP_MM) + $across, 300.0, $radius, $panel, $id);
}

function letRun(BlendRequest $request, float $blendMm, float $neededMm = 100.0, float $small = 50.0): PanelsInPlay
{
    $play = PanelsInPlay::around($request);
    $play->run($blendMm, $neededMm, fn (): float => $small);

    return $play;
}

/** @return array<string, int> seams between each panel and the nearest repair */
function away(PanelsInPlay $play): array
{
    return array_map(fn ($in): int => $in->away, $play->panels);
}

/** @return list<string> what lies on each side: from, to, mm, reached, choice */
function sidesOf(PanelsInPlay $play): array
{
    return array_map(
        fn (Side $s): string => rtrim("{$s->panelId} {$s->neighbourId} {$s->room->value()}"
            . ($s->reached ? ' reached' : '')
            . ' ' . $s->choice?->value
            . ($s->chosenByYou ? ' by you' : '')),
        $play->sides,
    );
}

function sideBetween(PanelsInPlay $play, string $panel, string $neighbour): Side
{
    foreach ($play->sides as $side) {
        if ($side->panelId === $panel && $side->neighbourId === $neighbour) {
            return $side;
        }
    }
    throw new RuntimeException("no side from {$panel} to {$neighbour}");
}

/** @return array<string, array{bool, string}> open, words; by choice */
function waysAt(Side $side): array
{
    $out = [];
    foreach ($side->options as $option) {
        $out[$option->choice->value] = [$option->open, $option->says->in(UnitSystem::Metric)];
    }

    return $out;
}

/** The side towards the lid, past which a spot in the corner of one hangs over two. */
function hangingOver(BodyShape $body): Side
{
    $corner = Bodies::spot(590.0, 10.0, 60.0, 'one');

    return sideBetween(letRun(Rows::request($body, [$corner]), 300.0), 'two', 'lid');
}

function row(string ...$panels): BodyShape
{
    return Rows::of(array_fill_keys($panels, []));
}

it('asks a neighbour in once the last dust passes the gap by more than half a millimetre', function (): void {
    $request = Rows::request(row('one', 'two', 'three'), [spotIn('two', 1)]);
    expect(away(letRun($request, 240.4)))
        ->toBe(['two' => 0])
        ->and(away(letRun($request, 240.6)))
        ->toBe(['two' => 0, 'one' => 1, 'three' => 1])
        ->and(sidesOf(letRun($request, 240.4)))
        ->toBe(['two one 240', 'two three 240']);
});

it('carries colour two seams from a repair, and never three', function (): void {
    $request = Rows::request(row('one', 'two', 'three', 'four'), [spotIn('one', 0)]);
    expect(away(letRun($request, 844.4)))
        ->toBe(['one' => 0, 'two' => 1])
        ->and(away(letRun($request, 844.6)))
        ->toBe(['one' => 0, 'two' => 1, 'three' => 2])
        ->and(away(letRun($request, 3000.0)))
        ->toBe(['one' => 0, 'two' => 1, 'three' => 2])
        // The side beyond a neighbour is told once colour gets there, and not before.
        ->and(sidesOf(letRun($request, 844.4)))
        ->toBe(['one two 240 reached join'])
        ->and(sidesOf(letRun($request, 844.6)))
        ->toBe(['one two 240 reached join', 'two three 844 reached join']);
});

it('tells the ways out where room is short of the need, reached or not', function (): void {
    $request = Rows::request(row('one', 'two'), [spotIn('one', 0)]);
    $at = fn (float $blend, float $needed): Side => letRun($request, $blend, $needed)->sides[0];
    expect($at(100.0, 240.0)->options)
        ->toBe([])
        ->and($at(100.0, 240.0)->choice)
        ->toBeNull()
        ->and($at(100.0, 241.0)->options)
        ->toHaveCount(4)
        ->and($at(100.0, 241.0)->reached)
        ->toBeFalse()
        ->and($at(100.0, 241.0)->choice)
        ->toBe(SideChoice::Join)
        ->and($at(100.0, 240.0)->isShort())
        ->toBeFalse()
        ->and($at(100.0, 241.0)->isShort())
        ->toBeTrue()
        // What is short but not reached asks nobody in.
        ->and(away(letRun($request, 100.0, 241.0)))
        ->toBe(['one' => 0]);
});

it('measures a side from the nearest of several repairs', function (): void {
    $two = Rows::request(row('one', 'two', 'three'), [spotIn('two', 1, 200.0), spotIn('two', 1, 450.0, 'r2')]);
    expect(sidesOf(letRun($two, 80.0, 80.0)))->toBe(['two one 140', 'two three 90']);
    $play = letRun($two, 100.0);
    expect(away($play))
        ->toBe(['two' => 0, 'three' => 1])
        ->and(array_map(fn (Footprint $f): string => $f->repair->id, $play->panels['three']->footprints))
        ->toBe(['r1', 'r2'])
        ->and(PanelsInPlay::around(Rows::request(row('one', 'two', 'three'), [spotIn('two', 1, 200.0)]))->tightestMm())
        ->toEqualWithDelta(140.0, 1e-9)
        // Of those that do not take part yet.
        ->and($play->tightestMm())
        ->toEqualWithDelta(140.0, 1e-9)
        ->and(PanelsInPlay::around($two)->tightestMm())
        ->toEqualWithDelta(90.0, 1e-9);
});

it('meets a panel that carries a repair of its own: the seam between is told from either side', function (): void {
    $play = letRun(Rows::request(row('one', 'two', 'three'), [spotIn('one', 0), spotIn('two', 1, 300.0, 'r2')]), 300.0);
    expect(away($play))
        ->toBe(['one' => 0, 'two' => 0, 'three' => 1])
        ->and(sidesOf($play))
        ->toBe(['one two 240 reached join', 'two one 240 reached join', 'two three 240 reached join'])
        ->and(array_map(fn (Footprint $f): string => $f->repair->id, $play->panels['one']->footprints))
        ->toBe(['r1', 'r2'])
        ->and(array_map(fn (Footprint $f): string => $f->repair->id, $play->panels['two']->footprints))
        ->toBe(['r2', 'r1'])
        // Room is asked for only towards panels that carry none.
        ->and(PanelsInPlay::around(Rows::request(row('one', 'two'), [spotIn('one', 0), spotIn('two', 1)]))->tightestMm())
        ->toBeNull();
});

it('sees a repair two seams off once, wherever the panel between has repairs or none', function (): void {
    $ids = fn (PanelsInPlay $play, string $panel): array => array_map(
        fn (Footprint $f): string => $f->repair->id,
        $play->panels[$panel]->footprints,
    );
    // Between two repairs: from both sides, each once.
    $between = letRun(Rows::request(row('one', 'two', 'three'), [spotIn('one', 0), spotIn('three', 2, 300.0, 'r2')]), 900.0);
    expect(away($between))
        ->toBe(['one' => 0, 'three' => 0, 'two' => 1])
        ->and($ids($between, 'two'))
        ->toBe(['r1', 'r2'])
        // Not back onto the panel it came from.
        ->and($ids($between, 'one'))
        ->toBe(['r1'])
        ->and($ids($between, 'three'))
        ->toBe(['r2']);
    // Carried over a panel without one.
    $carried = letRun(Rows::request(row('one', 'two', 'three'), [spotIn('one', 0)]), 900.0);
    $primer = $carried->panels['three']->footprints[0];
    expect($ids($carried, 'three'))->toBe(['r1'])->and($primer->distanceFrom(1208.0, 300.0))->toEqualWithDelta(848.0, 1e-9);
});

it('stops by itself where a neighbour is trim, from either side of the seam', function (PanelKind $kind): void {
    $body = Rows::of(['one' => [], 'low' => ['kind' => $kind]]);
    $onto = letRun(Rows::request($body, [spotIn('one', 0)]), 300.0);
    $from = letRun(Rows::request($body, [spotIn('low', 1)]), 300.0);
    $said = 'Stop at the gap: Low lies in another plane or is another material, which hides a little of a step.';
    expect(sidesOf($onto))
        ->toBe(['one low 240 reached stop-at-line'])
        ->and(sidesOf($from))
        ->toBe(['low one 240 reached stop-at-line'])
        ->and($onto->sides[0]->folds)
        ->toBeTrue()
        ->and($from->sides[0]->folds)
        ->toBeTrue()
        ->and(waysAt($onto->sides[0])['stop-at-line'])
        ->toBe([true, $said])
        ->and(away(letRun(Rows::request($body, [spotIn('one', 0)], ['low|one' => SideChoice::Join]), 300.0)))
        ->toBe(['one' => 0, 'low' => 1])
        ->and(PanelsInPlay::around(Rows::request($body, [spotIn('one', 0)]))->tightestMm())
        ->toBeNull();
})->with([PanelKind::Sill, PanelKind::Bumper]);

it('folds where plane or material changes: joined from the repair\'s own panel, not from further', function (array $is): void {
    $body = Rows::of(['one' => [], 'two' => [], 'three' => $is]);
    $beside = letRun(Rows::request($body, [spotIn('two', 1)]), 300.0);
    $further = letRun(Rows::request($body, [spotIn('one', 0)]), 900.0);
    expect($beside->panels)
        ->toHaveKey('three')
        ->and(sideBetween($beside, 'two', 'three')->folds)
        ->toBeTrue()
        ->and(sideBetween($beside, 'two', 'one')->folds)
        ->toBeFalse()
        ->and(waysAt(sideBetween($beside, 'two', 'three'))['stop-at-line'][0])
        ->toBeTrue()
        ->and(away($further))
        ->toBe(['one' => 0, 'two' => 1])
        ->and(sideBetween($further, 'two', 'three')->choice)
        ->toBe(SideChoice::StopAtLine);
})->with([
    'a flat panel' => [['lies' => Orientation::Flat]],
    'a plastic panel' => [['material' => Material::Plastic]],
]);

it('offers no line to stop at where nothing is pressed in and nothing folds', function (): void {
    $play = letRun(Rows::request(row('one', 'two'), [spotIn('one', 0)]), 300.0);
    expect(waysAt($play->sides[0])['stop-at-line'])->toBe([
        false,
        'Stop at a body line: there is none between the repair and Two.',
    ]);
});

it('walks over a fold as over a gap, and further from there', function (): void {
    // The lid lies over the upper edge of two, drawn elsewhere and turned; a spot of two has 240 mm to it.
    $body = Rows::of(['one' => [], 'two' => []], 'two');
    $play = letRun(Rows::request($body, [spotIn('two', 1)]), 300.0);
    expect(away($play))->toBe(['two' => 0, 'one' => 1, 'lid' => 1]);
    // Middle of the lid's seam: 300 mm from the spot's centre, and the gap.
    $primer = $play->panels['lid']->footprints[0];
    expect($primer->distanceFrom(0.0, 5300.0))
        ->toEqualWithDelta(300.0 + 4.0 - 60.0, 0.01)
        // 100 mm up the lid, 400 mm along it from the middle: by Pythagoras.
        ->and($primer->distanceFrom(100.0, 5700.0))
        ->toEqualWithDelta(hypot(404.0, 400.0) - 60.0, 0.01);
    // Primer that hangs over the gap leaves no room beyond it, and no less than none.
    expect(hangingOver($body)->room->value())->toBe(0.0);
    // From one, over two, onto the lid, when the painter wants it: unfolded twice.
    $over = Rows::request($body, [spotIn('one', 0, 500.0)], ['lid|two' => SideChoice::Join]);
    $far = letRun($over, 500.0);
    expect(away($far))
        ->toBe(['one' => 0, 'two' => 1, 'lid' => 2])
        // From (500, 300) to the lid's nearer corner, which lies at (604, -4): by Pythagoras.
        ->and($far->panels['lid']->footprints[0]->distanceFrom(0.0, 5000.0))
        ->toEqualWithDelta(hypot(104.0, 304.0) - 60.0, 0.01)
        // And without being asked, not.
        ->and(away(letRun(Rows::request($body, [spotIn('one', 0, 500.0)]), 500.0)))
        ->toBe(['one' => 0, 'two' => 1]);
});

it('carries no colour where none fades: every side is butted', function (): void {
    $request = Rows::request(row('one', 'two'), [spotIn('one', 0)], steps: Rows::whole());
    $play = letRun($request, 100.0);
    expect(sidesOf($play))
        ->toBe(['one two 240 reached butt'])
        ->and(away($play))
        ->toBe(['one' => 0])
        ->and(PanelsInPlay::around($request)->tightestMm())
        ->toBeNull();
});

it('takes the longest colour coat for where dust lands, and a whole coat for everywhere', function (): void {
    $steps = Rows::fading()->steps;
    $request = fn (array $order): BlendRequest => Rows::request(
        row('one', 'two'),
        [spotIn('one', 0)],
        steps: new CoatSequence($order),
    );
    // The clear goes everywhere and carries no colour.
    expect(away(letRun($request([$steps[1], $steps[0], $steps[2]]), 240.6)))
        ->toBe(['one' => 0, 'two' => 1])
        ->and(away(letRun($request([$steps[0], $steps[2]]), 400.0)))
        ->toBe(['one' => 0])
        ->and(away(letRun($request([...$steps, Rows::whole()->steps[0]]), 100.0)))
        ->toBe(['one' => 0, 'two' => 1]);
});

it('stops where the painter says so, and remembers that it was the painter', function (): void {
    foreach ([SideChoice::Butt, SideChoice::StopAtLine, SideChoice::SmallGun] as $choice) {
        $play = letRun(Rows::request(row('one', 'two'), [spotIn('one', 0)], ['one|two' => $choice]), 300.0);
        expect(sidesOf($play))->toBe(["one two 240 reached {$choice->value} by you"])->and(away($play))->toBe(['one' => 0]);
    }
});

it('keeps a repair tiny with the small gun when it is tiny and the small gun\'s need has room', function (): void {
    $small = fn (array $repairs, float $needs, GunChoice $gun = GunChoice::Standard): array => waysAt(
        letRun(Rows::request(row('one', 'two'), $repairs, [], $gun), 300.0, 500.0, $needs)->sides[0],
    )['small-gun'];
    $one = fn (float $radius): array => [spotIn('one', 0, 300.0 - $radius, radius: $radius)];
    $hand = fn (float $high): Repair => new Repair(
        'r1',
        'one',
        Freehand::through([[200.0, 200.0], [300.0, 200.0], [300.0, 200.0 + $high], [200.0, 200.0 + $high]]),
        Under::Primer,
        3,
    );
    $fits = 'Keep it tiny with a small gun at low pressure: needs 200 mm, has 300 mm.';
    $large = 'Keep it tiny with a small gun: this repair is too large for that.';
    expect($small($one(60.0), 300.0))
        ->toBe([true, 'Keep it tiny with a small gun at low pressure: needs 300 mm, has 300 mm.'])
        ->and($small($one(60.0), 301.0))
        ->toBe([false, 'Keep it tiny with a small gun: even that needs 301 mm, there is 300 mm.'])
        ->and($small($one(60.5), 200.0))
        ->toBe([false, $large])
        ->and($small($one(60.0), 200.0, GunChoice::Small))
        ->toBe([false, 'The small gun is already chosen and still needs 200 mm.'])
        // As large as a spot of 60 mm, 113 cm2, in any shape.
        ->and($small([$hand(113.0)], 200.0))
        ->toBe([true, $fits])
        ->and($small([$hand(113.5)], 200.0))
        ->toBe([false, $large])
        // One that is too large spoils it, in whichever order.
        ->and($small([spotIn('one', 0), spotIn('one', 0, 200.0, 'r2', 90.0)], 200.0)[0])
        ->toBeFalse()
        ->and($small([spotIn('one', 0, 200.0, 'r2', 90.0), spotIn('one', 0)], 200.0)[0])
        ->toBeFalse();
});

it('finds the body line between the repair and the gap, and stops on its near side', function (): void {
    $pressed = fn (array ...$lines): array => [
        'lines' => array_map(
            fn (array $points, int $n): NamedLine => new NamedLine("line {$n}", Polyline::through($points)),
            $lines,
            array_keys($lines),
        ),
    ];
    $at = function (array $is, array $sides = []): PanelsInPlay {
        return letRun(Rows::request(Rows::of(['one' => $is, 'two' => []]), [spotIn('one', 0)], $sides), 300.0);
    };
    $says = fn (array $is): array => waysAt($at($is)->sides[0])['stop-at-line'];
    $named = fn (int $n): array => [true, "Stop at the line {$n}: a sharp line hides a little of a step."];
    $none = [false, 'Stop at a body line: there is none between the repair and Two.'];
    // The way goes from (360, 300) to (600, 300).
    $crosses = [
        [[500.0, 0.0], [500.0, 600.0]],
        [[400.0, 290.0], [590.0, 350.0]],
        [[400.0, 320.0], [590.0, 280.0]],
        [[590.0, 260.0], [400.0, 310.0]],
        // Of several pieces the last.
        [[0.0, 50.0], [500.0, 50.0], [500.0, 250.0], [520.0, 350.0]],
    ];
    $passes = [
        'below it' => [[500.0, 310.0], [500.0, 600.0]],
        'above it' => [[500.0, 0.0], [500.0, 290.0]],
        'behind the repair' => [[100.0, 0.0], [100.0, 600.0]],
        'along it' => [[0.0, 310.0], [600.0, 310.0]],
        'ending on it' => [[500.0, 0.0], [500.0, 300.0]],
        'beginning on it' => [[500.0, 300.0], [500.0, 600.0]],
        'where it begins' => [[360.0, 0.0], [360.0, 600.0]],
        'slanting past it' => [[380.0, 350.0], [590.0, 301.0]],
        'slanting behind' => [[250.0, 250.0], [355.0, 340.0]],
    ];
    foreach ($crosses as $line) {
        expect($says($pressed($line)))->toBe($named(0));
    }
    foreach ($passes as $where => $line) {
        expect($says($pressed($line)))->toBe($none, $where);
    }
    // The second of two, where the first lies elsewhere.
    expect($says($pressed([[0.0, 100.0], [600.0, 100.0]], $crosses[0])))->toBe($named(1));
    $cut = $pressed([[500.0, 0.0], [500.0, 600.0]]);
    $stop = ['one|two' => SideChoice::StopAtLine];
    $stops = $at($cut, $stop)->panels['one']->stops;
    expect($at($cut)->panels['one']->stops)
        ->toBe([])
        ->and($stops)
        ->toHaveCount(1)
        ->and($stops[0][0]->xs)
        ->toBe([500.0, 500.0])
        ->and($stops[0][1]->x)
        ->toEqualWithDelta(300.0, 1e-6)
        ->and($stops[0][1]->y)
        ->toEqualWithDelta(300.0, 1e-6)
        // Stopping with no line there, or at trim, cuts nothing of the panel.
        ->and($at([], $stop)->panels['one']->stops)
        ->toBe([]);
    $trim = Rows::request(Rows::of(['one' => $cut, 'two' => ['kind' => PanelKind::Sill]]), [spotIn('one', 0)]);
    $onto = letRun($trim, 300.0);
    expect($onto->panels['one']->stops)
        ->toBe([])
        ->and($onto->sides[0]->choice)
        ->toBe(SideChoice::StopAtLine)
        ->and(waysAt($onto->sides[0])['stop-at-line'])
        ->toBe([true, 'Stop at the gap: Two lies in another plane or is another material, which hides a little of a step.']);
});

it('looks past panels on which nothing fades for the tightest side', function (): void {
    $whole = CoatStep::plain('all', 'All', CoatKind::Base, Extent::wholePanel(), '')->changed(where: Where::panels(['one']));
    $fades = CoatStep::plain('out', 'Out', CoatKind::Base, Extent::past(0.5, 0.5), '')->changed(where: Where::panels(['three']));
    $body = row('one', 'two', 'three', 'four');
    $repairs = [spotIn('one', 0), spotIn('three', 2, 350.0, 'r2')];
    $request = Rows::request($body, $repairs, steps: new CoatSequence([$whole, $fades, Rows::clear()]));
    // 190 mm from the second to four, 290 to two; the first is painted edge to edge.
    expect(PanelsInPlay::around($request)->tightestMm())->toEqualWithDelta(190.0, 1e-9);
});

it('tells room rounded down, and why a neighbour takes part with the same figure', function (): void {
    $play = letRun(Rows::request(row('one', 'two'), [spotIn('one', 0, 299.3)]), 300.0);
    expect($play->sides[0]->room->value())
        ->toBe(240.0)
        ->and($play->sides[0]->room->reasons[0]->inputs)
        ->toBe(['repair' => 'r1'])
        ->and($play->sides[0]->from->x)
        ->toEqualWithDelta(359.3, 1e-9)
        ->and($play->sides[0]->to->x)
        ->toEqualWithDelta(600.0, 1e-9)
        ->and($play->panels['two']->why->rule->in(UnitSystem::Metric))
        ->toBe('Colour reaches 300 mm past the primer; the gap to Two is only 240 mm away.')
        ->and(waysAt($play->sides[0])['join'])
        ->toBe([true, 'Let the colour run into Two and blend there. Surest; one panel more to prepare and clear.'])
        ->and(waysAt($play->sides[0])['butt'][0])
        ->toBeTrue();
});

it('has no room at all beside a new part', function (): void {
    $part = new Repair('r1', 'two', new WholePanel(), Under::NewPrimedPart, 3);
    $play = letRun(Rows::request(row('one', 'two', 'three'), [$part]), 300.0);
    expect(sidesOf($play))
        ->toBe(['two one 0 reached join', 'two three 0 reached join'])
        ->and(PanelsInPlay::around(Rows::request(row('one', 'two'), [$part]))->tightestMm())
        ->toBe(0.0);
});
