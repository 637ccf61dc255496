<?php

declare(strict_types=1);

namespace Kalopsis\Film;

/** What runs off a stirring stick: a poor man's viscosity, good for a rough guess and no more. Common practice. */
enum DrippingStick: string
{
    case Water = 'water';
    case QuickDrops = 'quick-drops';
    case DropASecond = 'drop-a-second';
    case Thread = 'thread';
    case Rope = 'rope';

    public function words(): string
    {
        return match ($this) {
            self::Water => 'runs off like water',
            self::QuickDrops => 'quick drops, two or three a second',
            self::DropASecond => 'a drop a second, after a short thread',
            self::Thread => 'a thread that breaks late',
            self::Rope => 'a rope that does not break',
        };
    }

    /** @return array{float, float} mm2/s it may be. Chosen here, wide on purpose. */
    public function viscosity(): array
    {
        return match ($this) {
            self::Water => [1.0, 25.0],
            self::QuickDrops => [25.0, 60.0],
            self::DropASecond => [50.0, 120.0],
            self::Thread => [100.0, 300.0],
            self::Rope => [250.0, 2000.0],
        };
    }
}
