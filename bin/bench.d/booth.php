<?php

declare(strict_types=1);

/* Times the booth and the day in the core, warmed up, one process; wanted: time axis under 40 ms, a day of 12 cars under 1 s. */

use Kalopsis\Booth\Block;
use Kalopsis\Booth\BlockKind;
use Kalopsis\Booth\Car;
use Kalopsis\Booth\DayPlan;
use Kalopsis\Booth\Hours;
use Kalopsis\Booth\Shop;
use Kalopsis\Job\BoothStation;
use Kalopsis\Job\BoothWalk;
use Kalopsis\Job\PlannedWork;
use Kalopsis\Tests\Support\Bodies;

require __DIR__ . '/../../vendor/autoload.php';

$median = require __DIR__ . '/median.php';
$plan = Bodies::planned(Bodies::job('front-door-left', 60.0));
$json = fn(mixed $of): string => json_encode($of, JSON_THROW_ON_ERROR);
$work = PlannedWork::of($plan)->blocks();
$cars = $names = [];
for ($i = 0; $i < 12; $i++) {
    $mine = array_map(fn(float $m): float => $m * (0.7 + 0.05 * (($i * 7) % 12)), $work);
    $blocks = array_map(fn(BlockKind $k): ?Block => Block::planned("c{$i}", $k, $mine), BlockKind::cases());
    $cars[] = new Car("c{$i}", array_values(array_filter($blocks)), 700.0 + 137.0 * (($i * 5) % 12));
    $names["c{$i}"] = "c{$i}";
}
$people = ['a' => true, 'b' => true, 'c' => true, 'd' => true, 'e' => false];
$shop = new Shop(['1', '2'], $people, new Hours(480, 1050, [1, 2, 3, 4, 5, 6, 7], 1), 500.0);
$day = fn(): DayPlan => new DayPlan($shop, $cars, $names, DayPlan::ordered($cars, []));
echo json_encode(
    [
        'time axis, air and walk' => $median(fn() => $json(new BoothStation($plan, new BoothWalk($plan))), 20),
        'a day of 12 cars, planned again' => $median(fn() => $json($day()), 20),
        'its best order' => $median(fn() => $json($day()->better()), 3),
    ],
    JSON_THROW_ON_ERROR,
);
