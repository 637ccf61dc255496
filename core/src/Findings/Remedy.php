<?php

declare(strict_types=1);

namespace Kalopsis\Findings;

use Kalopsis\Booth\RunStep;
use Kalopsis\Why\Phrase;

/** What can be done about a defect while the car stands in the booth, and the steps that this puts into the run. */
final readonly class Remedy
{
    /**
     * @param list<RunStep> $steps with "repeats" for the coat that went wrong, and "extra" for a coat the plan has not got
     */
    public function __construct(public string $key, public Phrase $name, public Phrase $says, public array $steps) {}
}
