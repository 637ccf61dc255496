<?php

declare(strict_types=1);

namespace Kalopsis\Card;

/** What a surface was like when it was read. */
enum Surface: string
{
    case Polished = 'polished';
    case Unpolished = 'unpolished';
    case Sanded = 'sanded';

    public function words(): string
    {
        return match ($this) {
            self::Polished => 'washed and polished',
            self::Unpolished => 'not polished yet',
            self::Sanded => 'sanded',
        };
    }
}
