<?php

declare(strict_types=1);

namespace Kalopsis\Panel\Internal;

/**
 * Drops points of a drawn line that lie nearer than a tolerance to the line without them:
 * Douglas and Peucker 1973, Cartographica 10 (2), with a stack instead of recursion.
 */
final class Simplify
{
    /**
     * @param list<array{float, float}> $points mm
     * @return list<array{float, float}>
     */
    public static function line(array $points, float $toleranceMm): array
    {
        $n = count($points);
        if ($n < 3) {
            return $points;
        }
        $keep = array_fill(0, $n, false);
        $keep[0] = $keep[$n - 1] = true;
        $stack = [[0, $n - 1]];
        while ($stack !== []) {
            [$from, $to] = array_pop($stack);
            [$ax, $ay] = $points[$from];
            $dx = $points[$to][0] - $ax;
            $dy = $points[$to][1] - $ay;
            $l2 = $dx * $dx + $dy * $dy;
            $worst = -1.0;
            $at = $from;
            for ($i = $from + 1; $i < $to; $i++) {
                $px = $points[$i][0] - $ax;
                $py = $points[$i][1] - $ay;
                $t = $l2 > 0.0 ? max(0.0, min(1.0, ($px * $dx + $py * $dy) / $l2)) : 0.0;
                $d = hypot($px - $t * $dx, $py - $t * $dy);
                if ($d > $worst) {
                    $worst = $d;
                    $at = $i;
                }
            }
            if ($worst > $toleranceMm) {
                $keep[$at] = true;
                $stack[] = [$from, $at];
                $stack[] = [$at, $to];
            }
        }
        $out = [];
        foreach ($points as $i => $point) {
            if ($keep[$i]) {
                $out[] = $point;
            }
        }

        return $out;
    }
}
