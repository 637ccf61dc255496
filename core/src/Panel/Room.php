<?php

declare(strict_types=1);

namespace Kalopsis\Panel;

/**
 * The way from one repair to one edge of its panel, along the shortest line. `neighbour` is null at an edge
 * with nothing painted beyond it.
 */
final readonly class Room
{
    public function __construct(
        public string $repairId,
        public string $panelId,
        public ?string $neighbour,
        public string $edge,
        public float $mm,
        public Point $from,
        public Point $to,
    ) {}
}
