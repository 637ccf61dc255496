<?php

declare(strict_types=1);

namespace Kalopsis\Panel;

use JsonSerializable;

/** A place on the unrolled body, mm; x rearwards, y down the sheet. */
final readonly class Point implements JsonSerializable
{
    public function __construct(public float $x, public float $y) {}

    public function distanceTo(self $other): float
    {
        return hypot($this->x - $other->x, $this->y - $other->y);
    }

    /** @return array{float, float} */
    public function jsonSerialize(): array
    {
        return [round($this->x, 1), round($this->y, 1)];
    }
}
