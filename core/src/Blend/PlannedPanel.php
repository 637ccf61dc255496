<?php

declare(strict_types=1);

namespace Kalopsis\Blend;

use Kalopsis\Panel\Footprint;
use Kalopsis\Panel\Panel;
use Kalopsis\Panel\Point;
use Kalopsis\Panel\Polyline;
use Kalopsis\Panel\Region;
use Kalopsis\Sequence\CoatSequence;
use Kalopsis\Why\Reason;

/** A panel that takes part, with what each coat covers of it. */
final readonly class PlannedPanel
{
    /**
     * @param array<string, Region> $reach by coat id: full strength
     * @param array<string, Region> $limit by coat id: out to the last dust
     * @param list<Footprint> $footprints primer on this panel or seen across a seam
     * @param list<array{Polyline, Point}> $stops lines colour does not pass
     * @param CoatSequence $sequence the steps that are sprayed on it
     */
    public function __construct(
        public Panel $panel,
        public PanelRole $role,
        public Reason $why,
        public array $reach,
        public array $limit,
        public array $footprints,
        public array $stops,
        public CoatSequence $sequence,
    ) {}

    /** mm to the nearest primer; null past a line that colour stops at. */
    public function distanceFrom(float $x, float $y): ?float
    {
        foreach ($this->stops as [$line, $near]) {
            if ($line->isPassedBy($x, $y, $near)) {
                return null;
            }
        }
        $distances = array_map(fn (Footprint $f): float => $f->distanceFrom($x, $y), $this->footprints);

        return $distances === [] ? null : min($distances);
    }
}
