<?php

declare(strict_types=1);

namespace Kalopsis\Sequence;

/** What a coat's droplets land in. */
enum LandsIn: string
{
    case Dry = 'dry';
    case FlashedBed = 'flashed-bed';
    case WetBed = 'wet-bed';
    case WetCoat = 'wet-coat';

    public function words(): string
    {
        return match ($this) {
            self::Dry => 'what is there, dry',
            self::FlashedBed => 'the flashed bed',
            self::WetBed => 'the wet bed',
            self::WetCoat => 'the coat before, still wet',
        };
    }

    /** Share of its volatile that a bed still holds open. Chosen here, docs/model.md section 10. */
    public function bedOpen(): float
    {
        return match ($this) {
            self::Dry => 0.0,
            self::FlashedBed => 0.2,
            self::WetBed, self::WetCoat => 0.5,
        };
    }
}
