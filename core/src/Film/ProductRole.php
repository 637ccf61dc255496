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

    public function words(): string
    {
        return match ($this) {
            self::Sealer => 'sealer',
            self::WetBed => 'wet bed',
            self::BaseEffect, self::BaseSolid => 'base coat',
            self::Clear => 'clear coat',
        };
    }
}
