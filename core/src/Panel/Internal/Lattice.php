<?php

declare(strict_types=1);

namespace Kalopsis\Panel\Internal;

use Kalopsis\Panel\Box;

/** A square grid of nodes over a panel, in blocks; a block's nodes are computed together or not at all. */
final readonly class Lattice
{
    /** Nodes along a block's side. */
    public const BLOCK = 5;

    private function __construct(
        public float $x0,
        public float $y0,
        public float $step,
        public int $nx,
        public int $ny,
        public int $blocksX,
        public int $blocksY,
    ) {}

    public static function over(Box $box, float $stepMm): self
    {
        // Two steps of margin, so that the outermost nodes always lie outside.
        $nx = (int) ceil(($box->x1 - $box->x0) / $stepMm) + 5;
        $ny = (int) ceil(($box->y1 - $box->y0) / $stepMm) + 5;
        $blocksX = (int) ceil($nx / self::BLOCK);
        $blocksY = (int) ceil($ny / self::BLOCK);

        return new self(
            $box->x0 - 2 * $stepMm,
            $box->y0 - 2 * $stepMm,
            $stepMm,
            $blocksX * self::BLOCK,
            $blocksY * self::BLOCK,
            $blocksX,
            $blocksY,
        );
    }

    /**
     * The signed distance from the nearest of several shapes at every node. Where no level can cross a block or
     * its rim, the block is filled with its centre's distance: right in sign against every level, which is all
     * that tracing contours asks of it. A distance changes by no more than the way walked, so the blocks before say of many a
     * centre that no level is near it; it gets the middle of what it can be, and is not surveyed.
     *
     * @param list<Shape> $shapes
     * @param list<float> $levels mm, that contours will be traced at
     * @param list<bool>|null $wanted blocks to look at, in order; the others are filled with INF. null: all
     */
    public function distances(array $shapes, array $levels, ?array $wanted = null): Samples
    {
        $b = self::BLOCK;
        $nodes = array_fill(0, $this->nx * $this->ny, INF);
        $least = $most = array_fill(0, $this->blocksX * $this->blocksY, INF);
        $step = $this->step;
        // From the centre to the far side of the neighbouring nodes.
        $reach = $step * M_SQRT2 * (($b - 1) / 2 + 1);
        $span = $step * ($b - 1) / 2;
        // From one centre to the next.
        $walk = $step * $b;
        $low = array_fill(0, $this->blocksX * $this->blocksY, -INF);
        $high = array_fill(0, $this->blocksX * $this->blocksY, INF);
        for ($by = 0; $by < $this->blocksY; $by++) {
            for ($bx = 0; $bx < $this->blocksX; $bx++) {
                $block = $by * $this->blocksX + $bx;
                if ($shapes === [] || ($wanted !== null && ! $wanted[$block])) {
                    continue;
                }
                $x = $this->x0 + $bx * $b * $step;
                $y = $this->y0 + $by * $b * $step;
                $first = $by * $b * $this->nx + $bx * $b;
                foreach ([$bx > 0 ? $block - 1 : -1, $by > 0 ? $block - $this->blocksX : -1] as $before) {
                    if ($before >= 0) {
                        $low[$block] = max($low[$block], $low[$before] - $walk);
                        $high[$block] = min($high[$block], $high[$before] + $walk);
                    }
                }
                $crossed = self::mayCross($levels, $low[$block] - $reach, $high[$block] + $reach);
                $near = ($low[$block] + $high[$block]) / 2;
                $surveys = [];
                if ($crossed) {
                    $near = INF;
                    foreach ($shapes as $s => $shape) {
                        $surveys[$s] = $shape->survey($x + $span, $y + $span);
                        $near = min($near, $surveys[$s][0]);
                    }
                    $low[$block] = $high[$block] = $near;
                    $crossed = self::mayCross($levels, $near - $reach, $near + $reach);
                }
                if (! $crossed) {
                    for ($j = 0; $j < $b; $j++) {
                        for ($i = 0; $i < $b; $i++) {
                            $nodes[$first + $j * $this->nx + $i] = $near;
                        }
                    }
                    $least[$block] = $most[$block] = $near;

                    continue;
                }
                $best = [];
                foreach ($shapes as $s => $shape) {
                    if ($surveys[$s][0] > $near + 2 * $reach) {
                        continue;
                    }
                    $values = $shape->block($x, $y, $step, $b, $surveys[$s][1]);
                    $best = $best === [] ? $values : array_map(fn (float $a, float $b): float => min($a, $b), $best, $values);
                }
                $k = 0;
                for ($j = 0; $j < $b; $j++) {
                    $row = $first + $j * $this->nx;
                    for ($i = 0; $i < $b; $i++) {
                        $nodes[$row + $i] = $best[$k++];
                    }
                }
                $least[$block] = min($best === [] ? [INF] : $best);
                $most[$block] = max($best === [] ? [INF] : $best);
            }
        }

        return new Samples(array_values($nodes), array_values($least), array_values($most));
    }

    /** @param list<float> $levels */
    private static function mayCross(array $levels, float $from, float $to): bool
    {
        foreach ($levels as $level) {
            if ($level >= $from && $level <= $to) {
                return true;
            }
        }

        return false;
    }
}
