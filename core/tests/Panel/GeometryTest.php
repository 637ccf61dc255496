<?php

declare(strict_types=1);

use Eris\Generators;
use Kalopsis\Panel\BlendRoom;
use Kalopsis\Panel\Box;
use Kalopsis\Panel\Exception\BadBodyShape;
use Kalopsis\Panel\Freehand;
use Kalopsis\Panel\Internal\BeyondLine;
use Kalopsis\Panel\Internal\Contours;
use Kalopsis\Panel\Internal\Disc;
use Kalopsis\Panel\Internal\Lattice;
use Kalopsis\Panel\Internal\PathData;
use Kalopsis\Panel\Internal\Ring;
use Kalopsis\Panel\Internal\SelfCrossing;
use Kalopsis\Panel\Internal\Shape;
use Kalopsis\Panel\Internal\Simplify;
use Kalopsis\Panel\Motion;
use Kalopsis\Panel\Outline;
use Kalopsis\Panel\Point;
use Kalopsis\Panel\Polyline;
use Kalopsis\Panel\Repair;
use Kalopsis\Panel\Under;
use Kalopsis\Tests\Support\Bodies;

uses(Eris\TestTrait::class);

describe('SVG paths', function (): void {
    it('reads every command, absolute and relative (SVG 1.1, 8.3)', function (string $d, array $points): void {
        $read = PathData::flatten($d, 0.5, 'test');
        expect($read)->toHaveCount(count($points));
        foreach ($points as $i => [$x, $y]) {
            expect($read[$i][0])->toEqualWithDelta($x, 1e-9)->and($read[$i][1])->toEqualWithDelta($y, 1e-9);
        }
    })->with([
        'M L' => ['M10 20 L30 40', [[10, 20], [30, 40]]],
        'm l' => ['m10 20 l5 5', [[10, 20], [15, 25]]],
        'more pairs after M draw lines' => ['M0 0 10 0 10 10', [[0, 0], [10, 0], [10, 10]]],
        'more pairs after m draw relative lines' => ['m5 5 10 0 0 10', [[5, 5], [15, 5], [15, 15]]],
        'H V' => ['M1 2 H10 V20', [[1, 2], [10, 2], [10, 20]]],
        'h v' => ['M1 2 h10 v20', [[1, 2], [11, 2], [11, 22]]],
        'Z' => ['M0 0 L9 0 L9 9 Z', [[0, 0], [9, 0], [9, 9]]],
        'commas, signs and exponents' => ['M-1,-2L+3.5-4L1e1,.5', [[-1, -2], [3.5, -4], [10, 0.5]]],
        'a straight cubic is one piece' => ['M0 0 C10 0 20 0 30 0', [[0, 0], [30, 0]]],
        'a straight relative cubic' => ['M5 5 c10 0 20 0 30 0', [[5, 5], [35, 5]]],
    ]);

    it('flattens curves within the tolerance: a quarter circle by the usual cubic', function (float $tolerance): void {
        $k = (4 / 3) * tan(M_PI / 8);
        $points = PathData::flatten(sprintf('M500 0 C500 %F %F 500 0 500', 500 * $k, 500 * $k), $tolerance, 'test');
        foreach ($points as $i => [$x, $y]) {
            expect(hypot($x, $y))->toEqualWithDelta(500.0, 0.15);
            if ($i > 0) {
                $middle = hypot(($x + $points[$i - 1][0]) / 2, ($y + $points[$i - 1][1]) / 2);
                expect(500 - $middle)->toBeLessThan($tolerance + 0.15);
            }
        }
    })->with([0.1, 0.5, 2.0]);

    it('draws a quadratic as the cubic it is', function (): void {
        $quadratic = PathData::flatten('M0 0 Q50 100 100 0', 0.5, 'test');
        $cubic = PathData::flatten(
            'M0 0 C33.333333333333336 66.66666666666667 66.66666666666667 66.66666666666667 100 0',
            0.5,
            'test',
        );
        foreach ($cubic as $i => [$x, $y]) {
            expect($quadratic[$i][0])->toEqualWithDelta($x, 1e-9)->and($quadratic[$i][1])->toEqualWithDelta($y, 1e-9);
        }
    });

    it('holds two thirds of its triangle under a lopsided quadratic (Archimedes, Quadrature of the Parabola)', function (): void {
        $area = fn (string $d): float => Outline::through(array_slice(PathData::flatten($d, 0.01, 'test'), 0, -1))->areaMm2();
        // The triangle of base 300 and height 150 holds 22500 mm2.
        expect($area('M20 10 Q80 160 320 10 L20 10'))
            ->toEqualWithDelta(15000.0, 6.0)
            ->and($area('M20 10 q60 150 300 0 L20 10'))
            ->toEqualWithDelta(15000.0, 6.0);
    });

    it('refuses what it cannot read', function (string $d): void {
        PathData::flatten($d, 0.5, 'test');
    })
        ->with([
            '10 20 30',
            'M10',
            'M10 20 L30',
            'M1 1 A5 5 0 0 1 10 10',
            'M0 0 L1 1 ; 2',
            'M0 0 C1 1 2 2',
            'M0 0 Z 5 5',
            'X1 1',
        ])
        ->throws(BadBodyShape::class);
});

describe('distances', function (): void {
    it('never disagrees with a disc about what is inside it', function (): void {
        $this->limitTo(40)
            ->forAll(Generators::choose(-400, 400), Generators::choose(-400, 400))
            ->then(function (int $x, int $y): void {
                $points = [];
                for ($i = 0; $i < 360; $i++) {
                    $points[] = [200 * cos(deg2rad($i)), 200 * sin(deg2rad($i))];
                }
                expect((new Ring(Outline::through($points)))->signed($x, $y))->toEqualWithDelta(
                    (new Disc(0, 0, 200))->signed($x, $y),
                    0.02,
                );
            });
    });

    it('changes by no more than the way walked (Lipschitz)', function (): void {
        $ring = new Ring(Outline::through([[0, 0], [300, 20], [320, 400], [150, 180], [-40, 380]]));
        $this->limitTo(60)
            ->forAll(
                Generators::choose(-500, 800),
                Generators::choose(-500, 800),
                Generators::choose(-60, 60),
                Generators::choose(-60, 60),
            )
            ->then(function (int $x, int $y, int $dx, int $dy) use ($ring): void {
                expect(abs($ring->signed($x + $dx, $y + $dy) - $ring->signed($x, $y)))->toBeLessThanOrEqual(
                    hypot($dx, $dy) + 1e-9,
                );
            });
    });

    it('knows the far side of a line, carried on beyond its ends', function (): void {
        $line = new BeyondLine(Polyline::through([[0, 0], [100, 0], [200, 50]]), new Point(50, -80));
        expect($line->signed(50, -30))
            ->toBe(-30.0)
            ->and($line->signed(50, 40))
            ->toBe(40.0)
            ->and($line->signed(-500, 10))
            ->toBe(10.0)
            ->and($line->signed(-500, -10))
            ->toBe(-10.0)
            ->and($line->signed(400, 300))
            ->toBeGreaterThan(0.0)
            ->and($line->block(0, -10, 10, 3, []))
            ->toHaveCount(9);
    });

    it('fills what no contour can cross without looking, and is right in sign', function (array $shapes, array $levels): void {
        $lattice = Lattice::over(new Box(0, 0, 1900, 1300), 10);
        $samples = $lattice->distances($shapes, $levels);
        $looked = 0;
        for ($j = 0; $j < $lattice->ny; $j++) {
            for ($i = 0; $i < $lattice->nx; $i++) {
                [$x, $y] = [$lattice->x0 + 10 * $i, $lattice->y0 + 10 * $j];
                $exact = min(array_map(fn (Shape $s): float => $s->signed($x, $y), $shapes));
                $sampled = $samples->nodes[$j * $lattice->nx + $i];
                $looked += abs($exact - $sampled) < 1e-9 ? 1 : 0;
                foreach ($levels as $level) {
                    expect($sampled < $level)->toBe($exact < $level);
                }
            }
        }
        expect($looked)->toBeLessThan(($lattice->nx * $lattice->ny) / 2);
    })->with([
        'around a spot' => [fn (): array => [new Disc(400, 300, 80)], [50.0, 120.0]],
        'around two' => [fn (): array => [new Disc(400, 300, 80), new Disc(1500, 900, 60)], [0.0, 90.0, 400.0]],
        'the edge of a part with a cut-out' => [
            function (): array {
                $part = [[40, 40], [1860, 40], [1860, 1250], [900, 1250], [700, 300], [40, 900]];

                return [new Ring(Outline::through($part))];
            },
            [0.0],
        ],
    ]);

    it('traces both readings of a saddle as closed rings', function (float $level): void {
        // x y has a saddle at the origin; discs left and right of it touch or part as the level moves.
        $lattice = Lattice::over(new Box(-300, -200, 300, 200), 10);
        $samples = $lattice->distances([new Disc(-100, 3, 95), new Disc(100, -3, 95)], [$level]);
        $open = array_fill(0, $lattice->blocksX * $lattice->blocksY, false);
        $everywhere = array_fill(0, $lattice->nx * $lattice->ny, -1e9);
        $rings = Contours::trace($lattice, $samples->nodes, $level, $everywhere, $open);
        expect($rings)->toHaveCount($level > 5.0 ? 1 : 2);
        foreach ($rings as $ring) {
            expect(Outline::shoelace($ring['xs'], $ring['ys']))->toBeGreaterThan(0.0);
        }
    })->with([0.0, 2.0, 9.0, 30.0]);
});

describe('rigid motions', function (): void {
    it('keep distances, and come back', function (): void {
        $this->limitTo(40)
            ->forAll(Generators::choose(-314, 314), Generators::choose(-2000, 2000), Generators::choose(-2000, 2000))
            ->then(function (int $turn, int $dx, int $dy): void {
                $motion = Motion::of($turn / 100, $dx, $dy);
                $a = $motion->apply(10, 20);
                $b = $motion->apply(-70, 140);
                expect($a->distanceTo($b))->toEqualWithDelta(hypot(80, 120), 1e-9);
                $back = $motion->inverse()->apply($a->x, $a->y);
                expect($back->x)->toEqualWithDelta(10.0, 1e-9)->and($back->y)->toEqualWithDelta(20.0, 1e-9);
                $outline = Outline::through([[0, 0], [90, 0], [90, 40], [10, 70]]);
                expect($outline->moved($motion)->areaMm2())->toEqualWithDelta($outline->areaMm2(), 1e-6);
            });
    });

    it('fit as well as any motion near the best one', function (): void {
        $from = Polyline::through([[0, 0], [300, 40], [700, 0]])->evenly(9);
        $to = Polyline::through([[10, 500], [280, 620], [660, 690]])->evenly(9);
        $miss = function (Motion $m) use ($from, $to): float {
            $sum = 0.0;
            foreach ($from as $i => $p) {
                $sum += $m->apply($p->x, $p->y)->distanceTo($to[$i]) ** 2;
            }

            return $sum;
        };
        $best = Motion::fitting($from, $to);
        foreach ([[0.01, 0, 0], [-0.01, 0, 0], [0, 2, 0], [0, 0, -2], [0.003, 1, 1]] as [$turn, $dx, $dy]) {
            expect($miss($best->then(Motion::of($turn, $dx, $dy))))->toBeGreaterThan($miss($best));
        }
    });

    it('says when it moves nothing', function (): void {
        expect(Motion::none()->isNone())
            ->toBeTrue()
            ->and(Motion::of(0.1, 0, 0)->isNone())
            ->toBeFalse()
            ->and(Motion::of(0, 1, 0)->isNone())
            ->toBeFalse();
    });
});

describe('drawn outlines', function (): void {
    it('stay within the tolerance of what was drawn', function (): void {
        $points = array_map(fn (int $i): array => [(float) $i, 40 * sin($i / 30)], range(0, 600));
        $simple = Simplify::line($points, 2.0);
        expect(count($simple))
            ->toBeLessThan(60)
            ->and($simple[0])
            ->toBe($points[0])
            ->and($simple[count($simple) - 1])
            ->toBe($points[600]);
        $line = Polyline::through($simple);
        foreach ($points as [$x, $y]) {
            $near = $line->nearestTo($x, $y);
            expect(hypot($near->x - $x, $near->y - $y))->toBeLessThanOrEqual(2.0 + 1e-9);
        }
        expect(Simplify::line([[0.0, 0.0], [1.0, 1.0]], 2.0))->toHaveCount(2);
    });

    it('find crossings that trying every pair finds', function (): void {
        $this->limitTo(60)
            ->forAll(Generators::vector(7, Generators::tuple(Generators::choose(0, 300), Generators::choose(0, 300))))
            ->then(function (array $ring): void {
                $xs = array_map(fn (array $p): float => $p[0] + 0.001 * $p[1], $ring);
                $ys = array_map(fn (array $p): float => $p[1] - 0.0013 * $p[0], $ring);
                $n = count($xs);
                $side = fn (int $a, int $b, int $c): float => ($xs[$b] - $xs[$a]) * ($ys[$c] - $ys[$a]) -
                    ($ys[$b] - $ys[$a]) * ($xs[$c] - $xs[$a]);
                $crossing = false;
                for ($i = 0; $i < $n; $i++) {
                    for ($j = $i + 2; $j < $n; $j++) {
                        if ($i === 0 && $j === $n - 1) {
                            continue;
                        }
                        [$i2, $j2] = [$i + 1, ($j + 1) % $n];
                        $crossing =
                            $crossing ||
                            ($side($i, $i2, $j) * $side($i, $i2, $j2) < -1e-3 &&
                                $side($j, $j2, $i) * $side($j, $j2, $i2) < -1e-3);
                    }
                }
                if ($crossing) {
                    expect(SelfCrossing::exists($xs, $ys))->toBeTrue();
                }
                expect(SelfCrossing::exists(array_reverse($xs), array_reverse($ys)))->toBe(SelfCrossing::exists($xs, $ys));
            });
    });

    it('have the room that trying every point of both lines gives', function (): void {
        $panel = Bodies::rectangle(1000, 800);
        $edge = Polyline::through([[1000, 0], [960, 400], [1000, 800]]);
        $drawn = [[420.0, 300.0], [600.0, 280.0], [720.0, 410.0], [580.0, 520.0], [400.0, 470.0]];
        $room = BlendRoom::to(
            new Repair('r', 'sheet', Freehand::through($drawn), Under::Primer, null),
            $panel,
            $edge,
            'next',
            'Next',
        );
        $best = INF;
        foreach (Outline::through($drawn)->asLine()->evenly(400) as $p) {
            $best = min($best, $p->distanceTo($edge->nearestTo($p->x, $p->y)));
        }
        expect($room->mm)->toEqualWithDelta($best, 1.5)->and($room->neighbour)->toBe('next');
    });
});
