<?php

declare(strict_types=1);

namespace App\People;

use DomainException;

/** The first workshop is opened once. */
final class NotFresh extends DomainException {}
