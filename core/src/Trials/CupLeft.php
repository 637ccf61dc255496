<?php

declare(strict_types=1);

namespace Kalopsis\Trials;

use Kalopsis\Calibration\Constant;
use Kalopsis\Film\Coverage;
use Kalopsis\Gun\GunSetUp;

/** What left a cup over a known area and film: how much of it landed. */
final readonly class CupLeft implements Trial
{
    /** Spread of the share: with the film off a gauge, and with the data sheet's taken for it. Chosen here. */
    private const NOISE = ['gauged' => 0.06, 'guessed' => 0.15];

    /**
     * @param float $areaM2 m2, the rim counted by half
     * @param float $dryUm mean dry film, um
     * @param bool $gauged was it measured?
     * @param float $usedMl ml of ready mixture that left the gun
     * @param float $volumeSolids as sprayed, 0 to 1
     */
    public function __construct(
        private string $name,
        private float $areaM2,
        private float $dryUm,
        private bool $gauged,
        private float $usedMl,
        private float $volumeSolids,
        private GunSetUp $gun,
    ) {}

    public function kind(): TrialKind
    {
        return TrialKind::CupLeft;
    }

    public function name(): string
    {
        return $this->name;
    }

    public function group(): string
    {
        return Constant::Transfer->value;
    }

    public function about(): array
    {
        return [Constant::Transfer->value => Constant::Transfer->prior()];
    }

    public function residuals(array $factors): array
    {
        $lands = $this->gun->transferEfficiency($factors[Constant::Transfer->value] ?? 1.0);
        $foretold = Coverage::millilitres($this->areaM2, $this->dryUm, $this->volumeSolids, $lands);

        return [log($this->usedMl / $foretold) / self::NOISE[$this->gauged ? 'gauged' : 'guessed']];
    }
}
