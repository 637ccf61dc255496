<?php

declare(strict_types=1);

namespace App\Devices;

use App\Models\BoothRun;

/** The air of a booth while a car stands in it. The shipped one is a simulator; a real sensor sends its readings over HTTP. */
interface BoothClimate
{
    /**
     * @param int $atMs by the clock of who asks, ms since 1970
     * @return array{temperatureC: float, humidityPercent: float, airMPerS: float, simulated: bool}
     */
    public function reading(BoothRun $run, int $atMs): array;
}
