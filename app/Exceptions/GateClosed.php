<?php

declare(strict_types=1);

namespace App\Exceptions;

use RuntimeException;

/** The card may not pass. */
final class GateClosed extends RuntimeException {}
