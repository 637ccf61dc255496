<?php

declare(strict_types=1);

namespace Kalopsis\Film;

/** Will solvent boil through the skin? A thick coat under a short flash traps it. */
enum PopRisk: string
{
    case Low = 'low';
    case Raised = 'raised';
    case High = 'high';

    /** A coat that dries to so much more than its sheet's is thick. Common practice: under-reduced coats risk it. */
    private const THICK = 1.2;

    private const VERY_THICK = 1.6;

    /** @param float $filmShare dry film of the coat over its data sheet's. @param bool $waits is it let dull before the next? */
    public static function of(float $filmShare, bool $waits): self
    {
        return match (true) {
            $filmShare > self::VERY_THICK, $filmShare > self::THICK && ! $waits => self::High,
            $filmShare > self::THICK => self::Raised,
            default => self::Low,
        };
    }

    public function words(): string
    {
        return match ($this) {
            self::Low => 'low',
            self::Raised => 'raised: flash it longer, about 20 min',
            self::High => 'high: thick and hurried',
        };
    }
}
