<?php

declare(strict_types=1);

namespace Kalopsis\Tint;

/** How far a reading is from what it read: what an instrument and a hand repeat to. */
final readonly class ReadingNoise
{
    /** Mean CIEDE2000 of an average of five shots, where nobody knows better. Common practice: about 0.1. */
    private const USUAL = 0.1;

    /** What a single shot of any instrument lies from the mean of many, mean CIEDE2000. Common practice. */
    public const OF_A_SHOT = [0.01, 1.0];

    /** Two instruments of one kind read one tile so far apart, mean CIEDE2000. From memory of makers' figures: 0.1 to 0.3. */
    private const BETWEEN_TWO = 0.2;

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
     * @param ?float $repeats of a single shot of this instrument; null: nobody has tried. Shots that happen to agree are worth no
     *     more than it repeats.
     */
    public static function ofShots(float $spread, int $shots, ?float $repeats = null): self
    {
        $least = $repeats === null ? 0.0 : $repeats / sqrt(max(1, $shots));
        if ($shots < 2 && $repeats !== null) {
            return self::of($least);
        }

        // The mean lies in the middle of its own shots, so that n - 1 of them tell.
        return $shots < 2 ? self::usual() : self::of(max($least, $spread / sqrt($shots - 1.0)));
    }

    /** Where two readings were taken with two instruments, this much lies between them besides. */
    public static function betweenInstruments(): self
    {
        return new self(self::BETWEEN_TWO);
    }

    /** Of a difference between two readings. */
    public function with(self $other): self
    {
        return new self(sqrt($this->de ** 2 + $other->de ** 2));
    }
}
