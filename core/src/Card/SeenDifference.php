<?php

declare(strict_types=1);

namespace Kalopsis\Card;

use Kalopsis\Colour\Comparison;
use Kalopsis\Colour\Lab;

/**
 * The part of a difference that is seen on a car: under a thin veil of surface reflection, chroma and hue weighted as in CIE 94, each angle
 * by how much of the time a car is seen at it. docs/model.md section 9.
 */
final readonly class SeenDifference
{
    /** White light thrown in by the surface, percent. Chosen here. */
    private const VEIL = 2.0;

    /** Divisors by aspecular angle: steep and grazing views are rarer. Chosen here. */
    private const RARER = [-15 => 1.5, 15 => 1.5, 25 => 1.2, 45 => 1.0, 75 => 1.2, 110 => 1.5];

    /** @param float $lightness seen dL*; $colour weighted chroma and hue */
    private function __construct(public int $angle, public float $lightness, public float $colour) {}

    public static function at(int $angle, Lab $car, Lab $card): self
    {
        $a = self::veiled($car);
        $b = self::veiled($card);
        $c = ($a->chroma() + $b->chroma()) / 2.0;
        $dc = $b->chroma() - $a->chroma();
        $dh2 = max(0.0, ($b->a - $a->a) ** 2 + ($b->b - $a->b) ** 2 - $dc ** 2);
        $rarer = self::RARER[$angle] ?? 1.0;

        return new self($angle, abs($b->l - $a->l) / $rarer, hypot($dc / (1.0 + 0.045 * $c), sqrt($dh2) / (1.0 + 0.015 * $c)) / $rarer);
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

    private static function veiled(Lab $lab): Lab
    {
        return $lab->xyz()->plus($lab->viewing->white(), self::VEIL / 100.0)->times(1.0 / (1.0 + self::VEIL / 100.0))->lab($lab->viewing);
    }
}
