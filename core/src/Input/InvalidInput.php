<?php

declare(strict_types=1);

namespace Kalopsis\Input;

use DomainException;
use Kalopsis\Units\UnitSystem;

/** What was given cannot be used; every fault is listed, each at its field. */
final class InvalidInput extends DomainException
{
    /** @param non-empty-list<Problem> $problems */
    public function __construct(public readonly array $problems)
    {
        parent::__construct($problems[0]->field . ': ' . $problems[0]->detail->in(UnitSystem::Metric));
    }

    /** The same faults of a part, where that part stands in a larger whole. */
    public function under(string $field): self
    {
        $path = fn (string $inner): string => $inner === '' ? $field : "{$field}.{$inner}";

        $moved = fn (Problem $p): Problem => new Problem($path($p->field), $p->code, $p->detail);

        return new self(array_map($moved, $this->problems));
    }
}
