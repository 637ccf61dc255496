<?php

declare(strict_types=1);

use Eris\Generators;
use Kalopsis\Panel\DistanceField;
use Kalopsis\Panel\Footprint;
use Kalopsis\Panel\Freehand;
use Kalopsis\Panel\Motion;
use Kalopsis\Panel\Outline;
use Kalopsis\Panel\Point;
use Kalopsis\Panel\Polyline;
use Kalopsis\Panel\Region;
use Kalopsis\Panel\Repair;
use Kalopsis\Panel\Spot;
use Kalopsis\Panel\Under;
use Kalopsis\Panel\WholePanel;
use Kalopsis\Tests\Support\Bodies;

uses(Eris\TestTrait::class);

/** 0.6 %: a 10 mm lattice on a circle of 60 mm, docs/model.md section 2. */
const AREA_TOLERANCE = 0.006;

function within(Repair $repair, float $reach, ?Outline $panel = null): Region
{
    $on = $panel === null ? Bodies::rectangle(2000, 2000) : Bodies::panel($panel);

    return (new DistanceField($on, [Footprint::at($repair, $on)], [$reach]))->within($reach);
}

it('finds the disc around a spot', function (float $radius, float $reach): void {
    $exact = M_PI * ($radius + $reach) ** 2;
    expect(abs(within(Bodies::spot(1000, 1000, $radius), $reach)->areaMm2 / $exact - 1))->toBeLessThan(AREA_TOLERANCE);
})->with([[60, 0], [60, 50], [60, 300], [25, 200], [400, 150]]);

it('finds the area around a rectangle: A + P e + pi e^2 (Steiner)', function (float $reach): void {
    $outline = [[700.0, 800.0], [1200.0, 800.0], [1200.0, 1100.0], [700.0, 1100.0]];
    $repair = new Repair('r1', 'sheet', Freehand::through($outline), Under::Primer, 3);
    $exact = 500 * 300 + 1600 * $reach + M_PI * $reach ** 2;
    expect(abs(within($repair, $reach)->areaMm2 / $exact - 1))->toBeLessThan(AREA_TOLERANCE);
})->with([0.0, 40.0, 110.0, 300.0]);

it('clips at the edge of the panel: a spot at the middle of an edge is half a disc', function (): void {
    $half = within(Bodies::spot(1000, 0, 100), 200)->areaMm2;
    expect(abs($half / ((M_PI * 300 ** 2) / 2) - 1))->toBeLessThan(AREA_TOLERANCE);
});

it('is exactly the panel where the reach covers it', function (): void {
    $panel = Outline::through([[0, 0], [900, 40], [1000, 700], [450, 820], [-60, 600]]);
    $region = within(Bodies::spot(450, 400, 60), 900, $panel);
    expect($region->areaMm2)->toBe($panel->areaMm2());
    $new = new Repair('r1', 'sheet', new WholePanel(), Under::NewPrimedPart, 3);
    expect(within($new, 40.0, $panel)->areaMm2)->toBe($panel->areaMm2());
});

it('is not the whole panel where its corners are reached and its middle is not', function (): void {
    $on = Bodies::rectangle(600, 600);
    $corners = [[0.0, 0.0], [600.0, 0.0], [600.0, 600.0], [0.0, 600.0]];
    $spots = array_map(fn (array $c): Footprint => Footprint::at(Bodies::spot($c[0], $c[1], 60), $on), $corners);
    // Four quarters of a disc of 260 mm.
    $exact = M_PI * 260.0 ** 2;
    expect(abs((new DistanceField($on, $spots, [200.0]))->within(200.0)->areaMm2 / $exact - 1))->toBeLessThan(AREA_TOLERANCE);
});

it('keeps two spots apart whose colour does not meet, a cell of the lattice between them, and joins them when it does', function (
    float $dx,
    float $dy,
): void {
    // 60 mm spots 138 mm apart along a diagonal: 18 mm between them.
    $on = Bodies::rectangle(600, 600);
    $at = fn (float $side): Footprint => Footprint::at(
        Bodies::spot(305.0 + $side * $dx * 69.0 * M_SQRT1_2, 305.0 + $side * $dy * 69.0 * M_SQRT1_2, 60),
        $on,
    );
    $rings = fn (float $reach): int => count((new DistanceField($on, [$at(-1.0), $at(1.0)], [$reach]))->within($reach)->rings);
    expect([$rings(4.0), $rings(14.0)])->toBe([2, 1]);
})->with([[1.0, 1.0], [1.0, -1.0]]);

it('is empty where the reach does not get to', function (): void {
    $on = Bodies::rectangle(400, 400);
    $far = Footprint::seenAcross(Bodies::spot(0, 0, 50), $on, Motion::of(0.0, 2000.0, 0.0));
    expect((new DistanceField($on, [$far], [100.0]))->within(100.0)->isEmpty())
        ->toBeTrue()
        ->and((new DistanceField($on, [], [100.0]))->within(100.0)->isEmpty())
        ->toBeTrue();
});

it('leaves a hole where two repairs enclose one', function (): void {
    // A ring of eight spots whose discs overlap around an open middle.
    $on = Bodies::rectangle(2000, 2000);
    $feet = [];
    for ($i = 0; $i < 8; $i++) {
        $feet[] = Footprint::at(
            Bodies::spot(1000 + 500 * cos(($i * M_PI) / 4), 1000 + 500 * sin(($i * M_PI) / 4), 60, 'sheet', "r{$i}"),
            $on,
        );
    }
    $region = (new DistanceField($on, $feet, [200.0]))->within(200.0);
    $signs = array_map(fn (array $ring): int => Outline::shoelace($ring['xs'], $ring['ys']) <=> 0.0, $region->rings);
    sort($signs);
    expect($signs)->toBe([-1, 1]);
});

it('counts ground that two repairs share once (area of two overlapping discs)', function (): void {
    $on = Bodies::rectangle(2000, 2000);
    [$r, $d] = [200.0, 240.0];
    $field = new DistanceField(
        $on,
        [Footprint::at(Bodies::spot(880, 1000, 60), $on), Footprint::at(Bodies::spot(1120, 1000, 60), $on)],
        [140.0],
    );
    // Lens of two circles of radius r a distance d apart: any geometry handbook.
    $lens = 2 * $r ** 2 * acos($d / (2 * $r)) - ($d / 2) * sqrt(4 * $r ** 2 - $d ** 2);
    expect(abs($field->within(140.0)->areaMm2 / (2 * M_PI * $r ** 2 - $lens) - 1))->toBeLessThan(AREA_TOLERANCE);
});

it('stops at a line it was told to stop at', function (): void {
    $on = Bodies::rectangle(1000, 1000);
    $line = Polyline::through([[-5, 600], [500, 600], [1005, 600]]);
    $field = new DistanceField(
        $on,
        [Footprint::at(Bodies::spot(500, 500, 50), $on)],
        [700.0],
        [[$line, new Point(500, 500)]],
    );
    expect(abs($field->within(700.0)->areaMm2 / (1000 * 600) - 1))->toBeLessThan(AREA_TOLERANCE);
});

it('never shrinks when the reach grows', function (): void {
    $this->limitTo(25)
        ->forAll(
            Generators::choose(-80, 900),
            Generators::choose(0, 700),
            Generators::choose(10, 200),
            Generators::choose(0, 40),
        )
        ->then(function (int $x, int $y, int $radius, int $step): void {
            $on = Bodies::panel(
                Outline::through([
                    [0, 0],
                    [820, -40],
                    [860, 640],
                    [500, 700],
                    [420, 420],
                    [180, 420],
                    [90, 700],
                    [-30, 500],
                ]),
            );
            $reaches = [0.0, (float) $step, 2.0 * $step + 1, 60.0 + $step, 250.0, 700.0, 1600.0];
            $field = new DistanceField($on, [Footprint::at(Bodies::spot($x, $y, $radius), $on)], $reaches);
            $before = -1.0;
            foreach ($reaches as $reach) {
                $area = $field->within($reach)->areaMm2;
                expect($area)
                    ->toBeGreaterThanOrEqual($before - 1e-6)
                    ->toBeLessThanOrEqual($on->outline->areaMm2() + 1e-6);
                $before = $area;
            }
        });
});

it('does not change when car and repair are moved and turned together', function (): void {
    $this->limitTo(15)
        ->forAll(Generators::choose(0, 628), Generators::choose(-3000, 3000), Generators::choose(60, 300))
        ->then(function (int $turn, int $shift, int $reach): void {
            $outline = Outline::through([[0, 0], [900, 40], [1000, 700], [450, 820], [-60, 600]]);
            $motion = Motion::of($turn / 100, $shift, -$shift / 3);
            $centre = $motion->apply(430, 380);
            $still = within(Bodies::spot(430, 380, 60), $reach, $outline)->areaMm2;
            $moved = within(
                new Repair('r1', 'sheet', new Spot($centre, 60), Under::Primer, 3),
                $reach,
                $outline->moved($motion),
            )->areaMm2;
            expect(abs($moved / $still - 1))->toBeLessThan(AREA_TOLERANCE);
        });
});

it('draws contours that lie at their distance', function (): void {
    $region = within(Bodies::spot(1000, 1000, 60), 150);
    foreach ($region->rings[0]['xs'] as $i => $x) {
        expect(hypot($x - 1000, $region->rings[0]['ys'][$i] - 1000))->toEqualWithDelta(210.0, 0.2);
    }
});
