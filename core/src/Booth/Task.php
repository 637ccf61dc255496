<?php

declare(strict_types=1);

namespace Kalopsis\Booth;

use Kalopsis\Why\Phrase;
use Kalopsis\Why\Reason;

/** A piece of the work: something hands do, or a wait that goes by itself. */
final readonly class Task
{
    /**
     * @param float $minutes >= 0
     * @param bool $hands does it take somebody's hands? Else it goes by itself
     * @param list<string> $after ids of what has to be done before
     * @param ?Reason $why where the minutes come from
     */
    public function __construct(
        public string $id,
        public Phrase $name,
        public float $minutes,
        public bool $hands,
        public Place $place,
        public array $after = [],
        public ?Reason $why = null,
    ) {}
}
