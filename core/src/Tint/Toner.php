<?php

declare(strict_types=1);

namespace Kalopsis\Tint;

/** A toner as the model knows it: absorption and scattering for each gram in the mix, and for flakes their lobe. */
final readonly class Toner
{
    /**
     * @param list<float> $k absorption, 31 values from 400 to 700 nm, per gram; white's scattering at 550 nm = 1
     * @param list<float> $s scattering, the same
     * @param float $area flakes only: hiding area for each gram, the medium aluminium = 1
     * @param float $spreadDeg flakes only: spread of tilts when laid well, degrees
     * @param float $strength flakes only: height of the lobe, perfect reflector = 1
     * @param list<float> $tint flakes only: colour of the light thrown back, 31 values
     */
    public function __construct(
        public string $key,
        public string $name,
        public TonerKind $kind,
        public array $k,
        public array $s,
        public float $area = 0.0,
        public float $spreadDeg = 0.0,
        public float $strength = 0.0,
        public array $tint = [],
    ) {}

    /** Another batch: everything it does, stronger or weaker. */
    public function stronger(float $by): self
    {
        return new self(
            $this->key,
            $this->name,
            $this->kind,
            array_map(fn (float $v): float => $v * $by, $this->k),
            array_map(fn (float $v): float => $v * $by, $this->s),
            $this->area * $by,
            $this->spreadDeg,
            $this->strength,
            $this->tint,
        );
    }
}
