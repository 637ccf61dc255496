<?php

declare(strict_types=1);

namespace Kalopsis\Booth;

/** What a shop has: booths, people, hours. */
final readonly class Shop
{
    /**
     * @param non-empty-list<string> $booths
     * @param array<string, bool> $people does each paint?
     * @param float $now minutes from midnight: nothing begins before
     */
    public function __construct(public array $booths, public array $people, public Hours $hours, public float $now) {}

    /** @return list<string> who may do it, whoever the car belongs to first */
    public function mayDo(Block $block, string $painter): array
    {
        if ($block->person !== null && isset($this->people[$block->person])) {
            return [$block->person];
        }
        $may = array_keys($block->kind->takesPainter() ? array_filter($this->people) : $this->people);
        if (in_array($painter, $may, true)) {
            // The car's own painter sprays it; anybody may take over the rest.
            return $block->kind->takesPainter() ? [$painter] : [$painter, ...array_values(array_diff($may, [$painter]))];
        }

        return $may;
    }
}
