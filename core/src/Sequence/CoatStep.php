<?php

declare(strict_types=1);

namespace Kalopsis\Sequence;

use JsonSerializable;
use Kalopsis\Film\MixtureSpec;

/** One step of a plan, as a painter can change it. What it comes to on a car is a Coat. */
final readonly class CoatStep implements JsonSerializable
{
    /** Film of a coat as a share of a full one: a breath of dust, and twice a full coat. Common practice. */
    public const FILM = [0.05, 2.0];

    public function __construct(
        public string $id,
        public string $name,
        public CoatKind $kind,
        public MixtureSpec $mixture,
        public GunChange $gun,
        public Extent $extent,
        public Where $where,
        public Strokes $strokes,
        public float $film,
        public LandsIn $landsIn,
        public Drying $drying,
        public string $purpose,
    ) {}

    /** The same coat from another mixture. */
    public function mixedAs(MixtureSpec $mixture): self
    {
        return new self(
            $this->id,
            $this->name,
            $this->kind,
            $mixture,
            $this->gun,
            $this->extent,
            $this->where,
            $this->strokes,
            $this->film,
            $this->landsIn,
            $this->drying,
            $this->purpose,
        );
    }

    /** @return array<string, mixed> as SequenceReader takes it */
    public function jsonSerialize(): array
    {
        return [
            'id' => $this->id,
            'name' => $this->name,
            'kind' => $this->kind->value,
            'mixture' => [
                'reducer' => $this->mixture->reducer,
                'blendingClear' => $this->mixture->blendingClear,
                ...$this->mixture->fadeSolvent > 0.0 ? ['fadeSolvent' => $this->mixture->fadeSolvent] : [],
                ...$this->mixture->tint > 0.0 ? ['tint' => $this->mixture->tint] : [],
            ],
            'gun' => $this->gun,
            'extent' => $this->extent,
            'where' => $this->where,
            'strokes' => $this->strokes->value,
            'film' => $this->film,
            'landsIn' => $this->landsIn->value,
            'drying' => $this->drying->value,
            'purpose' => $this->purpose,
        ];
    }
}
