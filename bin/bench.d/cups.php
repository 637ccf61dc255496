<?php

declare(strict_types=1);

/* Times what a change at the mixing bench costs in the core, warmed up, one process; wanted: cups under 30 ms. Prints JSON. */

use Kalopsis\Cups\CoatNeed;
use Kalopsis\Cups\CupPlanner;
use Kalopsis\Cups\Scale;
use Kalopsis\Job\FormulaCup;
use Kalopsis\Job\JobPlanner;
use Kalopsis\Job\MixChoices;
use Kalopsis\Job\Reduction;
use Kalopsis\Sequence\Coat;
use Kalopsis\Tests\Support\Bodies;
use Kalopsis\Tests\Support\Colours;
use Kalopsis\Tint\Formula;
use Kalopsis\Tint\TonerLibrary;

require __DIR__ . '/../../vendor/autoload.php';

$median = require __DIR__ . '/median.php';
$plan = Bodies::planned(Bodies::job('front-door-left', 60.0));
$needs = array_map(
    fn(Coat $c): CoatNeed => new CoatNeed(
        $c->id(),
        $c->name(),
        $c->mixture,
        $plan->blend->areaOf($c)->value(),
        $c->filmShare,
        $c->gun,
    ),
    $plan->blend->coats,
);
$systems = [(new Bodies())->paintSystem('northlight-s'), (new Bodies())->paintSystem('northlight-w')];
$json = fn(mixed $of): string => json_encode($of, JSON_THROW_ON_ERROR);
echo json_encode(
    [
        'cups of a plan' => $median(fn() => $json(CupPlanner::plan($needs, 40.0)), 40),
        'thinning of a mix, with what is seen' => $median(fn() => $json(Reduction::of($plan, 'base-1')), 15),
        'hardener, binders, clears, guns' => $median(
            fn() => $json(new MixChoices($plan, $systems, new JobPlanner(), null, null)),
            9,
        ),
        'formula for a cup' => $median(
            fn() => $json(FormulaCup::of(Formula::of(Colours::SILVER), TonerLibrary::northlight(), 80.0, new Scale())),
            15,
        ),
    ],
    JSON_THROW_ON_ERROR | JSON_PRETTY_PRINT,
),
    "\n";
