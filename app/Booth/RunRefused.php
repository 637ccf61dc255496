<?php

declare(strict_types=1);

namespace App\Booth;

use RuntimeException;

/** The booth does not allow it now; the sentence says why. */
final class RunRefused extends RuntimeException {}
