<?php

declare(strict_types=1);

namespace Kalopsis\Colour;

/** Tristimulus values, the perfect reflector's Y = 100. Faces of metallics go above 100. */
final readonly class Xyz
{
    public function __construct(public float $x, public float $y, public float $z) {}

    /** CIE 15: CIE 1976 L*a*b* against the white of the viewing. */
    public function lab(Viewing $viewing): Lab
    {
        $white = $viewing->white();
        $fy = self::f($this->y / $white->y);

        return Lab::of(
            116.0 * $fy - 16.0,
            500.0 * (self::f($this->x / $white->x) - $fy),
            200.0 * ($fy - self::f($this->z / $white->z)),
            $viewing,
        );
    }

    public function plus(self $other, float $share = 1.0): self
    {
        return new self($this->x + $share * $other->x, $this->y + $share * $other->y, $this->z + $share * $other->z);
    }

    public function times(float $by): self
    {
        return new self($this->x * $by, $this->y * $by, $this->z * $by);
    }

    /** CIE 15: cube root above (6/29)^3, the tangent below. */
    private static function f(float $t): float
    {
        return $t > 216 / 24389 ? $t ** (1 / 3) : $t * 841 / 108 + 4 / 29;
    }
}
