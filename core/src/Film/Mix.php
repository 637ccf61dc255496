<?php

declare(strict_types=1);

namespace Kalopsis\Film;

/** Components at a ratio: what comes out of the gun. Volumes are taken to add up. */
final readonly class Mix
{
    /** By volume, however it was written. */
    public MixRatio $ratio;

    /**
     * @param non-empty-list<Component> $components
     * @throws BadRatio
     */
    public function __construct(MixRatio $ratio, public array $components)
    {
        if (count($ratio->parts) !== count($components)) {
            throw BadRatio::wrongCount(
                count($ratio->parts),
                count($components),
                implode(', ', array_map(fn (Component $c): string => $c->name, $components)),
            );
        }
        $this->ratio = $ratio->byVolume(array_map(fn (Component $c): float => $c->densityGPerMl, $components));
    }

    /** Volume solids as sprayed, 0 to 1: the mean of the components' by volume. */
    public function volumeSolids(): float
    {
        return $this->mean(fn (Component $c): float => $c->volumeSolids);
    }

    public function densityGPerMl(): float
    {
        return $this->mean(fn (Component $c): float => $c->densityGPerMl);
    }

    /**
     * What is so much in each component, in the mix: the mean by volume.
     *
     * @param callable(Component): float $of
     */
    public function mean(callable $of): float
    {
        $sum = 0.0;
        foreach ($this->components as $i => $component) {
            $sum += $this->ratio->share($i) * $of($component);
        }

        return $sum;
    }
}
