<?php

declare(strict_types=1);

namespace Kalopsis\Colour;

/**
 * The lights readings are computed for. Only smooth spectra: the lines of fluorescent and LED lamps need finer
 * readings than the 10 nm that instruments for paint give.
 */
enum Illuminant: string
{
    case A = 'A';
    case D50 = 'D50';
    case D65 = 'D65';

    public function words(): string
    {
        return match ($this) {
            self::A => 'warm lamp light (A)',
            self::D50 => 'warm daylight (D50)',
            self::D65 => 'daylight (D65)',
        };
    }
}
