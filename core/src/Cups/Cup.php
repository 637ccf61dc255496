<?php

declare(strict_types=1);

namespace Kalopsis\Cups;

use JsonSerializable;
use Kalopsis\Film\Mixture;
use Kalopsis\Film\Viscosity;
use Kalopsis\Film\Voc;
use Kalopsis\Units\Quantity;
use Kalopsis\Why\Figure;

/** One mix, in one or more like cups. */
final readonly class Cup implements JsonSerializable
{
    /**
     * @param list<CoatAmount> $coats in spraying order
     * @param list<Pour> $pours for one of the cups
     * @param ?string $restOf id of the cup whose remains it begins with
     * @param ?string $follows id of the cup of the coat before: what that one took says how much goes in here
     * @param float $wastedMl mixed and never sprayed
     * @param float $forRestMl to be left in it for the mix made from its remains
     * @param ?float $overRestMl ml left beyond what goes into the mix made from its remains, less than 0: so much is missing;
     *     null: nobody said what is left
     * @param ?float $potLifeMin at the booth's temperature; null: nothing sets
     */
    public function __construct(
        public string $id,
        public string $name,
        public Mixture $mixture,
        public Figure $total,
        public int $count,
        public Vessel $vessel,
        public array $coats,
        public array $pours,
        public ?string $restOf,
        public ?string $follows,
        public float $wastedMl,
        public float $forRestMl,
        public ?float $potLifeMin,
        public CupWish $wish,
        private float $celsius,
        private CupShelf $shelf,
        public ?float $overRestMl = null,
    ) {}

    /** ml that its coats take. */
    public function coatsMl(): float
    {
        return array_sum(array_map(fn (CoatAmount $c): float => $c->volume->value(), $this->coats));
    }

    /** @return array<string, mixed> */
    public function jsonSerialize(): array
    {
        $product = $this->mixture->product;
        $cost = CupPlanner::cost($this->mixture, $this->total->value());
        $percent = $product->reducerPercent($this->mixture->base->ratio);

        return [
            'id' => $this->id,
            'name' => $this->name,
            'product' => $product->name,
            'role' => $product->role->value,
            'ratio' => $this->mixture->ratio->text(),
            'standardRatio' => $product->ratio->text(),
            'mixture' => $this->mixture->text(),
            'restOf' => $this->restOf,
            'follows' => $this->follows,
            'total' => $this->total,
            'count' => $this->count,
            'vessel' => ['key' => $this->vessel->key(), ...$this->vessel->jsonSerialize()],
            'chosenVessel' => $this->wish->vessel,
            'splits' => $this->shelf->splits($this->total->value()),
            'coats' => $this->coats,
            'pours' => $this->pours,
            'volumeSolids' => round($this->mixture->volumeSolids(), 4),
            'densityGPerMl' => round($this->mixture->densityGPerMl(), 4),
            'reducerPercent' => $percent === null ? null : round($percent, 1),
            'wasted' => Quantity::ml($this->wastedMl),
            'forRest' => Quantity::ml($this->forRestMl),
            'left' => $this->wish->leftMl === null ? null : Quantity::ml($this->wish->leftMl),
            'pourOff' => $this->overRestMl === null ? null : Quantity::ml(max(0.0, $this->overRestMl)),
            'missing' => $this->overRestMl === null ? null : Quantity::ml(max(0.0, -$this->overRestMl)),
            'onHand' => $this->onHand(),
            'cost' => $cost === null ? null : round($cost, 2),
            'potLife' => $this->potLifeMin === null ? null : Quantity::minutes($this->potLifeMin),
            'viscosity' => $this->viscosity(),
            'voc' => round(Voc::lessWater($this->mixture)),
        ];
    }

    /** @return ?array<string, mixed> what is at hand against what is needed */
    private function onHand(): ?array
    {
        $has = $this->wish->onHandMl;
        if ($has === null) {
            return null;
        }
        $left = $has;
        $coats = 0.0;
        foreach ($this->coats as $coat) {
            $takes = max(1e-9, $coat->volume->value());
            $coats += min(1.0, $left / $takes);
            $left = max(0.0, $left - $takes);
        }

        return [
            'ml' => Quantity::ml($has),
            'enough' => $has >= $this->coatsMl() + $this->forRestMl,
            'coats' => round($coats, 1),
            'short' => Quantity::ml(max(0.0, $this->total->value() - $has)),
        ];
    }

    /** @return ?array<string, mixed> */
    private function viscosity(): ?array
    {
        $sheet = $this->mixture->product->sheet->viscosity;
        $now = Viscosity::of($this->mixture, $this->celsius);
        $there = Viscosity::atSheet($this->mixture);
        if ($sheet === null || $now === null || $there === null) {
            return null;
        }

        return [
            'mm2PerS' => round($now, 1),
            'key' => $sheet->cup->value,
            'cup' => $sheet->cup->words(),
            'seconds' => round($sheet->cup->secondsFor($now), 1),
            'from' => $sheet->fromSeconds,
            'to' => $sheet->toSeconds,
            'atC' => $sheet->celsius,
            'fits' => $sheet->compare($there),
        ];
    }
}
