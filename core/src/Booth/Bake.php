<?php

declare(strict_types=1);

namespace Kalopsis\Booth;

use Kalopsis\Film\DataSheet;

/** How long a clear is baked where the car may not get as hot as its data sheet says. */
final readonly class Bake
{
    /** Data sheets give their minutes at this temperature of the panel, deg C. Common practice. */
    public const SHEET_C = 60.0;

    /** Nobody holds a booth warm for longer; then it dries in the air, min. Chosen here. */
    private const LONGEST_MIN = 240.0;

    /** @param ?float $minutes null: not baked, it dries in the air */
    private function __construct(public ?float $minutes, public float $celsius) {}

    /**
     * @param ?float $sheetMin minutes at 60 deg C; null: not baked
     * @param ?float $limitC what the car maker allows, deg C; null: nobody said
     */
    public static function of(?float $sheetMin, ?float $limitC): self
    {
        $at = min(self::SHEET_C, $limitC ?? self::SHEET_C);
        if ($sheetMin === null) {
            return new self(null, $at);
        }
        $minutes = $sheetMin * (DataSheet::slower($at) / DataSheet::slower(self::SHEET_C));

        return $minutes > self::LONGEST_MIN ? new self(null, $at) : new self($minutes, $at);
    }
}
