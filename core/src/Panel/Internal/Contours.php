<?php

declare(strict_types=1);

namespace Kalopsis\Panel\Internal;

/**
 * Traces where a field sampled on a lattice is zero, as closed rings with the negative side on the right of
 * travel on a sheet whose y points down (positive shoelace). Marching squares: Lorensen and Cline's idea in
 * two dimensions (SIGGRAPH 1987), crossings by linear interpolation, saddles decided by the mean of the four
 * corners. Cost is proportional to the number of blocks plus the length of the contour.
 */
final class Contours
{
    /**
     * Joins of cell sides (0 top, 1 right, 2 bottom, 3 left) for each of the sixteen corner patterns
     * (1 top left, 2 top right, 4 bottom right, 8 bottom left is inside), in the sense of travel above.
     * Saddles 5 and 10 are listed as joined insides; `SPLIT` has the other reading.
     */
    private const JOINS = [
        0 => [],
        1 => [[0, 3]],
        2 => [[1, 0]],
        3 => [[1, 3]],
        4 => [[2, 1]],
        5 => [[0, 1], [2, 3]],
        6 => [[2, 0]],
        7 => [[2, 3]],
        8 => [[3, 2]],
        9 => [[0, 2]],
        10 => [[1, 2], [3, 0]],
        11 => [[1, 2]],
        12 => [[3, 1]],
        13 => [[0, 1]],
        14 => [[3, 0]],
        15 => [],
    ];

    private const SPLIT = [5 => [[0, 3], [2, 1]], 10 => [[1, 0], [3, 2]]];

    /**
     * The field is max(distance - level, mask): what lies within the level and inside the mask.
     *
     * @param list<float> $distance at the nodes of the lattice, mm
     * @param list<float> $mask at the nodes; negative is inside
     * @param list<bool> $skip blocks whose cells cannot hold a crossing
     * @return list<array{xs: list<float>, ys: list<float>}>
     */
    public static function trace(Lattice $lattice, array $distance, float $level, array $mask, array $skip): array
    {
        $nx = $lattice->nx;
        $b = Lattice::BLOCK;
        $next = $xs = $ys = [];
        for ($by = 0; $by < $lattice->blocksY; $by++) {
            for ($bx = 0; $bx < $lattice->blocksX; $bx++) {
                if ($skip[$by * $lattice->blocksX + $bx]) {
                    continue;
                }
                $lastX = min($nx - 1, ($bx + 1) * $b);
                $lastY = min($lattice->ny - 1, ($by + 1) * $b);
                for ($j = $by * $b; $j < $lastY; $j++) {
                    for ($i = $bx * $b; $i < $lastX; $i++) {
                        $k = $j * $nx + $i;
                        $m = $k + $nx;
                        $tl = $distance[$k] - $level;
                        $tr = $distance[$k + 1] - $level;
                        $bl = $distance[$m] - $level;
                        $br = $distance[$m + 1] - $level;
                        if ($mask[$k] > $tl) {
                            $tl = $mask[$k];
                        }
                        if ($mask[$k + 1] > $tr) {
                            $tr = $mask[$k + 1];
                        }
                        if ($mask[$m] > $bl) {
                            $bl = $mask[$m];
                        }
                        if ($mask[$m + 1] > $br) {
                            $br = $mask[$m + 1];
                        }
                        $case = ($tl < 0.0 ? 1 : 0) | ($tr < 0.0 ? 2 : 0) | ($br < 0.0 ? 4 : 0) | ($bl < 0.0 ? 8 : 0);
                        if ($case === 0 || $case === 15) {
                            continue;
                        }
                        $joins = self::JOINS[$case];
                        if (($case === 5 || $case === 10) && $tl + $tr + $bl + $br >= 0.0) {
                            $joins = self::SPLIT[$case];
                        }
                        foreach ($joins as [$from, $to]) {
                            // A lattice edge: twice its first node, plus one when it runs down.
                            $a = match ($from) {
                                0 => 2 * $k,
                                1 => 2 * ($k + 1) + 1,
                                2 => 2 * ($k + $nx),
                                3 => 2 * $k + 1,
                            };
                            $z = match ($to) {
                                0 => 2 * $k,
                                1 => 2 * ($k + 1) + 1,
                                2 => 2 * ($k + $nx),
                                3 => 2 * $k + 1,
                            };
                            $next[$a] = $z;
                            if (! isset($xs[$a])) {
                                $t = match ($from) {
                                    0 => $tl / ($tl - $tr),
                                    1 => $tr / ($tr - $br),
                                    2 => $bl / ($bl - $br),
                                    3 => $tl / ($tl - $bl),
                                };
                                $xs[$a] =
                                    $lattice->x0 +
                                    $lattice->step *
                                        match ($from) {
                                            0, 2 => $i + $t,
                                            1 => $i + 1,
                                            3 => $i,
                                        };
                                $ys[$a] =
                                    $lattice->y0 +
                                    $lattice->step *
                                        match ($from) {
                                            0 => $j,
                                            2 => $j + 1,
                                            1, 3 => $j + $t,
                                        };
                            }
                        }
                    }
                }
            }
        }

        return self::rings($next, $xs, $ys);
    }

    /**
     * @param array<int, int> $next
     * @param array<int, float> $xs
     * @param array<int, float> $ys
     * @return list<array{xs: list<float>, ys: list<float>}>
     */
    private static function rings(array $next, array $xs, array $ys): array
    {
        $rings = [];
        while ($next !== []) {
            $start = $at = array_key_first($next);
            $rx = $ry = [];
            while (isset($next[$at])) {
                $rx[] = $xs[$at];
                $ry[] = $ys[$at];
                $following = $next[$at];
                unset($next[$at]);
                $at = $following;
            }
            if ($at === $start && count($rx) >= 3) {
                $rings[] = ['xs' => $rx, 'ys' => $ry];
            }
        }

        return $rings;
    }
}
