<?php

declare(strict_types=1);

namespace Kalopsis\Panel;

/** A body line or a free edge, by the name painters give it. */
final readonly class NamedLine
{
    public function __construct(public string $name, public Polyline $line) {}
}
