<?php

declare(strict_types=1);

namespace Kalopsis\Panel\Internal;

use Kalopsis\Panel\Exception\BadBodyShape;

/**
 * Reads the `d` attribute of an SVG path (SVG 1.1, section 8.3: M, L, H, V, C, Q and Z, absolute or relative)
 * and flattens its curves so that no point of a curve lies further than the tolerance from the line drawn.
 */
final class PathData
{
    private const NUMBERS = ['M' => 2, 'L' => 2, 'H' => 1, 'V' => 1, 'C' => 6, 'Q' => 4, 'Z' => 0];

    /** A body panel with more flattened points than this is no drawing of a panel. */
    private const MAX_POINTS = 4000;

    /**
     * @return list<array{float, float}>
     * @throws BadBodyShape
     */
    public static function flatten(string $d, float $toleranceMm, string $where): array
    {
        preg_match_all(
            '~([A-Za-z])|([-+]?(?:\d+\.?\d*|\.\d+)(?:[eE][-+]?\d+)?)|([^\s,])~',
            $d,
            $tokens,
            PREG_SET_ORDER | PREG_UNMATCHED_AS_NULL,
        );
        $points = [];
        $command = '';
        $numbers = [];
        $x = $y = 0.0;
        foreach ($tokens as $token) {
            if ($token[3] !== null) {
                throw BadBodyShape::because($where, 'unexpected "' . $token[3] . '" in a path');
            }
            if ($token[1] !== null) {
                if ($numbers !== []) {
                    throw BadBodyShape::because($where, "too few numbers after \"{$command}\" in a path");
                }
                $command = $token[1];
                if (! isset(self::NUMBERS[strtoupper($command)])) {
                    throw BadBodyShape::because(
                        $where,
                        "path command \"{$command}\" is not read; use M, L, H, V, C, Q and Z",
                    );
                }

                continue;
            }
            if ($command === '' || strtoupper($command) === 'Z') {
                throw BadBodyShape::because($where, 'a path must begin with M');
            }
            $numbers[] = (float) $token[2];
            if (count($numbers) < self::NUMBERS[strtoupper($command)]) {
                continue;
            }
            $relative = ctype_lower($command);
            $ox = $relative ? $x : 0.0;
            $oy = $relative ? $y : 0.0;
            switch (strtoupper($command)) {
                case 'M':
                case 'L':
                    [$x, $y] = [$ox + $numbers[0], $oy + $numbers[1]];
                    $points[] = [$x, $y];
                    $command = $relative ? 'l' : 'L';
                    break;
                case 'H':
                    $x = $ox + $numbers[0];
                    $points[] = [$x, $y];
                    break;
                case 'V':
                    $y = $oy + $numbers[0];
                    $points[] = [$x, $y];
                    break;
                case 'C':
                    $to = [$ox + $numbers[4], $oy + $numbers[5]];
                    $points = self::curve(
                        $points,
                        $x,
                        $y,
                        $ox + $numbers[0],
                        $oy + $numbers[1],
                        $ox + $numbers[2],
                        $oy + $numbers[3],
                        $to,
                        $toleranceMm,
                    );
                    [$x, $y] = $to;
                    break;
                case 'Q':
                    $to = [$ox + $numbers[2], $oy + $numbers[3]];
                    $qx = $ox + $numbers[0];
                    $qy = $oy + $numbers[1];
                    // A quadratic is the cubic whose handles lie two thirds of the way to its one handle.
                    $points = self::curve(
                        $points,
                        $x,
                        $y,
                        $x + (2 / 3) * ($qx - $x),
                        $y + (2 / 3) * ($qy - $y),
                        $to[0] + (2 / 3) * ($qx - $to[0]),
                        $to[1] + (2 / 3) * ($qy - $to[1]),
                        $to,
                        $toleranceMm,
                    );
                    [$x, $y] = $to;
                    break;
            }
            $numbers = [];
            if (count($points) > self::MAX_POINTS) {
                throw BadBodyShape::because($where, 'the path has too many points');
            }
        }
        if ($numbers !== []) {
            throw BadBodyShape::because($where, 'the path ends in the middle of a command');
        }

        return $points;
    }

    /**
     * Even steps of the curve parameter; the number of steps bounds the flattening error by the second
     * difference of the handles: n = sqrt(3/4 |dd| / tolerance) (Sederberg, *Computer Aided Geometric Design*).
     *
     * @param list<array{float, float}> $points
     * @param array{float, float} $to
     * @return list<array{float, float}>
     */
    private static function curve(
        array $points,
        float $x0,
        float $y0,
        float $x1,
        float $y1,
        float $x2,
        float $y2,
        array $to,
        float $tolerance,
    ): array {
        [$x3, $y3] = $to;
        $bend = max(hypot($x0 - 2 * $x1 + $x2, $y0 - 2 * $y1 + $y2), hypot($x1 - 2 * $x2 + $x3, $y1 - 2 * $y2 + $y3));
        $steps = max(1, min(64, (int) ceil(sqrt((0.75 * $bend) / $tolerance))));
        for ($i = 1; $i <= $steps; $i++) {
            $t = $i / $steps;
            $u = 1 - $t;
            $points[] = [
                $u ** 3 * $x0 + 3 * $u * $u * $t * $x1 + 3 * $u * $t * $t * $x2 + $t ** 3 * $x3,
                $u ** 3 * $y0 + 3 * $u * $u * $t * $y1 + 3 * $u * $t * $t * $y2 + $t ** 3 * $y3,
            ];
        }

        return $points;
    }
}
