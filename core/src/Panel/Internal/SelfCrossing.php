<?php

declare(strict_types=1);

namespace Kalopsis\Panel\Internal;

/**
 * Does a closed ring cross itself? Every pair of pieces that do not share a point is tried, after sorting by
 * x so that far pieces are never compared: about n log n for drawn outlines, n squared at worst.
 */
final class SelfCrossing
{
    /** Twice the area of the triangle three points span when they count as in one line. */
    private const TOUCHING_MM2 = 1e-7;

    /**
     * @param list<float> $xs
     * @param list<float> $ys
     */
    public static function exists(array $xs, array $ys): bool
    {
        $n = count($xs);
        $lefts = [];
        for ($i = 0; $i < $n; $i++) {
            $lefts[$i] = min($xs[$i], $xs[($i + 1) % $n]);
        }
        asort($lefts);
        $order = array_keys($lefts);
        for ($a = 0; $a < $n; $a++) {
            $i = $order[$a];
            $i2 = ($i + 1) % $n;
            $right = max($xs[$i], $xs[$i2]);
            for ($b = $a + 1; $b < $n && $lefts[$order[$b]] <= $right; $b++) {
                $j = $order[$b];
                $j2 = ($j + 1) % $n;
                if ($j2 === $i || $i2 === $j) {
                    continue;
                }
                if (max($ys[$i], $ys[$i2]) < min($ys[$j], $ys[$j2]) || max($ys[$j], $ys[$j2]) < min($ys[$i], $ys[$i2])) {
                    continue;
                }
                if (self::cross($xs[$i], $ys[$i], $xs[$i2], $ys[$i2], $xs[$j], $ys[$j], $xs[$j2], $ys[$j2])) {
                    return true;
                }
            }
        }

        return false;
    }

    private static function cross(float $ax, float $ay, float $bx, float $by, float $cx, float $cy, float $dx, float $dy): bool
    {
        $d1 = ($bx - $ax) * ($cy - $ay) - ($by - $ay) * ($cx - $ax);
        $d2 = ($bx - $ax) * ($dy - $ay) - ($by - $ay) * ($dx - $ax);
        $d3 = ($dx - $cx) * ($ay - $cy) - ($dy - $cy) * ($ax - $cx);
        $d4 = ($dx - $cx) * ($by - $cy) - ($dy - $cy) * ($bx - $cx);
        if ($d1 * $d2 < 0.0 && $d3 * $d4 < 0.0) {
            // Pieces in one line cross only by rounding.
            return min(abs($d1), abs($d2), abs($d3), abs($d4)) > self::TOUCHING_MM2;
        }

        return self::touches($ax, $ay, $bx, $by, $cx, $cy) || self::touches($ax, $ay, $bx, $by, $dx, $dy)
            || self::touches($cx, $cy, $dx, $dy, $ax, $ay) || self::touches($cx, $cy, $dx, $dy, $bx, $by);
    }

    /** Does the point p lie on the piece from a to b? */
    private static function touches(float $ax, float $ay, float $bx, float $by, float $px, float $py): bool
    {
        $dx = $bx - $ax;
        $dy = $by - $ay;
        if (abs($dx * ($py - $ay) - $dy * ($px - $ax)) > self::TOUCHING_MM2) {
            return false;
        }
        $t = $dx * ($px - $ax) + $dy * ($py - $ay);

        return $t >= 0.0 && $t <= $dx * $dx + $dy * $dy;
    }
}
