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

    /** As long as it is on the drawing, mm. */
    public function drawnMm(): float
    {
        return $this->mirrored ? 2.0 * $this->to : $this->to - $this->from;
    }
}
