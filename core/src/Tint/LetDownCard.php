<?php

declare(strict_types=1);

namespace Kalopsis\Tint;

use Kalopsis\Colour\Measurement;

/** One card of a let-down set: so many coats of the effect layer over the same ground. */
final readonly class LetDownCard
{
    /** @param float $coats 0 is the bare ground */
    public function __construct(public string $id, public float $coats, public Measurement $measurement) {}
}
