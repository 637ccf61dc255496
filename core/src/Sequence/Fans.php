<?php

declare(strict_types=1);

namespace Kalopsis\Sequence;

use Kalopsis\Gun\GunSetUp;

/** Fans of the two guns of a shop at Stroke::REFERENCE_MM, mm. */
final readonly class Fans
{
    public function __construct(
        public float $standardMm = GunSetUp::FAN_MM,
        public float $smallMm = GunSetUp::FAN_MM,
    ) {}
}
