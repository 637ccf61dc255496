<?php

declare(strict_types=1);

namespace Kalopsis\Panel;

use Kalopsis\Panel\Internal\Disc;
use Kalopsis\Panel\Internal\Ring;
use Kalopsis\Panel\Internal\Shape;

/**
 * A repair as another panel's plane sees it: its primed area, unfolded across the seam where it lies next
 * door. Distances on the body are straight lines in that unfolded plane.
 */
final readonly class Footprint
{
    private function __construct(
        public Repair $repair,
        public Outline $outline,
        private Shape $shape,
        private Panel $on,
        private Motion $motion,
    ) {}

    public static function at(Repair $repair, Panel $on): self
    {
        return self::seenAcross($repair, $on, Motion::none());
    }

    /** @param Motion $motion from the plane of the repair's own panel into the viewing panel's plane */
    public static function seenAcross(Repair $repair, Panel $on, Motion $motion): self
    {
        $outline = $repair->shape->outlineOn($on)->moved($motion);
        if ($repair->shape instanceof Spot) {
            $c = $motion->apply($repair->shape->centre->x, $repair->shape->centre->y);

            return new self($repair, $outline, new Disc($c->x, $c->y, $repair->shape->radiusMm), $on, $motion);
        }

        return new self($repair, $outline, new Ring($outline), $on, $motion);
    }

    /**
     * Everything between several footprints, as one: where colour fills the room between two repairs.
     *
     * @param non-empty-list<self> $footprints on the same panel
     */
    public static function around(array $footprints): self
    {
        $outline = Outline::around(array_map(fn (self $f): Outline => $f->outline, $footprints));

        return new self($footprints[0]->repair, $outline, new Ring($outline), $footprints[0]->on, $footprints[0]->motion);
    }

    /** The same footprint seen across one seam more. */
    public function carried(Motion $across): self
    {
        return self::seenAcross($this->repair, $this->on, $this->motion->then($across));
    }

    /** Signed distance from the edge of the primer, mm; negative inside it. */
    public function distanceFrom(float $x, float $y): float
    {
        return $this->shape->signed($x, $y);
    }

    /** @internal to this room */
    public function shape(): Shape
    {
        return $this->shape;
    }
}
