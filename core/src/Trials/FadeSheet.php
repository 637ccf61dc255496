<?php

declare(strict_types=1);

namespace Kalopsis\Trials;

use Kalopsis\Calibration\Constant;
use Kalopsis\Colour\Lab;
use Kalopsis\Colour\Viewing;
use Kalopsis\Sight\Eye;
use Kalopsis\Sight\Scene;
use Kalopsis\Sight\Signal;

/** Fades of known height and width, and which of them somebody sees from where they stand. */
final readonly class FadeSheet implements Trial
{
    /**
     * The printed sheet: L* from 50 upwards, over so many mm. From hard to see to plain, each about 1.5 times the one
     * before. Chosen here.
     *
     * @var list<array{float, float}>
     */
    public const SHEET = [[0.6, 60.0], [0.9, 60.0], [1.4, 60.0], [2.1, 60.0], [3.2, 60.0]];

    /** Grey that they begin at, L*. */
    public const GREY_L = 50.0;

    /** How far one look is from the next, of the logarithm of what is just seen. Chosen here. */
    private const LOOKS = 0.25;

    /** Places along a fade. */
    private const PLACES = 31;

    /**
     * @param list<array{float, float, bool}> $fades dL*, width in mm, and was it seen?
     * @param float $distanceM from where
     */
    public function __construct(
        private string $name,
        private array $fades,
        private float $distanceM,
    ) {}

    public function kind(): TrialKind
    {
        return TrialKind::FadeSheet;
    }

    public function name(): string
    {
        return $this->name;
    }

    public function group(): string
    {
        return Constant::Eye->value;
    }

    public function about(): array
    {
        return [Constant::Eye->value => Constant::Eye->prior()];
    }

    public function residuals(array $factors): array
    {
        $gain = $factors[Constant::Eye->value] ?? 1.0;
        $out = [];
        foreach ($this->fades as [$dL, $mm, $seen]) {
            $z = log(max(1e-6, $gain * self::index($dL, $mm, $this->distanceM))) / self::LOOKS;
            $out[] = $seen ? sqrt(-2.0 * log(self::phi($z))) : -sqrt(-2.0 * log(self::phi(-$z)));
        }

        return $out;
    }

    /** Visibility index of a fade on the sheet, to the model's eye. @param float $distanceM m */
    public static function index(float $dL, float $widthMm, float $distanceM): float
    {
        $viewing = Viewing::paint();
        $standard = new Signal(Lab::of(self::GREY_L, 0.0, 0.0, $viewing)->xyz(), $viewing);
        $channels = [[], [], []];
        for ($i = 0; $i < self::PLACES; $i++) {
            $lab = Lab::of(self::GREY_L + $dL * (1.0 - $i / (self::PLACES - 1)), 0.0, 0.0, $viewing);
            [$channels[0][], $channels[1][], $channels[2][]] = $standard->of($lab->xyz());
        }
        $scene = new Scene(0.0, $widthMm / (self::PLACES - 1), [45 => $channels], [45 => $standard]);

        return Eye::look($scene, [$distanceM])->worst;
    }

    /** Standard normal distribution, within 7.5e-8: Abramowitz and Stegun, 26.2.17. Never quite nought. */
    private static function phi(float $z): float
    {
        $t = 1.0 / (1.0 + 0.2316419 * abs($z));
        $sum = $t * (0.31938153 + $t * (-0.356563782 + $t * (1.781477937 + $t * (-1.821255978 + $t * 1.330274429))));
        $tail = exp(-$z * $z / 2.0) / sqrt(2.0 * M_PI) * $sum;

        return max(1e-9, min(1.0 - 1e-9, $z > 0.0 ? 1.0 - $tail : $tail));
    }
}
