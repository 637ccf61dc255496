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

    /**
     * What one more toner must take off the squared misfit to be worth a pour: repeated readings differ by this much.
     * Chosen here.
     */
    private const WORTH = 0.012;

    /** Share of the squared misfit that one more toner must take off. Chosen here. */
    private const WORTH_SHARE = 0.003;

    /** A toner the formula does not have yet must bring more. Chosen here. */
    private const STRANGER = 0.06;

    /** Below this many grams nobody can pour it. Common practice: scales read 0.1 g; 0.05 can be hit. */
    private const LEAST_GRAMS = 0.05;

    /** How many sets of each size go on to the full model. */
    private const REFINED = [15, 14, 14];

    private const ROUNDS = 6;

    public function __construct(private TonerLibrary $library, private PaintModel $model) {}

    /**
     * @param Formula $cup what the card was sprayed from, in the grams that are in the cup
     * @param list<string> $candidates toner keys to try, at most about 15
     * @return list<Correction> best first, at most three; empty when nothing gets nearer
     * @throws CannotCompare when car, card and model share no angle
     */
    public function advise(Formula $cup, Measurement $car, Measurement $card, array $candidates, int $most = 3): array
    {
        if (! $car->viewing->is($card->viewing)) {
            throw CannotCompare::viewing($car->viewing, $card->viewing);
        }
        $misfit = Misfit::of($this->model, $car, $card, $cup->grams);
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
            $score = $this->score($misfit, $cup, $additions);
            if (! isset($found[$key]) || $score < $found[$key][0]) {
                $found[$key] = [$score, $additions];
            }
        }
        usort($found, fn (array $a, array $b): int => $a[0] <=> $b[0]);
        $out = [];
        foreach ($found as [, $additions]) {
            $correction = $this->correction($misfit, $cup, $additions, $before, false);
            if ($correction->after < $before - 0.02) {
                $out[] = $correction;
            }
            if (count($out) === $most) {
                break;
            }
        }
        $remix = $this->remix($misfit, $cup, $start, $before);
        // A remix costs a cup of paint: it is only worth saying when additions leave clearly more.
        if ($remix !== null && ($out === [] || $remix->after < 0.6 * $out[0]->after - 0.1)) {
            $out = [...array_slice($out, 0, $most - 1), $remix];
        }

        return $out;
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
    private function score(Misfit $misfit, Formula $cup, array $additions): float
    {
        $start = self::square($misfit->residuals($cup->grams));
        $score = self::square($misfit->residuals(self::with($cup->grams, $additions)));
        foreach ($additions as $toner => $g) {
            $score +=
                self::WORTH +
                self::WORTH_SHARE * $start +
                ($cup->gramsOf($toner) > 0.0 ? 0.0 : self::STRANGER * (1.0 + $start));
        }

        return $score;
    }

    /**
     * Weighing the colour again, less of some toners allowed, total kept.
     *
     * @param list<float> $start
     */
    private function remix(Misfit $misfit, Formula $cup, array $start, float $before): ?Correction
    {
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

        return $this->correction($misfit, $cup, $additions, $before, true);
    }

    /** @param array<string, float> $additions */
    private function correction(Misfit $misfit, Formula $cup, array $additions, float $before, bool $remix): Correction
    {
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
            $misfit->colourDifference($formula->grams),
            TintWords::of($this->library, $misfit, $cup, $additions),
        );
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
