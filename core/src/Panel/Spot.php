<?php

declare(strict_types=1);

namespace Kalopsis\Panel;

/** A round repair: the usual shape of a stone chip, a key scratch's end or a small dent. */
final readonly class Spot implements RepairShape
{
    /** Pieces a circle is drawn with; the chord stays within 0.25 % of the radius. */
    private const PIECES = 48;

    public function __construct(public Point $centre, public float $radiusMm) {}

    public function outlineOn(Panel $panel): Outline
    {
        $points = [];
        for ($i = 0; $i < self::PIECES; $i++) {
            $a = 2 * M_PI * $i / self::PIECES;
            $points[] = [$this->centre->x + $this->radiusMm * cos($a), $this->centre->y + $this->radiusMm * sin($a)];
        }

        return Outline::through($points, 0.0);
    }
}
