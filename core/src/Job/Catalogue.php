<?php

declare(strict_types=1);

namespace Kalopsis\Job;

use Kalopsis\Film\PaintSystem;
use Kalopsis\Panel\BodyShape;

/** Where a job's body shape and paint system are looked up by key; null when there is none of that key. */
interface Catalogue
{
    public function bodyShape(string $key): ?BodyShape;

    public function paintSystem(string $key): ?PaintSystem;
}
