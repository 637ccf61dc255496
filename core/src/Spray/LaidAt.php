<?php

declare(strict_types=1);

namespace Kalopsis\Spray;

/** What lies at each place of a line, by coat. */
final readonly class LaidAt
{
    /**
     * @param list<array<int, float>> $films pigmented dry film, um, by place, by layer
     * @param list<array<int, float>> $dryness of each layer's flakes, 0 to 1
     * @param list<array<int, float>> $swims too-wet share, 0 to 1
     * @param ?self $ground the coats below those of the effect layer; null: none
     */
    public function __construct(
        public Places $places,
        public array $films,
        public array $dryness,
        public array $swims,
        public ?self $ground = null,
    ) {}
}
