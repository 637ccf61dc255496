<?php

declare(strict_types=1);

namespace Kalopsis\Tint\Internal;

/**
 * Least squares with one to three unknowns, all of which must come out positive, in closed form over a table of inner
 * products made
 * once: hundreds of sets are tried for each advice. And a bounded version for the refinement.
 */
final readonly class SmallLeastSquares
{
    /** @var array<int, array<int, float>> inner products of the columns */
    private array $g;

    /** @var array<int, float> inner products with the negative start */
    private array $b;

    private float $r2;

    /**
     * @param list<list<float>> $columns
     * @param list<float> $start residuals at zero
     */
    public function __construct(array $columns, array $start)
    {
        $this->g = self::products($columns);
        $this->b = array_map(fn (array $column): float => -self::dot($column, $start), $columns);
        $this->r2 = self::dot($start, $start);
    }

    /** Squared misfit left with column `$i`; null when its amount would be negative. */
    public function one(int $i): ?float
    {
        if ($this->g[$i][$i] <= 0.0) {
            return null;
        }
        $x = $this->b[$i] / $this->g[$i][$i];

        return $x > 0.0 ? $this->r2 - $x * $this->b[$i] : null;
    }

    public function two(int $i, int $j): ?float
    {
        [$a, $c, $d] = [$this->g[$i][$i], $this->g[$i][$j], $this->g[$j][$j]];
        $det = $a * $d - $c * $c;
        if ($det <= 1e-9 * $a * $d) {
            return null;
        }
        $x = ($d * $this->b[$i] - $c * $this->b[$j]) / $det;
        $y = ($a * $this->b[$j] - $c * $this->b[$i]) / $det;

        return $x > 0.0 && $y > 0.0 ? $this->r2 - $x * $this->b[$i] - $y * $this->b[$j] : null;
    }

    public function three(int $i, int $j, int $k): ?float
    {
        $g = $this->g;
        [$a, $b, $c, $d, $e, $f] = [$g[$i][$i], $g[$i][$j], $g[$i][$k], $g[$j][$j], $g[$j][$k], $g[$k][$k]];
        $c1 = $d * $f - $e * $e;
        $c2 = $c * $e - $b * $f;
        $c3 = $b * $e - $c * $d;
        $det = $a * $c1 + $b * $c2 + $c * $c3;
        if ($det <= 1e-12 * $a * $d * $f) {
            return null;
        }
        [$p, $q, $r] = [$this->b[$i], $this->b[$j], $this->b[$k]];
        $x = ($c1 * $p + $c2 * $q + $c3 * $r) / $det;
        $y = ($c2 * $p + ($a * $f - $c * $c) * $q + ($b * $c - $a * $e) * $r) / $det;
        $z = ($c3 * $p + ($b * $c - $a * $e) * $q + ($a * $d - $b * $b) * $r) / $det;

        return $x > 0.0 && $y > 0.0 && $z > 0.0 ? $this->r2 - $x * $p - $y * $q - $z * $r : null;
    }

    /**
     * Minimises |residuals + columns x|^2 between bounds by going round the unknowns (coordinate descent; the cost is
     * convex, so it
     * falls with each round and the rounds are bounded).
     *
     * @param list<list<float>> $columns
     * @param list<float> $residuals
     * @param list<float> $floor
     * @param list<float> $ceiling
     * @return list<float>
     */
    public static function bounded(array $columns, array $residuals, array $floor, array $ceiling): array
    {
        $n = count($columns);
        $g = self::products($columns);
        $b = array_map(fn (array $column): float => -self::dot($column, $residuals), $columns);
        $x = array_fill(0, $n, 0.0);
        for ($round = 0; $round < 400; $round++) {
            $moved = 0.0;
            for ($i = 0; $i < $n; $i++) {
                if ($g[$i][$i] <= 1e-18) {
                    continue;
                }
                $want = $b[$i];
                for ($j = 0; $j < $n; $j++) {
                    if ($j !== $i) {
                        $want -= $g[$i][$j] * $x[$j];
                    }
                }
                $next = max($floor[$i], min($ceiling[$i], $want / $g[$i][$i]));
                $moved = max($moved, abs($next - $x[$i]) * sqrt($g[$i][$i]));
                $x[$i] = $next;
            }
            if ($moved < 1e-6) {
                break;
            }
        }

        return array_values($x);
    }

    /**
     * @param list<list<float>> $columns
     * @return array<int, array<int, float>>
     */
    private static function products(array $columns): array
    {
        $out = [];
        foreach ($columns as $i => $column) {
            foreach ($columns as $j => $other) {
                if ($j >= $i) {
                    $out[$i][$j] = $out[$j][$i] = self::dot($column, $other);
                }
            }
        }

        return $out;
    }

    /**
     * @param list<float> $a
     * @param list<float> $b
     */
    private static function dot(array $a, array $b): float
    {
        $sum = 0.0;
        foreach ($a as $i => $v) {
            $sum += $v * $b[$i];
        }

        return $sum;
    }
}
