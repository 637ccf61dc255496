<?php

declare(strict_types=1);

namespace Kalopsis\Blend\Internal;

use Kalopsis\Panel\Footprint;
use Kalopsis\Panel\Panel;
use Kalopsis\Panel\Point;
use Kalopsis\Panel\Polyline;
use Kalopsis\Why\Reason;

/** A panel that colour gets onto, while the planner finds out which those are. */
final class InPlay
{
    /** @var list<Footprint> primer on this panel or seen across a seam */
    public array $footprints = [];

    /** @var list<array{Polyline, Point}> lines colour stops at */
    public array $stops = [];

    /** @param int $away seams between this panel and the nearest repair */
    public function __construct(public readonly Panel $panel, public readonly int $away, public readonly Reason $why) {}
}
