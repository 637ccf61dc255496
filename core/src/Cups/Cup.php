<?php

declare(strict_types=1);

namespace Kalopsis\Cups;

use JsonSerializable;
use Kalopsis\Film\Mix;
use Kalopsis\Film\Product;
use Kalopsis\Why\Figure;

/** One mix, in one or more like cups. */
final readonly class Cup implements JsonSerializable
{
    /**
     * @param list<CoatAmount> $coats in spraying order
     * @param list<Pour> $pours for one of the cups
     */
    public function __construct(
        public string $id,
        public string $name,
        public Product $product,
        public Mix $mix,
        public Figure $total,
        public int $count,
        public Vessel $vessel,
        public array $coats,
        public array $pours,
    ) {}

    /** @return array<string, mixed> */
    public function jsonSerialize(): array
    {
        return [
            'id' => $this->id,
            'name' => $this->name,
            'product' => $this->product->name,
            'role' => $this->product->role->value,
            'ratio' => $this->mix->ratio->text(),
            'standardRatio' => $this->product->ratio->text(),
            'total' => $this->total,
            'count' => $this->count,
            'vessel' => ['ml' => $this->vessel->usefulMl(), ...$this->vessel->size()],
            'coats' => $this->coats,
            'pours' => $this->pours,
            'volumeSolids' => round($this->mix->volumeSolids(), 4),
            'densityGPerMl' => round($this->mix->densityGPerMl(), 4),
        ];
    }
}
