<?php

declare(strict_types=1);

namespace App\Devices;

use RuntimeException;

/** The simulator does not know what this surface is painted with. */
final class NothingToMeasure extends RuntimeException {}
