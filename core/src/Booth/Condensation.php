<?php

declare(strict_types=1);

namespace Kalopsis\Booth;

use Kalopsis\Film\Air;

/**
 * Is the panel warm enough above the dew point? ISO 8502-4: as a rule the surface is at least 3 degC above the dew point when
 * paint goes on.
 */
final readonly class Condensation
{
    /** ISO 8502-4:2017, clause 8, K. From memory. */
    public const LEAST_K = 3.0;

    public function __construct(public float $panelC, public float $dewPointC) {}

    /** @param ?float $panelC deg C; null: as warm as the booth */
    public static function in(Air $air, ?float $panelC = null): self
    {
        return new self($panelC ?? $air->temperatureC, $air->dewPointC());
    }

    public function marginK(): float
    {
        return $this->panelC - $this->dewPointC;
    }

    public function isDry(): bool
    {
        return $this->marginK() >= self::LEAST_K;
    }
}
