<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Actions\TestModel;
use App\Colour\Bench;
use App\Models\ModelTest;
use App\Models\WorkshopCalibration;
use App\Support\KeptPhrases;
use App\Support\WorkshopCatalogue;
use Kalopsis\Calibration\Constant;
use Kalopsis\Calibration\Known;
use Kalopsis\Tint\Toner;
use Kalopsis\Tint\TonerLibrary;
use Kalopsis\Trials\FadeSheet;
use Kalopsis\Trials\Trial;
use Kalopsis\Trials\TrialKind;
use Kalopsis\Trials\TrialReader;
use Kalopsis\Why\Phrase;

final class CalibrationResource
{
    /** @return array<string, mixed> */
    public static function of(int $workshopId): array
    {
        $reader = new TrialReader(new WorkshopCatalogue($workshopId));
        $query = ModelTest::query()->where('workshop_id', $workshopId)->with('user');
        $query->orderByDesc('id')->limit(TrialReader::MOST);

        $row = fn (ModelTest $t): array => self::test($t, TestModel::readable($t, $reader));

        return [
            'kinds' => array_map(
                fn (TrialKind $k): array => [
                    'kind' => $k->value,
                    'text' => Phrase::of($k->text()),
                    'how' => Phrase::of($k->how()),
                ],
                TrialKind::cases(),
            ),
            'constants' => array_map(
                fn (Constant $c): array => [
                    'constant' => $c->value,
                    'subject' => '',
                    'text' => Phrase::of($c->text()),
                    'model' => Known::untested($c),
                    'tested' => Known::untested($c),
                ],
                array_values(array_filter(Constant::cases(), fn (Constant $c): bool => $c->of() === 'workshop')),
            ),
            'toners' => array_map(
                fn (Toner $t): array => ['key' => $t->key, 'name' => $t->name],
                array_values(Bench::hasShipped($workshopId) ? TonerLibrary::northlight()->toners : []),
            ),
            'sheet' => array_map(fn (array $f): array => ['dL' => $f[0], 'widthMm' => $f[1]], FadeSheet::SHEET),
            'greyL' => FadeSheet::GREY_L,
            'tests' => array_values($query->get()->map($row)->all()),
            'groups' => KeptPhrases::objects(WorkshopCalibration::newest($workshopId)->groups ?? []),
        ];
    }

    /** @return array<string, mixed> */
    private static function test(ModelTest $test, ?Trial $trial): array
    {
        return [
            'id' => $test->key,
            'kind' => $test->kind,
            'name' => $trial?->name() ?? TrialKind::from($test->kind)->text(),
            'group' => $trial?->group() ?? '',
            'by' => $test->user->name ?? '',
            'at' => $test->created_at->toIso8601ZuluString(),
            'putAway' => $test->put_away_at !== null,
        ];
    }
}
