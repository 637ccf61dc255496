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
     * @param list<Remedy> $remedies the usual one first
     */
    public function __construct(
        public string $key,
        public Phrase $name,
        public Phrase $looks,
        public string $picture,
        public string $when,
        public array $remedies,
    ) {}
}
