<?php

declare(strict_types=1);

namespace Kalopsis\Trials;

use JsonSerializable;
use Kalopsis\Calibration\Constant;
use Kalopsis\Calibration\Known;
use Kalopsis\Trials\Internal\LeastSquares;
use Kalopsis\Units\Quantity;
use Kalopsis\Why\Phrase;

/**
 * What tests of one kind of number say together: each number with its spread, and whether it foretells tests that were kept
 * from it better than the model alone does.
 */
final readonly class GroupFit implements JsonSerializable
{
    /** No number of the model is further off than this factor; a test that says so was made or typed wrong. Chosen here. */
    private const FURTHEST = 3.0;

    /** Tests are held out in so many lots at the most: each lot costs a fit. Common practice: ten-fold. */
    private const LOTS = 10;

    /**
     * @param list<Trial> $trials
     * @param array<string, Known> $known by Calibration::key()
     * @param array{float, float, int} $heldOut root mean square of readings kept back, in their own noise: as the model
     *        takes it, as fitted without them; and how many they were
     */
    private function __construct(
        public string $group,
        public array $trials,
        public array $known,
        public array $heldOut,
        public ?Phrase $refused,
    ) {}

    /** @param non-empty-list<Trial> $trials of one group */
    public static function of(array $trials): self
    {
        $names = array_map(fn (Trial $t): string => $t->name(), $trials);
        $fitted = self::fit($trials, null);
        $stretch = self::stretch($trials, $fitted);
        $known = [];
        foreach ($fitted as $key => [$factor, $spread]) {
            if (! self::isOneCards($key)) {
                $known[$key] = new Known($factor, $spread * $stretch, $names);
            }
        }
        $heldOut = self::heldOut($trials);

        return new self($trials[0]->group(), $trials, $known, $heldOut, self::refusal($known, $heldOut));
    }

    /**
     * @param list<Trial> $trials
     * @param ?array{list<int>, ?int} $without trials, and which of their readings; null there: all of them
     * @return array<string, array{float, float}>
     */
    private static function fit(array $trials, ?array $without): array
    {
        $priors = [];
        foreach ($trials as $i => $trial) {
            if ($without === null || ! in_array($i, $without[0], true) || $without[1] !== null) {
                $priors += $trial->about();
            }
        }

        return LeastSquares::fit($priors, function (array $factors) use ($trials, $without): array {
            $out = [];
            foreach ($trials as $i => $trial) {
                if ($without === null || ! in_array($i, $without[0], true)) {
                    array_push($out, ...$trial->residuals($factors));
                } elseif ($without[1] !== null) {
                    $kept = $trial->residuals($factors);
                    unset($kept[$without[1]]);
                    array_push($out, ...array_values($kept));
                }
            }

            return $out;
        });
    }

    /**
     * Tests that agree less well than their own noise make nobody as sure as they claim: Birge's ratio (Birge, Phys. Rev. 40,
     * 207, 1932).
     *
     * @param list<Trial> $trials
     * @param array<string, array{float, float}> $fitted
     */
    private static function stretch(array $trials, array $fitted): float
    {
        $factors = array_map(fn (array $f): float => $f[0], $fitted);
        $sum = 0.0;
        $n = 0;
        foreach ($trials as $trial) {
            foreach ($trial->residuals($factors) as $r) {
                $sum += $r * $r;
                $n++;
            }
        }
        $free = $n - count(array_filter(array_keys($fitted), fn (string $k): bool => ! self::isOneCards($k)));

        return $free > 0 ? max(1.0, sqrt($sum / $free)) : 1.0;
    }

    /**
     * Each test foretold from the others; where there is one test only, each of its readings from its others.
     *
     * @param list<Trial> $trials
     * @return array{float, float, int}
     */
    private static function heldOut(array $trials): array
    {
        $before = $after = 0.0;
        $n = 0;
        foreach (self::lots($trials) as [$lot, $reading]) {
            $fitted = array_map(fn (array $f): float => $f[0], self::fit($trials, [$lot, $reading]));
            foreach ($lot as $i) {
                $asModel = $trials[$i]->residuals([]);
                $asFitted = $trials[$i]->residuals($fitted);
                foreach ($reading === null ? array_keys($asModel) : [$reading] as $k) {
                    $before += $asModel[$k] ** 2;
                    $after += $asFitted[$k] ** 2;
                    $n++;
                }
            }
        }

        return $n === 0 ? [0.0, 0.0, 0] : [sqrt($before / $n), sqrt($after / $n), $n];
    }

    /**
     * @param list<Trial> $trials
     * @return list<array{list<int>, ?int}>
     */
    private static function lots(array $trials): array
    {
        if (count($trials) > 1) {
            $lots = [];
            foreach (array_keys($trials) as $i) {
                $lots[$i % self::LOTS][] = $i;
            }

            return array_map(fn (array $lot): array => [$lot, null], array_values($lots));
        }
        $readings = count($trials[0]->residuals([]));

        return $readings < 2 ? [] : array_map(fn (int $k): array => [[0], $k], range(0, $readings - 1));
    }

    /**
     * @param array<string, Known> $known
     * @param array{float, float, int} $heldOut
     */
    private static function refusal(array $known, array $heldOut): ?Phrase
    {
        foreach ($known as $key => $k) {
            if ($k->factor > self::FURTHEST || $k->factor < 1.0 / self::FURTHEST) {
                return Phrase::of('It comes out at {factor} of what the model takes. No number is that far off: look at what '
                    . 'was typed and how the test was made.', ['factor' => Quantity::percent(round(100.0 * $k->factor))]);
            }
        }
        [$before, $after, $n] = $heldOut;
        // The mean of n readings of noise alone comes out at 1 +- 1/sqrt(2n): within that nothing can be told apart.
        if ($after > $before && $after > 1.0 + 1.0 / sqrt(2.0 * max(1, $n))) {
            return Phrase::of('Each test was foretold from the others: off by {after} of its noise with what they say, by {before} '
                . 'without. They contradict each other, so the model stays as it is.', [
                    'after' => Quantity::percent(round(100.0 * $after)),
                    'before' => Quantity::percent(round(100.0 * $before)),
                ]);
        }

        return null;
    }

    private static function isOneCards(string $key): bool
    {
        return str_starts_with($key, 'hand ');
    }

    /** @return array<string, mixed> */
    public function jsonSerialize(): array
    {
        [$before, $after, $n] = $this->heldOut;
        $constants = [];
        foreach ($this->known as $key => $known) {
            [$constant, $subject] = [...explode(' ', $key, 2), ''];
            $is = Constant::from($constant);
            $untested = Known::untested($is);
            $constants[] = [
                'constant' => $constant,
                'subject' => $subject,
                'text' => Phrase::of($is->text()),
                'model' => $untested,
                'tested' => $known,
            ];
        }

        return [
            'group' => $this->group,
            'kind' => $this->trials[0]->kind()->value,
            'text' => Phrase::of($this->trials[0]->kind()->text()),
            'tests' => count($this->trials),
            'constants' => $constants,
            'heldOut' => ['model' => round($before, 2), 'tested' => round($after, 2), 'readings' => $n],
            'refused' => $this->refused,
        ];
    }
}
