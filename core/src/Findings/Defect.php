<?php

declare(strict_types=1);

namespace Kalopsis\Findings;

use Kalopsis\Why\Phrase;

/** Something that goes wrong, as it looks. */
final readonly class Defect
{
    /**
     * @param string $picture name of its drawing
     * @param string $when "base", "clear" or "any": on what it is seen
     * @param list<Remedy> $remedies in the booth, the usual one first
     * @param list<Phrase> $polish how it is cut back and polished, step by step; none: that does not help
     * @param ?Phrase $after what is done about it once clear is on
     * @param bool $reblend is it made good by spraying it again, as another job?
     */
    public function __construct(
        public string $key,
        public Phrase $name,
        public Phrase $looks,
        public string $picture,
        public string $when,
        public array $remedies,
        public ?Phrase $after = null,
        public array $polish = [],
        public bool $reblend = false,
    ) {}
}
