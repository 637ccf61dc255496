<?php

declare(strict_types=1);

namespace Kalopsis\Sequence;

/** What a coat is for. */
enum CoatKind: string
{
    case Sealer = 'sealer';
    case WetBed = 'wet-bed';
    /** Below an effect that lets light through (three-stage, tinted clear): it hides the primer, and may look wrong alone. */
    case Ground = 'ground';
    case Base = 'base';
    case Half = 'half';
    case Effect = 'effect';
    case Control = 'control';
    /** Clear with a little colour in it, over a ground: darker with every coat, and wherever strokes lap over. */
    case TintedClear = 'tinted-clear';
    case Clear = 'clear';
    /** Light coats of solvent on the edge of a clear that fades out. */
    case FadeSolvent = 'fade-solvent';

    /** Does it fade into the old finish? */
    public function isColour(): bool
    {
        return match ($this) {
            self::Base, self::Half, self::Effect, self::Control, self::TintedClear => true,
            self::Sealer, self::Ground, self::WetBed, self::Clear, self::FadeSolvent => false,
        };
    }

    /** Does it count among the coats of the colour's own layer? A control coat only lays what is there. */
    public function isLayer(): bool
    {
        return $this === self::Base || $this === self::Half || $this === self::TintedClear;
    }

    /** Does what it lays hide what is below? */
    public function hides(): bool
    {
        return $this->isColour() || $this === self::Ground;
    }
}
