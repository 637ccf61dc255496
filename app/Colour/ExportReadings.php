<?php

declare(strict_types=1);

namespace App\Colour;

use App\Models\RepairJob;
use Generator;
use Kalopsis\Exchange\FileFormat;
use Kalopsis\Exchange\ReadingsFile;
use Kalopsis\Exchange\Row;

/** All readings of a job that count, as a file. */
final readonly class ExportReadings
{
    public function __invoke(RepairJob $job, FileFormat $format): string
    {
        return ReadingsFile::write($format, $this->rows($job));
    }

    /** @return Generator<int, Row> */
    private function rows(RepairJob $job): Generator
    {
        foreach ($job->samples()->get()->sortBy('number') as $sample) {
            $readings = $sample->readings();
            $readings->whereNull('excluded_at');
            foreach ($readings->lazyById(500) as $reading) {
                yield new Row(
                    0,
                    $sample->name,
                    $sample->kind->value,
                    $reading->spot,
                    (string) $reading->id,
                    Pair::measurement($reading->measurement),
                );
            }
        }
    }
}
