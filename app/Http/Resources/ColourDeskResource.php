<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Colour\Bench;
use App\Colour\DeskView;
use App\Colour\Pair;
use App\Models\Colour;
use App\Models\ColourEvent;
use App\Models\ColourSample;
use Illuminate\Http\JsonResponse;
use Kalopsis\Card\ClearOver;
use Kalopsis\Card\DriedHow;
use Kalopsis\Card\EyeVerdict;
use Kalopsis\Card\Light;
use Kalopsis\Card\LookFrom;
use Kalopsis\Card\ReadingSource;
use Kalopsis\Card\Surface;
use Kalopsis\Colour\Geometry;
use Kalopsis\Colour\InstrumentFault;
use Kalopsis\Film\Reducer;
use Kalopsis\Job\FinishRead;
use Kalopsis\Sequence\LayerCoats;
use Kalopsis\Tint\Toner;
use Kalopsis\Why\Phrase;

/** Everything the Colour station shows. */
final class ColourDeskResource
{
    /** Said wherever colours are shown. */
    private const NOTE = 'A screen is no colour reference: hold the card to the car.';

    private const DIMMED = 'A screen is no colour reference: hold the card to the car. Dimmed {times} times to fit.';

    public static function of(DeskView $view, int $status = 200): JsonResponse
    {
        $exposure = $view->desk->exposure;

        return new JsonResponse(
            [
                'version' => $view->job->head,
                'samples' => $view->samples->map(fn (ColourSample $s): array => self::sample($s, $view))->values()->all(),
                'carId' => $view->desk->carId,
                'exposure' => round($exposure, 4),
                'note' =>
                    $exposure < 0.999
                        ? Phrase::of(self::DIMMED, ['times' => sprintf('%.1f', 1.0 / $exposure)])
                        : Phrase::of(self::NOTE),
                'spraying' => $view->spraying,
                'formula' =>
                    $view->formula === null
                        ? null
                        : [
                            'number' => $view->formula->number,
                            'note' => $view->formula->note,
                            ...RecipeResource::of($view->formula->recipe, $view->job->workshop_id),
                        ],
                'letDown' => self::letDown($view),
                'isLetDownColour' => isset($view->formula?->recipe['layer']),
                'hasVariants' => self::hasVariants($view),
                'looksLike' => self::looksLike($view),
                'isEffect' => $view->plan->job->colour->finish->isEffect(),
                'passed' => $view->passed === null ? null : self::event($view->passed),
                'fallen' =>
                    $view->fallen === null
                        ? null
                        : [...self::event($view->fallen->event), 'because' => $view->fallen->because],
                'practice' => $view->practice,
                'instruments' => $view->plan->job->equipment->instruments,
                'choices' => self::choices($view),
            ],
            $status,
            [],
            JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_PRESERVE_ZERO_FRACTION,
        );
    }

    /** @return array<string, mixed> */
    private static function sample(ColourSample $s, DeskView $view): array
    {
        $judged = $view->desk->samples[$s->id]->jsonSerialize();
        $details = $s->details;
        $formula = is_array($details['formula'] ?? null) ? $details['formula'] : null;

        return [
            ...$judged,
            'number' => $s->number,
            'kind' => $s->kind->value,
            'name' => $s->name,
            'struck' => $s->struck_at !== null,
            'by' => $s->by(),
            'at' => $s->created_at->toIso8601String(),
            'spraying' => is_array($details['spraying'] ?? null) ? $details['spraying'] : null,
            'sprayedAt' => $details['sprayedAt'] ?? null,
            'dried' => $details['dried'] ?? null,
            'note' => $details['note'] ?? '',
            'letDownCoats' => $details['letDownCoats'] ?? null,
            'sources' => array_map(
                fn (string $s): string => ReadingSource::tryFrom($s)?->words() ?? $s,
                $s->mean['sources'] ?? [],
            ),
            'simulated' => Pair::isSimulated($s),
            'formula' => $formula === null
                ? null
                : ['number' => $formula['number'] ?? null, ...RecipeResource::of($formula, $view->job->workshop_id)],
            'eyes' => $view->events
                ->filter(fn (ColourEvent $e): bool => $e->kind === 'eye' && $e->colour_sample_id === $s->id)
                ->unique(
                    fn (ColourEvent $e): string => (string) json_encode([$e->body['light'] ?? '', $e->body['from'] ?? '']),
                )
                ->map(
                    fn (ColourEvent $e): array => [
                        'light' => $e->body['light'] ?? '',
                        'from' => $e->body['from'] ?? '',
                        'verdict' => $e->body['verdict'] ?? '',
                        'by' => $e->by(),
                        'at' => $e->created_at->toIso8601String(),
                    ],
                )
                ->values()
                ->all(),
        ];
    }

    /** @return ?array{finish: string, says: Phrase} what finish the car reads like, where the job says another */
    private static function looksLike(DeskView $view): ?array
    {
        $car = $view->samples->first(fn (ColourSample $s): bool => $s->id === $view->desk->carId);
        $reading = $car === null ? null : Pair::readingOf($car);
        $read = $reading === null ? null : FinishRead::of($reading, $view->plan->job->colour->finish);

        return $read === null ? null : ['finish' => $read->finish->value, 'says' => $read->says];
    }

    private static function hasVariants(DeskView $view): bool
    {
        $colour = $view->plan->job->colour;
        $recipe = Colour::query()
            ->where(['workshop_id' => $view->job->workshop_id, 'name' => $colour->name, 'code' => $colour->code])
            ->first()?->recipe;

        return ($recipe['variants'] ?? []) !== [] &&
            ! $view->samples->contains(fn (ColourSample $s): bool => $s->kind->value === 'variant');
    }

    /** @return array<string, mixed> */
    private static function event(ColourEvent $e): array
    {
        return [
            'kind' => $e->kind,
            'sample' => $e->colour_sample_id,
            'reason' => is_string($e->body['reason'] ?? null) ? $e->body['reason'] : '',
            'by' => $e->by(),
            'at' => $e->created_at->toIso8601String(),
            'version' => $e->job_version,
            'byEye' => ($e->body['byEye'] ?? false) === true,
            'simulated' => ($e->body['simulated'] ?? false) === true,
        ];
    }

    /** @return list<Reducer> what is offered, and what plan and cards have besides */
    private static function reducers(DeskView $view): array
    {
        $all = [...Reducer::choices(), $view->plan->job->reducer()];
        foreach ($view->desk->samples as $judged) {
            $all[] = $judged->sample->spraying->reducer ?? $view->plan->job->reducer();
        }
        $by = [];
        foreach ($all as $reducer) {
            $by[$reducer->key()] = $reducer;
        }

        return array_values($by);
    }

    /** @return array<string, list<array{key: string, name: string, lamp?: ?string}>> */
    private static function choices(DeskView $view): array
    {
        return [
            'lights' => array_map(
                fn (Light $c): array => [
                    'key' => $c->value,
                    'name' => $c->words(),
                    'lamp' => $view->plan->job->equipment->lamp($c),
                ],
                Light::cases(),
            ),
            'from' => array_map(fn (LookFrom $c): array => ['key' => $c->value, 'name' => $c->words()], LookFrom::cases()),
            'eyes' => array_map(
                fn (EyeVerdict $c): array => ['key' => $c->value, 'name' => $c->words()],
                EyeVerdict::cases(),
            ),
            'surfaces' => array_map(fn (Surface $c): array => ['key' => $c->value, 'name' => $c->words()], Surface::cases()),
            'faults' => array_map(
                fn (InstrumentFault $c): array => ['key' => $c->value, 'name' => $c->words()],
                InstrumentFault::cases(),
            ),
            'geometries' => array_map(
                fn (Geometry $c): array => ['key' => $c->value, 'name' => $c->words()],
                Geometry::cases(),
            ),
            'clear' => array_map(
                fn (ClearOver $c): array => ['key' => $c->value, 'name' => $c->words()],
                ClearOver::cases(),
            ),
            'dried' => array_map(fn (DriedHow $c): array => ['key' => $c->value, 'name' => $c->words()], DriedHow::cases()),
            'reducers' => array_map(
                fn (Reducer $c): array => ['key' => $c->key(), 'name' => $c->words()],
                self::reducers($view),
            ),
            'toners' => array_values(
                array_map(
                    fn (Toner $t): array => ['key' => $t->key, 'name' => $t->name],
                    Bench::of($view->job->workshop_id)->toners,
                ),
            ),
        ];
    }

    /** @return ?array<string, mixed> */
    private static function letDown(DeskView $view): ?array
    {
        $found = $view->desk->letDown;

        return $found === null
            ? null
            : [
                ...$found->jsonSerialize(),
                'sequence' => LayerCoats::of($view->plan->job->plan->sequence, $found->coats),
            ];
    }
}
