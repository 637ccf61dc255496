<?php

declare(strict_types=1);

namespace Kalopsis\Gun;

use Kalopsis\Calibration\Constant;
use Kalopsis\Calibration\Known;
use Kalopsis\Units\Quantity;
use Kalopsis\Why\Figure;
use Kalopsis\Why\Reason;
use Kalopsis\Why\SourceKind;

/** How the gun is set and held for a coat. */
final readonly class GunSetUp
{
    /** @var array{float, float} bar at the gun; small guns fade at a few tenths, primer guns stay below this */
    public const PRESSURE_BAR = [0.2, 4.0];

    /** @var array{float, float} mm from the air cap to the panel */
    public const DISTANCE_MM = [50.0, 500.0];

    /** Share of the paint that lands at the reference set-up, 1.4 bar and 180 mm. Chosen here; a shop calibrates it. */
    private const TRANSFER = 0.65;

    /** Loss of transfer per mm further away. Chosen here, docs/model.md section 4. */
    private const TRANSFER_PER_MM = 0.0008;

    /** Loss of transfer per bar more. Chosen here, docs/model.md section 4. */
    private const TRANSFER_PER_BAR = 0.15;

    /** Nothing sprayed by hand lands worse or better than this. Common practice. */
    private const TRANSFER_LIMITS = [0.2, 0.85];

    /** Fan width at the reference distance, mm. Common practice; a shop says what its guns have. */
    public const FAN_MM = 280.0;

    public function __construct(
        public float $bar,
        public float $distanceMm,
        public float $overlapPercent,
        public float $fanMm = self::FAN_MM,
    ) {}

    /** The same setting of a gun whose fan is another. */
    public function fanning(float $mm): self
    {
        return new self($this->bar, $this->distanceMm, $this->overlapPercent, $mm);
    }

    /**
     * Share of the sprayed solids that lands on the panel, 0.2 to 0.85.
     *
     * @param float $shop how many times as much as the model takes lands in this workshop
     */
    public function transferEfficiency(float $shop = 1.0): float
    {
        $share =
            self::TRANSFER -
            self::TRANSFER_PER_MM * ($this->distanceMm - 180.0) -
            self::TRANSFER_PER_BAR * ($this->bar - 1.4);

        return max(self::TRANSFER_LIMITS[0], min(self::TRANSFER_LIMITS[1], $shop * $share));
    }

    public function transferFigure(?Known $shop = null): Figure
    {
        $shop ??= Known::untested(Constant::Transfer);

        return Figure::of(
            Quantity::percent(100 * $this->transferEfficiency($shop->factor)),
            Reason::of(
                'Further away and at higher pressure more paint misses the panel.',
                SourceKind::Estimate,
                'Own model, model notes, section 4; calibrate from what is left in the cup.',
                ['pressure' => Quantity::bar($this->bar), 'distance' => Quantity::mm($this->distanceMm)],
            ),
            ...$shop->isTested() ? [$shop->reason(Constant::Transfer)] : [],
        );
    }

    /** A small gun at low pressure for a tiny repair. Common practice: a few tenths of a bar, close to the panel. */
    public static function small(): self
    {
        return new self(0.8, 100.0, 60.0);
    }
}
