<?php

declare(strict_types=1);

use Kalopsis\Panel\Exception\BadOutline;
use Kalopsis\Panel\Internal\Ring;
use Kalopsis\Panel\Motion;
use Kalopsis\Panel\Outline;
use Kalopsis\Panel\Point;
use Kalopsis\Panel\Polyline;

it('measures rectangles and triangles exactly', function (): void {
    $rectangle = Outline::through([[0, 0], [300, 0], [300, 200], [0, 200]]);
    expect($rectangle->areaMm2())
        ->toBe(60000.0)
        ->and($rectangle->lengthMm())
        ->toBe(1000.0)
        ->and($rectangle->centroid())
        ->toEqual(new Point(150.0, 100.0))
        ->and(Outline::through([[0, 0], [0, 40], [30, 0]])->areaMm2())
        ->toBe(600.0);
});

it('refuses what is no outline, and says why', function (array $points, string $reason): void {
    try {
        Outline::through($points);
        $this->fail('accepted');
    } catch (BadOutline $bad) {
        expect($bad->reason)->toBe($reason);
    }
})->with([
    'nothing' => [[], 'too-few-points'],
    'two points' => [[[0, 0], [100, 0]], 'too-few-points'],
    'the same point again' => [[[5, 5], [5, 5], [5, 5], [5, 5]], 'too-few-points'],
    'a bow tie' => [[[0, 0], [100, 100], [100, 0], [0, 100]], 'crosses-itself'],
    'a loop through a point of itself' => [[[0, 0], [50, 50], [100, 0], [100, 100], [50, 50], [0, 100]], 'crosses-itself'],
    'a corner that touches a side' => [[[0, 0], [100, 0], [100, 100], [50, 0], [0, 100]], 'crosses-itself'],
    'a corner that touches a slanting side' => [[[0, 0], [120, 80], [200, 0], [200, 200], [60, 40], [0, 200]], 'crosses-itself'],
    'the same elsewhere on the sheet' => [
        [[500, 700], [620, 780], [700, 700], [700, 900], [560, 740], [500, 900]], 'crosses-itself',
    ],
    'a corner that touches a side going down' => [[[500, 700], [500, 900], [300, 800], [500, 750], [700, 800]], 'crosses-itself'],
    'a speck' => [[[0, 0], [5, 0], [5, 5], [0, 5]], 'too-small'],
    'a line there and back' => [[[0, 0], [100, 0], [200, 0]], 'too-small'],
    'NaN' => [[[0, 0], [NAN, 0], [100, 100]], 'not-finite'],
    'infinity' => [[[0, 0], [INF, 0], [100, 100]], 'not-finite'],
    'far too many points' => [
        array_map(fn (int $i): array => [cos($i / 500) * 900, sin($i / 500) * 900], range(0, 2500)),
        'too-many-points',
    ],
]);

it('takes a closing point that repeats the first', function (): void {
    expect(Outline::through([[0, 0], [100, 0], [100, 100], [0, 100], [0, 0]])->xs)->toHaveCount(4);
});

it('takes one step of a drawing written to tenths for the same point, corner to corner, and two steps for another', function (): void {
    $box = fn (float $dx, float $dy): int => count(Outline::through([[0, 0], [$dx, $dy], [100, 0], [100, 100], [0, 100]])->xs);
    expect([$box(0.1, 0.0), $box(0.1, 0.1), $box(0.2, 0.0), $box(0.2, 0.2)])
        ->toBe([4, 4, 5, 5])
        // The same where the ring closes.
        ->and(Outline::through([[0, 0], [100, 0], [100, 100], [0, 100], [0.1, 0.1]])->xs)
        ->toHaveCount(4)
        ->and(Outline::through([[0, 0], [100, 0], [100, 100], [0, 100], [0.0, 0.2]])->xs)
        ->toHaveCount(5);
});

it('takes a place of 9 mm to mask, and refuses one of 7: about 8 by 8 is the least (common practice)', function (): void {
    $square = fn (float $mm): Outline => Outline::through([[0, 0], [$mm, 0], [$mm, $mm], [0, $mm]]);
    expect($square(9.0)->areaMm2())
        ->toBe(81.0)
        ->and(fn () => $square(7.0))
        ->toThrow(BadOutline::class, '49 mm²');
});

it('draws the hull around several outlines through their outermost corners alone', function (): void {
    $square = fn (float $x): Outline => Outline::through([
        [$x, 0.0], [$x + 50.0, 0.0], [$x + 100.0, 0.0], [$x + 100.0, 50.0], [$x + 100.0, 100.0], [$x + 50.0, 50.0], [$x, 100.0],
    ]);
    $hull = Outline::around([$square(0.0), $square(300.0)]);
    expect($hull->xs)->toHaveCount(4)->and($hull->areaMm2())->toEqualWithDelta(400.0 * 100.0, 1e-9);
    // A corner that stands out by a hundredth of a millimetre is one.
    $bulging = Outline::around([Outline::through([[0, 0], [50, -0.01], [100, 0], [100, 100], [0, 100]])]);
    expect($bulging->xs)->toHaveCount(5);
});

it('is written to a tenth of a millimetre, across before down', function (): void {
    expect(json_encode([new Point(1.26, -2.34), new Point(0.04, 7.0)]))->toBe('[[1.3,-2.3],[0,7]]');
});

it('gives signed distances that agree with trying every piece, on either sense of travel', function (): void {
    $star = [];
    for ($i = 0; $i < 14; $i++) {
        $r = $i % 2 === 0 ? 400.0 : 170.0;
        $star[] = [$r * cos(($i * M_PI) / 7), $r * sin(($i * M_PI) / 7)];
    }
    foreach ([$star, array_reverse($star)] as $points) {
        $outline = Outline::through($points);
        $ring = new Ring($outline);
        $line = $outline->asLine();
        for ($x = -450; $x <= 450; $x += 37) {
            for ($y = -450; $y <= 450; $y += 41) {
                $near = $line->nearestTo($x, $y);
                $expected = hypot($near->x - $x, $near->y - $y) * ($outline->contains($x, $y) ? -1 : 1);
                expect($ring->signed($x, $y))->toEqualWithDelta($expected, 1e-6);
            }
        }
        [, $notes] = $ring->survey(100.0, 120.0);
        $block = $ring->block(80.0, 100.0, 10.0, 5, $notes);
        foreach ($block as $k => $d) {
            expect($d)->toEqualWithDelta($ring->signed(80.0 + 10 * ($k % 5), 100.0 + 10 * intdiv($k, 5)), 1e-9);
        }
    }
});

it('lays one line onto another by turning and shifting', function (): void {
    $line = Polyline::through([[0, 0], [100, 20], [200, 0], [350, -40]])->evenly(9);
    $motion = Motion::of(0.7, 120.0, -30.0);
    $moved = array_map(fn (Point $p): Point => $motion->apply($p->x, $p->y), $line);
    $found = Motion::fitting($line, $moved);
    expect($found->cos)
        ->toEqualWithDelta($motion->cos, 1e-9)
        ->and($found->shiftX)
        ->toEqualWithDelta(120.0, 1e-6)
        ->and($found->shiftY)
        ->toEqualWithDelta(-30.0, 1e-6);
    $there = $motion->then($motion->inverse())->apply(12.0, 34.0);
    expect($there->x)->toEqualWithDelta(12.0, 1e-9)->and($there->y)->toEqualWithDelta(34.0, 1e-9);
});

it('walks a line in even steps', function (): void {
    $points = Polyline::through([[0, 0], [30, 0], [30, 60], [120, 60]])->evenly(7);
    expect($points)->toHaveCount(7);
    $walked = Polyline::through([[0, 0], [30, 0], [30, 60], [120, 60]])->lengthMm();
    expect($walked)
        ->toBe(180.0)
        ->and($points[1])
        ->toEqual(new Point(30.0, 0.0))
        ->and($points[3])
        ->toEqual(new Point(30.0, 60.0))
        ->and($points[6])
        ->toEqual(new Point(120.0, 60.0));
});
