<?php

declare(strict_types=1);

namespace Kalopsis\Sequence;

use JsonSerializable;
use Kalopsis\Gun\GunSetUp;
use Kalopsis\Gun\Stroke;

/** How the gun is held for a coat, and what the painter sets otherwise than usual; null is as usual. */
final readonly class GunChange implements JsonSerializable
{
    public const FLOW_ML_PER_MIN = [20.0, 400.0];

    public const SPEED_MM_PER_S = [100.0, 1500.0];

    public const OVERLAP_PERCENT = [10.0, 95.0];

    public function __construct(
        public Hold $hold = Hold::Full,
        public ?float $bar = null,
        public ?float $distanceMm = null,
        public ?float $overlapPercent = null,
        public ?float $flowMlPerMin = null,
        public ?float $speedMmPerS = null,
    ) {}

    public function setUp(GunChoice $gun, GunSetUp $sheet): GunSetUp
    {
        $usual = $this->hold->gun($gun, $sheet);

        return new GunSetUp(
            $this->bar ?? $usual->bar,
            $this->distanceMm ?? $usual->distanceMm,
            $this->overlapPercent ?? $usual->overlapPercent,
        );
    }

    public function stroke(GunChoice $gun, ShopGuns $guns = new ShopGuns()): Stroke
    {
        $usual = $guns->stroke($this->hold, $gun);

        return new Stroke($this->flowMlPerMin ?? $usual->flowMlPerMin, $this->speedMmPerS ?? $usual->speedMmPerS);
    }

    /** How much more or less wet film this lays than the usual way of holding it. */
    public function film(GunChoice $gun, GunSetUp $sheet, ShopGuns $guns = new ShopGuns()): float
    {
        $usual = $guns->stroke($this->hold, $gun);
        $now = $this->stroke($gun, $guns);
        $hand = (($now->flowMlPerMin / $usual->flowMlPerMin) * $usual->speedMmPerS) / $now->speedMmPerS;

        return $hand * Stroke::change($this->hold->gun($gun, $sheet), $this->setUp($gun, $sheet));
    }

    /** @return array<string, string|float> */
    public function jsonSerialize(): array
    {
        return array_filter(
            [
                'hold' => $this->hold->value,
                'bar' => $this->bar,
                'distanceMm' => $this->distanceMm,
                'overlapPercent' => $this->overlapPercent,
                'flowMlPerMin' => $this->flowMlPerMin,
                'speedMmPerS' => $this->speedMmPerS,
            ],
            fn (string|float|null $v): bool => $v !== null,
        );
    }
}
