<?php

declare(strict_types=1);

namespace Kalopsis\Tint;

/** Says how a mix will measure once sprayed to hiding. */
interface PaintModel
{
    /**
     * Plain arrays: tint search comes here thousands of times.
     *
     * @param array<string, float> $grams by toner
     * @return array<int, list<float>> 31 reflectance factors by aspecular angle
     */
    public function spectra(array $grams): array;

    /**
     * The same paint where flakes landed drier (up to 1) or wetter (down to -1) than meant; a solid has none.
     */
    public function landing(float $dryness): self;

    /** @return list<int> aspecular angles, face to flop */
    public function angles(): array;
}
