<?php

declare(strict_types=1);

namespace Kalopsis\Gun;

use JsonSerializable;

/** A gun as it hangs in a shop: what its owner measured of it; null is as usual. */
final readonly class ShopGun implements JsonSerializable
{
    /** Fan at Stroke::REFERENCE_MM, mm: from small spot guns to the widest. Common practice. */
    public const FAN_MM = [60.0, 450.0];

    /** From airbrush to primer nozzles, mm. Common practice. */
    public const NOZZLE_MM = [0.3, 3.0];

    /** Of ready paint into a beaker with the trigger pulled through, ml/min. Common practice. */
    public const FLOW_ML_PER_MIN = [20.0, 400.0];

    public function __construct(
        public string $name = '',
        public float $fanMm = GunSetUp::FAN_MM,
        public ?float $nozzleMm = null,
        public ?float $flowMlPerMin = null,
        public ?float $leastBar = null,
        public ?float $mostBar = null,
    ) {}

    /**
     * The usual way of holding a gun, with this one: its hand is as much faster as more comes out, so that it lays as much film.
     *
     * @param Stroke $usual of the coat, with a usual gun
     * @param Stroke $full of a full coat, with a usual gun
     */
    public function stroke(Stroke $usual, Stroke $full): Stroke
    {
        $times = $this->flowMlPerMin === null ? 1.0 : $this->flowMlPerMin / $full->flowMlPerMin;

        return $times === 1.0 ? $usual : new Stroke($usual->flowMlPerMin * $times, $usual->speedMmPerS * $times);
    }

    /** Does it work at this pressure, as far as somebody said? */
    public function worksAt(float $bar): bool
    {
        return $bar >= ($this->leastBar ?? 0.0) - 1e-9 && $bar <= ($this->mostBar ?? INF) + 1e-9;
    }

    /** @return array<string, string|float> */
    public function jsonSerialize(): array
    {
        return array_filter(
            [
                'name' => $this->name,
                'fanMm' => $this->fanMm,
                'nozzleMm' => $this->nozzleMm,
                'flowMlPerMin' => $this->flowMlPerMin,
                'leastBar' => $this->leastBar,
                'mostBar' => $this->mostBar,
            ],
            fn (string|float|null $v): bool => $v !== null,
        );
    }
}
