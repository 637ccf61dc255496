<?php

declare(strict_types=1);

/* Times the practice bay and the calibration in the core; wanted: a practice stroke under 60 ms. */

use Kalopsis\Gun\GunSetUp;
use Kalopsis\Practice\Answer;
use Kalopsis\Practice\Best;
use Kalopsis\Practice\Hand;
use Kalopsis\Practice\Marked;
use Kalopsis\Practice\ScenarioReader;
use Kalopsis\Practice\SetUpReader;
use Kalopsis\Tests\Support\Bodies;
use Kalopsis\Tests\Support\Workshops;
use Kalopsis\Trials\Calibrator;

require __DIR__ . '/../../vendor/autoload.php';

$median = require __DIR__ . '/median.php';
$file = json_decode((string) file_get_contents(__DIR__ . '/../../data/practice.json'), true);
$scenarios = (new ScenarioReader(new Bodies()))->all($file);
$reader = new SetUpReader(new Bodies());
// Half a minute of a pointer at 60 places a second.
$path = [];
for ($i = 0; $i < 1800; $i++) {
    $to = $i % 144;
    $path[] = [$i * 16.7, intdiv($i, 144) % 2 === 0 ? $to * 8.4 : 1200.0 - $to * 8.4, 40.0 * intdiv($i, 144), 180.0];
}
$scenario = $scenarios['reach-gap'];
$answer = new Answer($scenario, ['panels' => 'one', 'length' => '300']);
$best = Best::of($scenario, $reader);
$tests = (new Workshops(1))->tests(3);
echo json_encode(
    [
        'a practice stroke' => $median(fn() => json_encode(Hand::along($path, new GunSetUp(1.4, 180.0, 75.0))), 20),
        'a try, marked' => $median(fn() => json_encode(Marked::of($answer, $reader, null, $best)), 10),
        'what the search finds, 22 ways' => $median(fn() => Best::of($scenario, $reader), 5),
        'fifteen tests fitted and held out' => $median(fn() => Calibrator::of($tests), 3),
    ],
    JSON_THROW_ON_ERROR,
), "\n";
