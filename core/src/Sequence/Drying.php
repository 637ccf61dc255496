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
    case WetOnWet = 'wet-on-wet';

    public function words(): string
    {
        return match ($this) {
            self::Flash => 'wait until dull',
            self::Blower => 'hand blower until dull',
            self::Stand => 'blowers on stands until dull',
            self::WetOnWet => 'straight on, wet in wet',
        };
    }

    /** Share of its volatile that has left before the next coat. Dull as in FlashOff; wet in wet is chosen here. */
    public function gone(): float
    {
        return $this === self::WetOnWet ? 0.3 : 0.95;
    }

    /** Waterborne is blown anyway. Common practice. */
    public function movement(Carrier $carrier): AirMovement
    {
        return match ($this) {
            self::Blower => AirMovement::HandBlower,
            self::Stand => AirMovement::Stand,
            self::Flash, self::WetOnWet => $carrier === Carrier::Solvent ? AirMovement::Booth : AirMovement::HandBlower,
        };
    }
}
