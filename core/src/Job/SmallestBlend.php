<?php

declare(strict_types=1);

namespace Kalopsis\Job;

use Kalopsis\Blend\School;
use Kalopsis\Colour\Measurement;
use Kalopsis\Spray\Simulator;
use Kalopsis\Units\Quantity;
use Kalopsis\Why\Phrase;

/** Looks for the plan with the fewest panels, then the least paint, then the least time, at which nobody sees the blend. */
final class SmallestBlend
{
    /** The primer itself has to hide: no first coat ends nearer than this, mm. Common practice. */
    private const LEAST_FIRST_MM = 15.0;

    /** A little more than what the model says is just not seen. Chosen here. */
    private const MARGIN = 1.1;

    /**
     * @return ?array{school: string, name: string, reaches: array<string, float>, panels: int, paint: Quantity, minutes: Quantity, says: Phrase}
     */
    public static function of(JobSpec $job, JobPlanner $planner, ?Measurement $car, ?Measurement $card): ?array
    {
        $best = null;
        foreach (School::cases() as $school) {
            if ($school === School::EdgeToEdge) {
                continue;
            }
            $plan = $planner->plan(SchoolOutlook::with($job, $school, []));
            if ($plan->blend->panels === []) {
                return null;
            }
            $spray = Spray::of($plan, $car, $card, false);
            $need = Simulator::need(Spray::builder($plan), $plan->blend->coats, Spray::bed($plan), $spray->finish);
            if ($need === null) {
                continue;
            }
            $room = 0.0;
            foreach ($plan->blend->coats as $coat) {
                $room = max($room, $coat->kind->isColour() ? ($coat->limitMm() ?? 0.0) : 0.0);
            }
            // Fades stay as the wrist makes them, so the reaches take the whole change.
            $reaches = [];
            foreach ($plan->blend->coats as $coat) {
                if ($coat->kind->isColour() && $coat->reachMm !== null) {
                    $limit = ($coat->reachMm + $coat->fadeMm) * min(1.0, self::MARGIN * $need->value() / $room);
                    $reaches[$coat->id] = round(max(self::LEAST_FIRST_MM, min($coat->reachMm, $limit - $coat->fadeMm)));
                }
            }
            $smaller = $planner->plan(SchoolOutlook::with($job, $school, $reaches));
            $look = Spray::of($smaller, $car, $card, false)->outlook;
            $ml = array_sum(array_map(fn ($cup): float => $cup->total->value(), $smaller->cups));
            $rank = [$look->isSeen() ? 1 : 0, count($smaller->blend->panels), $ml, $look->boothMinutes];
            if ($best === null || $rank < $best[0]) {
                $best = [$rank, ['school' => $school->value, 'name' => $school->words(), 'reaches' => $reaches, 'panels' => count($smaller->blend->panels), 'paint' => Quantity::ml($ml), 'minutes' => Quantity::minutes($look->boothMinutes), 'says' => $look->says()]];
            }
        }

        return $best === null || $best[0][0] === 1 ? null : $best[1];
    }
}
