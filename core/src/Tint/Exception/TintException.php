<?php

declare(strict_types=1);

namespace Kalopsis\Tint\Exception;

use Throwable;

/** Anything the Tint room refuses. */
interface TintException extends Throwable {}
