<?php

declare(strict_types=1);

namespace Kalopsis\Sequence;

use Kalopsis\Film\AirMovement;
use Kalopsis\Film\Carrier;

/** How a coat dries before the next one. */
enum Drying: string
{
    case Flash = 'flash';
    case Blower = 'blower';
    case Stand = 'stand';
    /** On soft old paint: as long again as dull takes, so that no solvent is left to soften it. Common practice. */
    case LongFlash = 'long-flash';
    case WetOnWet = 'wet-on-wet';

    public function words(): string
    {
        return match ($this) {
            self::Flash => 'wait until dull',
            self::Blower => 'hand blower until dull',
            self::Stand => 'blowers on stands until dull',
            self::LongFlash => 'wait twice as long as it takes to dull',
            self::WetOnWet => 'straight on, wet in wet',
        };
    }

    /** Share of its volatile that has left before the next coat. Dull as in FlashOff; wet in wet is chosen here. */
    public function gone(): float
    {
        return match ($this) {
            self::WetOnWet => 0.3,
            self::Flash, self::Blower, self::Stand => 0.95,
            // What dries by a rate leaves a twentieth of a twentieth in twice the time.
            self::LongFlash => 0.9975,
        };
    }

    /** Waterborne is blown anyway. Common practice. */
    public function movement(Carrier $carrier): AirMovement
    {
        return match ($this) {
            self::Blower => AirMovement::HandBlower,
            self::Stand => AirMovement::Stand,
            self::Flash, self::LongFlash, self::WetOnWet => $carrier === Carrier::Solvent
                ? AirMovement::Booth
                : AirMovement::HandBlower,
        };
    }

    /** Its wait beside that of a coat that has just dulled. */
    public function patience(): float
    {
        return $this === self::LongFlash ? 2.0 : $this->gone() / self::Flash->gone();
    }
}
