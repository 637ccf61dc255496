<?php

declare(strict_types=1);

namespace Kalopsis\Booth;

/** A car on the shop's day. */
final readonly class Car
{
    /**
     * @param list<Block> $blocks what is still to be done, in the order of the work
     * @param ?float $due minutes from midnight; null: nobody said
     * @param string $painter who paints it; '' anybody who paints
     */
    public function __construct(public string $id, public array $blocks, public ?float $due, public string $painter = '') {}

    /** Minutes of its own work and waits, with nobody in its way and no night between. */
    public function ownMinutes(): float
    {
        $end = [];
        foreach ($this->blocks as $block) {
            $from = 0.0;
            foreach ($block->kind->after() as $before) {
                $from = max($from, $end[$before->value] ?? 0.0);
            }
            $end[$block->kind->value] = $from + $block->minutes;
        }

        return $end === [] ? 0.0 : max($end);
    }
}
