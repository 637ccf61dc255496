<?php

declare(strict_types=1);

namespace Kalopsis\Blend;

/** What happens to a panel that takes part. */
enum PanelRole: string
{
    case EdgeToEdge = 'edge-to-edge';
    case Blend = 'blend';

    public function words(): string
    {
        return match ($this) {
            self::EdgeToEdge => 'painted edge to edge',
            self::Blend => 'blended',
        };
    }
}
