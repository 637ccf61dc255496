<?php

declare(strict_types=1);

namespace Kalopsis\Film;

/** One thing poured into a cup. */
final readonly class Component
{
    /**
     * @param float $densityGPerMl g/ml, > 0
     * @param float $volumeSolids  share of the volume left as dry film, 0 to 1
     */
    public function __construct(
        public string $name,
        public float $densityGPerMl,
        public float $volumeSolids,
        public ComponentKind $kind = ComponentKind::Binder,
    ) {}
}
