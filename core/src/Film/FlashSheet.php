<?php

declare(strict_types=1);

namespace Kalopsis\Film;

/** How long a data sheet lets a full coat flash, and the air it says that of. */
final readonly class FlashSheet
{
    /**
     * @param float $minutes > 0, of a full coat mixed as the sheet says, in booth air
     * @param float $celsius deg C
     * @param float $humidityPercent relative humidity
     */
    public function __construct(public float $minutes, public float $celsius = 20.0, public float $humidityPercent = 50.0) {}

    public function air(): Air
    {
        return new Air($this->celsius, $this->humidityPercent);
    }
}
