<?php

declare(strict_types=1);

namespace Kalopsis\Card;

use Kalopsis\Colour\Comparison;
use Kalopsis\Colour\Lab;
use Kalopsis\Sight\Eye;

/**
 * The part of a difference that is seen on a car: under a thin veil of surface reflection, chroma and hue weighted as in CIE 94, each angle
 * by how much of the time a car is seen at it. docs/model.md section 9.
 */
final readonly class SeenDifference
{
    /** @param float $lightness seen dL*; $colour weighted chroma and hue */
    private function __construct(public int $angle, public float $lightness, public float $colour) {}

    public static function at(int $angle, Lab $car, Lab $card): self
    {
        [$l, $c, $h] = Eye::seen([$card->xyz()], $car);
        $rarer = Eye::rarer($angle);

        return new self($angle, abs($l[0]) / $rarer, hypot($c[0], $h[0]) / $rarer);
    }

    /** @return list<self> */
    public static function all(Comparison $c): array
    {
        $out = [];
        foreach (array_keys($c->angles) as $angle) {
            $out[] = self::at($angle, $c->car->at($angle), $c->card->at($angle));
        }

        return $out;
    }
}
