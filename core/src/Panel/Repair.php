<?php

declare(strict_types=1);

namespace Kalopsis\Panel;

/** One damaged place, ready for colour: where it is, how large, and what lies under it. */
final readonly class Repair
{
    /** Sealers and primers come in shades 1 (near white) to 7 (near black). Common practice. */
    public const GREY_SHADES = [1, 7];

    public function __construct(
        public string $id,
        public string $panelId,
        public RepairShape $shape,
        public Under $under,
        public ?int $greyShade,
    ) {}

    /** Radius of a round repair of the same area, mm. */
    public function radiusMm(Panel $on): float
    {
        return $this->shape instanceof Spot ? $this->shape->radiusMm : sqrt($this->shape->outlineOn($on)->areaMm2() / M_PI);
    }

    public function isWholePanel(): bool
    {
        return $this->shape instanceof WholePanel;
    }
}
