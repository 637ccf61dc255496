<?php

declare(strict_types=1);

/* Times the planning of a five-panel job in the core, warmed up, one process. Prints JSON for bin/bench. */

use Kalopsis\Job\JobPlanner;
use Kalopsis\Job\JobReader;
use Kalopsis\Tests\Support\Bodies;

require __DIR__ . '/../../vendor/autoload.php';

$job = Bodies::job('front-door-left', 60.0);
$at = fn(string $panel): array => [
    Bodies::shipped('marlo-tern')->panel($panel)->outline->centroid()->x,
    Bodies::shipped('marlo-tern')->panel($panel)->outline->centroid()->y,
];
[$x, $y] = $at('front-wing-left');
$job['repairs'][] = [
    'id' => 'n',
    'panel' => 'rear-door-left',
    'shape' => ['kind' => 'new-part'],
    'under' => ['kind' => 'new-primed-part', 'greyShade' => 5],
];
$job['repairs'][] = [
    'id' => 'w',
    'panel' => 'front-wing-left',
    'shape' => ['kind' => 'spot', 'xMm' => $x + 100, 'yMm' => $y, 'radiusMm' => 50],
    'under' => ['kind' => 'primer', 'greyShade' => 3],
];

$reader = new JobReader(new Bodies());
$planner = new JobPlanner();
$spec = $reader->read($job);
$times = [];
$panels = 0;
for ($i = 0; $i < 60; $i++) {
    $began = hrtime(true);
    $plan = $planner->plan($spec);
    $times[] = (hrtime(true) - $began) / 1e6;
    $panels = count($plan->blend->panels);
}
$warm = array_slice($times, 15);
sort($warm);
echo json_encode(
    [
        'panels' => $panels,
        'runs' => count($warm),
        'minMs' => $warm[0],
        'medianMs' => $warm[intdiv(count($warm), 2)],
        'maxMs' => $warm[count($warm) - 1],
        'job' => $job,
    ],
    JSON_THROW_ON_ERROR,
);
