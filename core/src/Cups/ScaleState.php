<?php

declare(strict_types=1);

namespace Kalopsis\Cups;

/** What a row of readings says of the scale itself. */
enum ScaleState: string
{
    case Steady = 'steady';
    case Moving = 'moving';
    case Silent = 'silent';
    case Jumps = 'jumps';
    case CupOff = 'cup-off';

    public function words(): string
    {
        return match ($this) {
            self::Steady => 'steady',
            self::Moving => 'moving',
            self::Silent => 'The scale is silent. What is in the cup is kept: wake it, or type what it shows.',
            self::Jumps => 'The reading jumped: nobody pours that fast. Check the cup and the table, then let it settle.',
            self::CupOff => 'The cup is off the scale. Put it back: nothing is lost.',
        };
    }

    /** May what it shows be taken? */
    public function isTrusted(): bool
    {
        return $this === self::Steady;
    }
}
