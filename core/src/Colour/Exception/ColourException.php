<?php

declare(strict_types=1);

namespace Kalopsis\Colour\Exception;

use Throwable;

/** Anything the Colour room refuses. */
interface ColourException extends Throwable {}
