<?php

declare(strict_types=1);

namespace Kalopsis\Film;

/** The products of one maker that belong together. Systems are never changed inside one build-up. */
final readonly class PaintSystem
{
    /** @param array<string, Product> $products by role */
    public function __construct(
        public string $key,
        public string $name,
        public Carrier $carrier,
        public string $note,
        public array $products,
    ) {}

    public function has(ProductRole $role): bool
    {
        return isset($this->products[$role->value]);
    }

    public function product(ProductRole $role): Product
    {
        return $this->products[$role->value];
    }
}
