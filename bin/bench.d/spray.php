<?php

declare(strict_types=1);

/* Times the plan and its simulation in the core, and how the cost grows. Prints text for bin/bench. */

use Kalopsis\Colour\CoatPath;
use Kalopsis\Colour\Xyz;
use Kalopsis\Spray\Certainty;
use Kalopsis\Spray\Sprayed;
use Kalopsis\Colour\Measurement;
use Kalopsis\Job\JobPlanner;
use Kalopsis\Job\JobReader;
use Kalopsis\Job\SprayedPlan;
use Kalopsis\Job\WayOutlook;
use Kalopsis\Panel\DistanceField;
use Kalopsis\Panel\Footprint;
use Kalopsis\Panel\Point;
use Kalopsis\Sequence\FinishClass;
use Kalopsis\Spray\Assumptions;
use Kalopsis\Spray\Finish;
use Kalopsis\Spray\Places;
use Kalopsis\Spray\Simulation;
use Kalopsis\Tests\Support\Bodies;
use Kalopsis\Tests\Support\Colours;
use Kalopsis\Tests\Support\Sprays;

require __DIR__ . '/../../vendor/autoload.php';

$median = require __DIR__ . '/median.php';
$line = function (string $what, float $ms, string $more = ''): void {
    printf("%-58s %8.2f ms%s\n", $what, $ms, $more);
};

$job = Bodies::job('front-door-left', 60.0);
$spec = (new JobReader(new Bodies()))->read($job);
$planner = new JobPlanner();
$plan = $planner->plan($spec);
$centre = Bodies::shipped('marlo-tern')->panel('front-door-left')->outline->centroid();
[$from, $to] = [new Point($centre->x - 400, $centre->y), new Point($centre->x + 400, $centre->y)];

/* Another card each time: the need of a pair of colours is kept, and a plan that is asked for anew has to find it. */
$car = Colours::silver();
$i = 0;
$card = function () use (&$i): Measurement {
    return Colours::silver(1.0 + 0.01 * ++$i);
};
$line('plan alone, its need known', $median(fn() => $planner->plan($spec), 25), '   (wanted: under 25)');
$alone = fn() => $planner->plan($spec, $car, $card());
$line('plan with a need to find', $median($alone, 15));
$line(
    'plan with need and outlook',
    $median(fn() => SprayedPlan::of($planner->plan($spec, $car, $card()))->outlook(), 15),
    '   (wanted: under 120)',
);
$line(
    'one cross-cut of 800 mm, from one angle and distance',
    $median(fn() => SprayedPlan::of($plan)->cut($from, $to, 45, 2.0)->jsonSerialize(), 15),
    '   (wanted: under 15)',
);
/* A ground, two effect coats and what a let-down set showed of them. */
$three = (new Bodies())->school('ground-then-effect')?->sequence(FinishClass::Pearl);
$at = [new Xyz(57.0, 60.0, 65.0), new Xyz(4.0, 2.0, 1.0), new Xyz(0.2, 0.35, 0.55)];
$path = new CoatPath(array_fill_keys([15, 25, 45, 75, 110], $at));
$layered = function () use ($car, $card, $path, $three): Simulation {
    $finish = Finish::measured(FinishClass::Pearl, 3, $car, $card())->layered($path, 2.0);

    return Sprays::simulation($three, $finish);
};
$line(
    'three-stage: its need and outlook',
    $median(function () use ($layered): void {
        $simulation = $layered();
        $simulation->needMm(Certainty::Sure);
        Sprayed::outlook($simulation, 300.0, []);
    }, 9),
    '   (wanted: under 200)',
);
$schools = Bodies::schools();
$line(
    count($schools) . ' schools side by side, plans included',
    $median(fn() => WayOutlook::all($spec, $schools, $planner, $car, $card()), 3),
    '   (wanted: under 900)',
);
foreach ([1, 2, 4] as $times) {
    $grown = Bodies::rectangle(1000.0, 500.0 * $times);
    $print = [Footprint::at(Bodies::spot(500.0, 250.0, 60.0), $grown)];
    $field = fn() => new DistanceField($grown, $print, array_map(floatval(...), range(-100, 2500, 25)));
    $line("distance field, area x{$times}", $median(fn() => $field()->raster(2500.0), 9));
}
$finish = Finish::assumed(FinishClass::MetallicLight, 3);
foreach ([1, 2, 4] as $times) {
    $steps = [];
    for ($c = 0; $c < 3 * $times; $c++) {
        $reach = 0.1 + (0.4 * $c) / (3 * $times - 1);
        $steps[] = [
            'id' => "base-{$c}",
            'name' => "Base {$c}",
            'kind' => 'base',
            'landsIn' => 'dry',
            'extent' => ['kind' => 'past', 'reach' => $reach, 'fade' => 0.4],
        ];
    }
    $colours = Sprays::simulation(Sprays::read($steps), $finish)->colours();
    $line("layers and colours, coats x{$times}", $median(fn() => $colours->scene(new Places(0.0, 3.0, 96), 300.0), 15));
}
$inC = (float) ($argv[1] ?? 0);
if ($inC > 0.0) {
    $simulation = Sprays::simulation(Sprays::stepped(), $finish);
    $mine = $median(function () use ($simulation): void {
        $simulation->look(300.0, Assumptions::usual(), true, Simulation::FINE, true);
        for ($i = 0; $i < 9; $i++) {
            $simulation->look(300.0, Assumptions::usual(), true);
        }
    }, 25);
    $line('one fine and nine coarse looks', $mine, sprintf(', in C %.2f ms, ratio %.1f (wanted: under 4)', $inC, $mine / $inC));
}
