<?php

declare(strict_types=1);

namespace Kalopsis\Panel;

use JsonSerializable;

/** A piece of a panel bounded by rings; rings that run the other way round are holes. */
final readonly class Region implements JsonSerializable
{
    /** @param list<array{xs: list<float>, ys: list<float>}> $rings mm */
    public function __construct(public array $rings, public float $areaMm2) {}

    public static function nothing(): self
    {
        return new self([], 0.0);
    }

    public static function whole(Outline $outline): self
    {
        return new self([['xs' => $outline->xs, 'ys' => $outline->ys]], $outline->areaMm2());
    }

    /** This piece with another that lies inside it cut out. */
    public function without(self $inner): self
    {
        $holes = array_map(
            fn (array $ring): array => ['xs' => array_reverse($ring['xs']), 'ys' => array_reverse($ring['ys'])],
            $inner->rings,
        );

        return new self([...$this->rings, ...$holes], max(0.0, $this->areaMm2 - $inner->areaMm2));
    }

    public function isEmpty(): bool
    {
        return $this->areaMm2 <= 0.0;
    }

    /** @return list<list<array{float, float}>> */
    public function jsonSerialize(): array
    {
        $out = [];
        foreach ($this->rings as $ring) {
            $points = [];
            foreach ($ring['xs'] as $i => $x) {
                $points[] = [round($x, 1), round($ring['ys'][$i], 1)];
            }
            $out[] = $points;
        }

        return $out;
    }
}
