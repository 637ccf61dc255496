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

    /** What stands in the cup before anything was added to its remains. */
    public function baseKey(): string
    {
        return $this->product->role->value . ' ' . $this->ratio->text();
    }

    /** Share of the volume that is the product's own mix, 0 to 1. */
    public function baseShare(): float
    {
        return 1.0 / (1.0 + $this->addedParts);
    }

    /** Volume solids as sprayed, 0 to 1. */
    public function volumeSolids(): float
    {
        $share = $this->baseShare();

        return $share * $this->base->volumeSolids() + (1.0 - $share) * ($this->addedMix?->volumeSolids() ?? 0.0);
    }

    /** Share of the dry film that carries colour, 0 to 1. */
    public function pigmentShare(): float
    {
        return ($this->baseShare() * $this->base->volumeSolids()) / $this->volumeSolids();
    }

    public function densityGPerMl(): float
    {
        $share = $this->baseShare();

        return $share * $this->base->densityGPerMl() + (1.0 - $share) * ($this->addedMix?->densityGPerMl() ?? 0.0);
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
            $out[] = [$component, $this->ratio->parts[$i], $share * $this->ratio->share($i)];
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
