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

    /** The same coat with something of it otherwise; null stays as it is. */
    public function changed(
        ?string $id = null,
        ?string $name = null,
        ?CoatKind $kind = null,
        ?MixtureSpec $mixture = null,
        ?GunChange $gun = null,
        ?Extent $extent = null,
        ?Where $where = null,
        ?Strokes $strokes = null,
        ?float $film = null,
        ?LandsIn $landsIn = null,
        ?Drying $drying = null,
        ?string $purpose = null,
    ): self {
        return new self(
            $id ?? $this->id,
            $name ?? $this->name,
            $kind ?? $this->kind,
            $mixture ?? $this->mixture,
            $gun ?? $this->gun,
            $extent ?? $this->extent,
            $where ?? $this->where,
            $strokes ?? $this->strokes,
            $film ?? $this->film,
            $landsIn ?? $this->landsIn,
            $drying ?? $this->drying,
            $purpose ?? $this->purpose,
        );
    }

    /** A coat as it is sprayed when nothing else is said: a single full coat everywhere, on what is dry, until dull. */
    public static function plain(string $id, string $name, CoatKind $kind, Extent $extent, string $purpose): self
    {
        return new self(
            $id,
            $name,
            $kind,
            new MixtureSpec(),
            new GunChange(),
            $extent,
            Where::everywhere(),
            Strokes::Single,
            1.0,
            LandsIn::Dry,
            Drying::Flash,
            $purpose,
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
                ...$this->mixture->reason !== '' ? ['reason' => $this->mixture->reason] : [],
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
