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
     * @param float $clearParts parts of ready blending clear to one part of the product's mix, >= 0
     */
    private function __construct(
        public Product $product,
        public MixRatio $ratio,
        public Mix $base,
        public float $clearParts,
        public ?Product $clear,
        private ?Mix $clearMix,
    ) {}

    /**
     * @param ?MixRatio $ratio what the painter mixes instead of the data sheet's
     */
    public static function of(PaintSystem $system, ProductRole $role, MixtureSpec $spec, ?MixRatio $ratio): self
    {
        $product = $system->product($role);
        $mixed = $product->reduced($ratio ?? $product->ratio, $spec->reducer);
        $clear = $spec->blendingClear > 0.0 ? $system->product(ProductRole::WetBed) : null;

        return new self($product, $mixed, $product->mixedAt($mixed), $spec->blendingClear, $clear, $clear?->mix());
    }

    /** The same paint has the same key: one cup. */
    public function key(): string
    {
        return $this->product->role->value .
            ' ' .
            $this->ratio->text() .
            ($this->clear === null ? '' : sprintf(' +%.3f', $this->clearParts));
    }

    /** What stands in the cup before anything was added to its remains. */
    public function baseKey(): string
    {
        return $this->product->role->value . ' ' . $this->ratio->text();
    }

    /** Share of the volume that is the product's own mix, 0 to 1. */
    public function baseShare(): float
    {
        return 1.0 / (1.0 + $this->clearParts);
    }

    /** Volume solids as sprayed, 0 to 1. */
    public function volumeSolids(): float
    {
        $share = $this->baseShare();

        return $share * $this->base->volumeSolids() + (1.0 - $share) * ($this->clearMix?->volumeSolids() ?? 0.0);
    }

    /** Share of the dry film that carries colour, 0 to 1. */
    public function pigmentShare(): float
    {
        return ($this->baseShare() * $this->base->volumeSolids()) / $this->volumeSolids();
    }

    public function densityGPerMl(): float
    {
        $share = $this->baseShare();

        return $share * $this->base->densityGPerMl() + (1.0 - $share) * ($this->clearMix?->densityGPerMl() ?? 0.0);
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
        foreach ($this->clearMix->components ?? [] as $i => $component) {
            assert($this->clearMix !== null);
            $out[] = [
                $component,
                $this->clearParts * $this->ratio->total() * $this->clearMix->ratio->share($i),
                (1.0 - $share) * $this->clearMix->ratio->share($i),
            ];
        }

        return $out;
    }

    /** "1:0.75", or "1:0.75, then 1:1 blending clear". */
    public function text(): string
    {
        if ($this->clear === null) {
            return $this->ratio->text();
        }
        $parts = rtrim(rtrim(number_format($this->clearParts, 2, '.', ''), '0'), '.');

        return "the rest of {$this->ratio->text()}, 1:{$parts} blending clear";
    }
}
