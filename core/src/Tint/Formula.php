<?php

declare(strict_types=1);

namespace Kalopsis\Tint;

use JsonSerializable;
use Kalopsis\Colour\Flakes;
use Kalopsis\Tint\Exception\BadFormula;

/** Toners and how many grams of each; binder and reducer are not counted. */
final readonly class Formula implements JsonSerializable
{
    private const MOST_GRAMS = 20_000.0;

    /** @param non-empty-array<string, float> $grams by toner key */
    private function __construct(public array $grams) {}

    /**
     * @param array<string, float|int> $grams by toner key; zeros are left out
     * @throws BadFormula
     */
    public static function of(array $grams): self
    {
        $kept = [];
        foreach ($grams as $key => $amount) {
            if (! ($amount >= 0.0 && $amount <= self::MOST_GRAMS)) {
                throw BadFormula::amount($key, (float) $amount);
            }
            if ($amount > 0.0) {
                $kept[$key] = (float) $amount;
            }
        }
        if ($kept === []) {
            throw BadFormula::empty();
        }

        return new self($kept);
    }

    public function total(): float
    {
        return array_sum($this->grams);
    }

    public function gramsOf(string $toner): float
    {
        return $this->grams[$toner] ?? 0.0;
    }

    /** The same colour, another amount. */
    public function scaledTo(float $total): self
    {
        $by = $total / $this->total();

        return self::of(array_map(fn (float $g): float => $g * $by, $this->grams));
    }

    /** @param array<string, float> $additions grams by toner, negative only for a remix */
    public function plus(array $additions): self
    {
        $grams = $this->grams;
        foreach ($additions as $toner => $g) {
            $grams[$toner] = max(0.0, ($grams[$toner] ?? 0.0) + $g);
        }

        return self::of($grams);
    }

    public function isEffect(TonerLibrary $library): bool
    {
        foreach ($this->grams as $toner => $g) {
            if ($library->toner($toner)->kind->isFlake()) {
                return true;
            }
        }

        return false;
    }

    /** The flakes in it, by the area each grade shows; null for a solid. */
    public function flakes(TonerLibrary $library): ?Flakes
    {
        $areas = [];
        foreach ($this->grams as $key => $g) {
            $toner = $library->toner($key);
            if ($toner->grade !== null) {
                $areas[$toner->grade->value] = ($areas[$toner->grade->value] ?? 0.0) + $g * $toner->area;
            }
        }

        return Flakes::mixed($areas);
    }

    /** @return array<string, float> */
    public function jsonSerialize(): array
    {
        return array_map(fn (float $g): float => round($g, 3), $this->grams);
    }
}
