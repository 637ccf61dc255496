<?php

declare(strict_types=1);

namespace Kalopsis\Cups;

use JsonSerializable;

/** The cups that a shop has, the smallest first. */
final readonly class CupShelf implements JsonSerializable
{
    /** @var non-empty-list<Vessel> */
    public array $vessels;

    /** @param list<Vessel> $vessels none: the usual ones */
    public function __construct(array $vessels = [])
    {
        usort($vessels, fn (Vessel $a, Vessel $b): int => $a->usefulMl <=> $b->usefulMl);
        $this->vessels = $vessels === [] ? Vessel::usual() : $vessels;
    }

    public function largest(): Vessel
    {
        return $this->vessels[count($this->vessels) - 1];
    }

    /** The smallest cup that takes `$ml`; null when the largest does not. */
    public function for(float $ml): ?Vessel
    {
        foreach ($this->vessels as $vessel) {
            if ($ml <= $vessel->usefulMl) {
                return $vessel;
            }
        }

        return null;
    }

    /** The shop's own cup of this key, or one of its size where the shop has none any more. */
    public function named(string $key): Vessel
    {
        foreach ($this->vessels as $vessel) {
            if ($vessel->key() === $key) {
                return $vessel;
            }
        }

        return Vessel::of((float) $key);
    }

    /**
     * How an amount goes into each size alone.
     *
     * @return list<array{vessel: string, count: int}>
     */
    public function splits(float $ml): array
    {
        return array_map(
            fn (Vessel $v): array => ['vessel' => $v->key(), 'count' => max(1, (int) ceil($ml / $v->usefulMl - 1e-9))],
            $this->vessels,
        );
    }

    /** @return non-empty-list<Vessel> */
    public function jsonSerialize(): array
    {
        return $this->vessels;
    }
}
