<?php

declare(strict_types=1);

namespace Kalopsis\Tint\Internal;

use Closure;
use Kalopsis\Colour\Difference\Ciede2000;
use Kalopsis\Colour\Lab;
use Kalopsis\Colour\Measurement;
use Kalopsis\Colour\Spectrum;
use Kalopsis\Tint\PaintModel;
use Kalopsis\Tint\ReadingNoise;

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
     * A reading is off by a share of its own at each wavelength, as a whole, and by degrees that the instrument rocks: in
     * these proportions. Chosen here, docs/model.md section 7.
     */
    private const WAVELENGTH = 1.6;

    private const WHOLE = 1.0;

    private const ROCKS_DEG = 120.0;

    /** Mean of the length of a normal vector over its root mean square, for one to three directions: 0.8 to 0.92. */
    private const MEAN_TO_RMS = 0.86;

    /** No term is known better than this, CIEDE2000: the model itself is not. Chosen here. */
    private const LEAST = 0.01;

    private Whitening $whitening;

    /**
     * @param list<int> $angles
     * @param array<int, array{float, float, float}> $gap Lab, measured minus model, by angle
     * @param array<int, list<float>> $spectralGap the same for each wavelength's lightness
     * @param array<int, list<float>> $target lightness of each wavelength of the car
     * @param array<int, list<float>> $now the model's spectra of the cup the card was sprayed from
     */
    private function __construct(
        private PaintModel $model,
        private Measurement $car,
        public array $angles,
        private array $gap,
        private array $spectralGap,
        private array $target,
        private array $now,
        ReadingNoise $noise,
    ) {
        $this->whitening = $this->whitened($noise);
    }

    /**
     * @param array<string, float> $present grams in the cup the card was sprayed from
     * @param ReadingNoise $noise of the difference between the two readings
     */
    public static function of(
        PaintModel $model,
        Measurement $car,
        Measurement $card,
        array $present,
        ReadingNoise $noise,
    ): self {
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

        return new self($model, $car, $angles, $gap, $spectralGap, $target, $now, $noise);
    }

    /**
     * What the residuals would change if only the flakes had landed a little drier, a full step of dryness long.
     *
     * @param array<string, float> $present
     * @return list<float> nothing but noughts for a solid
     */
    public function landing(array $present): array
    {
        $step = 0.1;
        $drier = $this->whitening->apply($this->terms($this->model->landing($step)->spectra($present)));
        $meant = $this->residuals($present);

        return array_map(fn (float $d, float $m): float => ($d - $m) / $step, $drier, $meant);
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
     * In units of the readings' own noise: the sum of squares is chi squared.
     *
     * @param array<string, float> $grams
     * @return list<float>
     */
    public function residuals(array $grams): array
    {
        return $this->whitening->apply($this->terms($this->model->spectra($grams)));
    }

    /**
     * @param array<int, list<float>> $spectra by angle
     * @return list<float> CIEDE2000's terms, then the lightness of each wavelength
     */
    private function terms(array $spectra): array
    {
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

    /** How far residuals lie from nought for noise alone, worked out at the card's own spectra. */
    private function whitened(ReadingNoise $noise): Whitening
    {
        $base = $this->terms($this->now);
        /** @param Closure(int, int): float $by */
        $moved = function (Closure $by) use ($base): array {
            $spectra = [];
            foreach ($this->angles as $angle) {
                foreach ($this->now[$angle] as $i => $v) {
                    $factor = $by($angle, $i);
                    $spectra[$angle][] = $v * (is_float($factor) ? $factor : 1.0);
                }
            }

            return array_map(fn (float $m, float $b): float => $m - $b, $this->terms($spectra), $base);
        };
        $share = 1e-3;
        $moves = [
            $moved(fn (int $angle): float => 1.0 + $share * self::WHOLE),
            $moved(fn (int $angle): float => 1.0 + $share * self::ROCKS_DEG * $this->slope($angle)),
        ];
        $own = array_map(fn (float $v): float => 0.0, $base);
        for ($i = 0; $i < Spectrum::COUNT; $i++) {
            $at = $moved(fn (int $angle, int $k): float => $k === $i ? 1.0 + $share * self::WAVELENGTH : 1.0);
            $own = array_map(fn (float $o, float $v): float => $o + $v * $v, $own, $at);
        }
        // All of it together, as CIEDE2000 of a reading: what was measured says how large it is.
        $square = 0.0;
        foreach ($this->colourTerms() as $k) {
            $square += $own[$k] + $moves[0][$k] ** 2 + $moves[1][$k] ** 2;
        }
        $rms = sqrt($square / max(1, count($this->angles)));
        $by = $rms > 0.0 ? $noise->de / self::MEAN_TO_RMS / $rms : 0.0;
        $sd = array_map(fn (float $v): float => sqrt($by * $by * $v + self::LEAST ** 2), $own);

        return Whitening::of(
            $sd,
            array_map(fn (array $move): array => array_map(fn (float $v): float => $by * $v, $move), $moves),
        );
    }

    /** @return list<int> places of CIEDE2000's terms among the residuals */
    private function colourTerms(): array
    {
        $out = [];
        $at = 0;
        foreach ($this->angles as $angle) {
            array_push($out, $at, $at + 1, $at + 2);
            $at += 3 + (isset($this->target[$angle]) ? Spectrum::COUNT : 0);
        }

        return $out;
    }

    /** Relative change of light for each degree of the aspecular angle. */
    private function slope(int $angle): float
    {
        $at = (int) array_search($angle, $this->angles, true);
        $next = $this->angles[min($at + 1, count($this->angles) - 1)];
        $before = $this->angles[max($at - 1, 0)];
        if ($next === $before) {
            return 0.0;
        }
        $y = fn (int $a): float => max(1e-4, Spectrum::of($this->now[$a])->lab($this->car->viewing)->xyz()->y);

        return log($y($next) / $y($before)) / ($next - $before);
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
