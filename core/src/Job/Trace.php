<?php

declare(strict_types=1);

namespace Kalopsis\Job;

use Kalopsis\Why\Phrase;

/** What is known of one thing that may have been otherwise than a good run has it. */
final readonly class Trace
{
    /**
     * @param ?bool $present does plan or record show it? null: nothing tells
     * @param Phrase $says the evidence, or why there is none
     * @param list<Conditions> $with it, as strong as it may have been, each as likely; none: the model cannot spray it
     * @param ?Conditions $without it
     */
    public function __construct(
        public ?bool $present,
        public Phrase $says,
        public array $with = [],
        public ?Conditions $without = null,
    ) {}
}
