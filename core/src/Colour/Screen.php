<?php

declare(strict_types=1);

namespace Kalopsis\Colour;

/**
 * A colour as a screen can about show it: sRGB (IEC 61966-2-1), white on white. A screen is no colour reference; what a
 * screen cannot show is clipped.
 */
final class Screen
{
    /**
     * How much to dim a set of colours, so that the brightest face among them fits on a screen.
     *
     * @param iterable<Lab> $labs
     * @return float (0, 1]
     */
    public static function exposure(iterable $labs): float
    {
        $most = 100.0;
        foreach ($labs as $lab) {
            $most = max($most, $lab->xyz()->y);
        }

        return 100.0 / $most;
    }

    /**
     * @param float $exposure what all light is dimmed by, (0, 1]
     * @return string "#rrggbb"
     */
    public static function hex(Lab $lab, float $exposure = 1.0): string
    {
        return self::ofLight($lab->xyz(), $lab->viewing, $exposure);
    }

    /**
     * The same from light, without the way through Lab.
     *
     * @param float $exposure what all light is dimmed by, (0, 1]
     * @return string "#rrggbb"
     */
    public static function ofLight(Xyz $light, Viewing $viewing, float $exposure = 1.0): string
    {
        $hex = '#';
        foreach (self::linear($light, $viewing) as $c) {
            $c = max(0.0, min(1.0, $exposure * $c));
            $v = $c <= 0.0031308 ? 12.92 * $c : 1.055 * $c ** (1 / 2.4) - 0.055;
            $hex .= sprintf('%02x', (int) round(255 * $v));
        }

        return $hex;
    }

    /**
     * Light of a screen's red, green and blue before it is clipped or dimmed; white is 1, a face of flakes more.
     *
     * @return array{float, float, float}
     */
    public static function linear(Xyz $light, Viewing $viewing): array
    {
        // Seen in its own light the eye is adapted to it, so the paint's white is laid on the screen's white.
        $white = $viewing->white();
        $screen = Viewing::of(Illuminant::D65, Observer::Two)->white();
        $xyz = new Xyz(
            (0.01 * $light->x * $screen->x) / $white->x,
            0.01 * $light->y,
            (0.01 * $light->z * $screen->z) / $white->z,
        );

        return [
            3.2404542 * $xyz->x - 1.5371385 * $xyz->y - 0.4985314 * $xyz->z,
            -0.969266 * $xyz->x + 1.8760108 * $xyz->y + 0.041556 * $xyz->z,
            0.0556434 * $xyz->x - 0.2040259 * $xyz->y + 1.0572252 * $xyz->z,
        ];
    }
}
