<?php

declare(strict_types=1);

namespace Kalopsis\Colour;

use JsonSerializable;
use Kalopsis\Colour\Difference\Ciede2000;
use Kalopsis\Colour\Difference\Difference;
use Kalopsis\Colour\Exception\CannotCompare;

/** Card minus car at one angle. */
final readonly class AngleDifference implements JsonSerializable
{
    private function __construct(public int $angle, public Difference $parts, public float $de2000) {}

    /** @throws CannotCompare */
    public static function of(int $angle, Lab $car, Lab $card): self
    {
        return new self($angle, Difference::of($car, $card), Ciede2000::between($car, $card));
    }

    /** @return array<string, float|int> */
    public function jsonSerialize(): array
    {
        return [
            'angle' => $this->angle,
            'dL' => round($this->parts->l, 2),
            'dC' => round($this->parts->chroma, 2),
            'dH' => round($this->parts->hue, 2),
            'da' => round($this->parts->a, 2),
            'db' => round($this->parts->b, 2),
            'dE' => round($this->de2000, 2),
        ];
    }
}
