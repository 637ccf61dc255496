<?php

declare(strict_types=1);

namespace Kalopsis\Card;

use Kalopsis\Spray\Certainty;
use Kalopsis\Spray\Part;
use Kalopsis\Why\Figure;

/** What this plan would need if a card's paint were sprayed with it. */
final readonly class CardNeed
{
    /**
     * @param bool $fades does any colour fade out?
     * @param ?Figure $need mm; null when no length does, or nothing fades
     * @param ?float $roomMm towards the tightest side colour may run to; null when nothing bounds it
     * @param ?Part $stays what stays visible at any length
     * @param float $buttIndex how well a sharp edge at a gap would be seen, 1 = just noticed
     * @param bool $butts does colour end at a gap anywhere, so that a butt match is needed?
     * @param array<string, float> $ends index of what is left where colour stops instead of fading, by the side's name
     */
    public function __construct(
        public bool $fades,
        public ?Figure $need,
        public Certainty $certainty,
        public ?float $roomMm,
        public ?Part $stays,
        public float $buttIndex,
        public bool $butts,
        public array $ends = [],
    ) {}
}
