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
     * @param array<string, mixed> $wrong how a repair goes wrong so in the model, as Practice\SetUpReader reads it; none: the
     *     model does not know it
     * @param string $form how that is drawn: "round", "rows" or "clouds"
     * @param int $angle that it is looked at from, degrees aspecular
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
        public array $wrong = [],
        public string $form = '',
        public int $angle = 45,
    ) {}
}
