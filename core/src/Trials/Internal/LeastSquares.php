<?php

declare(strict_types=1);

namespace Kalopsis\Trials\Internal;

/**
 * Least squares with priors: Gauss-Newton with Levenberg's damping over logarithms, each with a normal prior around nought.
 * What is left is the inverse of the curvature, the usual covariance (Press et al., Numerical Recipes, 15.5).
 */
final class LeastSquares
{
    /** Steps of the derivative and of the search's end, of a logarithm. */
    private const STEP = 1e-3;

    private const DONE = 1e-5;

    private const MOST = 40;

    /** Nobody's number is further off than this factor; the search does not run away. */
    private const FURTHEST = 1.6;

    /**
     * @param array<string, float> $priors standard deviations by key
     * @param callable(array<string, float>): list<float> $residuals of factors by key
     * @return array<string, array{float, float}> factor and standard deviation of its logarithm, by key
     */
    public static function fit(array $priors, callable $residuals): array
    {
        $keys = array_keys($priors);
        $x = array_fill_keys($keys, 0.0);
        $damping = 1e-3;
        [$r, $cost] = self::cost($x, $priors, $residuals);
        for ($i = 0; $i < self::MOST; $i++) {
            [$normal, $gradient] = self::normal($x, $r, $priors, $residuals);
            $damped = $normal;
            foreach (array_keys($keys) as $k) {
                $damped[$k][$k] *= 1.0 + $damping;
            }
            $inverse = self::inverse($damped);
            $next = $x;
            $largest = 0.0;
            foreach ($keys as $k => $key) {
                $step = 0.0;
                foreach (array_keys($keys) as $j) {
                    $step -= $inverse[$k][$j] * $gradient[$j];
                }
                $next[$key] = max(-self::FURTHEST, min(self::FURTHEST, $x[$key] + $step));
                $largest = max($largest, abs($next[$key] - $x[$key]));
            }
            [$r2, $cost2] = self::cost($next, $priors, $residuals);
            if ($cost2 <= $cost) {
                [$x, $r, $cost] = [$next, $r2, $cost2];
                $damping /= 10.0;
            } else {
                $damping *= 10.0;
            }
            if ($largest < self::DONE) {
                break;
            }
        }
        $covariance = self::inverse(self::normal($x, $r, $priors, $residuals)[0]);
        $out = [];
        foreach ($keys as $k => $key) {
            $out[$key] = [exp($x[$key]), sqrt($covariance[$k][$k])];
        }

        return $out;
    }

    /**
     * @param array<string, float> $x
     * @param array<string, float> $priors
     * @param callable(array<string, float>): list<float> $residuals
     * @return array{list<float>, float}
     */
    private static function cost(array $x, array $priors, callable $residuals): array
    {
        $r = $residuals(array_map(exp(...), $x));
        $sum = array_sum(array_map(fn (float $v): float => $v * $v, $r));
        foreach ($priors as $key => $sd) {
            $sum += ($x[$key] / $sd) ** 2;
        }

        return [$r, (float) $sum];
    }

    /**
     * @param array<string, float> $x
     * @param list<float> $r
     * @param array<string, float> $priors
     * @param callable(array<string, float>): list<float> $residuals
     * @return array{list<list<float>>, list<float>} half the curvature and half the gradient
     */
    private static function normal(array $x, array $r, array $priors, callable $residuals): array
    {
        $slopes = [];
        foreach (array_keys($priors) as $key) {
            $up = $residuals(array_map(exp(...), [...$x, $key => $x[$key] + self::STEP]));
            $down = $residuals(array_map(exp(...), [...$x, $key => $x[$key] - self::STEP]));
            $slopes[] = array_map(fn (float $u, float $d): float => ($u - $d) / (2.0 * self::STEP), $up, $down);
        }
        $normal = $gradient = [];
        foreach (array_keys($priors) as $k => $key) {
            $row = [];
            foreach ($slopes as $j => $other) {
                $row[] = self::dot($slopes[$k], $other) + ($j === $k ? 1.0 / $priors[$key] ** 2 : 0.0);
            }
            $normal[] = $row;
            $gradient[] = self::dot($slopes[$k], $r) + $x[$key] / $priors[$key] ** 2;
        }

        return [$normal, $gradient];
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

    /**
     * Gauss and Jordan; the priors keep every pivot above nought.
     *
     * @param array<int, array<int, float>> $a symmetric, positive definite
     * @return array<int, array<int, float>>
     */
    private static function inverse(array $a): array
    {
        $n = count($a);
        $out = [];
        foreach ($a as $i => $row) {
            $out[$i] = array_fill(0, $n, 0.0);
            $out[$i][$i] = 1.0;
        }
        for ($c = 0; $c < $n; $c++) {
            $pivot = $a[$c][$c];
            for ($k = 0; $k < $n; $k++) {
                $a[$c][$k] /= $pivot;
                $out[$c][$k] /= $pivot;
            }
            for ($r = 0; $r < $n; $r++) {
                $f = $r === $c ? 0.0 : $a[$r][$c];
                for ($k = 0; $k < $n && $f !== 0.0; $k++) {
                    $a[$r][$k] -= $f * $a[$c][$k];
                    $out[$r][$k] -= $f * $out[$c][$k];
                }
            }
        }

        return $out;
    }
}
