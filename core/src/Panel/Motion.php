<?php

declare(strict_types=1);

namespace Kalopsis\Panel;

/** A rigid motion of the sheet: turn about the origin, then shift (mm). */
final readonly class Motion
{
    private function __construct(
        public float $cos,
        public float $sin,
        public float $shiftX,
        public float $shiftY,
    ) {}

    public static function none(): self
    {
        return new self(1.0, 0.0, 0.0, 0.0);
    }

    public static function of(float $turnRadians, float $shiftX, float $shiftY): self
    {
        return new self(cos($turnRadians), sin($turnRadians), $shiftX, $shiftY);
    }

    /**
     * The motion that lays `$from` onto `$to` with the least sum of squared distances: the closed form of
     * the orthogonal Procrustes problem in the plane (Schoenemann 1966), without reflection.
     *
     * @param non-empty-list<Point> $from
     * @param non-empty-list<Point> $to as many points, matched in order
     */
    public static function fitting(array $from, array $to): self
    {
        $n = count($from);
        $fx = $fy = $tx = $ty = 0.0;
        foreach ($from as $i => $p) {
            $fx += $p->x / $n;
            $fy += $p->y / $n;
            $tx += $to[$i]->x / $n;
            $ty += $to[$i]->y / $n;
        }
        $dot = $cross = 0.0;
        foreach ($from as $i => $p) {
            $ax = $p->x - $fx;
            $ay = $p->y - $fy;
            $bx = $to[$i]->x - $tx;
            $by = $to[$i]->y - $ty;
            $dot += $ax * $bx + $ay * $by;
            $cross += $ax * $by - $ay * $bx;
        }
        $length = hypot($dot, $cross);
        $cos = $length > 0.0 ? $dot / $length : 1.0;
        $sin = $length > 0.0 ? $cross / $length : 0.0;

        return new self($cos, $sin, $tx - ($cos * $fx - $sin * $fy), $ty - ($sin * $fx + $cos * $fy));
    }

    public function isNone(): bool
    {
        return $this->cos === 1.0 && $this->sin === 0.0 && $this->shiftX === 0.0 && $this->shiftY === 0.0;
    }

    public function apply(float $x, float $y): Point
    {
        return new Point($this->cos * $x - $this->sin * $y + $this->shiftX, $this->sin * $x + $this->cos * $y + $this->shiftY);
    }

    public function inverse(): self
    {
        return new self(
            $this->cos,
            -$this->sin,
            -($this->cos * $this->shiftX + $this->sin * $this->shiftY),
            $this->sin * $this->shiftX - $this->cos * $this->shiftY,
        );
    }

    /** This motion, and then another. */
    public function then(self $next): self
    {
        $shift = $next->apply($this->shiftX, $this->shiftY);

        return new self(
            $next->cos * $this->cos - $next->sin * $this->sin,
            $next->sin * $this->cos + $next->cos * $this->sin,
            $shift->x,
            $shift->y,
        );
    }

    public function shiftedBy(float $dx, float $dy): self
    {
        return new self($this->cos, $this->sin, $this->shiftX + $dx, $this->shiftY + $dy);
    }
}
