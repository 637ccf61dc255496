<?php

declare(strict_types=1);

namespace Kalopsis\Panel;

use Kalopsis\Panel\Internal\BeyondLine;
use Kalopsis\Panel\Internal\Contours;
use Kalopsis\Panel\Internal\Lattice;
use Kalopsis\Panel\Internal\Ring;
use Kalopsis\Panel\Internal\Samples;

/**
 * How far every place of a panel lies from the nearest primer, and the regions within given reaches.
 *
 * Distances at the nodes are exact; the rings between nodes are linear interpolations. On a 10 mm lattice the
 * area within a reach is good to 0.6 % for a bare spot of 60 mm and to 0.2 % from 50 mm past it; a reach that
 * covers the panel has exactly the panel's outline and area. Own model, docs/model.md section 2.
 */
final readonly class DistanceField
{
    public const STEP_MM = 10.0;

    private Lattice $lattice;

    private Samples $distance;

    /** Signed distance to the panel's edge, or past a line colour stops at. */
    private Samples $mask;

    private bool $stopped;

    /**
     * @param list<Footprint> $footprints what distances are measured from
     * @param list<float> $levels the reaches that regions will be asked for, mm
     * @param list<array{Polyline, Point}> $stops lines that colour does not pass, each with a point on the near side
     */
    public function __construct(
        private Panel $panel,
        private array $footprints,
        array $levels,
        array $stops = [],
        float $stepMm = self::STEP_MM,
    ) {
        $this->lattice = Lattice::over($panel->outline->box(), $stepMm);
        $this->distance = $this->lattice->distances(array_map(fn (Footprint $f) => $f->shape(), $footprints), $levels);
        // Beyond the last level the panel's edge does not matter.
        $furthest = max([0.0, ...$levels]) + 2 * $stepMm;
        $wanted = array_map(fn (float $least): bool => $least <= $furthest, $this->distance->least);
        $mask = $this->lattice->distances([new Ring($panel->outline)], [0.0], $wanted);
        foreach ($stops as [$line, $near]) {
            $mask = $mask->and($this->lattice->distances([new BeyondLine($line, $near)], [0.0], $wanted));
        }
        $this->mask = $mask;
        $this->stopped = $stops !== [];
    }

    /** The part of the panel within `$reachMm` of the primer; `$reachMm` must be one of the levels given. */
    public function within(float $reachMm): Region
    {
        $anything = false;
        foreach ($this->mask->least as $i => $inside) {
            if ($inside < 0.0 && $this->distance->least[$i] < $reachMm) {
                $anything = true;
                break;
            }
        }
        if (! $anything) {
            return Region::nothing();
        }
        if ($this->covers($reachMm)) {
            return Region::whole($this->panel->outline);
        }
        $rings = Contours::trace(
            $this->lattice,
            $this->distance->nodes,
            $reachMm,
            $this->mask->nodes,
            $this->skips($reachMm),
        );
        $area = 0.0;
        foreach ($rings as $ring) {
            $area += Outline::shoelace($ring['xs'], $ring['ys']);
        }

        // Inner corners gain on a lattice what outer ones lose; a part is never more than the whole.
        return $area > 0.0 ? new Region($rings, min($area, $this->panel->outline->areaMm2())) : Region::nothing();
    }

    /**
     * The distances themselves, a number for each node, row by row, rounded to mm, also for nodes past the panel's
     * edge; null beyond a line that colour stops at. Ask for it on a field whose levels lie no further apart than 25 mm.
     *
     * @return array{x0: float, y0: float, step: float, nx: int, ny: int, mm: list<?int>}
     */
    public function raster(float $mostMm): array
    {
        $mm = [];
        foreach ($this->distance->nodes as $k => $d) {
            $beyond = $this->stopped && $this->mask->nodes[$k] > $this->lattice->step;
            $mm[] = $beyond ? null : (int) round(min($d, $mostMm));
        }

        return [
            'x0' => $this->lattice->x0,
            'y0' => $this->lattice->y0,
            'step' => $this->lattice->step,
            'nx' => $this->lattice->nx,
            'ny' => $this->lattice->ny,
            'mm' => $mm,
        ];
    }

    /** Does everything on the panel lie within the reach: every node inside it, and every corner of its outline? */
    private function covers(float $reachMm): bool
    {
        if ($this->stopped) {
            return false;
        }
        foreach ($this->mask->nodes as $k => $inside) {
            if ($inside < 0.0 && $this->distance->nodes[$k] > $reachMm) {
                return false;
            }
        }
        foreach ($this->panel->outline->xs as $i => $x) {
            $nearest = INF;
            foreach ($this->footprints as $footprint) {
                $nearest = min($nearest, $footprint->distanceFrom($x, $this->panel->outline->ys[$i]));
            }
            // On its own edge a whole-panel repair is 0 away, give or take rounding.
            if ($nearest > $reachMm + 1e-6) {
                return false;
            }
        }

        return true;
    }

    /**
     * A block's cells end at the first nodes of the blocks to the right and below, so all four must agree.
     *
     * @return list<bool>
     */
    private function skips(float $level): array
    {
        $state = [];
        foreach ($this->distance->least as $i => $low) {
            $state[] =
                $low > $level || $this->mask->least[$i] > 0.0
                    ? 1
                    : ($this->distance->most[$i] < $level && $this->mask->most[$i] < 0.0
                        ? -1
                        : 0);
        }
        $w = $this->lattice->blocksX;
        $h = $this->lattice->blocksY;
        $skip = [];
        foreach ($state as $i => $s) {
            $right = ($i % $w) + 1 < $w ? 1 : 0;
            $below = intdiv($i, $w) + 1 < $h ? $w : 0;
            $skip[] =
                $s !== 0 && $state[$i + $right] === $s && $state[$i + $below] === $s && $state[$i + $right + $below] === $s;
        }

        return $skip;
    }
}
