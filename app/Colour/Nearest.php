<?php

declare(strict_types=1);

namespace App\Colour;

use App\Models\Colour;
use App\Models\ColourFormula;
use App\Models\ColourSample;
use App\Models\JobFact;
use App\Models\RepairJob;
use Kalopsis\Card\SampleKind;
use Kalopsis\Colour\Measurement;
use Kalopsis\Colour\Ranking;
use Kalopsis\Colour\Spectrum;
use Kalopsis\Tint\EffectModel;
use Kalopsis\Tint\Exception\TintException;
use Kalopsis\Tint\Formula;
use Kalopsis\Tint\SolidModel;

/**
 * Which of a shop's colours is nearest to a car: by the colour's own reading, by the newest car that was read in it, and where
 * there is neither, by what its formula comes to in the model.
 */
final class Nearest
{
    private const MOST = 8;

    /**
     * @return list<array{id: int, name: string, code: string, dE: float, overall: float, from: string}> nearest first; dE at the
     *     angle where it is largest; from "reading", "car" or "formula"
     */
    public static function to(RepairJob $job): array
    {
        $car = Pair::of($job)->car;
        if ($car === null) {
            return [];
        }
        $query = Colour::query();
        $query->where('workshop_id', $job->workshop_id)->whereNull('put_away_at');
        $known = $from = $colours = [];
        foreach ($query->get()->all() as $colour) {
            $own = $colour->reading === null ? null : Pair::measurement($colour->reading['measurement']);
            $read = $own ?? self::read($job, $colour);
            $reading = $read ?? self::mixed($colour);
            if ($reading !== null) {
                $key = "c{$colour->id}";
                [$known[$key], $from[$key], $colours[$key]] = [$reading, match (true) {
                    $own !== null => 'reading',
                    $read !== null => 'car',
                    default => 'formula',
                }, $colour];
            }
        }
        $out = [];
        foreach (array_slice(Ranking::against($car, $known), 0, self::MOST) as $ranked) {
            $colour = $colours[$ranked->id];
            $out[] = [
                'id' => $colour->id,
                'name' => $colour->name,
                'code' => $colour->code,
                'dE' => round($ranked->comparison->worst()->de2000, 2),
                'overall' => round($ranked->overall, 2),
                'from' => $from[$ranked->id],
            ];
        }

        return $out;
    }

    /** The newest other car that was read in this colour. */
    private static function read(RepairJob $job, Colour $colour): ?Measurement
    {
        $facts = JobFact::query();
        $facts->where(['workshop_id' => $colour->workshop_id, 'colour' => $colour->name, 'code' => $colour->code]);
        $facts->where('repair_job_id', '<>', $job->id);
        $samples = ColourSample::query();
        $samples->whereIn('repair_job_id', $facts->select('repair_job_id'));
        $samples->where('kind', SampleKind::Car)->whereNull('struck_at')->whereNotNull('mean')->orderByDesc('created_at');
        $newest = $samples->first();

        return $newest === null ? null : Pair::readingOf($newest);
    }

    private static function mixed(Colour $colour): ?Measurement
    {
        $recipe = ColourFormula::newest($colour->workshop_id, $colour->name, $colour->code)?->recipe;
        if ($recipe === null || isset($recipe['layer'])) {
            return null;
        }
        $library = Bench::of($colour->workshop_id);

        try {
            $formula = Formula::of($recipe['toners']);
            $model = $formula->isEffect($library) ? new EffectModel($library) : new SolidModel($library);

            return Measurement::ofSpectra(array_map(Spectrum::of(...), $model->spectra($formula->grams)));
        } catch (TintException) {
            return null;
        }
    }
}
