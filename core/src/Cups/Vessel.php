<?php

declare(strict_types=1);

namespace Kalopsis\Cups;

use JsonSerializable;

/**
 * A mixing cup: a frustum, a little wider at the top. Height of a fill line from the volume below it by the
 * frustum's formula V = pi h (R^2 + R r + r^2)/3, solved in closed form because the radius grows linearly:
 * r(h)^3 = r0^3 + 3 V g / pi with g the growth of the radius per mm.
 */
final readonly class Vessel implements JsonSerializable
{
    /** Cups as mixing rooms have them: inner diameters at the bottom and the top and the height, mm, by ml. Common practice. */
    private const USUAL_MM = [
        200 => [54.0, 66.0, 84.0],
        450 => [72.0, 86.0, 104.0],
        750 => [86.0, 102.0, 124.0],
        1300 => [100.0, 122.0, 150.0],
    ];

    /** From a cup for a chip to a bucket, ml. Common practice. */
    public const ML = [20.0, 10_000.0];

    /** Inner diameters and heights of such cups, mm. Common practice. */
    public const MM = [15.0, 600.0];

    /** A cylinder's walls are straight: below this growth of the radius, mm per mm, the closed form would divide by nothing. */
    private const STRAIGHT = 1e-6;

    /**
     * @param float $usefulMl what can be filled and still be stirred, ml
     * @param float $bottomMm inner diameter at the bottom
     * @param float $topMm inner diameter at the brim, at least that of the bottom
     * @param float $heightMm inside, up to the brim
     */
    public function __construct(
        public float $usefulMl,
        public float $bottomMm,
        public float $topMm,
        public float $heightMm,
    ) {}

    /** A cup nobody has measured: shaped like the usual one that is nearest in size. */
    public static function of(float $ml): self
    {
        $like = array_key_first(self::USUAL_MM);
        foreach (array_keys(self::USUAL_MM) as $usual) {
            $like = abs(log($ml / $usual)) < abs(log($ml / $like)) ? $usual : $like;
        }
        $times = ($ml / $like) ** (1.0 / 3.0);

        return new self($ml, ...array_map(fn (float $mm): float => $times * $mm, self::USUAL_MM[$like]));
    }

    /** @return non-empty-list<self> the smallest first */
    public static function usual(): array
    {
        return array_map(fn (int $ml): self => self::of((float) $ml), array_keys(self::USUAL_MM));
    }

    /** What it is called in a plan: its useful volume in ml. */
    public function key(): string
    {
        return (string) round($this->usefulMl);
    }

    /** Volume up to the brim, ml. */
    public function brimfulMl(): float
    {
        return $this->volumeTo($this->heightMm);
    }

    /** ml below a height of `$mm` above the inner bottom. */
    public function volumeTo(float $mm): float
    {
        $r0 = $this->bottomMm / 2;
        $r = $r0 + $this->growth() * $mm;

        return M_PI * $mm * ($r0 * $r0 + $r0 * $r + $r * $r) / 3 / 1000;
    }

    /** Height of the surface above the inner bottom, mm, with `$ml` in the cup. */
    public function lineFor(float $ml): float
    {
        $growth = $this->growth();
        $r0 = $this->bottomMm / 2;
        if ($growth < self::STRAIGHT) {
            return $ml * 1000 / (M_PI * $r0 * $r0);
        }

        return (($r0 ** 3 + 3 * $ml * 1000 * $growth / M_PI) ** (1 / 3) - $r0) / $growth;
    }

    /** @return array{ml: float, bottomMm: float, topMm: float, heightMm: float} */
    public function jsonSerialize(): array
    {
        return [
            'ml' => $this->usefulMl,
            'bottomMm' => round($this->bottomMm, 1),
            'topMm' => round($this->topMm, 1),
            'heightMm' => round($this->heightMm, 1),
        ];
    }

    /** Of the radius, mm per mm of height. */
    private function growth(): float
    {
        return ($this->topMm - $this->bottomMm) / 2 / $this->heightMm;
    }
}
