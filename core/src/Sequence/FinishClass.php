<?php

declare(strict_types=1);

namespace Kalopsis\Sequence;

/** How a colour behaves in a blend. */
enum FinishClass: string
{
    case SolidDark = 'solid-dark';
    case SolidLight = 'solid-light';
    case MetallicDark = 'metallic-dark';
    case MetallicLight = 'metallic-light';
    case Pearl = 'pearl';

    public function words(): string
    {
        return match ($this) {
            self::SolidDark => 'dark solid',
            self::SolidLight => 'light solid',
            self::MetallicDark => 'dark metallic',
            self::MetallicLight => 'light metallic',
            self::Pearl => 'pearl',
        };
    }

    public function isEffect(): bool
    {
        return match ($this) {
            self::SolidDark, self::SolidLight => false,
            self::MetallicDark, self::MetallicLight, self::Pearl => true,
        };
    }

    /** A fringe shows first on these: wet bed, slower reducer, the longest blends. Common practice. */
    public function isCritical(): bool
    {
        return match ($this) {
            self::SolidDark, self::SolidLight, self::MetallicDark => false,
            self::MetallicLight, self::Pearl => true,
        };
    }
}
