<?php

declare(strict_types=1);

namespace Kalopsis\Sight\Internal;

/**
 * A sensitivity over spatial frequency written as a sum of Gaussians, S(u) = sum q exp(-2 pi^2 s^2 u^2) with widths s
 * doubling from 0.004
 * degrees and sum q = 0. Their answers to steps and ramps are closed forms. Weighted least squares at 80 frequencies;
 * docs/model.md section 9.
 * Plain arrays of floats: it is asked for each angle and distance of each blend that is tried.
 */
final class Gaussians
{
    /** Degrees. */
    private const NARROWEST_DEG = 0.004;

    public const WIDTHS = 13;

    private const NODES = 80;

    /** Cycles per degree, first and last node. */
    private const RANGE = [0.005, 56.0];

    /** Keeps the normal equations solvable. */
    private const RIDGE = 1.0 + 1e-9;

    /** @return list<float> degrees */
    public static function widths(): array
    {
        return array_map(fn (int $k): float => self::NARROWEST_DEG * 2 ** $k, range(0, self::WIDTHS - 1));
    }

    /** @return list<float> cycles per degree, evenly spaced in their logarithm */
    public static function nodes(): array
    {
        [$from, $to] = self::RANGE;

        return array_map(fn (int $i): float => $from * ($to / $from) ** ($i / (self::NODES - 1)), range(0, self::NODES - 1));
    }

    /**
     * @param list<float> $at the sensitivity at each node
     * @param list<float> $reference a sensitivity that says how much each node matters
     * @return list<array{float, float}> weight q and width in degrees
     */
    public static function fit(array $at, array $reference): array
    {
        $out = [];
        $sum = 0.0;
        $widths = self::widths();
        foreach (self::projection($reference) as $k => $row) {
            $v = 0.0;
            foreach ($row as $i => $p) {
                $v += $p * $at[$i];
            }
            $out[] = [$v, $widths[$k]];
            $sum += $v;
        }
        $out[] = [-$sum, $widths[self::WIDTHS - 1]];

        return $out;
    }

    /**
     * The matrix that turns values at the nodes into weights; it does not depend on the values.
     *
     * @param list<float> $reference
     * @return list<list<float>>
     */
    private static function projection(array $reference): array
    {
        /** @var ?list<list<float>> $known one matrix for all fields and luminances */
        static $known = null;
        if ($known !== null) {
            return $known;
        }
        $top = max([0.0, ...$reference]);
        $free = self::WIDTHS - 1;
        $basis = $weights = [];
        $widths = self::widths();
        foreach (self::nodes() as $i => $u) {
            $g = array_map(fn (float $s): float => exp(-2.0 * (M_PI * $s * $u) ** 2), $widths);
            $basis[] = array_map(fn (float $v): float => $v - $g[$free], array_slice($g, 0, $free));
            $weights[] = 1.0 / ($reference[$i] + 0.01 * $top) ** 2;
        }
        $normal = $right = [];
        for ($j = 0; $j < $free; $j++) {
            for ($k = 0; $k < $free; $k++) {
                $sum = 0.0;
                foreach ($basis as $i => $row) {
                    $sum += $weights[$i] * $row[$j] * $row[$k];
                }
                $normal[$j][$k] = $j === $k ? $sum * self::RIDGE : $sum;
            }
            foreach ($basis as $i => $row) {
                $right[$j][$i] = $weights[$i] * $row[$j];
            }
        }

        return $known = self::solve($normal, $right);
    }

    /**
     * Gauss and Jordan with the largest pivot of the column.
     *
     * @param array<int, array<int, float>> $a
     * @param array<int, array<int, float>> $b as many right sides as columns
     * @return list<list<float>>
     */
    private static function solve(array $a, array $b): array
    {
        $n = count($a);
        for ($c = 0; $c < $n; $c++) {
            $p = $c;
            for ($r = $c + 1; $r < $n; $r++) {
                $p = abs($a[$r][$c]) > abs($a[$p][$c]) ? $r : $p;
            }
            [$a[$c], $a[$p]] = [$a[$p], $a[$c]];
            [$b[$c], $b[$p]] = [$b[$p], $b[$c]];
            for ($r = 0; $r < $n; $r++) {
                $f = $r === $c ? 0.0 : $a[$r][$c] / $a[$c][$c];
                if ($f === 0.0) {
                    continue;
                }
                foreach ($a[$c] as $k => $v) {
                    $a[$r][$k] -= $f * $v;
                }
                foreach ($b[$c] as $k => $v) {
                    $b[$r][$k] -= $f * $v;
                }
            }
        }
        $out = [];
        foreach ($b as $r => $row) {
            $out[] = array_values(array_map(fn (float $v): float => $v / $a[$r][$r], $row));
        }

        return $out;
    }
}
