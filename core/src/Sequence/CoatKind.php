<?php

declare(strict_types=1);

namespace Kalopsis\Sequence;

/** What a coat is for. */
enum CoatKind: string
{
    case Sealer = 'sealer';
    case WetBed = 'wet-bed';
    case Base = 'base';
    case Half = 'half';
    case Effect = 'effect';
    case Control = 'control';
    case Clear = 'clear';

    /** Does it carry the colour? */
    public function isColour(): bool
    {
        return match ($this) {
            self::Base, self::Half, self::Effect, self::Control => true,
            self::Sealer, self::WetBed, self::Clear => false,
        };
    }
}
