<?php

declare(strict_types=1);

namespace Kalopsis\Sequence;

use Kalopsis\Film\Mixture;
use Kalopsis\Film\ProductRole;
use Kalopsis\Gun\GunSetUp;
use Kalopsis\Gun\Stroke;

/** A step on this car: with its mixture, its gun, and its reach in mm. */
final readonly class Coat
{
    /**
     * @param ?float $reachMm full strength up to here, mm past the primer; null is the whole panel
     * @param float $fadeMm from full strength to nothing, by wrist and trigger
     * @param float $filmShare wet film as a share of the product's full coat, strokes and gun counted
     * @param ?float $solvedMm what the computation says
     * @param ?float $innerMm nothing nearer than this, mm past the primer; null: it begins at the repair
     */
    public function __construct(
        public CoatStep $step,
        public Mixture $mixture,
        public ?float $reachMm,
        public float $fadeMm,
        public float $filmShare,
        public GunSetUp $gun,
        public Stroke $stroke,
        public ?float $solvedMm,
        public ?float $innerMm = null,
    ) {}

    /** The same coat from another mix. */
    public function mixed(Mixture $mixture): self
    {
        return new self(
            $this->step,
            $mixture,
            $this->reachMm,
            $this->fadeMm,
            $this->filmShare,
            $this->gun,
            $this->stroke,
            $this->solvedMm,
            $this->innerMm,
        );
    }

    /** A full coat of the same product as its data sheet sprays it. */
    public function asSheet(Mixture $mixture): self
    {
        return new self(
            $this->step,
            $mixture,
            $this->reachMm,
            $this->fadeMm,
            1.0,
            $mixture->product->gun,
            $this->stroke,
            $this->solvedMm,
            $this->innerMm,
        );
    }

    public function id(): string
    {
        return $this->step->id;
    }

    public function name(): string
    {
        return $this->step->name;
    }

    public function kind(): CoatKind
    {
        return $this->step->kind;
    }

    public function role(): ProductRole
    {
        return $this->mixture->product->role;
    }

    public function isColour(): bool
    {
        return $this->step->kind->isColour();
    }

    /** Where the last dust lands, mm past the primer; null is the whole panel. */
    public function limitMm(): ?float
    {
        return $this->reachMm === null ? null : $this->reachMm + $this->fadeMm;
    }

    public function isSetByHand(): bool
    {
        return $this->step->extent->isSetByHand();
    }
}
