<?php

declare(strict_types=1);

namespace Kalopsis\Film;

/** What a component does in a mix. Kinds decide rules, never words: a hardener brings its caution whatever it is called. */
enum ComponentKind: string
{
    case Binder = 'binder';
    case Hardener = 'hardener';
    case Reducer = 'reducer';
    case BlendingClear = 'blending-clear';
    case Tint = 'tint';
    case FadeSolvent = 'fade-solvent';
    case Additive = 'additive';

    /**
     * For sheets written before kinds were: the first carries the film, what has no solids thins it, another part with
     * solids cures it.
     */
    public static function guessed(int $position, float $volumeSolids, ProductRole $role): self
    {
        return match (true) {
            $position === 0 => match ($role) {
                ProductRole::WetBed => self::BlendingClear,
                ProductRole::FadeSolvent => self::FadeSolvent,
                ProductRole::ClearTint => self::Tint,
                default => self::Binder,
            },
            $volumeSolids <= 0.0 => self::Reducer,
            default => self::Hardener,
        };
    }
}
