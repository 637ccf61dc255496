<?php

declare(strict_types=1);

namespace Kalopsis\Cups;

use JsonSerializable;
use Kalopsis\Film\Mixture;
use Kalopsis\Why\Figure;

/** One mix, in one or more like cups. */
final readonly class Cup implements JsonSerializable
{
    /**
     * @param list<CoatAmount> $coats in spraying order
     * @param list<Pour> $pours for one of the cups
     * @param ?string $restOf id of the cup whose remains it begins with
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
        public ?string $restOf = null,
    ) {}

    /** @return array<string, mixed> */
    public function jsonSerialize(): array
    {
        return [
            'id' => $this->id,
            'name' => $this->name,
            'product' => $this->mixture->product->name,
            'role' => $this->mixture->product->role->value,
            'ratio' => $this->mixture->ratio->text(),
            'standardRatio' => $this->mixture->product->ratio->text(),
            'mixture' => $this->mixture->text(),
            'restOf' => $this->restOf,
            'total' => $this->total,
            'count' => $this->count,
            'vessel' => ['ml' => $this->vessel->usefulMl(), ...$this->vessel->size()],
            'coats' => $this->coats,
            'pours' => $this->pours,
            'volumeSolids' => round($this->mixture->volumeSolids(), 4),
            'densityGPerMl' => round($this->mixture->densityGPerMl(), 4),
        ];
    }
}
