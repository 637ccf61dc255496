<?php

declare(strict_types=1);

namespace Kalopsis\Film;

/** Components at a ratio: what comes out of the gun. Volumes are taken to add up. */
final readonly class Mix
{
    /**
     * @param non-empty-list<Component> $components
     * @throws BadRatio
     */
    public function __construct(public MixRatio $ratio, public array $components)
    {
        if (count($ratio->parts) !== count($components)) {
            throw BadRatio::wrongCount(
                count($ratio->parts),
                count($components),
                implode(', ', array_map(fn (Component $c): string => $c->name, $components)),
            );
        }
    }

    /** Volume solids as sprayed, 0 to 1: the mean of the components' by volume. */
    public function volumeSolids(): float
    {
        $sum = 0.0;
        foreach ($this->components as $i => $component) {
            $sum += $this->ratio->share($i) * $component->volumeSolids;
        }

        return $sum;
    }

    public function densityGPerMl(): float
    {
        $sum = 0.0;
        foreach ($this->components as $i => $component) {
            $sum += $this->ratio->share($i) * $component->densityGPerMl;
        }

        return $sum;
    }
}
