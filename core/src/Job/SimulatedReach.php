<?php

declare(strict_types=1);

namespace Kalopsis\Job;

use Kalopsis\Card\RampTable;
use Kalopsis\Card\ReachNeeded;
use Kalopsis\Colour\Comparison;
use Kalopsis\Spray\Finish;
use Kalopsis\Spray\Simulator;
use Kalopsis\Why\Figure;

/** How far a card's difference has to be drawn out, from simulating this very plan. A sharp edge at a gap is still judged by the table. */
final readonly class SimulatedReach implements ReachNeeded
{
    public function __construct(private JobPlan $plan, private RampTable $table = new RampTable()) {}

    /** The table, where the plan has no coats that fade. */
    public static function for(JobPlan $plan, ReachNeeded $else): ReachNeeded
    {
        foreach ($plan->blend->coats as $coat) {
            if ($coat->kind->isColour() && $coat->reachMm !== null && $coat->reachMm < 1000.0) {
                return new self($plan);
            }
        }

        return $else;
    }

    public function forDifference(Comparison $c): ?Figure
    {
        $colour = $this->plan->job->colour;

        return Simulator::need(Spray::builder($this->plan), $this->plan->blend->coats, Spray::bed($this->plan), Finish::measured($colour->finish, $colour->undercoatShade, $c->car, $c->card));
    }

    public function gapIndex(Comparison $c): float
    {
        return $this->table->gapIndex($c);
    }
}
