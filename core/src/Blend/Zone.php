<?php

declare(strict_types=1);

namespace Kalopsis\Blend;

use Kalopsis\Panel\Region;

/** A zone on one panel; a region that also contains the zones inside it. */
final readonly class Zone
{
    public function __construct(public ZoneKind $kind, public string $panelId, public Region $region) {}
}
