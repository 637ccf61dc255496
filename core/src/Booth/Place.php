<?php

declare(strict_types=1);

namespace Kalopsis\Booth;

/** Where in the shop something is done. */
enum Place: string
{
    case Bay = 'bay';
    case MixingRoom = 'mixing-room';
    case Lamp = 'lamp';
    case Booth = 'booth';

    public function words(): string
    {
        return match ($this) {
            self::Bay => 'prep bay',
            self::MixingRoom => 'mixing room',
            self::Lamp => 'under the lamp',
            self::Booth => 'booth',
        };
    }
}
