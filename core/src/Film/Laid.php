<?php

declare(strict_types=1);

namespace Kalopsis\Film;

use Kalopsis\Gun\GunSetUp;

/** One coat as it lands, per unit of area. wet = dry + landed volatile + lost in flight. */
final readonly class Laid
{
    /**
     * @param float $wetUm as it left the gun, um
     * @param float $dryUm solids, um
     * @param float $pigmentedUm the part of the dry film that carries colour, um
     * @param float $lostUm volatile lost in flight, um
     */
    private function __construct(
        public float $wetUm,
        public float $dryUm,
        public float $pigmentedUm,
        public float $lostUm,
    ) {}

    /**
     * @param float $wetUm um, >= 0
     * @param float $volumeSolids as sprayed, 0 to 1
     * @param float $pigmentShare share of the dry film that is pigmented base, 0 to 1
     */
    public static function of(
        float $wetUm,
        float $volumeSolids,
        float $pigmentShare,
        GunSetUp $gun,
        Volatile $volatile,
        Air $air,
    ): self {
        $dry = $wetUm * $volumeSolids;

        return new self($wetUm, $dry, $dry * $pigmentShare, $wetUm * Flight::loss($gun, $volatile, $air, $volumeSolids));
    }

    /** Volatile that lands with the coat, um. */
    public function volatileUm(): float
    {
        return $this->wetUm - $this->dryUm - $this->lostUm;
    }

    public function lossShareOfVolatile(): float
    {
        $volatile = $this->wetUm - $this->dryUm;

        return $volatile > 0.0 ? $this->lostUm / $volatile : 0.0;
    }
}
