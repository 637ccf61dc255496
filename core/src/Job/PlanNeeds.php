<?php

declare(strict_types=1);

namespace Kalopsis\Job;

use Kalopsis\Blend\Planner;
use Kalopsis\Blend\SideChoice;
use Kalopsis\Card\CardNeed;
use Kalopsis\Card\NeedOf;
use Kalopsis\Colour\Comparison;
use Kalopsis\Spray\Finish;
use Kalopsis\Spray\Simulation;

/** What a plan needs for each card on the desk, by the same computation that plans with the best of them. */
final readonly class PlanNeeds implements NeedOf
{
    public function __construct(private JobPlan $plan, private Planner $planner = new Planner()) {}

    public function of(Comparison $c): CardNeed
    {
        $colour = $this->plan->job->colour;
        $blend = $this->plan->blend;
        $finish = Finish::measured($colour->finish, $colour->undercoatShade, $c->car, $c->card, $this->plan->job->pigment());
        // The card the plan is made for has been asked about already.
        $same = $blend->request->finish->measured && $blend->request->finish->isLike($finish);
        $need = $same ? $blend->need : $this->planner->needFor($blend->request->sprayedWith($finish));
        $butt = Simulation::of([], $blend->request->system, $finish, $blend->request->reducer, $blend->request->air)->buttIndex();
        $butts = false;
        foreach ($blend->sides as $side) {
            $butts = $butts || ($side->choice === SideChoice::Butt && $side->reached);
        }

        return new CardNeed($need->fades, $need->figure(), $need->certainty, $need->roomMm, $need->stays, $butt, $butts);
    }
}
