<?php

declare(strict_types=1);

namespace Kalopsis\Tint\Internal;

/** One channel against the number of coats: end + (ground - end) exp(-2 a coats). */
final readonly class AbsorptionPath
{
    /** Bounds of a for each coat: below it nothing changes, above it one coat hides. */
    private const RANGE = [0.005, 3.0];

    /** Past the cards a channel is held to so many times what they showed, up and down: a path says little out there. */
    private const HELD = 2.0;

    private function __construct(
        public float $end,
        public float $swing,
        public float $absorbs,
        private float $least,
        private float $most,
    ) {}

    public function at(float $coats): float
    {
        return max($this->least, min($this->most, $this->end + $this->swing * exp(-2.0 * $this->absorbs * $coats)));
    }

    /**
     * For a given a the rest is a straight line fit in closed form; a is found by trying 40 values on a logarithmic
     * scale and halving the
     * bracket around the best, 25 times.
     *
     * @param list<float> $coats
     * @param list<float> $values
     */
    public static function fit(array $coats, array $values): self
    {
        $best = self::RANGE[0];
        $least = INF;
        $ratio = (self::RANGE[1] / self::RANGE[0]) ** (1 / 39);
        for ($i = 0, $a = self::RANGE[0]; $i < 40; $i++, $a *= $ratio) {
            [$error] = self::line($coats, $values, $a);
            if ($error < $least) {
                [$best, $least] = [$a, $error];
            }
        }
        $low = $best / $ratio;
        $high = $best * $ratio;
        for ($i = 0; $i < 25; $i++) {
            $one = $low + ($high - $low) / 3.0;
            $two = $high - ($high - $low) / 3.0;
            if (self::line($coats, $values, $one)[0] < self::line($coats, $values, $two)[0]) {
                $high = $two;
            } else {
                $low = $one;
            }
        }
        $a = ($low + $high) / 2.0;
        [, $end, $swing] = self::line($coats, $values, $a);

        $least = $values === [] ? 0.0 : max(0.0, min($values));

        return new self($end, $swing, $a, $least / self::HELD, max(0.0, ...$values) * self::HELD);
    }

    /**
     * @param list<float> $coats
     * @param list<float> $values
     * @return array{float, float, float} squared error, end, swing
     */
    private static function line(array $coats, array $values, float $a): array
    {
        $n = count($coats);
        $se = $see = $sv = $sev = 0.0;
        foreach ($coats as $i => $c) {
            $e = exp(-2.0 * $a * $c);
            $se += $e;
            $see += $e * $e;
            $sv += $values[$i];
            $sev += $e * $values[$i];
        }
        $det = $n * $see - $se * $se;
        $swing = abs($det) > 1e-14 ? ($n * $sev - $se * $sv) / $det : 0.0;
        $end = ($sv - $swing * $se) / $n;
        $error = 0.0;
        foreach ($coats as $i => $c) {
            $error += ($end + $swing * exp(-2.0 * $a * $c) - $values[$i]) ** 2;
        }
        // Light cannot be negative however many coats are sprayed.
        if ($end < 0.0) {
            $swing = $see > 0.0 ? $sev / $see : 0.0;
            $error = 0.0;
            foreach ($coats as $i => $c) {
                $error += ($swing * exp(-2.0 * $a * $c) - $values[$i]) ** 2;
            }

            return [$error, 0.0, $swing];
        }

        return [$error, $end, $swing];
    }
}
