<?php

declare(strict_types=1);

namespace Kalopsis\Colour;

use JsonSerializable;
use Kalopsis\Colour\Exception\NotAColour;
use Kalopsis\Colour\Internal\Weights;

/**
 * Reflectance factors from 400 to 700 nm every 10 nm, 1 = the perfect reflector. Readings every 20 nm are brought to 10 nm
 * by cubic interpolation (ASTM E2022). Faces of metallics go above 1.
 */
final readonly class Spectrum implements JsonSerializable
{
    public const FIRST_NM = 400;

    public const LAST_NM = 700;

    public const STEP_NM = 10;

    public const COUNT = 31;

    /** No mirror-like flake reaches this at any angle that is measured. */
    private const MOST = 20.0;

    /** A white solid's reading with its noise stays below this. Chosen here. */
    private const GLOWS = 1.02;

    /** @param list<float> $values */
    private function __construct(public array $values) {}

    /**
     * @param list<float> $values 31 values (10 nm) or 16 values (20 nm), reflectance factor, 0 to 20
     * @throws NotAColour
     */
    public static function of(array $values): self
    {
        $count = count($values);
        if ($count !== self::COUNT && $count !== 16) {
            throw NotAColour::spectrum(
                "A spectrum has 31 values (every 10 nm) or 16 (every 20 nm) from 400 to 700 nm; this one has {$count}.",
            );
        }
        foreach ($values as $i => $value) {
            if (! ($value >= -0.01 && $value <= self::MOST)) {
                $nm = self::FIRST_NM + $i * ($count === 16 ? 20 : 10);

                throw NotAColour::spectrum(
                    "The reflectance at {$nm} nm cannot be {$value}: it lies between 0 and 20, 1 being the white tile.",
                );
            }
        }

        return new self(array_map(fn (float $v): float => max(0.0, $v), $count === 16 ? self::doubled($values) : $values));
    }

    public function xyz(Viewing $viewing): Xyz
    {
        return Weights::apply($this->values, $viewing);
    }

    public function lab(Viewing $viewing): Lab
    {
        return $this->xyz($viewing)->lab($viewing);
    }

    /** A solid that gives back more than it gets glows (fluoresces); two-constant theory does not hold for it. */
    public function glows(): bool
    {
        return max([0.0, ...$this->values]) > self::GLOWS;
    }

    /** @return list<float> */
    public function jsonSerialize(): array
    {
        return array_map(fn (float $v): float => round($v, 5), $this->values);
    }

    /**
     * Four-point Lagrange interpolation halfway: (-1, 9, 9, -1)/16; three-point at the two ends. ASTM E2022, section 4.
     *
     * @param list<float> $v
     * @return list<float>
     */
    private static function doubled(array $v): array
    {
        $out = [];
        for ($i = 0; $i < 15; $i++) {
            $out[] = $v[$i];
            $out[] = match ($i) {
                0 => (3 * $v[0] + 6 * $v[1] - $v[2]) / 8,
                14 => (3 * $v[15] + 6 * $v[14] - $v[13]) / 8,
                default => (9 * ($v[$i] + $v[$i + 1]) - $v[$i - 1] - $v[$i + 2]) / 16,
            };
        }
        $out[] = $v[15];

        return $out;
    }
}
