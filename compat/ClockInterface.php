<?php

declare(strict_types=1);

namespace Symfony\Component\Clock;

use DateTimeZone;

/** Stands in for the interface of the same name, which the date library's factory implements. */
interface ClockInterface extends \Psr\Clock\ClockInterface
{
    public function sleep(float|int $seconds): void;

    public function withTimeZone(DateTimeZone|string $timezone): static;
}
