<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\BodyShapeRecord;
use App\Models\Colour;
use App\Models\PaintSystemRecord;
use App\Models\Workshop;
use App\Support\WorkshopCatalogue;
use Kalopsis\Card\Light;
use Kalopsis\Colour\Geometry;
use Kalopsis\Cups\Scale;
use Kalopsis\Film\DataSheet;
use Kalopsis\Film\DrippingStick;
use Kalopsis\Film\FlowCup;
use Kalopsis\Film\MixtureSpec;
use Kalopsis\Film\PaintSystemReader;
use Kalopsis\Film\Product;
use Kalopsis\Film\Reducer;
use Kalopsis\Gun\GunSetUp;
use Kalopsis\Panel\Under;
use Kalopsis\Sequence\CoatSequence;
use Kalopsis\Sequence\CoatStep;
use Kalopsis\Sequence\Drying;
use Kalopsis\Sequence\Extent;
use Kalopsis\Sequence\FinishClass;
use Kalopsis\Sequence\GunChange;
use Kalopsis\Sequence\LandsIn;
use Kalopsis\Sequence\School;
use Kalopsis\Spray\Pigment;
use Kalopsis\Units\Quantity;

final class ShelfResource
{
    /** @return array<string, mixed> */
    public static function of(Workshop $workshop): array
    {
        $colours = $workshop->colours();
        $colours->whereNull('put_away_at');
        $shapes = $workshop->bodyShapes();
        $shapes->whereNull('put_away_at');
        $paint = $workshop->paintSystems()->get()->sortBy('name');

        return [
            'bodyShapes' => $shapes
                ->get(['key', 'name', 'style', 'tape'])
                ->sortBy('name')
                ->values()
                ->map(fn (BodyShapeRecord $b): array => [
                    'key' => $b->key,
                    'name' => $b->name,
                    'style' => $b->style,
                    'taped' => $b->tape !== null,
                ])
                ->all(),
            'paintSystems' => array_values($paint->whereNull('put_away_at')->map(self::system(...))->all()),
            'paintAway' => array_values(
                $paint->whereNotNull('put_away_at')->map(fn (PaintSystemRecord $r): array => $r->only(['key', 'name']))->all(),
            ),
            'colours' => $colours
                ->get()
                ->sortBy('name')
                ->values()
                ->map(
                    fn (Colour $c): array => [
                        'name' => $c->name,
                        'code' => $c->code,
                        'finish' => $c->finish,
                        'undercoatShade' => $c->undercoat_shade,
                        'hidingUm' => $c->hiding_um,
                    ],
                )
                ->all(),
            'schools' => array_map(
                fn (School $s): array => [
                    'key' => $s->key,
                    'name' => $s->name,
                    'how' => $s->how,
                    'coats' => $s->picture(),
                ],
                (new WorkshopCatalogue($workshop->id))->schools(),
            ),
            'limits' => self::limits(),
            'equipment' => $workshop->equipment(),
            'scale' => [
                'readabilityG' => $workshop->scale()->readabilityG,
                'choices' => Scale::READABILITIES_G,
            ],
            'flowCups' => array_map(
                fn (FlowCup $c): array => ['key' => $c->value, 'name' => $c->words(), 'standard' => $c->standard()],
                FlowCup::cases(),
            ),
            'sticks' => array_map(
                fn (DrippingStick $s): array => ['key' => $s->value, 'name' => $s->words()],
                DrippingStick::cases(),
            ),
            'blendLimits' => $workshop->blendLimits(),
            'geometries' => array_map(
                fn (Geometry $g): array => ['key' => $g->value, 'name' => $g->words()],
                Geometry::cases(),
            ),
            'lampLights' => array_map(
                fn (Light $l): array => ['key' => $l->value, 'name' => $l->words()],
                array_values(array_filter(Light::cases(), fn (Light $l): bool => $l->isALamp())),
            ),
            'finishes' => array_map(
                fn (FinishClass $f): array => ['key' => $f->value, 'name' => $f->words()],
                FinishClass::cases(),
            ),
            'unders' => array_map(
                fn (Under $u): array => ['key' => $u->value, 'name' => $u->words(), 'hasGreyShade' => $u->hasGreyShade()],
                Under::cases(),
            ),
        ];
    }

    /**
     * Ranges and choices of one coat, for whoever edits it: written once, in the core.
     *
     * @return array<string, mixed>
     */
    private static function limits(): array
    {
        $words = fn (array $cases): array => array_map(fn ($c): array => ['key' => $c->value, 'name' => $c->words()], $cases);

        return [
            'bar' => GunSetUp::PRESSURE_BAR,
            'distanceMm' => GunSetUp::DISTANCE_MM,
            'overlapPercent' => GunChange::OVERLAP_PERCENT,
            'flowMlPerMin' => GunChange::FLOW_ML_PER_MIN,
            'speedMmPerS' => GunChange::SPEED_MM_PER_S,
            'reachMm' => [0.0, Extent::LONGEST_MM],
            'film' => CoatStep::FILM,
            'reducer' => MixtureSpec::REDUCER,
            'blendingClear' => MixtureSpec::CLEAR,
            'mostSteps' => CoatSequence::MOST_STEPS,
            'landsIn' => $words(LandsIn::cases()),
            'drying' => $words(Drying::cases()),
            'hidingUm' => Pigment::HIDING_UM,
            'reducers' => array_map(
                fn (Reducer $r): array => ['key' => $r->key(), 'name' => $r->words()],
                Reducer::choices(),
            ),
        ];
    }

    /** @return array<string, mixed> */
    private static function system(PaintSystemRecord $record): array
    {
        $system = PaintSystemReader::read($record->sheet);

        return [
            'key' => $record->key,
            'edition' => $record->edition,
            'name' => $system->name,
            'carrier' => $system->carrier->value,
            'note' => $system->note,
            'products' => array_map(
                fn (Product $p): array => [
                        'role' => $p->role->value,
                        'name' => $p->name,
                        'ratio' => $p->ratio->text(),
                        'components' => array_map(
                            fn ($c): array => [
                                'name' => $c->name,
                                'densityGPerMl' => $c->densityGPerMl,
                                'volumeSolids' => $c->volumeSolids,
                                'kind' => $c->kind->value,
                            ],
                            $p->components,
                        ),
                        'dryFilm' => Quantity::um($p->dryFilmUm),
                        'pressure' => Quantity::bar($p->gun->bar),
                        'distance' => Quantity::mm($p->gun->distanceMm),
                        'overlap' => Quantity::percent($p->gun->overlapPercent),
                        'sheet' => self::sheet($p->sheet),
                    ],
                $system->all(),
            ),
        ];
    }

    /** @return array<string, mixed> what its data sheet says beside the mix */
    private static function sheet(DataSheet $sheet): array
    {
        return [
            'reducerPercent' => $sheet->reducerPercent,
            'viscosity' => $sheet->viscosity === null
                ? null
                : [
                    'cup' => $sheet->viscosity->cup->words(),
                    'from' => $sheet->viscosity->fromSeconds,
                    'to' => $sheet->viscosity->toSeconds,
                ],
            'potLife' => $sheet->potLifeMin === null ? null : Quantity::minutes($sheet->potLifeMin),
            'grade' => $sheet->grade?->words(),
            'named' => $sheet->source?->words(),
        ];
    }
}
