<?php

declare(strict_types=1);

namespace Kalopsis\Card;

use Kalopsis\Colour\Comparison;
use Kalopsis\Why\Figure;

/** Says how far a difference has to be drawn out before nobody sees it. Today a table; a simulation of the repair can take its place. */
interface ReachNeeded
{
    /** Null when no blend hides it. */
    public function forDifference(Comparison $c): ?Figure;

    /** How well a sharp edge at a gap would be seen, 1 = just noticed, worst angle. */
    public function gapIndex(Comparison $c): float;
}
