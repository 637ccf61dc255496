<?php

declare(strict_types=1);

namespace Kalopsis\Film;

/** What a product of a paint system is for. */
enum ProductRole: string
{
    case Sealer = 'sealer';
    case WetBed = 'wet-bed';
    case BaseEffect = 'base-effect';
    case BaseSolid = 'base-solid';
    case Clear = 'clear';
    /** Melts the edge of a clear that fades out inside a panel. */
    case FadeSolvent = 'fade-solvent';
    /** Stirred into clear, it makes the clear itself a colour. */
    case ClearTint = 'clear-tint';

    public function words(): string
    {
        return match ($this) {
            self::Sealer => 'sealer',
            self::WetBed => 'wet bed',
            self::BaseEffect, self::BaseSolid => 'base coat',
            self::Clear => 'clear coat',
            self::FadeSolvent => 'fade-out solvent',
            self::ClearTint => 'tint for clear',
        };
    }

    public function isBase(): bool
    {
        return $this === self::BaseEffect || $this === self::BaseSolid;
    }

    /** May a paint system do without it? */
    public function isOptional(): bool
    {
        return $this === self::FadeSolvent || $this === self::ClearTint;
    }
}
