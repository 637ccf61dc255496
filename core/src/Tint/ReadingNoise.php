<?php

declare(strict_types=1);

namespace Kalopsis\Tint;

/** How far a reading is from what it read: what an instrument and a hand repeat to. */
final readonly class ReadingNoise
{
    /** Mean CIEDE2000 of an average of five shots, where nobody knows better. Common practice: about 0.1. */
    private const USUAL = 0.1;

    /** Nobody's readings repeat better. Common practice. */
    private const LEAST = 0.02;

    private function __construct(public float $de) {}

    public static function usual(): self
    {
        return new self(self::USUAL);
    }

    /** @param float $de mean CIEDE2000 of a reading from the truth, averaged over its angles */
    public static function of(float $de): self
    {
        return new self(max(self::LEAST, $de));
    }

    /**
     * Of an average of shots, from how far single shots lie from it: the spread over the root of their number.
     *
     * @param float $spread mean CIEDE2000 of the shots from their mean
     */
    public static function ofShots(float $spread, int $shots): self
    {
        // The mean lies in the middle of its own shots, so that n - 1 of them tell.
        return $shots < 2 ? self::usual() : self::of($spread / sqrt($shots - 1.0));
    }

    /** Of a difference between two readings. */
    public function with(self $other): self
    {
        return new self(sqrt($this->de ** 2 + $other->de ** 2));
    }
}
