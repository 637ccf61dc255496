<?php

declare(strict_types=1);

/* Times the simulation in the core: a whole job, a cut, all schools, and how cost grows with area and with coats. Prints text for bin/bench. */

use Kalopsis\Sequence\FinishClass;
use Kalopsis\Blend\School;
use Kalopsis\Spray\Bed;
use Kalopsis\Spray\Finish;
use Kalopsis\Spray\Profile;
use Kalopsis\Job\JobPlanner;
use Kalopsis\Job\JobReader;
use Kalopsis\Job\SchoolOutlook;
use Kalopsis\Job\Spray;
use Kalopsis\Panel\DistanceField;
use Kalopsis\Panel\Footprint;
use Kalopsis\Panel\Point;
use Kalopsis\Sight\Eye;
use Kalopsis\Tests\Support\Bodies;
use Kalopsis\Tests\Support\Sprays;

require __DIR__ . '/../../vendor/autoload.php';

$median = require __DIR__ . '/median.php';

$job = Bodies::job('front-door-left', 60.0);
$job['repairs'][] = ['id' => 'n', 'panel' => 'rear-door-left', 'shape' => ['kind' => 'new-part'], 'under' => ['kind' => 'new-primed-part', 'greyShade' => 5]];
$spec = (new JobReader(new Bodies()))->read($job);
$planner = new JobPlanner();
$plan = $planner->plan($spec);
$spray = Spray::of($plan);
$centre = Bodies::shipped('marlo-tern')->panel('front-door-left')->outline->centroid();
$whole = $median(function () use ($plan): void {
    Spray::of($plan, null, null, false)->field();
}, 15);
printf("%-58s %8.1f ms\n", sprintf('simulated with its spread, %d panels at 10 mm', count($plan->blend->panels)), $whole);
printf("%-58s %8.1f ms\n", 'the same with the fade length needed', $median(fn () => Spray::of($plan), 9));
printf("%-58s %8.1f ms\n", 'one cross-cut of 800 mm, 5 angles and 5 distances', $median(fn () => $spray->cut(new Point($centre->x - 400, $centre->y), new Point($centre->x + 400, $centre->y)), 15));
printf("%-58s %8.1f ms\n", 'all schools side by side, plans included', $median(fn () => array_map(fn (School $s) => SchoolOutlook::of($spec, $s, $planner, null, null), School::cases()), 3));
foreach ([1, 2, 4] as $times) {
    $grown = Bodies::rectangle(1000.0, 500.0 * $times);
    $print = [Footprint::at(Bodies::spot(500.0, 250.0, 60.0), $grown)];
    printf("%-58s %8.2f ms\n", "distance field, area x{$times}", $median(fn () => (new DistanceField($grown, $print, array_map(floatval(...), range(-100, 2500, 25))))->raster(2500.0), 9));
}
$finish = Finish::assumed(FinishClass::MetallicLight, 3);
foreach ([2, 4, 8] as $coats) {
    $layers = Sprays::over(300.0, $coats);
    printf("%-58s %8.2f ms\n", "layers and colours of {$coats} coats", $median(function () use ($layers, $finish): void {
        $stack = Sprays::stack($layers, Bed::Flashed, $finish->h98Um);
        foreach ($finish->angles() as $angle) {
            $stack->colours($angle, $finish->fit, $finish->old[$angle]->xyz(), $finish->primer);
        }
    }, 15));
}
$inC = (float) ($argv[1] ?? 0);
if ($inC > 0.0) {
    $mine = $median(function () use ($finish): void {
        $eye = new Eye();
        Profile::of(Sprays::stack(Sprays::over(300.0, 4), Bed::Flashed, $finish->h98Um), $finish, $eye);
        for ($i = 0; $i < 9; $i++) {
            Profile::of(Sprays::stack(Sprays::over(300.0, 4), Bed::Flashed, $finish->h98Um, step: 10.0), $finish, $eye);
        }
    }, 15);
    printf("%-58s %8.1f ms, in C %.2f ms, ratio %.1f\n", 'one fine and nine coarse runs', $mine, $inC, $mine / $inC);
}
