<?php

declare(strict_types=1);

namespace App\Exceptions;

use RuntimeException;

/** There is nothing to undo, or nothing to redo. */
final class NothingToStep extends RuntimeException {}
