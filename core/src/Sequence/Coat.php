<?php

declare(strict_types=1);

namespace Kalopsis\Sequence;

use Kalopsis\Film\ProductRole;
use Kalopsis\Gun\GunSetUp;
use Kalopsis\Why\Reason;

/** One coat of a plan: full strength as far as its reach, then fading out over its fade. */
final readonly class Coat
{
    /**
     * @param ?float $reachMm full strength up to here, mm past the primer; null is the whole panel
     * @param float $fadeMm from full strength to nothing, by wrist and trigger
     * @param float $filmShare dry film as a share of a full coat's
     * @param ?float $defaultReachMm what the school would do
     * @param float $pigmentShare share of its dry film that carries colour: below 1 where it is let down with blending clear
     * @param float $reduction reducer as a share of the cup's own: 0.67 is under-reduced
     */
    public function __construct(
        public string $id,
        public string $name,
        public CoatKind $kind,
        public ProductRole $role,
        public ?float $reachMm,
        public float $fadeMm,
        public float $filmShare,
        public GunSetUp $gun,
        public ?float $defaultReachMm,
        public string $purpose,
        public Reason $reason,
        public float $pigmentShare = 1.0,
        public float $reduction = 1.0,
    ) {}

    /** The same coat with less reducer. */
    public function reduced(float $reduction): self
    {
        return new self($this->id, $this->name, $this->kind, $this->role, $this->reachMm, $this->fadeMm, $this->filmShare, $this->gun, $this->defaultReachMm, $this->purpose, $this->reason, $this->pigmentShare, $reduction);
    }

    /** The same coat let down with blending clear. */
    public function letDown(float $pigmentShare): self
    {
        return new self($this->id, $this->name, $this->kind, $this->role, $this->reachMm, $this->fadeMm, $this->filmShare, $this->gun, $this->defaultReachMm, $this->purpose, $this->reason, $pigmentShare, $this->reduction);
    }

    /** Where the last dust lands, mm past the primer; null is the whole panel. */
    public function limitMm(): ?float
    {
        return $this->reachMm === null ? null : $this->reachMm + $this->fadeMm;
    }

    public function isMoved(): bool
    {
        return $this->reachMm !== $this->defaultReachMm;
    }
}
