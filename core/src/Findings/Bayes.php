<?php

declare(strict_types=1);

namespace Kalopsis\Findings;

/** What is believed after something was seen. */
final class Bayes
{
    /** Somebody who sees a defect marks it; what is not there is seldom marked. Chosen here. */
    public const MARKS_SEEN = 0.75;

    public const MARKS_UNSEEN = 0.03;

    /** Standard deviation of ln V between people, films and the model: about what section 12 of the model notes comes to. */
    public const SPREAD = 0.4;

    /**
     * Bayes' rule over causes of which one is at work.
     *
     * @param array<string, float> $priors how often each is, not necessarily adding up to 1
     * @param array<string, float> $likelihoods of what was seen, if it were this one
     * @return array<string, float> adding up to 1, the likeliest first; all 0 where nothing can be
     */
    public static function posterior(array $priors, array $likelihoods): array
    {
        $out = [];
        foreach ($priors as $key => $prior) {
            $out[$key] = $prior * ($likelihoods[$key] ?? 0.0);
        }
        $sum = array_sum($out);
        $out = array_map(fn (float $p): float => $sum > 0.0 ? $p / $sum : 0.0, $out);
        arsort($out);

        return $out;
    }

    /** How likely it is that somebody sees what has this visibility index; 1 is even odds. */
    public static function seen(float $index): float
    {
        // The normal distribution function by the logistic one, within .01: Haley 1952, after Camilli 1994.
        return 1.0 / (1.0 + exp(-1.702 * log(max(1e-6, $index)) / self::SPREAD));
    }

    /** How likely what has this index is marked, or left unmarked. */
    public static function marks(float $index, bool $marked): float
    {
        $marks = self::MARKS_UNSEEN + (self::MARKS_SEEN - self::MARKS_UNSEEN) * self::seen($index);

        return $marked ? $marks : 1.0 - $marks;
    }

    /**
     * Of the runs with the cause in which the defect is marked, the share in which it would not be without: the excess risk
     * ratio, which is the probability of necessity where a cause never helps. Tian and Pearl 2000; Pearl, Causality, 2nd ed.,
     * section 9.2.
     */
    public static function needed(float $indexWith, float $indexWithout): float
    {
        return max(0.0, 1.0 - self::marks($indexWithout, true) / self::marks($indexWith, true));
    }
}
