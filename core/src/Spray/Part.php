<?php

declare(strict_types=1);

namespace Kalopsis\Spray;

/** What can stay visible of a blend, each judged by itself. */
enum Part: string
{
    case Colour = 'colour';
    case Fringe = 'fringe';
    /** Where the number of coats is part of the colour: ground, and layer past the ground. */
    case Coats = 'coats';
    case Hiding = 'hiding';
    case Mottle = 'mottle';
    case Stripes = 'stripes';

    public function words(): string
    {
        return match ($this) {
            self::Colour => 'the colour difference',
            self::Fringe => 'a dry fringe',
            self::Coats => 'the edge of the coats over the ground',
            self::Hiding => 'the primer below',
            self::Mottle => 'mottle',
            self::Stripes => 'stripes along the strokes',
        };
    }
}
