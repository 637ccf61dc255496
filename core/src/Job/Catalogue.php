<?php

declare(strict_types=1);

namespace Kalopsis\Job;

use Kalopsis\Calibration\Calibration;
use Kalopsis\Film\PaintSystem;
use Kalopsis\Panel\BodyShape;
use Kalopsis\Sequence\School;

/** Where a job's body shape, paint system and school are looked up by key, null when there is none; and what was tested. */
interface Catalogue
{
    public function bodyShape(string $key): ?BodyShape;

    /** @param ?int $edition of its data sheets; null: the newest */
    public function paintSystem(string $key, ?int $edition = null): ?PaintSystem;

    public function school(string $key): ?School;

    /** What the workshop works with. */
    public function equipment(): Equipment;

    /** What the workshop's own tests say of the model. */
    public function calibration(): Calibration;
}
