<?php

declare(strict_types=1);

use Kalopsis\Panel\BlendRoom;
use Kalopsis\Panel\BodyShapeSvg;
use Kalopsis\Panel\DistanceField;
use Kalopsis\Panel\Exception\BadBodyShape;
use Kalopsis\Panel\Exception\BadOutline;
use Kalopsis\Panel\Footprint;
use Kalopsis\Panel\Freehand;
use Kalopsis\Panel\Motion;
use Kalopsis\Panel\Outline;
use Kalopsis\Panel\Point;
use Kalopsis\Panel\Polyline;
use Kalopsis\Panel\Repair;
use Kalopsis\Panel\RepairShape;
use Kalopsis\Panel\Room;
use Kalopsis\Panel\Tape;
use Kalopsis\Panel\Under;
use Kalopsis\Panel\WholePanel;
use Kalopsis\Tests\Support\Bodies;
use Kalopsis\Why\Phrase;

/** A square of 1000 mm with a line down its right edge; the way from a shape to that line. */
function wayOut(RepairShape $shape, ?Polyline $line = null): Room
{
    return BlendRoom::to(
        new Repair('r1', 'sheet', $shape, Under::Primer, 3),
        Bodies::rectangle(1000, 1000),
        $line ?? Polyline::through([[1000, 0], [1000, 1000]]),
        'next',
        'the right edge',
    );
}

/** @return list<float> */
function ends(Room $room): array
{
    return [$room->from->x, $room->from->y, $room->to->x, $room->to->y];
}

it('goes the shortest way from the rim of a spot, from where it starts to where it ends', function (): void {
    $room = wayOut(Bodies::spot(400, 300, 60)->shape);
    expect($room->mm)
        ->toEqualWithDelta(540.0, 1e-9)
        ->and(ends($room))
        ->toEqualWithDelta([460.0, 300.0, 1000.0, 300.0], 1e-9)
        ->and([$room->repairId, $room->panelId, $room->neighbour, $room->edge])
        ->toBe(['r1', 'sheet', 'next', 'the right edge']);
    // A spot over the line has no room, and starts where it ends; one whose centre lies on it starts at its centre.
    expect(wayOut(Bodies::spot(970, 300, 60)->shape)->mm)
        ->toBe(0.0)
        ->and(ends(wayOut(Bodies::spot(970, 300, 60)->shape)))
        ->toEqualWithDelta([1000.0, 300.0, 1000.0, 300.0], 1e-9)
        ->and(ends(wayOut(Bodies::spot(1000, 300, 60)->shape)))
        ->toEqualWithDelta([1000.0, 300.0, 1000.0, 300.0], 1e-9);
});

it('goes from a corner of what was drawn, or to a corner of the line', function (): void {
    $triangle = Freehand::through([[300.0, 300.0], [700.0, 450.0], [300.0, 600.0]]);
    $fromCorner = wayOut($triangle);
    expect($fromCorner->mm)
        ->toEqualWithDelta(300.0, 1e-9)
        ->and(ends($fromCorner))
        ->toEqualWithDelta([700.0, 450.0, 1000.0, 450.0], 1e-9);
    // A line that ends above the middle of a straight side: its end is nearest.
    $square = Freehand::through([[300.0, 300.0], [700.0, 300.0], [700.0, 600.0], [300.0, 600.0]]);
    $toCorner = wayOut($square, Polyline::through([[500, 100], [450, 40]]));
    expect($toCorner->mm)
        ->toEqualWithDelta(200.0, 1e-9)
        ->and(ends($toCorner))
        ->toEqualWithDelta([500.0, 300.0, 500.0, 100.0], 1e-9);
    // A line that ends inside of it.
    $inside = wayOut($square, Polyline::through([[500, 100], [500, 400]]));
    expect([$inside->mm, ...ends($inside)])->toEqualWithDelta([0.0, 500.0, 400.0, 500.0, 400.0], 1e-9);
});

it('has no room anywhere where the whole panel is primed', function (): void {
    $room = wayOut(new WholePanel());
    expect([$room->mm, ...ends($room)])->toBe([0.0, 1000.0, 0.0, 1000.0, 0.0]);
});

it('is as large as a round repair of its area', function (): void {
    $sheet = Bodies::rectangle(1000, 1000);
    $drawn = Freehand::through([[0.0, 0.0], [200.0, 0.0], [200.0, 100.0], [0.0, 100.0]]);
    $square = new Repair('r1', 'sheet', $drawn, Under::Primer, 3);
    expect($square->radiusMm($sheet))
        ->toEqualWithDelta(sqrt(20_000.0 / M_PI), 1e-9)
        ->and($square->isWholePanel())
        ->toBeFalse()
        ->and(Bodies::spot(0, 0, 35.0)->radiusMm($sheet))
        ->toBe(35.0)
        ->and((new Repair('r1', 'sheet', new WholePanel(), Under::Primer, 3))->isWholePanel())
        ->toBeTrue();
});

it('knows what lies past a line from either side, its ends carried on straight', function (): void {
    // A corner: down, then to the right.
    $line = Polyline::through([[100, 0], [100, 100], [200, 100]]);
    $near = new Point(0.0, 50.0);
    $past = fn (float $x, float $y): bool => $line->isPassedBy($x, $y, $near);
    expect([$past(50, 50), $past(150, 50), $past(150, 150), $past(50, 150)])
        ->toBe([false, true, false, false])
        // Above its first point and right of its last it goes on as it came.
        ->and([$past(90, -500), $past(110, -500), $past(900, 90), $past(900, 110)])
        ->toBe([false, true, true, false])
        // From the other side it is the other way round.
        ->and($line->isPassedBy(50, 50, new Point(150.0, 50.0)))
        ->toBeTrue()
        ->and($line->isPassedBy(150, 50, new Point(150.0, 50.0)))
        ->toBeFalse();
});

it('tells distances as a picture: whole millimetres, never more than the most, nothing past a line', function (): void {
    $sheet = Bodies::rectangle(200, 200);
    $spot = [Footprint::at(Bodies::spot(60, 100, 20), $sheet)];
    $plain = (new DistanceField($sheet, $spot, [20.0, 40.0, 60.0]))->raster(100.0);
    $at = fn (array $r, float $x, float $y): ?int => $r['mm'][(int) round(($y - $r['y0']) / $r['step']) * $r['nx']
        + (int) round(($x - $r['x0']) / $r['step'])];
    expect([$plain['step'], count($plain['mm'])])
        ->toBe([10.0, $plain['nx'] * $plain['ny']])
        ->and($at($plain, 120.0, 100.0))
        ->toBe(40)
        ->and(max($plain['mm']))
        ->toBe(100)
        ->and(min($plain['mm']))
        ->toBeLessThan(0);
    $stop = [[Polyline::through([[120, 0], [120, 200]]), new Point(60.0, 100.0)]];
    $stopped = (new DistanceField($sheet, $spot, [20.0, 40.0, 60.0], $stop))->raster(100.0);
    expect([$at($stopped, 180.0, 100.0), $at($stopped, 60.0, 100.0)])->toBe([null, -20]);
});

it('covers a panel only where every corner is within reach, and never past a line', function (): void {
    $sheet = Bodies::rectangle(300, 300);
    $area = function (float $reach, array $stops = []) use ($sheet): float {
        $field = new DistanceField($sheet, [Footprint::at(Bodies::spot(150, 150, 30), $sheet)], [$reach], $stops);

        return $field->within($reach)->areaMm2;
    };
    // Half the diagonal is 212.1 mm, less the 30 of the spot.
    expect($area(183.0))
        ->toBe(90_000.0)
        ->and($area(175.0))
        ->toBeLessThan(90_000.0)
        ->toBeGreaterThan(89_000.0)
        // A line across the middle leaves half of it, however far the colour would go.
        ->and($area(183.0, [[Polyline::through([[0, 150], [300, 150]]), new Point(150.0, 100.0)]]))
        ->toEqualWithDelta(45_000.0, 300.0)
        ->and($area(5.0))
        ->toEqualWithDelta(M_PI * 35.0 ** 2, 0.02 * M_PI * 35.0 ** 2);
});

it('measures together what lies between two repairs, on the panel of the first', function (): void {
    $sheet = Bodies::rectangle(1000, 1000);
    $pair = [
        Footprint::at(Bodies::spot(300, 500, 40, id: 'a'), $sheet),
        Footprint::at(Bodies::spot(700, 500, 40, id: 'b'), $sheet),
    ];
    $around = Footprint::around($pair);
    expect($around->repair->id)
        ->toBe('a')
        // The middle between them is inside now.
        ->and($around->distanceFrom(500, 500))
        ->toEqualWithDelta(-40.0, 0.5)
        ->and($around->distanceFrom(500, 600))
        ->toEqualWithDelta(60.0, 0.5)
        ->and($pair[0]->distanceFrom(500, 500))
        ->toEqualWithDelta(160.0, 1e-9)
        // Carried 100 mm down the sheet it is as far from what lies 100 mm lower.
        ->and($pair[0]->carried(Motion::of(0.0, 0.0, 100.0))->distanceFrom(500, 600))
        ->toEqualWithDelta(160.0, 1e-9);
});

it('lays points on points wherever both lie, and finds the way back', function (): void {
    $from = [new Point(700.0, -300.0), new Point(900.0, -310.0), new Point(1150.0, -260.0)];
    $true = Motion::of(0.4, 120.0, 850.0);
    $to = array_map(fn (Point $p): Point => $true->apply($p->x, $p->y), $from);
    $found = Motion::fitting($from, $to);
    expect([$found->cos, $found->sin, $found->shiftX, $found->shiftY])
        ->toEqualWithDelta([cos(0.4), sin(0.4), 120.0, 850.0], 1e-9);
    $there = $found->apply(10.0, 20.0);
    $back = $found->inverse()->apply($there->x, $there->y);
    expect([$back->x, $back->y])
        ->toEqualWithDelta([10.0, 20.0], 1e-9)
        ->and(Motion::none()->isNone())
        ->toBeTrue()
        ->and($found->isNone())
        ->toBeFalse();
    // One point tells no turn.
    $shift = Motion::fitting([new Point(5.0, 5.0)], [new Point(9.0, 2.0)]);
    expect([$shift->cos, $shift->sin, $shift->shiftX, $shift->shiftY])->toEqualWithDelta([1.0, 0.0, 4.0, -3.0], 1e-12);
});

it('refuses outlines that touch themselves as well as those that cross', function (array $points, bool $taken): void {
    $read = fn (): Outline => Outline::through($points);
    $taken ? expect($read()->areaMm2())->toBeGreaterThan(0.0) : expect($read)->toThrow(BadOutline::class);
})->with([
    'a bow tie' => [[[0, 0], [100, 100], [100, 0], [0, 100]], false],
    'a corner that touches a side' => [[[0, 0], [100, 0], [100, 100], [50, 0], [0, 100]], false],
    'a corner just short of it' => [[[0, 0], [100, 0], [100, 100], [50, 1], [0, 100]], true],
    'a corner just past it' => [[[0, 0], [100, 0], [100, 100], [50, -1], [0, 100]], false],
    'a corner that touches a corner' => [[[0, 0], [50, 50], [100, 0], [100, 100], [50, 50], [0, 100]], false],
    'one in line with a side that it does not reach' => [[[0, 0], [100, 0], [100, 50], [200, 50], [200, 100], [0, 100]], true],
]);

it('tapes a panel from end to end, from the middle line where both sides are drawn alike', function (): void {
    $tape = fn (float $x, float $y, bool $across, bool $both): Tape => Tape::over(
        Bodies::rectangle(800, 400, $x, $y),
        't',
        Phrase::of('Tape'),
        Phrase::of('How'),
        $across,
        $both,
    );
    $told = fn (Tape $t): array => [$t->from, $t->to, $t->mirrored, $t->drawnMm()];
    expect($told($tape(100, -200, false, true)))
        ->toBe([100.0, 900.0, false, 800.0])
        ->and($told($tape(100, 300, true, false)))
        ->toBe([300.0, 700.0, false, 400.0])
        // Over the middle: from it to the further edge, twice.
        ->and($told($tape(100, -150, true, true)))
        ->toBe([0.0, 250.0, true, 500.0])
        ->and($told($tape(100, -250, true, true)))
        ->toBe([0.0, 250.0, true, 500.0])
        // On one side of it: from the nearer edge to the further.
        ->and($told($tape(100, -700, true, true)))
        ->toBe([300.0, 700.0, false, 400.0])
        ->and($told($tape(100, 0, true, true)))
        ->toBe([0.0, 400.0, false, 400.0]);
});

it('reads drawings to the ends of what they may say', function (callable $change, ?string $refused): void {
    $read = fn () => BodyShapeSvg::read($change(Bodies::svg('quill-3')));
    $refused === null ? expect($read()->panels)->not->toBeEmpty() : expect($read)->toThrow(BadBodyShape::class, $refused);
})->with([
    'no gap' => [fn (string $s): string => str_replace('data-gap="4"', 'data-gap="0"', $s), null],
    'the widest gap' => [fn (string $s): string => str_replace('data-gap="4"', 'data-gap="20"', $s), null],
    'wider' => [fn (string $s): string => str_replace('data-gap="4"', 'data-gap="20.5"', $s), 'from 0 to 20 mm'],
    'a name of eighty letters' => [fn (string $s): string => str_replace('data-name="Roof"', 'data-name="' . str_repeat('r', 80) . '"', $s), null],
    'a longer one' => [
        fn (string $s): string => str_replace('data-name="Roof"', 'data-name="' . str_repeat('r', 81) . '"', $s),
        '1 to 80 characters',
    ],
    'a name of blanks' => [fn (string $s): string => str_replace('data-name="Roof"', 'data-name="  "', $s), '1 to 80 characters'],
]);

it('walks a line in even steps, ends included', function (): void {
    $line = Polyline::through([[0, 0], [100, 0], [100, 50]]);
    $at = array_map(fn (Point $p): array => [$p->x, $p->y], $line->evenly(4));
    expect($at)
        ->toEqual([[0.0, 0.0], [50.0, 0.0], [100.0, 0.0], [100.0, 50.0]])
        ->and($line->evenly(2))
        ->toHaveCount(2)
        ->and($line->evenly(7))
        ->toHaveCount(7);
});
