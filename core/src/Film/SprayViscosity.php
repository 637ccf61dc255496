<?php

declare(strict_types=1);

namespace Kalopsis\Film;

/** A data sheet's window for the viscosity ready to spray: seconds of a flow cup at a temperature. */
final readonly class SprayViscosity
{
    public function __construct(
        public FlowCup $cup,
        public float $fromSeconds,
        public float $toSeconds,
        public float $celsius = 20.0,
    ) {}

    /** Middle of the window, mm2/s at its temperature. */
    public function middle(): float
    {
        return sqrt($this->cup->viscosity($this->fromSeconds) * $this->cup->viscosity($this->toSeconds));
    }

    /** @return int -1 thinner than the window, 0 within, 1 thicker. @param float $mm2PerS at the sheet's temperature */
    public function compare(float $mm2PerS): int
    {
        return match (true) {
            $mm2PerS < $this->cup->viscosity($this->fromSeconds) => -1,
            $mm2PerS > $this->cup->viscosity($this->toSeconds) => 1,
            default => 0,
        };
    }
}
