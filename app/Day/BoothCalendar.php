<?php

declare(strict_types=1);

namespace App\Day;

use DateTimeImmutable;
use Kalopsis\Booth\Calendar;
use Kalopsis\Booth\DayPlan;

/** The booth hours of a day and the days after it, for any calendar. */
final class BoothCalendar
{
    public static function of(DayPlan $plan, DateTimeImmutable $at): string
    {
        $entries = [];
        foreach ($plan->schedule->placed as $placed) {
            if ($placed->booth === null) {
                continue;
            }
            $car = $plan->name($placed->block->car);
            $entries[] = [
                // The same car keeps its entry when it is moved.
                'uid' => "booth-{$placed->block->car}@kalopsis",
                'start' => self::wall($at, $placed->start),
                'end' => self::wall($at, $placed->end),
                'title' => "{$placed->booth}: {$car}",
                'place' => $placed->booth,
                'says' => trim("{$placed->block->kind->words()}; {$placed->person}", '; '),
            ];
        }

        return Calendar::of($entries, gmdate('Ymd\THis\Z'));
    }

    private static function wall(DateTimeImmutable $at, float $minute): string
    {
        $days = (int) floor($minute / 1440);
        $of = (int) round($minute - 1440 * $days);

        return $at->setTime(0, 0)->modify("{$days} days")->setTime(intdiv($of, 60), $of % 60)->format('Ymd\THis');
    }
}
