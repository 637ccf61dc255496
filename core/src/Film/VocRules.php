<?php

declare(strict_types=1);

namespace Kalopsis\Film;

/** Two laws on paint for cars, as information; local rules decide. */
enum VocRules: string
{
    case Eu = 'eu';
    case Us = 'us';

    public function words(): string
    {
        return match ($this) {
            self::Eu => 'EU 2004/42/EC, annex II B',
            self::Us => 'US 40 CFR 59, subpart B',
        };
    }

    /** Which of its categories a product falls into. */
    public function category(ProductRole $role): string
    {
        return match ($this) {
            self::Eu => match ($role) {
                ProductRole::Sealer => 'primers and surfacers',
                ProductRole::FadeSolvent, ProductRole::ClearTint => 'special finishes',
                ProductRole::WetBed, ProductRole::BaseEffect, ProductRole::BaseSolid, ProductRole::Clear => 'topcoats',
            },
            self::Us => match ($role) {
                ProductRole::Sealer => 'primer sealers',
                ProductRole::FadeSolvent, ProductRole::ClearTint => 'specialty coatings',
                ProductRole::WetBed,
                ProductRole::BaseEffect,
                ProductRole::BaseSolid,
                ProductRole::Clear => 'topcoats of two stages, together',
            },
        };
    }

    /** Is it judged with the other stages of its topcoat, or alone? */
    public function takesStagesTogether(ProductRole $role): bool
    {
        return $this === self::Us && match ($role) {
            ProductRole::WetBed, ProductRole::BaseEffect, ProductRole::BaseSolid, ProductRole::Clear => true,
            ProductRole::Sealer, ProductRole::FadeSolvent, ProductRole::ClearTint => false,
        };
    }

    /**
     * g/l ready to spray, less water and exempt solvents. 2004/42/EC annex II, table B: primers 540, topcoats 420, special
     * finishes 840. 40 CFR 59.102, table 1: primer sealers 550, topcoats of one or two stages 600, of three or more 630,
     * specialty coatings 840.
     */
    public function limitGPerL(ProductRole $role, int $stages = 2): float
    {
        return match ($this) {
            self::Eu => match ($role) {
                ProductRole::Sealer => 540.0,
                ProductRole::FadeSolvent, ProductRole::ClearTint => 840.0,
                ProductRole::WetBed, ProductRole::BaseEffect, ProductRole::BaseSolid, ProductRole::Clear => 420.0,
            },
            self::Us => match ($role) {
                ProductRole::Sealer => 550.0,
                ProductRole::FadeSolvent, ProductRole::ClearTint => 840.0,
                ProductRole::WetBed,
                ProductRole::BaseEffect,
                ProductRole::BaseSolid,
                ProductRole::Clear => $stages > 2 ? 630.0 : 600.0,
            },
        };
    }
}
