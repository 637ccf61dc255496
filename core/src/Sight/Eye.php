<?php

declare(strict_types=1);

namespace Kalopsis\Sight;

use Kalopsis\Sight\Internal\Response;

/**
 * What a critical painter who expects nothing sees of a colour that changes along a line: visibility index, 1 = just
 * noticed. The laboratory's
 * threshold times a criterion. Own model of published parts, docs/model.md section 9.
 */
final readonly class Eye
{
    /** Standing distances, m. */
    public const DISTANCES_M = [0.5, 1.0, 2.0, 3.0, 5.0, 8.0, 10.0];

    /**
     * So many times the laboratory's threshold is what somebody sees who is not told where to look. Chosen here, 4 to 6;
     * a shop calibrates it.
     */
    public const CRITERION = 5.0;

    /** Steep and grazing views are rarer: their index counts this much. Chosen here. */
    private const WEIGHTS = [-15 => 1 / 1.5, 15 => 1 / 1.5, 25 => 1 / 1.2, 45 => 1.0, 75 => 1 / 1.2, 110 => 1 / 1.5];

    /** The nearest distance within this share of the worst is where it is "seen from": the top is flat. Chosen here. */
    private const AS_GOOD = 0.95;

    /**
     * A panel as the field of view: height and greatest width, mm, and what belongs to a change besides its own width.
     * Chosen here.
     */
    private const PANEL_MM = [600.0, 1000.0];

    private const MARGIN_MM = 200.0;

    private const FIELD_STEP = 0.02;

    /** Common practice: 3 to 5 mm. */
    private const GAP_MM = 4.0;

    /** Regular patterns are seen on so wide a patch, mm. Chosen here. */
    private const PATTERN_MM = 300.0;

    /** Beside a step, degrees: close enough together that one of them stands on the highest hill. */
    private const BESIDE_DEG = [
        0.0,
        0.01,
        0.02,
        0.03,
        0.04,
        0.055,
        0.075,
        0.1,
        0.13,
        0.17,
        0.22,
        0.28,
        0.36,
        0.46,
        0.6,
        0.8,
        1.1,
    ];

    /** Steps up that hill; each leaves 0.618 of the way. */
    private const CLIMBS = 5;

    public static function weight(int $angle): float
    {
        return self::WEIGHTS[$angle] ?? 1.0;
    }

    /**
     * @param list<float> $distances m
     */
    public static function look(Scene $scene, array $distances = self::DISTANCES_M): Sighting
    {
        $width = $scene->widthMm();
        $table = [];
        $best = [0.0, array_key_first($scene->signals) ?? 45, 0.0];
        $byDistance = [];
        foreach ($distances as $m) {
            $field = self::field($width, $m);
            $worst = 0.0;
            foreach (array_keys($scene->signals) as $angle) {
                [$index, $at] = self::worstAlong($scene, $angle, $field, $m);
                $index *= self::counts($scene, $angle);
                $table[$angle][(string) $m] = $index;
                $worst = max($worst, $index);
                if ($index > $best[0]) {
                    $best = [$index, $angle, $at];
                }
            }
            $byDistance[] = [$m, $worst];
        }
        $from = $distances[0] ?? 1.0;
        foreach ($byDistance as [$m, $worst]) {
            if ($worst >= self::AS_GOOD * $best[0]) {
                $from = $m;
                break;
            }
        }

        return new Sighting($table, $best[0], $best[1], $from, $best[2]);
    }

    /**
     * The index at every place of the line from one angle and distance: what a section draws.
     *
     * @return list<float>
     */
    public static function along(Scene $scene, int $angle, float $m): array
    {
        $field = self::field($scene->widthMm(), $m);
        $answer = new Response($scene, $angle, $field, $m, self::degrees(self::GAP_MM / 2.0, $m));
        $counts = self::counts($scene, $angle);
        $out = [];
        for ($i = 0, $n = $scene->places(); $i < $n; $i++) {
            $out[] = $counts * $answer->at($i);
        }

        return $out;
    }

    /** The largest index beside the line after a place, from one angle and distance. */
    public static function atLine(Scene $scene, int $after, int $angle, float $m): float
    {
        $field = self::field($scene->widthMm(), $m);
        $answer = new Response($scene, $angle, $field, $m, self::degrees(self::GAP_MM / 2.0, $m));
        $spacing = self::degrees($scene->stepMm, $m);
        [$worst] = self::beside($answer, $scene->lineAt($after), $spacing, $scene->places() - 1.0);

        return self::counts($scene, $angle) * max(0.0, $worst);
    }

    /**
     * The answer to a step peaks beside it, wherever places happen to lie: the highest hill on either side, climbed by golden
     * section (Kiefer, Proc. Am. Math. Soc. 4, 1953).
     *
     * @param float $line in places
     * @param float $spacing of places, degrees
     * @param float $last place
     * @return array{float, float} the answer, and where in places
     */
    private static function beside(Response $answer, float $line, float $spacing, float $last): array
    {
        $ratio = (sqrt(5.0) - 1.0) / 2.0;
        $best = [-1.0, $line];
        // What lies past the last place is level.
        foreach ($line < $last ? [-1.0, 1.0] : [-1.0] as $side) {
            $place = fn (float $deg): float => max(0.0, min($last, $line + $side * $deg / $spacing));
            $here = [-1.0, 1];
            for ($i = 1, $n = count(self::BESIDE_DEG) - 1; $i < $n; $i++) {
                $v = $answer->at($place(self::BESIDE_DEG[$i]));
                $here = $v > $here[0] ? [$v, $i] : $here;
            }
            $low = self::BESIDE_DEG[$here[1] - 1];
            $high = self::BESIDE_DEG[$here[1] + 1];
            [$c, $d] = [$high - $ratio * ($high - $low), $low + $ratio * ($high - $low)];
            [$atC, $atD] = [$answer->at($place($c)), $answer->at($place($d))];
            for ($i = 0; $i < self::CLIMBS; $i++) {
                if ($atC > $atD) {
                    [$high, $d, $atD] = [$d, $c, $atC];
                    $c = $high - $ratio * ($high - $low);
                    $atC = $answer->at($place($c));
                } else {
                    [$low, $c, $atC] = [$c, $d, $atD];
                    $d = $low + $ratio * ($high - $low);
                    $atD = $answer->at($place($d));
                }
            }
            $best = max($best, [$here[0], $place(self::BESIDE_DEG[$here[1]])], [$atC, $place($c)], [$atD, $place($d)]);
        }

        return $best;
    }

    /**
     * A regular pattern across a panel, from the distance it is worst at.
     *
     * @param float $amplitude of ln(Y + veil), half of peak to peak
     * @param float $gain as Scene takes it
     */
    public static function pattern(float $amplitude, float $periodMm, Signal $standard, float $gain = 1.0): float
    {
        $worst = 0.0;
        foreach (self::DISTANCES_M as $m) {
            $field = self::field(self::PATTERN_MM - self::MARGIN_MM, $m);
            $worst = max(
                $worst,
                Barten::sensitivity(
                    1.0 / self::degrees($periodMm, $m),
                    $standard->luminance,
                    $field,
                    $standard->surround(),
                ),
            );
        }

        return ($amplitude * $worst * $gain) / self::CRITERION;
    }

    /** What an answer counts as an index from this angle, to the eye that looks at this scene. */
    private static function counts(Scene $scene, int $angle): float
    {
        return ($scene->gain * self::weight($angle)) / self::CRITERION;
    }

    /** Square degrees of the field that a change so wide is seen in. */
    public static function field(float $widthMm, float $distanceM): float
    {
        [$height, $most] = self::PANEL_MM;

        $deg2 = ((min($most, $widthMm + self::MARGIN_MM) * $height) / 1e6 / $distanceM ** 2) * (180.0 / M_PI) ** 2;

        // A field is as good as one two in a hundred larger: sensitivity moves by less than a thousandth, and filters
        // can be kept.
        return exp(round(log($deg2) / self::FIELD_STEP) * self::FIELD_STEP);
    }

    /** The gaze moves along: degrees are counted straight in front. */
    public static function degrees(float $mm, float $distanceM): float
    {
        return rad2deg($mm / (1000.0 * $distanceM));
    }

    /** @return array{float, float} the largest answer and where, mm */
    private static function worstAlong(Scene $scene, int $angle, float $field, float $m): array
    {
        $answer = new Response($scene, $angle, $field, $m, self::degrees(self::GAP_MM / 2.0, $m));
        $n = $scene->places();
        $answers = [];
        for ($i = 0; $i < $n; $i++) {
            $answers[] = $answer->at((float) $i);
        }
        $best = max([-1.0, ...$answers]);
        $at = (float) array_search($best, $answers, true);
        $spacing = self::degrees($scene->stepMm, $m);
        foreach (array_keys($scene->lines) as $after) {
            [$best, $at] = max([$best, $at], self::beside($answer, $scene->lineAt($after), $spacing, $n - 1.0));
        }

        $i = (int) $at;
        if ($scene->lines === [] && $i > 0 && $i < $n - 1) {
            // A parabola through the three: the peak does not depend on where places happen to lie.
            [$before, $after] = [$answers[$i - 1], $answers[$i + 1]];
            $bend = $before - 2.0 * $best + $after;
            if ($bend < 0.0) {
                $off = (0.5 * ($before - $after)) / $bend;
                $best -= 0.25 * ($before - $after) * $off;
                $at += $off;
            }
        }

        return [max(0.0, $best), $scene->fromMm + $at * $scene->stepMm];
    }
}
