<?php

declare(strict_types=1);

namespace Kalopsis\Spray;

/** What lies wet in the blend before colour lands in it. */
enum Bed: string
{
    case None = 'none';
    case Flashed = 'flashed';
    case Wet = 'wet';
    case BeforeEach = 'before-each';

    /** Share of its volatile that a bed keeps open under colour. Chosen here, docs/model.md section 10. */
    public function open(): float
    {
        return match ($this) {
            self::None => 0.0,
            self::Flashed => 0.2,
            self::Wet => 0.5,
            self::BeforeEach => 0.5,
        };
    }
}
