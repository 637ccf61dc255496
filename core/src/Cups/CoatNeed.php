<?php

declare(strict_types=1);

namespace Kalopsis\Cups;

use Kalopsis\Film\ProductRole;
use Kalopsis\Gun\GunSetUp;

/** What one coat asks of its cup. */
final readonly class CoatNeed
{
    /**
     * @param float $areaM2 area of the coat, its fading rim counted by half
     * @param float $filmShare dry film as a share of a full coat's, > 0
     */
    public function __construct(
        public string $coatId,
        public string $coatName,
        public ProductRole $role,
        public float $areaM2,
        public float $filmShare,
        public GunSetUp $gun,
    ) {}
}
