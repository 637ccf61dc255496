<?php

declare(strict_types=1);

namespace Kalopsis\Exchange;

use Kalopsis\Colour\Measurement;

/** One shot out of a file. */
final readonly class Row
{
    /**
     * @param int $line where it began, from 1
     * @param string $kind "car", "card", "variant", or "" when the file does not say
     * @param string $shot what tells shots of one spot apart
     */
    public function __construct(
        public int $line,
        public string $sample,
        public string $kind,
        public string $spot,
        public string $shot,
        public Measurement $measurement,
    ) {}
}
