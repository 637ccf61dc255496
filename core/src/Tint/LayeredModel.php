<?php

declare(strict_types=1);

namespace Kalopsis\Tint;

use Kalopsis\Colour\FlakeLobe;
use Kalopsis\Colour\Measurement;
use Kalopsis\Colour\Spectrum;

/**
 * A see-through effect layer over an opaque ground: tinted clear over a metallic, pearl over a white. Light crosses
 * the layer twice
 * (Bouguer-Lambert-Beer); the layer's own pearls and pigment add what they throw back. Own model, docs/model.md section 7.
 */
final readonly class LayeredModel
{
    /** Optical density of one coat for one gram of toner in a hundred. Chosen here. */
    private const COAT = 0.02;

    public function __construct(private TonerLibrary $library, private PaintModel $ground) {}

    /**
     * @param array<string, float> $ground grams of the ground coat
     * @param array<string, float> $layer grams in a hundred of the effect coat
     * @param float $coats of the layer, >= 0
     */
    public function measurement(array $ground, array $layer, float $coats): Measurement
    {
        return Measurement::ofSpectra(
            array_map(fn (array $v): Spectrum => Spectrum::of($v), $this->spectra($ground, $layer, $coats)),
        );
    }

    /**
     * The same as plain arrays.
     *
     * @param array<string, float> $ground
     * @param array<string, float> $layer
     * @return array<int, list<float>> reflectance factors by aspecular angle
     */
    public function spectra(array $ground, array $layer, float $coats): array
    {
        $below = $this->ground->spectra($ground);
        $k = $s = array_fill(0, Spectrum::COUNT, 0.0);
        foreach ($layer as $key => $g) {
            $toner = $this->library->optics($key);
            for ($i = 0; $i < Spectrum::COUNT; $i++) {
                $k[$i] += $g * $toner->k[$i];
                $s[$i] += $g * $toner->s[$i];
            }
        }
        $out = [];
        foreach ($below as $angle => $values) {
            $tilt = FlakeLobe::tilt($angle);
            foreach ($values as $i => $under) {
                $depth = self::COAT * ($k[$i] + 0.3 * $s[$i]);
                $through = exp(-2.0 * $depth * $coats);
                $own =
                    (0.384 * KubelkaMunk::infinite($k[$i], max(1e-6, $s[$i]))) /
                    (1.0 - 0.6 * KubelkaMunk::infinite($k[$i], max(1e-6, $s[$i])));
                foreach ($layer as $key => $g) {
                    $toner = $this->library->optics($key);
                    if ($toner->kind === TonerKind::Pearl) {
                        $own +=
                            ($g / 12.0) *
                            $toner->strength *
                            exp((-$tilt * $tilt) / (2.0 * $toner->spreadDeg() ** 2)) *
                            $toner->tint[$i];
                    }
                }
                $out[$angle][] = $under * $through + $own * (1.0 - $through);
            }
        }

        return $out;
    }
}
