<?php

declare(strict_types=1);

namespace Kalopsis\Film;

/** The products of one maker that belong together. Systems are never changed inside one build-up. */
final readonly class PaintSystem
{
    /**
     * @param array<string, Product> $products by role
     * @param list<Product> $clears all that the shop has; the first is the one taken when nobody chooses
     * @param ?string $currency of its prices, three letters (ISO 4217)
     * @param ReducerWindows $reducers when its grades of reducer hand over
     */
    public function __construct(
        public string $key,
        public string $name,
        public Carrier $carrier,
        public string $note,
        public array $products,
        public array $clears = [],
        public ?string $currency = null,
        public ReducerWindows $reducers = new ReducerWindows(),
    ) {}

    /** The same with another of its clears; null: it has none of that grade. */
    public function withClear(ClearGrade $grade): ?self
    {
        foreach ($this->clears as $clear) {
            if ($clear->sheet->grade === $grade) {
                return new self(
                    $this->key,
                    $this->name,
                    $this->carrier,
                    $this->note,
                    [...$this->products, ProductRole::Clear->value => $clear],
                    $this->clears,
                    $this->currency,
                    $this->reducers,
                );
            }
        }

        return null;
    }

    /** @return list<Product> with every clear of the shop */
    public function all(): array
    {
        return [...array_values($this->products), ...array_slice($this->clears, 1)];
    }

    public function has(ProductRole $role): bool
    {
        return isset($this->products[$role->value]);
    }

    public function product(ProductRole $role): Product
    {
        return $this->products[$role->value];
    }
}
