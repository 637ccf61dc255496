<?php

declare(strict_types=1);

namespace Kalopsis\Panel\Internal;

/**
 * Something a signed distance can be measured from; negative inside. A block of grid nodes is surveyed once at
 * its centre, so that far pieces of an outline cost nothing per node.
 */
interface Shape
{
    /** Exact signed distance, mm. */
    public function signed(float $x, float $y): float;

    /**
     * Signed distance at a block's centre, and notes that `block` wants back.
     *
     * @return array{float, list<float>}
     */
    public function survey(float $x, float $y): array;

    /**
     * Exact signed distances at nodes x0 + i step, y0 + j step for i, j < n, row by row.
     *
     * @param list<float> $notes from the survey of this block's centre
     * @return list<float>
     */
    public function block(float $x0, float $y0, float $step, int $n, array $notes): array;
}
