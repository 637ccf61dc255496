<?php

declare(strict_types=1);

namespace App\Devices;

use App\Models\ColourSample;
use App\Models\RepairJob;
use Kalopsis\Card\ReadingSource;
use Kalopsis\Colour\Geometry;
use Kalopsis\Colour\InstrumentFault;
use Kalopsis\Colour\Random;
use Kalopsis\Colour\SimulatedInstrument as Simulator;

/** Reads the made-up surfaces of SimulatedShop with made-up noise; the same job, sample and shot give the same reading. */
final readonly class SimulatedInstrument implements Instrument
{
    public function __construct(private SimulatedShop $shop) {}

    public function source(): ReadingSource
    {
        return ReadingSource::Simulated;
    }

    public function measure(
        RepairJob $job,
        ColourSample $sample,
        Geometry $geometry,
        int $shots,
        int $from,
        InstrumentFault $fault,
    ): array {
        $truth = $this->shop->truth($job, $sample, $geometry);
        $out = [];
        for ($i = 0; $i < $shots; $i++) {
            $out[] = Simulator::read($truth, $fault, new Random(crc32("{$job->id} {$sample->number} " . ($from + $i))));
        }

        return $out;
    }
}
