<?php

declare(strict_types=1);

namespace Kalopsis\Booth;

/** What is sprayed in one go: a panel, with the minutes one coat of it takes. */
final readonly class Strip
{
    public function __construct(public string $id, public string $name, public float $minutes) {}
}
