<?php

declare(strict_types=1);

namespace Kalopsis\Spray;

/** How much of the spread of simulations agrees. */
enum Certainty: string
{
    case Sure = 'sure';
    case Likely = 'likely';
    case Doubtful = 'doubtful';

    /** @param float $share of the runs in which nothing is seen, 0 to 1 */
    public static function of(float $share): self
    {
        $agreed = max($share, 1.0 - $share);

        return match (true) {
            $agreed >= 0.9 => self::Sure,
            $agreed >= 0.7 => self::Likely,
            default => self::Doubtful,
        };
    }
}
