<?php

declare(strict_types=1);

namespace Kalopsis\Tests\Support;

use Kalopsis\Card\CardVerdict;
use Kalopsis\Colour\Comparison;
use Kalopsis\Job\PlanNeeds;

/** Cards held to the car, judged for a real plan. */
final class Desks
{
    /** The verdict on a silver card so much lighter than the car, for a plan on a bonnet. */
    public static function verdict(float $lighter, string $school = 'inside-out-wet-bed'): CardVerdict
    {
        $c = Comparison::of(Colours::silver(), Colours::silver($lighter));
        $plan = Bodies::planned(Bodies::job('bonnet', change: ['plan' => ['school' => $school]]));

        return CardVerdict::of($c, (new PlanNeeds($plan))->of($c));
    }
}
