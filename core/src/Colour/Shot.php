<?php

declare(strict_types=1);

namespace Kalopsis\Colour;

/** One press of the instrument on one spot. */
final readonly class Shot
{
    public function __construct(public string $id, public string $spot, public Measurement $measurement) {}
}
