<?php

declare(strict_types=1);

namespace Kalopsis\Job;

final readonly class CarSpec
{
    public function __construct(public string $label, public string $plate, public string $bodyShape) {}
}
