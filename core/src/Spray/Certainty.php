<?php

declare(strict_types=1);

namespace Kalopsis\Spray;

/** How sure a painter wants to be, or can be: the share of what may be off in which the verdict holds. */
enum Certainty: string
{
    case Sure = 'sure';
    case Likely = 'likely';
    case Doubtful = 'doubtful';

    /** Standard normal quantiles of 0.9 and 0.7; doubtful is even odds. Abramowitz and Stegun, table 26.5. */
    public function quantile(): float
    {
        return match ($this) {
            self::Sure => 1.2816,
            self::Likely => 0.5244,
            self::Doubtful => 0.0,
        };
    }

    /**
     * How sure the verdict on an index is, seen or not seen: ln V is normal.
     *
     * @param float $spread standard deviation of ln V
     */
    public static function of(float $index, float $spread): self
    {
        $z = abs(log(max(1e-6, $index))) / $spread;

        return match (true) {
            $z >= self::Sure->quantile() => self::Sure,
            $z >= self::Likely->quantile() => self::Likely,
            default => self::Doubtful,
        };
    }

    public function words(): string
    {
        return match ($this) {
            self::Sure => 'to be sure',
            self::Likely => 'to be likely',
            self::Doubtful => 'at even odds',
        };
    }
}
