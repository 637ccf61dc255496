<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Logbook\ColourHistory;
use App\Models\ColourEvent;
use App\Models\ColourFormula;
use App\Models\ColourSample;
use App\Models\JobFact;
use App\Support\Csv;
use App\Support\DefectFile;
use App\Support\KeptPhrases;
use Kalopsis\Colour\AngleDifference;
use Kalopsis\Units\Quantity;
use Kalopsis\Why\Phrase;

final class LogResource
{
    private const HEAD = ['job', 'car', 'plate', 'colour', 'code', 'painter', 'school', 'need, mm', 'blend, mm', 'paint, ml', 'left over, ml', 'cost', 'formula',
        'planned, min', 'real, min', 'card passed', 'looked', 'seen', 'lesson', 'opened', 'delivered', 'asked', 'done again'];

    /** @return array<string, mixed> */
    public static function row(JobFact $fact): array
    {
        return [
            'job' => $fact->repair_job_id,
            'label' => $fact->label,
            'plate' => $fact->plate,
            'colour' => $fact->colour,
            'code' => $fact->code,
            'painter' => $fact->painter,
            'school' => $fact->school,
            'need' => $fact->need_mm === null ? null : Quantity::mm(round($fact->need_mm)),
            'blend' => Quantity::mm(round($fact->blend_mm)),
            'ml' => Quantity::ml(round($fact->ml)),
            'wasted' => $fact->wasted_ml === null ? null : Quantity::ml(round($fact->wasted_ml)),
            'cost' => $fact->cost,
            'formula' => $fact->formula,
            'minutesPlanned' => $fact->minutes_planned === null ? null : Quantity::minutes(round($fact->minutes_planned)),
            'minutesReal' => $fact->minutes_real === null ? null : Quantity::minutes(round($fact->minutes_real)),
            'cardPassed' => $fact->card_passed,
            'looked' => $fact->looked,
            'defects' => array_map(self::defect(...), $fact->defects === '' ? [] : explode(',', $fact->defects)),
            'lesson' => $fact->lesson,
            'opened' => $fact->opened_at->toIso8601ZuluString(),
            'delivered' => $fact->delivered_at?->toIso8601ZuluString(),
            'asked' => $fact->asked_at?->toIso8601ZuluString(),
            'redo' => $fact->redo,
        ];
    }

    private static function defect(string $key): Phrase
    {
        foreach (DefectFile::all() as $defect) {
            if ($defect->key === $key) {
                return $defect->name;
            }
        }

        return Phrase::of($key);
    }

    /** @param iterable<JobFact> $facts */
    public static function csv(iterable $facts): string
    {
        return Csv::of(self::rows($facts));
    }

    /**
     * @param iterable<JobFact> $facts
     * @return iterable<list<string>>
     */
    private static function rows(iterable $facts): iterable
    {
        yield self::HEAD;
        foreach ($facts as $f) {
            yield [
                $f->repair_job_id,
                $f->label,
                $f->plate,
                $f->colour,
                $f->code,
                $f->painter,
                $f->school,
                $f->need_mm === null ? '' : (string) round($f->need_mm),
                (string) round($f->blend_mm),
                (string) round($f->ml),
                $f->wasted_ml === null ? '' : (string) round($f->wasted_ml),
                (string) $f->cost,
                (string) $f->formula,
                (string) $f->minutes_planned,
                (string) $f->minutes_real,
                $f->card_passed ? 'yes' : 'no',
                $f->looked,
                $f->defects,
                $f->lesson,
                $f->opened_at->toIso8601ZuluString(),
                (string) $f->delivered_at?->toIso8601ZuluString(),
                (string) $f->asked_at?->toIso8601ZuluString(),
                $f->redo ? 'yes' : 'no',
            ];
        }
    }

    /**
     * @param array{month: string, jobs: int, again: int, ml: float, wasted: float, cost: float, planned: float,
     *     real: float} $month
     * @return array<string, mixed>
     */
    public static function month(array $month): array
    {
        return [
            ...$month,
            'ml' => Quantity::ml(round($month['ml'])),
            'wasted' => Quantity::ml(round($month['wasted'])),
            'planned' => Quantity::minutes(round($month['planned'])),
            'real' => Quantity::minutes(round($month['real'])),
        ];
    }

    /** @return array<string, mixed> */
    public static function history(ColourHistory $history): array
    {
        return [
            'paint' => $history->paint,
            'jobs' => array_map(self::row(...), $history->jobs),
            'samples' => array_map(self::tried(...), $history->samples),
            'steps' => array_map(
                fn (ColourEvent $e): array => [
                    'job' => $e->repair_job_id,
                    'formula' => self::whole($e->body['formula'] ?? null),
                    'pours' => RecipeResource::toners($e->body['pours'] ?? null, $history->workshopId),
                    'by' => $e->by(),
                    'at' => $e->created_at->toIso8601ZuluString(),
                ],
                $history->steps,
            ),
            'formulas' => array_map(
                fn (ColourFormula $f): array => [
                    'number' => $f->number,
                    'note' => $f->note,
                    'by' => $f->by(),
                    'at' => $f->created_at?->toIso8601ZuluString(),
                    ...RecipeResource::of($f->recipe, $history->workshopId),
                ],
                $history->formulas,
            ),
        ];
    }

    /**
     * @param array{sample: ColourSample, apart: ?AngleDifference, passed: ?ColourEvent} $tried
     * @return array<string, mixed>
     */
    private static function tried(array $tried): array
    {
        $sample = $tried['sample'];
        $formula = $sample->details['formula'] ?? null;
        $says = $tried['passed']?->body['says'] ?? null;

        return [
            'job' => $sample->repair_job_id,
            'number' => $sample->number,
            'kind' => $sample->kind->value,
            'name' => $sample->name,
            'formula' => is_array($formula) ? self::whole($formula['number'] ?? null) : null,
            'dE' => $tried['apart'] === null ? null : round($tried['apart']->de2000, 2),
            'angle' => $tried['apart']?->angle,
            'passed' => $tried['passed'] !== null,
            'says' => $says === null ? null : KeptPhrases::objects($says),
            'by' => $sample->by(),
            'at' => $sample->created_at->toIso8601ZuluString(),
        ];
    }

    private static function whole(mixed $value): ?int
    {
        return is_int($value) ? $value : null;
    }
}
