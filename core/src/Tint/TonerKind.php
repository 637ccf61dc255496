<?php

declare(strict_types=1);

namespace Kalopsis\Tint;

/** How a toner acts. */
enum TonerKind: string
{
    case White = 'white';
    case Black = 'black';
    case Shade = 'shade';
    case Aluminium = 'aluminium';
    case Pearl = 'pearl';
    case FlopAdjuster = 'flop-adjuster';

    /** Only effect colours take it. */
    public function isForEffects(): bool
    {
        return match ($this) {
            self::White, self::Black, self::Shade => false,
            self::Aluminium, self::Pearl, self::FlopAdjuster => true,
        };
    }

    public function isFlake(): bool
    {
        return $this === self::Aluminium || $this === self::Pearl;
    }
}
