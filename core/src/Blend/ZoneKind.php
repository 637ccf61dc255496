<?php

declare(strict_types=1);

namespace Kalopsis\Blend;

/** The zones of a repair from the damage outwards, each with its own preparation. Common practice throughout. */
enum ZoneKind: string
{
    case Repair = 'repair';
    case Sealer = 'sealer';
    case FullColour = 'full-colour';
    case ColourBlend = 'colour-blend';
    case WetBed = 'wet-bed';
    case Clear = 'clear';
    /** Only where a clear ends inside a panel. */
    case ClearFade = 'clear-fade';

    public function words(): string
    {
        return match ($this) {
            self::Repair => 'Repair',
            self::Sealer => 'Sealer',
            self::FullColour => 'Full colour',
            self::ColourBlend => 'Colour blend',
            self::WetBed => 'Wet bed',
            self::Clear => 'Clear',
            self::ClearFade => 'Clear fade',
        };
    }

    public function what(bool $clearFades = false): string
    {
        return match ($this) {
            self::Repair => 'Filler and primer, blocked flat',
            self::Sealer => 'Sealer, its edge kept soft and inside the colour',
            self::FullColour => 'Base coat to complete hiding',
            self::ColourBlend => 'Base coat fades out',
            self::WetBed => 'Blending clear base, well past the colour',
            self::Clear => $clearFades ? 'Clear, each coat a little further out' : 'Clear over the whole panel',
            self::ClearFade => 'Clear melts into the old clear; fade-out solvent never goes past it',
        };
    }

    public function preparation(bool $wetBed): string
    {
        return match ($this) {
            self::Repair => 'Shape P180 > P320; block the primer with P320, finish P500–P600',
            self::Sealer => 'P500–P600 (P320–P400 under some sealers)',
            self::FullColour => 'P500–P600',
            self::ColourBlend => $wetBed ? 'P800' : 'P600–P800, nothing coarser: scratches show through',
            self::WetBed => 'P800–P1000',
            self::Clear => 'P800–P1000, grey pad in edges and tight places',
            self::ClearFade => 'Grey pad or P1500–P2000, polished afterwards',
        };
    }
}
