<?php

declare(strict_types=1);

namespace Kalopsis\Practice;

use Kalopsis\Why\Phrase;

/** A repair to practise on: what the trainee is told and asked, and what is true besides. */
final readonly class Scenario
{
    /**
     * @param int $level 1, easy, to 6, nasty
     * @param array<string, mixed> $shown plain values of the set-up that the trainee is told
     * @param array<string, mixed> $truth plain values that only the answer tells
     * @param list<Ask> $asks
     * @param bool $spray is it sprayed by hand?
     * @param bool $swatches are car and card shown to be judged by eye?
     */
    public function __construct(
        public string $key,
        public Skill $skill,
        public int $level,
        public Phrase $title,
        public Phrase $brief,
        public array $shown,
        public array $truth,
        public array $asks,
        public bool $spray,
        public bool $swatches,
    ) {}

    public function ask(string $key): ?Ask
    {
        foreach ($this->asks as $ask) {
            if ($ask->key === $key) {
                return $ask;
            }
        }

        return null;
    }
}
