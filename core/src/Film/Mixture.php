<?php

declare(strict_types=1);

namespace Kalopsis\Film;

/**
 * What is in a gun: a product at a ratio, and what was added to the remains of it. Spraying and cups read the same
 * mixture, so that what is
 * poured is what is sprayed. Volumes are taken to add up.
 */
final readonly class Mixture
{
    /** Ratios are typed to three places: nearer than this they are the same. */
    private const SAME = 1e-4;

    /** The same for what is told in per cent. */
    private const SAME_PERCENT = 0.1;

    /**
     * @param float $addedParts parts of what was added, ready mixed, to one part of the product's mix, >= 0
     */
    private function __construct(
        public Product $product,
        public MixRatio $ratio,
        public Mix $base,
        public float $addedParts,
        public ?Product $added,
        private ?Mix $addedMix,
    ) {}

    /**
     * @param ?MixRatio $ratio what the painter mixes instead of the data sheet's
     */
    public static function of(PaintSystem $system, ProductRole $role, MixtureSpec $spec, ?MixRatio $ratio): self
    {
        $product = $system->product($role);
        $mixed = $product->reduced($ratio ?? $product->ratio, $spec->reducer);
        $role = $spec->added();
        $added = $role === null ? null : $system->product($role);

        return new self($product, $mixed, $product->mixedAt($mixed), $spec->addedParts(), $added, $added?->mix());
    }

    /** Does water leave it when it dries? What a system calls waterborne has solvent in its clears all the same. */
    public function isWaterborne(): bool
    {
        foreach ($this->base->components as $component) {
            if ($component->water > 0.0) {
                return true;
            }
        }

        return false;
    }

    /** The same paint has the same key: one cup. */
    public function key(): string
    {
        $added = match ($this->added?->role) {
            null => '',
            ProductRole::WetBed => sprintf(' +%.3f', $this->addedParts),
            default => sprintf(' +%s %.3f', $this->added->role->value, $this->addedParts),
        };

        return $this->product->role->value . ' ' . $this->ratio->text() . $added;
    }

    /** Is it made from what is left of another cup? Tint is stirred into clear that is mixed for it. */
    public function isFromRemains(): bool
    {
        return $this->added !== null && $this->added->role !== ProductRole::ClearTint;
    }

    /**
     * How much of this is another mixture with something added to it, 0 to 1: blending clear or fade-out solvent, or only
     * more of the same reducer. Null: it cannot be made from the other.
     */
    public function shareOf(self $other): ?float
    {
        if ($this->product->role !== $other->product->role || $other->added !== null) {
            return null;
        }
        if ($this->isFromRemains()) {
            return $this->ratio->text() === $other->ratio->text() ? $this->baseShare() : null;
        }
        $at = $this->product->reducerAt();
        if ($this->added !== null || $at === null) {
            return null;
        }
        $rest = fn (self $m, int $i): float => $m->base->ratio->share($i) / (1.0 - $m->base->ratio->share($at));
        foreach (array_keys($this->base->components) as $i) {
            if ($i !== $at && abs($rest($this, $i) - $rest($other, $i)) > self::SAME) {
                return null;
            }
        }
        $share = (1.0 - $this->base->ratio->share($at)) / (1.0 - $other->base->ratio->share($at));

        return $share < 1.0 - self::SAME ? $share : null;
    }

    /** Share of the volume that is the product's own mix, 0 to 1. */
    public function baseShare(): float
    {
        return 1.0 / (1.0 + $this->addedParts);
    }

    /** Volume solids as sprayed, 0 to 1. */
    public function volumeSolids(): float
    {
        return $this->mean(fn (Component $c): float => $c->volumeSolids);
    }

    /**
     * What is so much in each component, as sprayed: the mean by volume.
     *
     * @param callable(Component): float $of
     */
    public function mean(callable $of): float
    {
        $share = $this->baseShare();

        return $share * $this->base->mean($of) + (1.0 - $share) * ($this->addedMix?->mean($of) ?? 0.0);
    }

    /** Reducer against its data sheet's window: -1 less, 0 within, 1 more; null where the sheet gives none. */
    public function againstWindow(): ?int
    {
        $window = $this->product->sheet->reducerPercent;
        $percent = $this->product->reducerPercent($this->ratio);
        if ($window === null || $percent === null) {
            return null;
        }

        return match (true) {
            $percent < $window[0] - self::SAME_PERCENT => -1,
            $percent > $window[1] + self::SAME_PERCENT => 1,
            default => 0,
        };
    }

    /** Share of the dry film that carries colour, 0 to 1. */
    public function pigmentShare(): float
    {
        return ($this->baseShare() * $this->base->volumeSolids()) / $this->volumeSolids();
    }

    public function densityGPerMl(): float
    {
        return $this->mean(fn (Component $c): float => $c->densityGPerMl);
    }

    public function has(ComponentKind $kind): bool
    {
        foreach ($this->parts() as [$component]) {
            if ($component->kind === $kind) {
                return true;
            }
        }

        return false;
    }

    /**
     * What is poured, in order: each component, its parts as they are told, and its share of the volume.
     *
     * @return list<array{Component, float, float}>
     */
    public function parts(): array
    {
        $share = $this->baseShare();
        $out = [];
        foreach ($this->base->components as $i => $component) {
            $out[] = [$component, $this->ratio->parts[$i], $share * $this->base->ratio->share($i)];
        }
        foreach ($this->addedMix->components ?? [] as $i => $component) {
            assert($this->addedMix !== null);
            $out[] = [
                $component,
                $this->addedParts * $this->ratio->total() * $this->addedMix->ratio->share($i),
                (1.0 - $share) * $this->addedMix->ratio->share($i),
            ];
        }

        return $out;
    }

    /** "1:0.75", "the rest of 1:0.75, 1:1 blending clear", or "2:1:0.15, 5% tint for clear". */
    public function text(): string
    {
        $own = count($this->ratio->parts) === 1 ? 'as it comes' : $this->ratio->text();

        return match ($this->added?->role) {
            null => $own,
            ProductRole::ClearTint => "{$own}, {$this->addedText()}",
            default => "the rest of {$own}, {$this->addedText()}",
        };
    }

    /** Only what was added: "1:1 blending clear", "5% tint for clear"; empty: nothing. */
    public function addedText(): string
    {
        if ($this->added === null) {
            return '';
        }
        $number = fn (float $v): string => rtrim(rtrim(number_format($v, 2, '.', ''), '0'), '.');

        return match ($this->added->role) {
            ProductRole::WetBed => "1:{$number($this->addedParts)} blending clear",
            ProductRole::ClearTint => "{$number(100.0 * $this->addedParts)}% tint for clear",
            default => "1:{$number($this->addedParts)} {$this->added->role->words()}",
        };
    }
}
