<?php

declare(strict_types=1);

namespace Kalopsis\Tint;

/**
 * Solid colours: two-constant Kubelka-Munk, K/S = sum c K / sum c S, with the surface corrected after Saunderson. The
 * same at all angles,
 * so one angle, 45/0, stands for all.
 */
final readonly class SolidModel implements PaintModel
{
    public function __construct(private TonerLibrary $library) {}

    public function angles(): array
    {
        return [45];
    }

    public function landing(float $dryness): PaintModel
    {
        return $this;
    }

    public function spectra(array $grams): array
    {
        $k = $s = array_fill(0, 31, 0.0);
        foreach ($grams as $key => $g) {
            $toner = $this->library->optics($key);
            $tk = $toner->k;
            $ts = $toner->s;
            for ($i = 0; $i < 31; $i++) {
                $k[$i] += $g * $tk[$i];
                $s[$i] += $g * $ts[$i];
            }
        }
        $out = [];
        for ($i = 0; $i < 31; $i++) {
            $ratio = $s[$i] > 0.0 ? $k[$i] / $s[$i] : 1e6;
            $r = 1.0 + $ratio - sqrt($ratio * $ratio + 2.0 * $ratio);
            $out[] = (0.384 * $r) / (1.0 - 0.6 * $r);
        }

        return [45 => $out];
    }
}
