<?php

declare(strict_types=1);

namespace Kalopsis\Sight;

/**
 * How the eye answers a step: a sum of w/2 erf(u / (sqrt2 s)), u in degrees of visual angle. Its gradual slopes vanish, its sharp edges stay.
 */
enum Kernel
{
    case Lightness;
    case Colour;

    /**
     * Weights and widths in degrees. Lightness: a least-squares fit to Mannos and Sakrison, IEEE Trans. Inf. Theory 20 (1974),
     * A(f) = 2.6 (0.0192 + 0.114 f) exp(-(0.114 f)^1.1). Colour: chosen here, low-pass with a surround like published chromatic sensitivity.
     *
     * @return list<array{float, float}>
     */
    public function terms(): array
    {
        return match ($this) {
            self::Lightness => [[1.145, 0.0102], [-0.785, 0.0556], [-0.253, 0.242], [-0.052, 1.475]],
            self::Colour => [[1.0, 0.10], [-0.9, 0.75]],
        };
    }

    /** Answer to a unit step, `$degrees` away from it. */
    public function step(float $degrees): float
    {
        $sum = 0.0;
        foreach ($this->terms() as [$w, $s]) {
            $sum += $w / 2.0 * self::erf($degrees / (M_SQRT2 * $s));
        }

        return $sum;
    }

    /** Sensitivity to a grating, cycles per degree: the Fourier transform of the terms. */
    public function sensitivity(float $cyclesPerDegree): float
    {
        $sum = 0.0;
        foreach ($this->terms() as [$w, $s]) {
            $sum += $w * exp(-2.0 * (M_PI * $s * $cyclesPerDegree) ** 2);
        }

        return $sum;
    }

    /** Abramowitz and Stegun, Handbook of Mathematical Functions, 7.1.26; error below 1.5e-7. */
    public static function erf(float $x): float
    {
        $t = 1.0 / (1.0 + 0.3275911 * abs($x));
        $y = 1.0 - ((((1.061405429 * $t - 1.453152027) * $t + 1.421413741) * $t - 0.284496736) * $t + 0.254829592) * $t * exp(-$x * $x);

        return $x < 0.0 ? -$y : $y;
    }
}
