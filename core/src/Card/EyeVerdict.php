<?php

declare(strict_types=1);

namespace Kalopsis\Card;

/** What somebody saw, card against car. */
enum EyeVerdict: string
{
    case Matches = 'matches';
    case Blendable = 'blendable';
    case Off = 'off';

    public function words(): string
    {
        return match ($this) {
            self::Matches => 'matches',
            self::Blendable => 'would blend',
            self::Off => 'off',
        };
    }

    /**
     * What a careful look in two lights lets through, L*: more than a reading would. Chosen here; null where it said off.
     */
    public function letsThroughL(): ?float
    {
        return match ($this) {
            self::Matches => 2.0,
            self::Blendable => 3.0,
            self::Off => null,
        };
    }

    /** The eye may be kinder or stricter by one step without anybody having to decide; further apart, the lead is asked. */
    public function disagreesWith(MatchGrade $grade): bool
    {
        return match ($this) {
            self::Matches => $grade === MatchGrade::NotYet,
            self::Blendable => false,
            self::Off => $grade !== MatchGrade::NotYet,
        };
    }
}
