<?php

declare(strict_types=1);

namespace Kalopsis\Panel;

/** A new part, or a panel primed from edge to edge: one big repair. */
final readonly class WholePanel implements RepairShape
{
    public function outlineOn(Panel $panel): Outline
    {
        return $panel->outline;
    }
}
