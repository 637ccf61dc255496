<?php

declare(strict_types=1);

namespace Kalopsis\Panel;

/** One painted part of the body, unrolled to scale. */
final readonly class Panel
{
    /**
     * @param list<NamedLine> $bodyLines sharp lines pressed into the panel
     * @param list<NamedLine> $freeEdges edges with no painted neighbour: window, wheel arch, underside
     */
    public function __construct(
        public string $id,
        public string $name,
        public PanelKind $kind,
        public Material $material,
        public Orientation $orientation,
        public Outline $outline,
        public array $bodyLines,
        public array $freeEdges,
    ) {}

    public function areaM2(): float
    {
        return $this->outline->areaMm2() / 1e6;
    }
}
