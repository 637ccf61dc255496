<?php

declare(strict_types=1);

namespace Kalopsis\Card;

/** The three verdicts of the trade on a card. */
enum MatchGrade: string
{
    case Butt = 'butt';
    case Blendable = 'blendable';
    case NotYet = 'not-yet';

    public function words(): string
    {
        return match ($this) {
            self::Butt => 'Butt',
            self::Blendable => 'Blendable',
            self::NotYet => 'Not yet',
        };
    }
}
