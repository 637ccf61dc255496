<?php

declare(strict_types=1);

namespace Kalopsis\Booth;

/** When a shop works, by the clock on its wall. Times are minutes from the midnight that a plan counts from. */
final readonly class Hours
{
    public const DAY_MIN = 1440;

    /** Nobody looks further ahead, days. */
    private const AHEAD = 60;

    /**
     * @param int $opens minutes after midnight
     * @param int $closes minutes after midnight, later than that
     * @param list<int> $days worked, 1 Monday to 7 Sunday
     * @param int $weekday of the day that is counted from, 1 to 7
     */
    public function __construct(public int $opens, public int $closes, public array $days, public int $weekday) {}

    /** Is the day worked? 0 is the one that is counted from. */
    public function isWorked(int $day): bool
    {
        return in_array(($this->weekday - 1 + $day) % 7 + 1, $this->days, true);
    }

    public function isOpen(float $minute): bool
    {
        $day = (int) floor($minute / self::DAY_MIN);
        $of = $minute - $day * self::DAY_MIN;

        return $this->isWorked($day) && $of >= $this->opens - 1e-9 && $of < $this->closes - 1e-9;
    }

    /** The first minute not before this one when somebody is there. */
    public function open(float $minute): float
    {
        for ($day = max(0, (int) floor($minute / self::DAY_MIN)), $i = 0; $i < self::AHEAD; $day++, $i++) {
            $from = $day * self::DAY_MIN + $this->opens;
            $to = $day * self::DAY_MIN + $this->closes;
            if ($this->isWorked($day) && $minute < $to - 1e-9) {
                return max($minute, (float) $from);
            }
        }

        return $minute;
    }

    /** The first minute not before this one from which so much fits into one day; a whole day's worth begins when it opens. */
    public function fitting(float $minute, float $minutes): float
    {
        $need = min($minutes, (float) ($this->closes - $this->opens));
        for ($at = $this->open($minute), $i = 0; $i < self::AHEAD; $i++) {
            $closes = floor($at / self::DAY_MIN) * self::DAY_MIN + $this->closes;
            if ($at + $need <= $closes + 1e-9) {
                return $at;
            }
            $at = $this->open((floor($at / self::DAY_MIN) + 1) * self::DAY_MIN);
        }

        return $minute;
    }

    /** When work that may be laid down over night is done, begun at an open minute. */
    public function workedUntil(float $start, float $minutes): float
    {
        for ($at = $start, $left = $minutes, $i = 0; $i < self::AHEAD; $i++) {
            $closes = floor($at / self::DAY_MIN) * self::DAY_MIN + $this->closes;
            if ($left <= $closes - $at + 1e-9) {
                return $at + $left;
            }
            $left -= max(0.0, $closes - $at);
            $at = $this->open((floor($at / self::DAY_MIN) + 1) * self::DAY_MIN);
        }

        return $start + $minutes;
    }

    /** Minutes somebody is there between two times. */
    public function openBetween(float $from, float $to): float
    {
        $sum = 0.0;
        for ($day = (int) floor($from / self::DAY_MIN); $day * self::DAY_MIN < $to; $day++) {
            if ($this->isWorked($day)) {
                $opens = $day * self::DAY_MIN + $this->opens;
                $closes = $day * self::DAY_MIN + $this->closes;
                $sum += max(0.0, min($to, $closes) - max($from, $opens));
            }
        }

        return $sum;
    }
}
