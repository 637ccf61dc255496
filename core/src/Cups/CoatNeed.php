<?php

declare(strict_types=1);

namespace Kalopsis\Cups;

use Kalopsis\Calibration\Known;
use Kalopsis\Film\Coverage;
use Kalopsis\Film\Mixture;
use Kalopsis\Gun\GunSetUp;

/** What one coat asks of its cup. */
final readonly class CoatNeed
{
    /**
     * @param float $areaM2 area of the coat, its fading rim counted by half
     * @param float $filmShare wet film as a share of the product's full coat, > 0
     * @param ?Known $transfer what this workshop's tests say of the paint that lands; null: untested
     */
    public function __construct(
        public string $coatId,
        public string $coatName,
        public Mixture $mixture,
        public float $areaM2,
        public float $filmShare,
        public GunSetUp $gun,
        public ?Known $transfer = null,
    ) {}

    /** ml of ready mixture that leave the gun for it. */
    public function millilitres(): float
    {
        $solids = $this->mixture->volumeSolids();

        return Coverage::millilitres($this->areaM2, $this->wetUm() * $solids, $solids, $this->lands());
    }

    /** Share of the paint that lands. */
    public function lands(): float
    {
        return $this->gun->transferEfficiency($this->transfer->factor ?? 1.0);
    }

    public function wetUm(): float
    {
        return $this->mixture->product->wetFilmUm() * $this->filmShare;
    }
}
