<?php

declare(strict_types=1);

namespace Kalopsis\Panel;

/** A part of the drawing that is looked at and never computed with. */
final readonly class Trim
{
    public function __construct(public TrimKind $kind, public Polyline $line, public bool $closed) {}
}
