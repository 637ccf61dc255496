<?php

declare(strict_types=1);

namespace App\Colour;

use App\Models\ColourSample;
use App\Models\RepairJob;
use Kalopsis\Card\ReadingSource;
use Kalopsis\Card\SampleKind;
use Kalopsis\Colour\Viewing;
use Kalopsis\Tint\TonerLibrary;
use Kalopsis\Trials\TrialKind;

/** Cards whose formula was weighed and which an instrument read: tests of the toners that made themselves. */
final class FormulaCards
{
    private const NEWEST = 30;

    /** @return array<string, array<string, mixed>> by key, as Trials\TrialReader takes them */
    public static function of(int $workshopId): array
    {
        $query = ColourSample::query()->where('kind', SampleKind::Card->value);
        $query
            ->whereIn('repair_job_id', RepairJob::query()->where('workshop_id', $workshopId)->select('id'))
            ->whereNull('struck_at')
            ->whereNotNull('mean')
            ->orderByDesc('created_at')
            ->limit(self::NEWEST);
        $out = [];
        foreach ($query->get() as $card) {
            $test = self::test($card);
            if ($test !== null) {
                $out[$card->id] = $test;
            }
        }

        return $out;
    }

    /** @return ?array<string, mixed> null where it says nothing of toners: no formula, a layer, readings for practice */
    private static function test(ColourSample $card): ?array
    {
        $recipe = $card->details['formula'] ?? null;
        $toners = is_array($recipe) && ! is_array($recipe['layer'] ?? null) ? $recipe['toners'] ?? null : null;
        $sources = $card->mean['sources'] ?? [];
        if ($card->mean === null || ! is_array($toners) || in_array(ReadingSource::Simulated->value, $sources, true)) {
            return null;
        }
        $read = Pair::measurement($card->mean['measurement']);
        if (! isset($read->labs[45]) || ! $read->viewing->is(Viewing::paint())) {
            return null;
        }
        $library = TonerLibrary::northlight();
        $formula = [];
        foreach ($toners as $toner => $grams) {
            if (! $library->has((string) $toner)) {
                return null;
            }
            if (is_numeric($grams) && $grams >= 0.01) {
                $formula[] = ['toner' => (string) $toner, 'grams' => (float) $grams];
            }
        }

        return $formula === []
            ? null
            : [
                'kind' => TrialKind::TonerCard->value,
                'on' => $card->created_at->toDateString(),
                'of' => $card->name,
                'formula' => $formula,
                'l' => round($read->at(45)->l, 3),
                'a' => round($read->at(45)->a, 3),
                'b' => round($read->at(45)->b, 3),
            ];
    }
}
