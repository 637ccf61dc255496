<?php

declare(strict_types=1);

namespace Kalopsis\Findings;

use Kalopsis\Why\Phrase;

/** What can have brought a defect about. */
final readonly class Cause
{
    /**
     * @param array<string, float> $of by defect: how often it is this, beside its other causes; > 0
     * @param Phrase $cure what is done otherwise next time
     */
    public function __construct(
        public string $key,
        public Phrase $name,
        public Deviation $deviation,
        public array $of,
        public Phrase $cure,
    ) {}
}
