<?php

declare(strict_types=1);

namespace Kalopsis\Panel;

use Kalopsis\Why\Phrase;

/** A length of a car that a tape can be held to: from one side of a panel to the other, along the car or across it. */
final readonly class Tape
{
    /**
     * @param string $panel whose ends it is held to
     * @param bool $across from top to bottom or side to side; else from front to rear
     * @param float $from where it begins on the drawing, mm: x, or the distance from the middle line of the car
     * @param float $to where it ends
     * @param bool $mirrored does it run from one side of the car to the other?
     */
    public function __construct(
        public string $key,
        public Phrase $name,
        public Phrase $how,
        public string $panel,
        public bool $across,
        public float $from,
        public float $to,
        public bool $mirrored,
    ) {}

    /**
     * From one end of a panel to the other.
     *
     * @param bool $bothSides are the two sides of the car drawn alike about its middle line?
     */
    public static function over(Panel $panel, string $key, Phrase $name, Phrase $how, bool $across, bool $bothSides): self
    {
        $box = $panel->outline->box();
        $mirrored = $across && $bothSides && $box->y0 < 0.0 && $box->y1 > 0.0;
        [$from, $to] = match (true) {
            $mirrored => [0.0, max(-$box->y0, $box->y1)],
            $across && $bothSides => [min(abs($box->y0), abs($box->y1)), max(abs($box->y0), abs($box->y1))],
            $across => [$box->y0, $box->y1],
            default => [$box->x0, $box->x1],
        };

        return new self($key, $name, $how, $panel->id, $across, $from, $to, $mirrored);
    }

    /** As long as it is on the drawing, mm. */
    public function drawnMm(): float
    {
        return $this->mirrored ? 2.0 * $this->to : $this->to - $this->from;
    }
}
