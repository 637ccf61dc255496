<?php

declare(strict_types=1);

namespace Kalopsis\Tint;

use Kalopsis\Colour\Exception\CannotCompare;
use Kalopsis\Colour\Measurement;
use Kalopsis\Tint\Internal\Misfit;
use Kalopsis\Tint\Internal\SmallLeastSquares;
use Kalopsis\Tint\Internal\TintWords;

/**
 * Proposes up to three corrections of one to three toners. First every set of up to three toners is tried on the
 * misfit made linear at the present
 * mix (non-negative least squares in closed form); the best are then refined on the full model by damped Gauss-Newton, which
 * stops after six rounds or when the misfit no longer falls. A set with fewer toners wins unless one more brings more
 * than noise would.
 * Own model, docs/model.md section 7.
 */
final readonly class TintAdvisor
{
    /** More than this in one go is another formula, share of the cup. Common practice: little steps. */
    private const MOST_SHARE = 0.6;

    /** Share of the squared misfit that one more toner must take off besides: batches differ from the library. Chosen here. */
    private const WORTH_SHARE = 0.001;

    /** A toner the formula does not have yet must bring more, in units of chi squared: odds of 20 to 1. Chosen here. */
    private const STRANGER = 6.0;

    /** Flakes that landed a whole step of dryness off, up or down, is the most a hand does. Chosen here. */
    private const MOST_DRYNESS = 1.0;

    /** Below this many grams nobody can pour it. Common practice: scales read 0.1 g; 0.05 can be hit. */
    private const LEAST_GRAMS = 0.05;

    /** How many sets of each size go on to the full model. */
    private const REFINED = [15, 14, 14];

    private const ROUNDS = 6;

    public function __construct(private TonerLibrary $library, private PaintModel $model) {}

    /**
     * @param Formula $cup what the card was sprayed from, in the grams that are in the cup
     * @param list<string> $candidates toner keys to try, at most about 15
     * @param ?ReadingNoise $noise of the difference between the two readings; null: as readings usually are
     * @throws CannotCompare when car, card and model share no angle
     */
    public function advise(
        Formula $cup,
        Measurement $car,
        Measurement $card,
        array $candidates,
        ?ReadingNoise $noise = null,
        int $most = 3,
    ): TintAdvice {
        if (! $car->viewing->is($card->viewing)) {
            throw CannotCompare::viewing($car->viewing, $card->viewing);
        }
        $noise ??= ReadingNoise::usual()->with(ReadingNoise::usual());
        $misfit = Misfit::of($this->model, $car, $card, $cup->grams, $noise);
        if ($misfit->angles === []) {
            throw CannotCompare::angles();
        }
        $start = $misfit->residuals($cup->grams);
        $before = $misfit->colourDifference($cup->grams);
        $unit = $this->columns($misfit, $cup, $candidates, $start);
        $found = [];
        foreach ($this->promising($unit, $start, $cup) as $set) {
            $additions = $this->refine($misfit, $cup, $set, $start);
            if ($additions === []) {
                continue;
            }
            ksort($additions);
            $key = implode('+', array_keys($additions));
            $score = $this->score($misfit, $cup, $additions, count($candidates));
            if (! isset($found[$key]) || $score < $found[$key][0]) {
                $found[$key] = [$score, $additions];
            }
        }
        usort($found, fn (array $a, array $b): int => $a[0] <=> $b[0]);
        $here = self::square($start);
        $landing = $this->landing($misfit, $cup, $start);
        // Nothing to mend, or how the card was sprayed tells it better than any toner: no toner is blamed.
        if (min($here, $landing) <= ($found[0][0] ?? INF)) {
            return new TintAdvice([], $landing < $here, $before, $noise);
        }
        $out = [];
        foreach ($found as [, $additions]) {
            $correction = $this->correction($misfit, $cup, $additions, $before, $noise);
            if ($correction->after < $before - 0.02) {
                $out[] = $correction;
            }
            if (count($out) === $most) {
                break;
            }
        }
        $remix = $this->remix($misfit, $cup, $start, $before, $noise);
        // A remix costs a cup of paint: it is only worth saying when additions leave clearly more.
        if ($remix !== null && ($out === [] || $remix->after < 0.6 * $out[0]->after - 0.1)) {
            $out = [...array_slice($out, 0, $most - 1), $remix];
        }

        return new TintAdvice($out, false, $before, $noise);
    }

    /**
     * Chi squared when only the landing of the flakes is to blame, its one unknown paid for.
     *
     * @param list<float> $start
     */
    private function landing(Misfit $misfit, Formula $cup, array $start): float
    {
        $column = $misfit->landing($cup->grams);
        $length = self::square($column);
        if ($length < 1e-9) {
            return INF;
        }
        $along = 0.0;
        foreach ($column as $i => $v) {
            $along -= $v * $start[$i];
        }
        // The card landed so: taking it off the card is what the plan would give.
        $dryness = max(-self::MOST_DRYNESS, min(self::MOST_DRYNESS, $along / $length));
        $left = array_map(fn (float $s, float $v): float => $s + $dryness * $v, $start, $column);

        return self::square($left) + self::worth(count($start));
    }

    /**
     * What one more unknown must take off chi squared: ln n (Schwarz, Annals of Statistics 6, 1978) and, where it was picked
     * as the best of m, ln m more (Chen and Chen, Biometrika 95, 2008).
     */
    private static function worth(int $n, int $m = 1): float
    {
        return log(max(2, $n)) + log($m);
    }

    /**
     * What one gram of each candidate changes.
     *
     * @param list<string> $candidates
     * @param list<float> $start
     * @return array<string, list<float>>
     */
    private function columns(Misfit $misfit, Formula $cup, array $candidates, array $start): array
    {
        $columns = [];
        foreach ($candidates as $toner) {
            $columns[$toner] = $this->column($misfit, $cup->grams, $toner, $start);
        }

        return $columns;
    }

    /**
     * @param array<string, float> $grams
     * @param list<float> $at residuals at these grams
     * @return list<float>
     */
    private function column(Misfit $misfit, array $grams, string $toner, array $at): array
    {
        $step = max(0.002 * array_sum($grams), 0.01 * ($grams[$toner] ?? 0.0));
        $grams[$toner] = ($grams[$toner] ?? 0.0) + $step;
        $column = [];
        foreach ($misfit->residuals($grams) as $i => $v) {
            $column[] = ($v - $at[$i]) / $step;
        }

        return $column;
    }

    /**
     * @param array<string, list<float>> $columns
     * @param list<float> $start
     * @return list<list<string>> sets of toners
     */
    private function promising(array $columns, array $start, Formula $cup): array
    {
        $keys = array_keys($columns);
        $n = count($keys);
        $least = new SmallLeastSquares(array_values($columns), $start);
        $bySize = [[], [], []];
        for ($i = 0; $i < $n; $i++) {
            $bySize[0][] = [$least->one($i), [$keys[$i]]];
            for ($j = $i + 1; $j < $n; $j++) {
                $bySize[1][] = [$least->two($i, $j), [$keys[$i], $keys[$j]]];
                for ($k = $j + 1; $k < $n; $k++) {
                    $bySize[2][] = [$least->three($i, $j, $k), [$keys[$i], $keys[$j], $keys[$k]]];
                }
            }
        }
        $out = [];
        foreach ($bySize as $size => $sets) {
            $sets = array_values(array_filter($sets, fn (array $s): bool => $s[0] !== null));
            usort($sets, fn (array $a, array $b): int => $a[0] <=> $b[0]);
            foreach (array_slice($sets, 0, self::REFINED[$size]) as [, $set]) {
                $out[] = $set;
            }
        }

        return $out;
    }

    /**
     * @param list<string> $set
     * @param list<float> $start
     * @return array<string, float> grams by toner; toners that are not needed are left out
     */
    private function refine(Misfit $misfit, Formula $cup, array $set, array $start, bool $takeOut = false): array
    {
        $total = $cup->total();
        $x = array_fill_keys($set, 0.0);
        $residuals = $start;
        $cost = self::square($start);
        for ($round = 0; $round < self::ROUNDS; $round++) {
            $grams = self::with($cup->grams, $x);
            $columns = [];
            foreach ($set as $toner) {
                $columns[] = $this->column($misfit, $grams, $toner, $residuals);
            }
            $floor = array_map(
                fn (string $t): float => $takeOut ? -0.98 * ($cup->grams[$t] ?? 0.0) - $x[$t] : -$x[$t],
                $set,
            );
            $ceiling = array_map(fn (string $t): float => self::MOST_SHARE * $total - $x[$t], $set);
            $step = SmallLeastSquares::bounded($columns, $residuals, $floor, $ceiling);
            $better = false;
            for ($damp = 1.0; $damp > 0.1; $damp /= 2.0) {
                $try = $x;
                foreach ($set as $i => $toner) {
                    $try[$toner] += $damp * $step[$i];
                }
                $next = $misfit->residuals(self::with($cup->grams, $try));
                $squared = self::square($next);
                if ($squared < $cost * (1.0 - 1e-5)) {
                    [$x, $residuals, $better] = [$try, $next, $squared < $cost * 0.999];
                    $cost = $squared;
                    break;
                }
            }
            if (! $better) {
                break;
            }
        }

        return array_filter($x, fn (float $g): bool => abs($g) >= self::LEAST_GRAMS * max(0.2, $total / 200.0));
    }

    /** @param array<string, float> $additions */
    private function score(Misfit $misfit, Formula $cup, array $additions, int $candidates): float
    {
        $start = self::square($misfit->residuals($cup->grams));
        $residuals = $misfit->residuals(self::with($cup->grams, $additions));
        $score = self::square($residuals);
        foreach ($additions as $toner => $g) {
            $score +=
                self::worth(count($residuals), $candidates) +
                self::WORTH_SHARE * $start +
                ($cup->gramsOf($toner) > 0.0 ? 0.0 : self::STRANGER);
        }

        return $score;
    }

    /**
     * Weighing the colour again, less of some toners allowed, total kept.
     *
     * @param list<float> $start
     */
    private function remix(
        Misfit $misfit,
        Formula $cup,
        array $start,
        float $before,
        ReadingNoise $noise,
    ): ?Correction {
        $own = array_keys($cup->grams);
        if (count($own) > 6) {
            $sorted = $cup->grams;
            arsort($sorted);
            $own = array_slice(array_keys($sorted), 0, 6);
        }
        $changes = $this->refine($misfit, $cup, $own, $start, true);
        if ($changes === [] || min($changes) >= 0.0) {
            return null;
        }
        $remixed = $cup->plus($changes)->scaledTo($cup->total());
        $additions = [];
        foreach ($remixed->grams as $toner => $g) {
            $additions[$toner] = $g - $cup->gramsOf($toner);
        }

        return $this->correction($misfit, $cup, $additions, $before, $noise, true);
    }

    /** @param array<string, float> $additions */
    private function correction(
        Misfit $misfit,
        Formula $cup,
        array $additions,
        float $before,
        ReadingNoise $noise,
        bool $remix = false,
    ): Correction {
        if (! $remix) {
            $effect = [];
            foreach ($additions as $toner => $g) {
                $effect[$toner] = -abs($misfit->colourDifference(self::with($cup->grams, [$toner => $g])) - $before);
            }
            uksort($additions, fn (string $a, string $b): int => $effect[$a] <=> $effect[$b]);
        }
        $formula = $cup->plus($additions);

        return new Correction(
            $additions,
            $formula,
            $remix,
            $misfit->labs($formula->grams),
            $before,
            self::expected($misfit->colourDifference($formula->grams), $noise),
            TintWords::of($this->library, $misfit, $cup, $additions),
        );
    }

    /**
     * What the next card will read: half of what is left now and half of what readings repeat to, in squares. What looks
     * better than they repeat to is luck, what looks worse is partly their noise. Chosen here; tested on held-out formulas.
     */
    private static function expected(float $left, ReadingNoise $noise): float
    {
        return sqrt(($left * $left + $noise->de ** 2) / 2.0);
    }

    /**
     * @param array<string, float> $grams
     * @param array<string, float> $more
     * @return array<string, float>
     */
    private static function with(array $grams, array $more): array
    {
        foreach ($more as $toner => $g) {
            $grams[$toner] = max(0.0, ($grams[$toner] ?? 0.0) + $g);
        }

        return $grams;
    }

    /** @param list<float> $values */
    private static function square(array $values): float
    {
        $sum = 0.0;
        foreach ($values as $v) {
            $sum += $v * $v;
        }

        return $sum;
    }
}
