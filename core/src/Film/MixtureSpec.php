<?php

declare(strict_types=1);

namespace Kalopsis\Film;

/**
 * What a coat wants in its gun, before a paint system says what that is: a product, more or less reduced, with blending
 * clear added.
 */
final readonly class MixtureSpec
{
    /** Reducer as a share of the data sheet's. Common practice: two thirds is under-reduced, half as much again washes out. */
    public const REDUCER = [0.3, 2.0];

    /** Parts of ready blending clear to one part of ready base. Common practice: one to one, and one to one and a half. */
    public const CLEAR = [0.0, 4.0];

    /** Parts of fade-out solvent to one part of ready clear. Common practice: the last clears half and half. */
    public const FADE_SOLVENT = [0.0, 4.0];

    /** Parts of tint to one part of ready clear. Common practice: a few per cent; more specks. */
    public const TINT = [0.0, 0.5];

    /** @param string $reason why it leaves the data sheet's window, in the painter's words */
    public function __construct(
        public float $reducer = 1.0,
        public float $blendingClear = 0.0,
        public float $fadeSolvent = 0.0,
        public float $tint = 0.0,
        public string $reason = '',
    ) {}

    /** What is added to the remains of the mix, and how many parts of it; null: nothing. */
    public function added(): ?ProductRole
    {
        return match (true) {
            $this->blendingClear > 0.0 => ProductRole::WetBed,
            $this->fadeSolvent > 0.0 => ProductRole::FadeSolvent,
            $this->tint > 0.0 => ProductRole::ClearTint,
            default => null,
        };
    }

    public function addedParts(): float
    {
        return match ($this->added()) {
            ProductRole::WetBed => $this->blendingClear,
            ProductRole::FadeSolvent => $this->fadeSolvent,
            default => $this->tint,
        };
    }
}
