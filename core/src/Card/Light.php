<?php

declare(strict_types=1);

namespace Kalopsis\Card;

/** Lights a card is held to the car in. */
enum Light: string
{
    case DaylightLamp = 'daylight-lamp';
    case Shade = 'shade';
    case LowSun = 'low-sun';
    case WarmIndoor = 'warm-indoor';

    /** Is it made by a lamp of the shop? Else it is where the car stands. */
    public function isALamp(): bool
    {
        return $this === self::DaylightLamp || $this === self::WarmIndoor;
    }

    public function words(): string
    {
        return match ($this) {
            self::DaylightLamp => 'daylight lamp',
            self::Shade => 'shade outdoors',
            self::LowSun => 'low sun',
            self::WarmIndoor => 'warm indoor',
        };
    }
}
