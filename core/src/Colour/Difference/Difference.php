<?php

declare(strict_types=1);

namespace Kalopsis\Colour\Difference;

use Kalopsis\Colour\Exception\CannotCompare;
use Kalopsis\Colour\Lab;

/** The parts of a colour difference, sample minus standard. CIE 15, 8.2.1. */
final readonly class Difference
{
    private function __construct(
        public float $l,
        public float $a,
        public float $b,
        public float $chroma,
        public float $hue,
    ) {}

    /** @throws CannotCompare */
    public static function of(Lab $standard, Lab $sample): self
    {
        self::same($standard, $sample);
        $dc = $sample->chroma() - $standard->chroma();
        $da = $sample->a - $standard->a;
        $db = $sample->b - $standard->b;
        $dh = sqrt(max(0.0, $da ** 2 + $db ** 2 - $dc ** 2));
        // The sign says which way the hue turned: counter-clockwise (red to yellow to green to blue) is positive.
        $turn = $standard->a * $sample->b - $standard->b * $sample->a;

        return new self($sample->l - $standard->l, $da, $db, $dc, $turn < 0.0 ? -$dh : $dh);
    }

    /** CIE 1976 difference. */
    public function total(): float
    {
        return sqrt($this->l ** 2 + $this->a ** 2 + $this->b ** 2);
    }

    /** @throws CannotCompare */
    public static function same(Lab $one, Lab $other): void
    {
        if (! $one->viewing->is($other->viewing)) {
            throw CannotCompare::viewing($one->viewing, $other->viewing);
        }
    }
}
