<?php

declare(strict_types=1);

namespace Kalopsis\Film;

/** One thing poured into a cup. */
final readonly class Component
{
    /**
     * @param float $densityGPerMl g/ml, > 0
     * @param float $volumeSolids  share of the volume left as dry film, 0 to 1
     * @param float $water share of the volume that is water, 0 to 1
     * @param float $exempt share of the volume that is solvent the law does not count, 0 to 1
     * @param ?float $pricePerL what a litre costs, in the system's currency; null: not known
     */
    public function __construct(
        public string $name,
        public float $densityGPerMl,
        public float $volumeSolids,
        public ComponentKind $kind = ComponentKind::Binder,
        public float $water = 0.0,
        public float $exempt = 0.0,
        public ?float $pricePerL = null,
    ) {}

    /** Share of its volume that is solvent the law counts. */
    public function organicShare(): float
    {
        return max(0.0, 1.0 - $this->volumeSolids - $this->water - $this->exempt);
    }
}
