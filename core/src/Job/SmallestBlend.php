<?php

declare(strict_types=1);

namespace Kalopsis\Job;

use Kalopsis\Colour\Measurement;
use Kalopsis\Sequence\School;
use Kalopsis\Units\Quantity;
use Kalopsis\Why\Phrase;

/** Looks for the plan with the fewest panels, then the least paint, then the least time, at which nobody sees the blend. */
final class SmallestBlend
{
    /** Shorter than any need: the need alone says how long it gets. */
    public const DRAWN_IN = 0.2;

    /**
     * @param list<School> $schools
     * @return ?array{school: string, name: string, usual: float, panels: int, paint: Quantity, minutes: Quantity,
     *         need: Quantity, says: Phrase}
     */
    public static function of(
        JobSpec $job,
        array $schools,
        JobPlanner $planner,
        ?Measurement $car,
        ?Measurement $card,
    ): ?array {
        $best = null;
        foreach ($schools as $school) {
            if ($job->repairs === [] || ! $school->sequence($job->colour->finish)->fades()) {
                continue;
            }
            $way = WayOutlook::of($job, $school, $planner, $car, $card, self::DRAWN_IN);
            $best = $best === null || $way->rank() < $best->rank() ? $way : $best;
        }
        if ($best === null || $best->outlook->isSeen()) {
            return null;
        }

        return [
            'school' => $best->school->key,
            'name' => $best->school->name,
            'usual' => self::DRAWN_IN,
            'panels' => count($best->plan->blend->panels),
            'paint' => Quantity::ml($best->millilitres()),
            'minutes' => Quantity::minutes($best->plan->boothMinutes()),
            'need' => Quantity::mm($best->plan->blend->need->mm() ?? 0.0),
            'says' => $best->outlook->says(),
        ];
    }
}
