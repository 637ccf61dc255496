<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\JobFact;
use App\Support\Csv;
use App\Support\DefectFile;
use Kalopsis\Units\Quantity;
use Kalopsis\Why\Phrase;

final class LogResource
{
    private const HEAD = ['job', 'car', 'plate', 'colour', 'code', 'painter', 'school', 'need, mm', 'blend, mm', 'paint, ml', 'cost',
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
                (string) $f->cost,
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
}
