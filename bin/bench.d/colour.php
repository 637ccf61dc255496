<?php

declare(strict_types=1);

/* Times ranking, tint search and the reading of a large file in the core, warmed up, one process. Prints JSON for bin/bench. */

use Kalopsis\Colour\Geometry;
use Kalopsis\Colour\Measurement;
use Kalopsis\Colour\Random;
use Kalopsis\Colour\Ranking;
use Kalopsis\Exchange\FileFormat;
use Kalopsis\Exchange\ReadingsFile;
use Kalopsis\Exchange\Row;
use Kalopsis\Tests\Support\Colours;
use Kalopsis\Tint\Candidates;
use Kalopsis\Tint\EffectModel;
use Kalopsis\Tint\Formula;
use Kalopsis\Tint\SolidModel;
use Kalopsis\Tint\TintAdvisor;
use Kalopsis\Tint\TonerLibrary;

require __DIR__ . '/../../vendor/autoload.php';

$median = require __DIR__ . '/median.php';

$library = TonerLibrary::northlight();
$six = new EffectModel($library, Geometry::Six);
$chance = new Random(1);
$car = Measurement::ofLabs(Colours::of($six, Colours::SILVER)->labs);
$variants = [];
for ($i = 0; $i < 200; $i++) {
    $variants["v{$i}"] = Measurement::ofLabs(
        Colours::of($six, array_map(fn(float $g): float => $g * (0.7 + 0.6 * $chance->uniform()), Colours::SILVER))->labs,
    );
}
$solid = new SolidModel($library);
$effect = new EffectModel($library);
$green = Formula::of(Colours::LICHEN);
$silver = Formula::of(Colours::SILVER);
$advise = fn(Formula $cup, SolidModel|EffectModel $model, array $more) => (new TintAdvisor($library, $model))->advise(
    $cup,
    Colours::of($model, $cup->plus($more)->grams),
    Colours::of($model, $cup->grams),
    Candidates::of($cup, $library),
);
$rows = [];
for ($i = 0; $i < 10_000; $i++) {
    $rows[] = new Row(0, "sample {$i}", 'variant', 'chip', '1', $variants['v' . $i % 200]);
}
$csv = ReadingsFile::write(FileFormat::Csv, $rows);
unset($rows);
$many = function () use ($variants): Generator {
    for ($i = 0; $i < 50_000; $i++) {
        yield new Row(0, 'Door', 'car', 'chip', (string) $i, $variants['v' . $i % 200]);
    }
};
echo json_encode(
    [
        'rank 200 variants at 6 angles' => $median(fn() => Ranking::against($car, $variants), 15),
        'tint search, solid, 15 toners' => $median(fn() => $advise($green, $solid, ['black' => 5.0, 'lemon' => 6.0]), 15),
        'tint search, effect, 15 toners' => $median(
            fn() => $advise($silver, $effect, ['black' => 1.0, 'blue-green' => 0.6]),
            15,
        ),
        'write 50,000 readings, CSV' => $median(fn() => ReadingsFile::write(FileFormat::Csv, $many()), 3),
        'write 50,000 readings, CGATS' => $median(fn() => ReadingsFile::write(FileFormat::Cgats, $many()), 3),
        'read 10,000 readings, CSV' => $median(function () use ($csv): void {
            foreach (ReadingsFile::read($csv) as $_) {
            }
        }, 3),
        'peak memory, MB' => round(memory_get_peak_usage() / 1e6, 1),
    ],
    JSON_THROW_ON_ERROR | JSON_PRETTY_PRINT,
),
    "\n";
