<?php

declare(strict_types=1);

namespace Kalopsis\Tint\Internal;

use Kalopsis\Colour\Difference\Ciede2000;
use Kalopsis\Colour\Lab;
use Kalopsis\Colour\Measurement;
use Kalopsis\Colour\Spectrum;
use Kalopsis\Tint\PaintModel;

/**
 * How far a mix would be from the car, as a list of numbers whose squares add up: CIEDE2000's terms at each angle and, where
 * spectra are known, how the lightness of each wavelength differs, so that toners with the same colour but another
 * spectrum are told
 * apart. What the model gets wrong about the present card is carried along: predicted + (card - model of the card).
 */
final readonly class Misfit
{
    /** Weight of spectra against colour; one unit of L* over all wavelengths counts as this many CIEDE2000. Chosen here. */
    private const SPECTRAL = 0.6;

    /**
     * @param list<int> $angles
     * @param array<int, array{float, float, float}> $gap Lab, measured minus model, by angle
     * @param array<int, list<float>> $spectralGap the same for each wavelength's lightness
     * @param array<int, list<float>> $target lightness of each wavelength of the car
     */
    private function __construct(
        private PaintModel $model,
        private Measurement $car,
        public array $angles,
        private array $gap,
        private array $spectralGap,
        private array $target,
    ) {}

    /** @param array<string, float> $present grams in the cup the card was sprayed from */
    public static function of(PaintModel $model, Measurement $car, Measurement $card, array $present): self
    {
        $angles = array_values(array_intersect($car->anglesWith($card), $model->angles()));
        $gap = $spectralGap = $target = [];
        $now = $model->spectra($present);
        foreach ($angles as $angle) {
            $lab = Spectrum::of($now[$angle])->lab($car->viewing);
            $measured = $card->at($angle);
            $gap[$angle] = [$measured->l - $lab->l, $measured->a - $lab->a, $measured->b - $lab->b];
            if ($car->hasSpectra() && $card->hasSpectra()) {
                $target[$angle] = self::lightness($car->spectra[$angle]->values);
                $modelled = self::lightness($now[$angle]);
                $spectralGap[$angle] = array_map(
                    fn (float $v, float $m): float => $v - $m,
                    self::lightness($card->spectra[$angle]->values),
                    $modelled,
                );
            }
        }

        return new self($model, $car, $angles, $gap, $spectralGap, $target);
    }

    /**
     * Colour at each angle that is to be expected of a mix.
     *
     * @param array<string, float> $grams
     * @return array<int, Lab>
     */
    public function labs(array $grams): array
    {
        $spectra = $this->model->spectra($grams);
        $out = [];
        foreach ($this->angles as $angle) {
            $lab = $this->lab($spectra[$angle]);
            [$l, $a, $b] = $this->gap[$angle];
            $out[$angle] = Lab::of(max(0.0, $lab[0] + $l), $lab[1] + $a, $lab[2] + $b, $this->car->viewing);
        }

        return $out;
    }

    /**
     * @param array<string, float> $grams
     * @return list<float>
     */
    public function residuals(array $grams): array
    {
        $spectra = $this->model->spectra($grams);
        $out = [];
        foreach ($this->angles as $angle) {
            [$l, $a, $b] = $this->lab($spectra[$angle]);
            [$gl, $ga, $gb] = $this->gap[$angle];
            $car = $this->car->at($angle);
            [$dl, $dc, $dh] = Ciede2000::terms($car->l, $car->a, $car->b, max(0.0, $l + $gl), $a + $ga, $b + $gb);
            $out[] = $dl;
            $out[] = $dc;
            $out[] = $dh;
            if (isset($this->target[$angle])) {
                $weight = self::SPECTRAL / sqrt(31.0);
                $target = $this->target[$angle];
                $gap = $this->spectralGap[$angle];
                foreach ($spectra[$angle] as $i => $r) {
                    $out[] = $weight * (116.0 * $r ** (1 / 3) - 16.0 + $gap[$i] - $target[$i]);
                }
            }
        }

        return $out;
    }

    /**
     * Root mean square of CIEDE2000 over the angles.
     *
     * @param array<string, float> $grams
     */
    public function colourDifference(array $grams): float
    {
        $sum = 0.0;
        foreach ($this->labs($grams) as $angle => $lab) {
            $sum += Ciede2000::between($this->car->at($angle), $lab) ** 2;
        }

        return sqrt($sum / max(1, count($this->angles)));
    }

    /**
     * @param list<float> $spectrum
     * @return array{float, float, float}
     */
    private function lab(array $spectrum): array
    {
        $lab = Spectrum::of($spectrum)->lab($this->car->viewing);

        return [$lab->l, $lab->a, $lab->b];
    }

    /**
     * @param list<float> $values
     * @return list<float> 116 R^(1/3) - 16
     */
    private static function lightness(array $values): array
    {
        return array_map(fn (float $r): float => 116.0 * max(0.0, $r) ** (1 / 3) - 16.0, $values);
    }
}
