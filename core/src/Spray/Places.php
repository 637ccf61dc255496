<?php

declare(strict_types=1);

namespace Kalopsis\Spray;

/** Where along a line the colour is looked at, mm past the primer: evenly, or as a section over the car finds them. */
final readonly class Places
{
    /** @var list<float> */
    public array $mm;

    /**
     * @param ?list<float> $mm
     */
    public function __construct(public float $fromMm, public float $stepMm, int $count, ?array $mm = null)
    {
        $even = [];
        for ($i = 0; $i < $count && $mm === null; $i++) {
            $even[] = $fromMm + $i * $stepMm;
        }
        $this->mm = $mm ?? $even;
    }

    /** @param list<float> $mm distance from the primer at places so far apart */
    public static function along(array $mm, float $stepMm): self
    {
        return new self(0.0, $stepMm, count($mm), $mm);
    }
}
