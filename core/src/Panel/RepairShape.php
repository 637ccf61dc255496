<?php

declare(strict_types=1);

namespace Kalopsis\Panel;

/** The primed area of a repair on the sheet. */
interface RepairShape
{
    /** Area in mm2 on that panel, clipped to it. */
    public function outlineOn(Panel $panel): Outline;
}
