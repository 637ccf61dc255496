<?php

declare(strict_types=1);

namespace Kalopsis\Card;

enum DriedHow: string
{
    case Air = 'air';
    case Lamp = 'lamp';
    case Oven = 'oven';

    public function words(): string
    {
        return match ($this) {
            self::Air => 'air dried',
            self::Lamp => 'under the lamp',
            self::Oven => 'in the oven',
        };
    }
}
