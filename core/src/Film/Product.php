<?php

declare(strict_types=1);

namespace Kalopsis\Film;

use Kalopsis\Gun\GunSetUp;
use Kalopsis\Units\Quantity;
use Kalopsis\Why\Phrase;
use Kalopsis\Why\Reason;
use Kalopsis\Why\SourceKind;

/** A product as its data sheet describes it. */
final readonly class Product
{
    /**
     * @param non-empty-list<Component> $components in the order they are poured
     * @param float $dryFilmUm dry film of one full coat, um
     */
    public function __construct(
        public ProductRole $role,
        public string $name,
        public MixRatio $ratio,
        public array $components,
        public float $dryFilmUm,
        public GunSetUp $gun,
        public DataSheet $sheet = new DataSheet(),
    ) {}

    /** @throws BadRatio when the ratio does not have a part for each component */
    public function mixedAt(MixRatio $ratio): Mix
    {
        return new Mix($ratio, $this->components);
    }

    /**
     * A ratio with more or less of the reducer: 0.67 under-reduces. A product nobody thins stays as it is, and no
     * hardener is ever touched.
     *
     * @throws BadRatio when the ratio does not have a part for each component
     */
    public function reduced(MixRatio $ratio, float $by): MixRatio
    {
        if ($by === 1.0) {
            return $ratio;
        }
        $this->mixedAt($ratio);
        $at = $this->reducerAt();

        return $at === null ? $ratio : $ratio->withPart($at, $by);
    }

    /** Which of its components thins it; null for one that nobody thins. */
    public function reducerAt(): ?int
    {
        foreach ($this->components as $i => $component) {
            if ($component->kind === ComponentKind::Reducer) {
                return $i;
            }
        }

        return null;
    }

    /** Reducer at a ratio, as per cent by volume of all the rest: 75 for 1:0.75, 5 for 2:1:0.15; null: nobody thins it. */
    public function reducerPercent(MixRatio $ratio): ?float
    {
        $at = $this->reducerAt();

        return $at === null ? null : $this->mixedAt($ratio)->ratio->percentOfRest($at);
    }

    /** Wet film of one full coat, um: what leaves the data sheet's dry film at the data sheet's mix. */
    public function wetFilmUm(): float
    {
        return $this->dryFilmUm / $this->mix()->volumeSolids();
    }

    /** Where its film, solids, densities, mix and gun come from: a data sheet that somebody named, or nobody did. */
    public function source(): Reason
    {
        $named = $this->sheet->source;

        return Reason::of(
            Phrase::of(
                $named === null
                    ? '{product}: usual values; nobody has named a data sheet for it yet.'
                    : '{product}: as its data sheet says.',
                ['product' => $this->name],
            ),
            $named === null ? SourceKind::Estimate : SourceKind::DataSheet,
            $named === null ? 'Typed in without a sheet; the data sheet wins.' : $named->words(),
            [
                'full coat, dry' => Quantity::um($this->dryFilmUm),
                'mix' => $this->ratio->text(),
                'solids ready to spray' => Quantity::percent(round(100.0 * $this->mix()->volumeSolids(), 1)),
            ],
        );
    }

    public function mix(): Mix
    {
        return $this->mixedAt($this->ratio);
    }
}
