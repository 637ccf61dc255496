<?php

declare(strict_types=1);

namespace Kalopsis\Colour;

use JsonSerializable;
use Kalopsis\Colour\Exception\NotAColour;

/** CIE 1976 L*a*b*, together with the light and observer it holds for. */
final readonly class Lab implements JsonSerializable
{
    /** The face of a bright metallic measures up to about 170; nothing painted is brighter. Common practice. */
    private const L_RANGE = [0.0, 250.0];

    /** No surface colour is more vivid than this. CIE 15, optimal colours. */
    private const AB_MOST = 200.0;

    private function __construct(public float $l, public float $a, public float $b, public Viewing $viewing) {}

    /** @throws NotAColour when no surface can have it */
    public static function of(float $l, float $a, float $b, Viewing $viewing): self
    {
        if (! ($l >= self::L_RANGE[0] - 1e-9 && $l <= self::L_RANGE[1])) {
            throw NotAColour::lightness($l);
        }
        if (! (abs($a) <= self::AB_MOST && abs($b) <= self::AB_MOST)) {
            throw NotAColour::vividness($a, $b);
        }

        return new self(max(0.0, $l), $a, $b, $viewing);
    }

    /**
     * A colour that somebody measured or typed: refused when it would need negative light.
     *
     * @throws NotAColour
     */
    public static function measured(float $l, float $a, float $b, Viewing $viewing): self
    {
        $lab = self::of($l, $a, $b, $viewing);
        $xyz = $lab->xyz();
        // A dark reading's noise may dip a little below zero; anything further is a slip of the keyboard.
        if ($xyz->x < -0.3 || $xyz->z < -0.3) {
            throw NotAColour::negativeLight($l, $a, $b);
        }

        return $lab;
    }

    public function chroma(): float
    {
        return hypot($this->a, $this->b);
    }

    /** 0 to below 360; 0 for greys. */
    public function hueDegrees(): float
    {
        $hue = rad2deg(atan2($this->b, $this->a));

        return $hue < 0.0 ? $hue + 360.0 : $hue;
    }

    /** CIE 15, inverse transformation. */
    public function xyz(): Xyz
    {
        $white = $this->viewing->white();
        $fy = ($this->l + 16.0) / 116.0;

        return new Xyz(
            $white->x * self::inverse($fy + $this->a / 500.0),
            $white->y * self::inverse($fy),
            $white->z * self::inverse($fy - $this->b / 200.0),
        );
    }

    public function shifted(float $l, float $a, float $b): self
    {
        return self::of(max(0.0, $this->l + $l), $this->a + $a, $this->b + $b, $this->viewing);
    }

    /** @return array{float, float, float} */
    public function jsonSerialize(): array
    {
        return [round($this->l, 2), round($this->a, 2), round($this->b, 2)];
    }

    private static function inverse(float $f): float
    {
        return $f > 6 / 29 ? $f ** 3 : 108 / 841 * ($f - 4 / 29);
    }
}
