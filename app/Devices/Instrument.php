<?php

declare(strict_types=1);

namespace App\Devices;

use App\Models\ColourSample;
use App\Models\RepairJob;
use Kalopsis\Card\ReadingSource;
use Kalopsis\Colour\Geometry;
use Kalopsis\Colour\InstrumentFault;
use Kalopsis\Colour\Measurement;

/** A colour measuring instrument. The shipped one is a simulator; real readings come in by file or typed. */
interface Instrument
{
    /** What its readings are worth. */
    public function source(): ReadingSource;

    /**
     * @param int $from number of the first shot on this sample, so that no two are alike
     * @return list<Measurement>
     * @throws NothingToMeasure
     */
    public function measure(
        RepairJob $job,
        ColourSample $sample,
        Geometry $geometry,
        int $shots,
        int $from,
        InstrumentFault $fault,
    ): array;
}
