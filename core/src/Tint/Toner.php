<?php

declare(strict_types=1);

namespace Kalopsis\Tint;

use Kalopsis\Colour\FlakeGrade;

/** A toner as the model knows it: absorption and scattering for each gram in the mix, and for flakes their lobe. */
final readonly class Toner
{
    /**
     * @param list<float> $k absorption, 31 values from 400 to 700 nm, per gram; white's scattering at 550 nm = 1
     * @param list<float> $s scattering, the same
     * @param float $area flakes only: hiding area for each gram, the medium aluminium = 1
     * @param ?FlakeGrade $grade flakes only
     * @param float $strength flakes only: height of the lobe, perfect reflector = 1
     * @param list<float> $tint flakes only: colour of the light thrown back, 31 values
     * @param bool $measured false: a name that can be poured; nobody has made drawdowns, so nothing can be said of its colour
     * @param ?string $system of paint that it belongs to; null: to any
     */
    public function __construct(
        public string $key,
        public string $name,
        public TonerKind $kind,
        public array $k,
        public array $s,
        public float $area = 0.0,
        public ?FlakeGrade $grade = null,
        public float $strength = 0.0,
        public array $tint = [],
        public bool $measured = true,
        public ?string $system = null,
    ) {}

    /** A toner by name alone. */
    public static function unmeasured(
        string $key,
        string $name,
        TonerKind $kind,
        ?FlakeGrade $grade = null,
        ?string $system = null,
    ): self {
        return new self($key, $name, $kind, [], [], 0.0, $grade, 0.0, [], false, $system);
    }

    /** Spread of tilts when laid well, degrees; 0 where there are no flakes. */
    public function spreadDeg(): float
    {
        return $this->grade?->spreadDeg() ?? 0.0;
    }

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
            $this->grade,
            $this->strength,
            $this->tint,
            $this->measured,
            $this->system,
        );
    }
}
