<?php

declare(strict_types=1);

namespace Kalopsis\Job;

final readonly class BoothSpec
{
    /** Colder or hotter than this nobody sprays, deg C; a data sheet's window is narrower. Common practice. */
    public const TEMPERATURE_C = [5.0, 45.0];

    /** @param string $name which of the shop's booths; empty: its first */
    public function __construct(public float $temperatureC, public float $humidityPercent, public string $name = '') {}
}
