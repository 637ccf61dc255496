<?php

declare(strict_types=1);

namespace Kalopsis\Sequence;

use JsonSerializable;

/** A step of a school, and the finishes it is for. */
final readonly class SchoolStep implements JsonSerializable
{
    /** @param list<FinishClass> $for empty: every finish */
    public function __construct(public CoatStep $step, public array $for) {}

    public function isFor(FinishClass $finish): bool
    {
        return $this->for === [] || in_array($finish, $this->for, true);
    }

    /** @return array<string, mixed> */
    public function jsonSerialize(): array
    {
        $for = $this->for === [] ? [] : ['for' => array_map(fn (FinishClass $f): string => $f->value, $this->for)];

        return [...$this->step->jsonSerialize(), ...$for];
    }
}
