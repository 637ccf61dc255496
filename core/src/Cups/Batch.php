<?php

declare(strict_types=1);

namespace Kalopsis\Cups;

use Kalopsis\Film\Mixture;
use Kalopsis\Film\ProductRole;

/** The coats that come out of one mix, before it is known how much of it there has to be. */
final readonly class Batch
{
    /**
     * @param non-empty-list<CoatNeed> $needs in spraying order
     * @param ?string $restOf id of the batch whose remains it begins with
     * @param float $restShare share of its volume that is those remains
     * @param ?string $follows id of the batch that was the coat before it: a second coat of clear
     */
    public function __construct(
        public string $id,
        public array $needs,
        public ?string $restOf = null,
        public float $restShare = 0.0,
        public ?string $follows = null,
    ) {}

    public function mixture(): Mixture
    {
        return $this->needs[0]->mixture;
    }

    /** ml that leave the gun for its coats. */
    public function coatsMl(): float
    {
        return array_sum(array_map(fn (CoatNeed $n): float => $n->millilitres(), $this->needs));
    }

    public function areaM2(): float
    {
        return array_sum(array_map(fn (CoatNeed $n): float => $n->areaM2, $this->needs));
    }

    /**
     * Coats sorted into mixes: one for each mixture, and one for each coat of clear, since what the first really took says
     * what the second needs. A let-down or over-reduced mixture is made from the remains of the mix before it.
     *
     * @param list<CoatNeed> $needs in spraying order
     * @return array<string, self> by id, in the order they are first sprayed
     */
    public static function all(array $needs): array
    {
        $groups = [];
        $of = fn (Mixture $m): bool => $m->product->role === ProductRole::Clear && $m->added === null;
        foreach ($needs as $i => $need) {
            if ($need->areaM2 > 0.0) {
                $groups[$need->mixture->key() . ($of($need->mixture) ? " {$i}" : '')][] = $need;
            }
        }
        $batches = $taken = [];
        foreach ($groups as $coats) {
            $mixture = $coats[0]->mixture;
            $name = self::stem($mixture);
            $taken[$name] = ($taken[$name] ?? 0) + 1;
            $id = $taken[$name] === 1 ? $name : "{$name}-{$taken[$name]}";
            [$rest, $share] = self::rest($mixture, $batches);
            $follows = $of($mixture) && $taken[$name] > 1 ? $name . ($taken[$name] === 2 ? '' : '-' . ($taken[$name] - 1)) : null;
            $batches[$id] = new self($id, $coats, $rest, $share, $follows);
        }

        return $batches;
    }

    private static function stem(Mixture $mixture): string
    {
        return $mixture->product->role->value .
            match ($mixture->added?->role) {
                null => '',
                ProductRole::FadeSolvent => '-thinned',
                ProductRole::ClearTint => '-tinted',
                default => '-clear',
            };
    }

    /**
     * The newest mix that it can be made from, and how much of it that is.
     *
     * @param array<string, self> $before
     * @return array{?string, float}
     */
    private static function rest(Mixture $mixture, array $before): array
    {
        foreach (array_reverse($before) as $batch) {
            $share = $mixture->shareOf($batch->mixture());
            if ($share !== null) {
                return [$batch->id, $share];
            }
        }

        return [null, 0.0];
    }
}
