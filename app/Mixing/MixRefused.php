<?php

declare(strict_types=1);

namespace App\Mixing;

use RuntimeException;

/** This mix does not allow it now; the sentence says why. */
final class MixRefused extends RuntimeException {}
