<?php

declare(strict_types=1);

namespace Kalopsis\Job;

use Kalopsis\Sequence\Coat;
use Kalopsis\Spray\Pace;
use Kalopsis\Spray\Part;
use Kalopsis\Units\Quantity;
use Kalopsis\Units\UnitSystem;

/** A plan in plain lines: the coats in spraying order, the one sentence, and what is seen part by part. */
final class PlainPlan
{
    /** @return list<string> */
    public static function lines(JobPlan $plan, UnitSystem $units): array
    {
        $need = $plan->blend->need;
        $mm = fn (?float $v): string => $v === null ? '-' : Quantity::mm($v)->format($units);
        $outlook = SprayedPlan::of($plan)->outlook();
        $lines = [
            $plan->blend->verdict->in($units),
            "need {$mm($need->mm())} {$need->certainty->words()}, room {$mm($need->roomMm)}, chosen {$mm(
                $need->blendMm,
            )}, rule of thumb {$mm($need->usualMm)}",
            $outlook->says()->in($units),
        ];
        foreach (Part::cases() as $part) {
            $lines[] = sprintf('  %-26s %.2f', $part->words(), $outlook->parts[$part->value]);
        }
        $pace = new Pace($plan->job->system, $plan->job->reducer(), $plan->job->air());
        foreach ($plan->blend->coats as $i => $coat) {
            $lines[] = sprintf('%2d. %s', $i + 1, self::coat($coat, $pace, $units));
        }

        return $lines;
    }

    private static function coat(Coat $coat, Pace $pace, UnitSystem $units): string
    {
        $reach =
            $coat->reachMm === null
                ? 'whole panel'
                : 'to ' .
                    Quantity::mm($coat->reachMm)->format($units) .
                    ', gone at ' .
                    Quantity::mm($coat->reachMm + $coat->fadeMm)->format($units);

        return implode(', ', [
            $coat->name(),
            $coat->mixture->text(),
            Quantity::bar($coat->gun->bar)->format($units),
            Quantity::mm($coat->gun->distanceMm)->format($units),
            $reach . ($coat->isSetByHand() && $coat->isColour() ? ' (by hand)' : ''),
            'then ' . $coat->step->drying->words() . ', about ' . Quantity::minutes($pace->waiting($coat))->format($units),
        ]);
    }
}
