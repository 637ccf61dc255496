<?php

declare(strict_types=1);

namespace Kalopsis\Panel;

use JsonSerializable;

/** An upright rectangle around something, mm. */
final readonly class Box implements JsonSerializable
{
    public function __construct(public float $x0, public float $y0, public float $x1, public float $y1) {}

    /**
     * @param non-empty-list<float> $xs
     * @param non-empty-list<float> $ys
     */
    public static function around(array $xs, array $ys): self
    {
        return new self(min($xs), min($ys), max($xs), max($ys));
    }

    /** The box around both. */
    public function and(self $other): self
    {
        return new self(
            min($this->x0, $other->x0),
            min($this->y0, $other->y0),
            max($this->x1, $other->x1),
            max($this->y1, $other->y1),
        );
    }

    public function centre(): Point
    {
        return new Point(($this->x0 + $this->x1) / 2, ($this->y0 + $this->y1) / 2);
    }

    /** @return array{float, float, float, float} */
    public function jsonSerialize(): array
    {
        return [round($this->x0, 1), round($this->y0, 1), round($this->x1, 1), round($this->y1, 1)];
    }
}
