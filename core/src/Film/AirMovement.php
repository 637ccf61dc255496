<?php

declare(strict_types=1);

namespace Kalopsis\Film;

/** What moves the air over the panel while it flashes. */
enum AirMovement: string
{
    case Booth = 'booth';
    case Stand = 'stand';
    case HandBlower = 'hand-blower';

    public function words(): string
    {
        return match ($this) {
            self::Booth => 'booth air only',
            self::Stand => 'blowers on stands',
            self::HandBlower => 'hand blower',
        };
    }

    /** Air speed along the panel, m/s. Chosen here, docs/model.md section 8. */
    public function speed(): float
    {
        return match ($this) {
            self::Booth => Air::MOVES_M_PER_S,
            self::Stand => 3.0,
            self::HandBlower => 6.0,
        };
    }

    /** Length of panel the air passes over, m. Chosen here. */
    public function pathM(): float
    {
        return match ($this) {
            self::Booth, self::Stand => 0.5,
            self::HandBlower => 0.2,
        };
    }
}
