<?php

declare(strict_types=1);

namespace Kalopsis\Panel;

use Kalopsis\Input\InvalidInput;
use Kalopsis\Input\Problem;
use Kalopsis\Panel\Internal\Stretch;
use Kalopsis\Units\Quantity;
use Kalopsis\Why\Phrase;

/**
 * Stretches a silhouette to the lengths that a tape said. The car is cut into slices at the ends of its tapes, along it and
 * across it; each slice is stretched by itself. Typed lengths are met; where they leave freedom, all slices keep as near to one
 * common scale as they can (least squares, each slice weighted by its length), so that what nobody measured follows the rest.
 * Panels share the slices, so they neither overlap nor come apart, and both sides stay alike.
 */
final class TapeFit
{
    /** So near a typed length has to be met, mm: as well as a tape is read. Common practice. */
    public const MET_MM = 2.0;

    /** A slice this much longer or shorter than its neighbours is no car any more. Chosen here. */
    private const SHORTEST = 0.2;

    private const LONGEST = 3.0;

    /** A length this many times longer or shorter than the rest makes it: another car. Chosen here. */
    private const ODD = 2.0;

    /** How much a typed length counts beside the wish to keep in proportion: as good as a must. */
    private const TYPED = 1e7;

    /** A wish to stay as drawn, so that the scale is known where nothing was typed. */
    private const AS_DRAWN = 1e-3;

    /** The same wish where the drawing is the car's own and a panel of it is corrected: the rest stays. */
    private const AS_IT_WAS = 1e3;

    /** Area of ordinary cars' panels, m2. Common practice. */
    private const ORDINARY_M2 = [
        'bonnet' => [1.2, 1.6],
        'door' => [0.8, 1.2],
        'wing' => [0.4, 0.7],
        'quarter' => [0.8, 1.3],
        'bumper' => [0.9, 1.4],
        'roof' => [1.5, 2.5],
    ];

    private function __construct() {}

    /**
     * @param array<string, float> $typed lengths in mm by tape
     * @param string $key of the new body shape
     * @throws InvalidInput at "lengths.KEY" where lengths contradict each other
     */
    public static function of(Silhouette $silhouette, array $typed, string $key, string $name): BodyShape
    {
        $found = self::solve($silhouette, $typed, self::AS_DRAWN);
        if ($found === null) {
            throw (new InvalidInput(self::contradictions($silhouette, $typed, self::AS_DRAWN)))->under('lengths');
        }

        return self::stretched($silhouette->body, $found[0], $found[1], $key, $name);
    }

    /**
     * What takes a drawing of this very car to the one with some of its panels measured: those are met, and what nobody
     * measured stays as long as it is drawn, as far as it does not lie beside them.
     *
     * @param array<string, float> $typed lengths in mm by tape
     * @return array{Stretch, Stretch} along and across
     * @throws InvalidInput at "KEY" where lengths contradict each other
     */
    public static function correcting(Silhouette $drawn, array $typed): array
    {
        return self::solve($drawn, $typed, self::AS_IT_WAS)
            ?? throw new InvalidInput(self::contradictions($drawn, $typed, self::AS_IT_WAS));
    }

    /**
     * Where a panel is larger or smaller than ordinary cars have them: worth another look at the tape.
     *
     * @return list<Phrase>
     */
    public static function remarks(BodyShape $body): array
    {
        $out = [];
        foreach ($body->panels as $panel) {
            [$least, $most] = self::ORDINARY_M2[$panel->kind->value] ?? [0.0, INF];
            $m2 = $panel->areaM2();
            if (($m2 < $least || $m2 > $most) && ! str_ends_with($panel->id, '-right')) {
                $out[] = Phrase::of('{panel}: {area}; ordinary cars have {least} to {most}. Measure again?', [
                    'panel' => $panel->name,
                    'area' => Quantity::squareMetres(round($m2, 2)),
                    'least' => Quantity::squareMetres($least),
                    'most' => Quantity::squareMetres($most),
                ]);
            }
        }

        return $out;
    }

    /**
     * @param array<string, float> $typed
     * @return ?array{Stretch, Stretch} along and across; null where no car is like that
     */
    private static function solve(Silhouette $silhouette, array $typed, float $asDrawn): ?array
    {
        $box = $silhouette->body->box();
        $along = self::knots($silhouette, false, $box->x0, $box->x1);
        $sides = self::hasTwoSides($silhouette->body);
        $across = $sides
            ? self::knots($silhouette, true, 0.0, max(abs($box->y0), abs($box->y1)))
            : self::knots($silhouette, true, $box->y0, $box->y1);
        $lengths = [...self::pieces($along), ...self::pieces($across)];
        $n = count($lengths);
        $all = array_sum($lengths);
        // Unknown: the stretch of each slice, and last the common scale.
        $matrix = array_fill(0, $n + 1, array_fill(0, $n + 1, 0.0));
        $right = array_fill(0, $n + 1, 0.0);
        foreach ($lengths as $i => $mm) {
            $weight = $mm / $all;
            $matrix[$i][$i] += $weight;
            $matrix[$n][$n] += $weight;
            $matrix[$i][$n] -= $weight;
            $matrix[$n][$i] -= $weight;
        }
        $matrix[$n][$n] += $asDrawn;
        $right[$n] += $asDrawn;
        $rows = [];
        foreach ($typed as $key => $mm) {
            $tape = $silhouette->tape($key);
            if ($tape === null) {
                continue;
            }
            $row = self::row($tape, $along, $across);
            $rows[] = [$row, $mm];
            foreach ($row as $i => $a) {
                $right[$i] += (self::TYPED * $a) / $mm;
                foreach ($row as $j => $b) {
                    $matrix[$i][$j] += (self::TYPED * $a * $b) / ($mm * $mm);
                }
            }
        }
        $stretch = self::eliminate($matrix, $right);
        $scale = $stretch[$n];
        for ($i = 0; $i < $n; $i++) {
            if ($scale <= 0.0 || $stretch[$i] < self::SHORTEST * $scale || $stretch[$i] > self::LONGEST * $scale) {
                return null;
            }
        }
        foreach ($rows as [$row, $mm]) {
            $is = 0.0;
            foreach ($row as $i => $a) {
                $is += $a * $stretch[$i];
            }
            $of = $mm / (array_sum($row) * $scale);
            if (abs($is - $mm) > self::MET_MM || $of < 1.0 / self::ODD || $of > self::ODD) {
                return null;
            }
        }
        $first = count($along) - 1;

        return [
            self::stretch($along, array_slice($stretch, 0, $first), false),
            self::stretch($across, array_slice($stretch, $first, count($across) - 1), $sides),
        ];
    }

    /** @return non-empty-list<float> */
    private static function knots(Silhouette $silhouette, bool $across, float $from, float $to): array
    {
        $knots = [$from, $to];
        foreach ($silhouette->tapes as $tape) {
            if ($tape->across === $across) {
                $knots = [...$knots, $tape->from, $tape->to];
            }
        }
        sort($knots);
        $apart = [$knots[0]];
        foreach ($knots as $knot) {
            // Two ends at one gap are one cut.
            if ($knot - $apart[count($apart) - 1] > self::MET_MM / 2.0) {
                $apart[] = $knot;
            }
        }

        return $apart;
    }

    /**
     * @param list<float> $knots
     * @return list<float>
     */
    private static function pieces(array $knots): array
    {
        $out = [];
        for ($i = 1; $i < count($knots); $i++) {
            $out[] = $knots[$i] - $knots[$i - 1];
        }

        return $out;
    }

    /**
     * What each slice adds to a tape's length.
     *
     * @param list<float> $along
     * @param list<float> $across
     * @return array<int, float>
     */
    private static function row(Tape $tape, array $along, array $across): array
    {
        $knots = $tape->across ? $across : $along;
        $first = $tape->across ? count($along) - 1 : 0;
        $times = $tape->mirrored ? 2.0 : 1.0;
        $from = $tape->mirrored ? 0.0 : $tape->from;
        $row = [];
        for ($i = 1; $i < count($knots); $i++) {
            $inside = min($tape->to, $knots[$i]) - max($from, $knots[$i - 1]);
            if ($inside > 0.0) {
                $row[$first + $i - 1] = $times * $inside;
            }
        }

        return $row;
    }

    /**
     * @param non-empty-list<float> $knots
     * @param list<float> $stretch
     */
    private static function stretch(array $knots, array $stretch, bool $bothSides): Stretch
    {
        $at = [$knots[0]];
        foreach ($stretch as $i => $times) {
            $at[] = $at[$i] + $times * ($knots[$i + 1] - $knots[$i]);
        }

        return new Stretch($knots, $at, $bothSides);
    }

    /**
     * Each typed length without which the rest would do, with the others it quarrels with.
     *
     * @param array<string, float> $typed
     * @return non-empty-list<Problem>
     */
    private static function contradictions(Silhouette $silhouette, array $typed, float $asDrawn): array
    {
        $guilty = [];
        foreach (array_keys($typed) as $key) {
            if (self::solve($silhouette, array_diff_key($typed, [$key => 0.0]), $asDrawn) !== null) {
                $guilty[] = $key;
            }
        }
        $guilty = self::oddest($silhouette, $typed, $guilty === [] ? array_keys($typed) : $guilty);
        $name = fn (string $key): Phrase => $silhouette->tape($key)->name ?? Phrase::of($key);
        $out = [];
        foreach ($guilty as $key) {
            $others = array_values(array_map($name, array_diff($guilty, [$key])));
            $drawn = $silhouette->tape($key)?->drawnMm() ?? 0.0;
            $out[] = new Problem($key, 'contradicts', $others === []
                ? Phrase::of('Out of proportion with the rest of this silhouette, which has {drawn} here.', ['drawn' => Quantity::mm(round($drawn))])
                : Phrase::of('This does not go together with: {others}. Hold the tape again.', ['others' => $others]));
        }

        return $out === [] ? [new Problem('', 'contradicts', Phrase::of('No car is like that.'))] : $out;
    }

    /**
     * Two quarrel, or one is odd by itself: the furthest from how much longer or shorter the typed lengths are on the whole.
     *
     * @param array<string, float> $typed
     * @param list<string> $guilty
     * @return list<string>
     */
    private static function oddest(Silhouette $silhouette, array $typed, array $guilty): array
    {
        $away = [];
        foreach ($typed as $key => $mm) {
            $away[$key] = log($mm / ($silhouette->tape($key)?->drawnMm() ?? $mm));
        }
        $sorted = array_values($away);
        sort($sorted);
        $middle = $sorted === [] ? 0.0 : $sorted[intdiv(count($sorted) - 1, 2)];
        $odd = fn (string $key): float => abs($away[$key] - $middle);
        usort($guilty, fn (string $a, string $b): int => $odd($b) <=> $odd($a));
        $alone = count($guilty) > 2 && $odd($guilty[0]) > 2.0 * $odd($guilty[1]);
        $named = array_slice($guilty, 0, $alone ? 1 : 2);

        return array_values(array_filter(array_keys($typed), fn (string $key): bool => in_array($key, $named, true)));
    }

    /** Is it drawn about a middle line, its left below and its right above? Then both sides stay alike. */
    public static function hasTwoSides(BodyShape $body): bool
    {
        foreach ($body->panels as $panel) {
            $box = $panel->outline->box();
            if ($box->y0 < -self::MET_MM && $box->y1 > self::MET_MM && abs($box->y0 + $box->y1) > self::MET_MM) {
                return false;
            }
        }

        return true;
    }

    /** The drawing under two stretches, every line of it. */
    public static function stretched(BodyShape $body, Stretch $along, Stretch $across, string $key, string $name): BodyShape
    {
        $line = fn (Polyline $line): Polyline => Polyline::through(self::points($line->xs, $line->ys, $along, $across, false));
        $named = fn (NamedLine $l): NamedLine => new NamedLine($l->name, $line($l->line));
        $panels = [];
        foreach ($body->panels as $id => $panel) {
            $panels[$id] = new Panel(
                $panel->id,
                $panel->name,
                $panel->kind,
                $panel->material,
                $panel->orientation,
                Outline::through(self::points($panel->outline->xs, $panel->outline->ys, $along, $across, true)),
                array_map($named, $panel->bodyLines),
                array_map($named, $panel->freeEdges),
            );
        }
        $seams = array_map(
            fn (Seam $s): Seam => new Seam(
                $s->panelA,
                $s->panelB,
                $s->gapMm,
                $line($s->lineA),
                $line($s->lineB),
                $panels[$s->panelA]->outline,
            ),
            $body->seams,
        );
        $trim = array_map(fn (Trim $t): Trim => new Trim($t->kind, $line($t->line), $t->closed), $body->trim);

        return new BodyShape($key, $name, $body->style, $panels, $seams, $trim);
    }

    /**
     * @param list<float> $xs
     * @param list<float> $ys
     * @return list<array{float, float}>
     */
    private static function points(array $xs, array $ys, Stretch $along, Stretch $across, bool $closed): array
    {
        $out = [];
        $count = count($xs);
        foreach ($xs as $i => $x) {
            $out[] = [$along->of($x), $across->of($ys[$i])];
            $next = $i + 1 < $count ? $i + 1 : ($closed ? 0 : null);
            if ($next === null) {
                continue;
            }
            // A straight piece that crosses a cut gets a corner there.
            $shares = [];
            $dx = $xs[$next] - $x;
            $dy = $ys[$next] - $ys[$i];
            foreach ($along->between($x, $xs[$next]) as $cut) {
                $shares[] = ($cut - $x) / $dx;
            }
            foreach ($across->between($ys[$i], $ys[$next]) as $cut) {
                $shares[] = ($cut - $ys[$i]) / $dy;
            }
            sort($shares);
            foreach ($shares as $share) {
                $out[] = [$along->of($x + $share * $dx), $across->of($ys[$i] + $share * $dy)];
            }
        }

        return $out;
    }

    /**
     * Gauss with pivots; the wish to keep in proportion keeps them above nought.
     *
     * @param array<int, array<int, float>> $a
     * @param array<int, float> $b
     * @return list<float>
     */
    private static function eliminate(array $a, array $b): array
    {
        $n = count($b);
        for ($k = 0; $k < $n; $k++) {
            $best = $k;
            for ($i = $k + 1; $i < $n; $i++) {
                $best = abs($a[$i][$k]) > abs($a[$best][$k]) ? $i : $best;
            }
            [$a[$k], $a[$best]] = [$a[$best], $a[$k]];
            [$b[$k], $b[$best]] = [$b[$best], $b[$k]];
            for ($i = $k + 1; $i < $n; $i++) {
                $times = $a[$i][$k] / $a[$k][$k];
                for ($j = $k; $j < $n; $j++) {
                    $a[$i][$j] -= $times * $a[$k][$j];
                }
                $b[$i] -= $times * $b[$k];
            }
        }
        $x = [];
        for ($k = $n - 1; $k >= 0; $k--) {
            $sum = $b[$k];
            for ($j = $k + 1; $j < $n; $j++) {
                $sum -= $a[$k][$j] * $x[$j];
            }
            $x[$k] = $sum / $a[$k][$k];
        }
        ksort($x);

        return array_values($x);
    }
}
