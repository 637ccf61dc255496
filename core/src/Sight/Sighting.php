<?php

declare(strict_types=1);

namespace Kalopsis\Sight;

/** What was looked at, from every angle and distance: visibility index, 1 = a critical painter just notices. */
final readonly class Sighting
{
    /**
     * @param array<int, array<int|string, float>> $table worst index by angle, then by distance in m
     */
    public function __construct(
        public array $table,
        public float $worst,
        public int $angle,
        public float $distanceM,
        public float $atMm,
    ) {}

    /** @param list<int> $angles */
    public static function nothing(array $angles): self
    {
        return new self(
            array_fill_keys($angles, array_fill_keys(array_map(strval(...), Eye::DISTANCES_M), 0.0)),
            0.0,
            $angles[0] ?? 45,
            1.0,
            0.0,
        );
    }

    public function isSeen(): bool
    {
        return $this->worst > 1.0;
    }
}
