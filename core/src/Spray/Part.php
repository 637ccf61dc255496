<?php

declare(strict_types=1);

namespace Kalopsis\Spray;

/** What can stay visible of a blend, each judged by itself. */
enum Part: string
{
    case Colour = 'colour';
    case Fringe = 'fringe';
    case Hiding = 'hiding';
    case Mottle = 'mottle';
    case Stripes = 'stripes';

    public function words(): string
    {
        return match ($this) {
            self::Colour => 'the colour difference',
            self::Fringe => 'a dry fringe',
            self::Hiding => 'the primer below',
            self::Mottle => 'mottle',
            self::Stripes => 'stripes along the strokes',
        };
    }
}
