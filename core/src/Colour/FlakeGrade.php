<?php

declare(strict_types=1);

namespace Kalopsis\Colour;

/** How a flake is graded. Spread: docs/model.md section 8; sizes: common practice, the median of a grade's flakes. */
enum FlakeGrade: string
{
    case Coarse = 'coarse';
    case Medium = 'medium';
    case Fine = 'fine';
    case Pearl = 'pearl';

    public function words(): string
    {
        return match ($this) {
            self::Coarse => 'coarse aluminium',
            self::Medium => 'medium aluminium',
            self::Fine => 'fine aluminium',
            self::Pearl => 'pearl',
        };
    }

    /** Spread of tilts where everything went well, degrees: large flakes lie flatter. Chosen here. */
    public function spreadDeg(): float
    {
        return match ($this) {
            self::Coarse => 5.4,
            self::Medium => 6.0,
            self::Fine => 7.2,
            self::Pearl => 8.0,
        };
    }

    /** Median size across, um. Common practice: coarse 25 to 35, medium 15 to 20, fine 8 to 12, pearl about 20. */
    public function sizeUm(): float
    {
        return match ($this) {
            self::Coarse => 28.0,
            self::Medium => 17.0,
            self::Fine => 10.0,
            self::Pearl => 20.0,
        };
    }
}
