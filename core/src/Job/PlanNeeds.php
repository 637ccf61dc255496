<?php

declare(strict_types=1);

namespace Kalopsis\Job;

use Kalopsis\Blend\Planner;
use Kalopsis\Blend\SideChoice;
use Kalopsis\Card\CardNeed;
use Kalopsis\Card\EyeVerdict;
use Kalopsis\Card\NeedOf;
use Kalopsis\Colour\Comparison;
use Kalopsis\Spray\Finish;

/** What a plan needs for each card on the desk, by the same computation that plans with the best of them. */
final readonly class PlanNeeds implements NeedOf
{
    public function __construct(private JobPlan $plan, private Planner $planner = new Planner()) {}

    public function of(Comparison $c): CardNeed
    {
        return $this->for($this->plan->job->finish($c->car, $c->card));
    }

    public function byEye(EyeVerdict $seen): CardNeed
    {
        $colour = $this->plan->job->colour;
        $dL = $seen->letsThroughL() ?? Finish::ASSUMED_DL;

        return $this->for(Finish::assumed($colour->finish, $colour->undercoatShade, $dL, $this->plan->job->pigment()));
    }

    private function for(Finish $finish): CardNeed
    {
        $blend = $this->plan->blend;
        // The card the plan is made for has been asked about already.
        $same = $blend->request->finish->measured === $finish->measured && $blend->request->finish->isLike($finish);
        $sprayed = $blend->request->sprayedWith($finish);
        $need = $same ? $blend->need : $this->planner->needFor($sprayed);
        $butt = $this->planner->buttIndex($sprayed);
        $butts = false;
        foreach ($blend->sides as $side) {
            $butts = $butts || ($side->choice === SideChoice::Butt && $side->reached);
        }
        $ends = $butt < 1.0 ? [] : SprayedPlan::of($this->plan, $finish)->ends();

        return new CardNeed($need->fades, $need->figure(), $need->certainty, $need->roomMm, $need->stays, $butt, $butts, $ends);
    }
}
