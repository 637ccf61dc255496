<?php

declare(strict_types=1);

namespace App\Devices;

use App\Colour\Bench;
use App\Models\ColourFormula;
use App\Models\ColourSample;
use App\Models\RepairJob;
use App\Support\Planning;
use Kalopsis\Card\AgainstPlan;
use Kalopsis\Card\SampleKind;
use Kalopsis\Card\Spraying;
use Kalopsis\Colour\Geometry;
use Kalopsis\Colour\Measurement;
use Kalopsis\Colour\Random;
use Kalopsis\Colour\Spectrum;
use Kalopsis\Input\Fields;
use Kalopsis\Input\Problems;
use Kalopsis\Job\JobPlan;
use Kalopsis\Job\PlannedSpraying;
use Kalopsis\Tint\EffectModel;
use Kalopsis\Tint\Formula;
use Kalopsis\Tint\LayeredModel;
use Kalopsis\Tint\SolidModel;

/**
 * The world a simulated instrument looks at, so that the whole desk can be tried without one. Its toners are another
 * batch than the library's, cars were
 * painted with a little more of one or two toners than their code says, and cards come out as they were sprayed.
 */
final readonly class SimulatedShop
{
    /** Toners differ from the library by up to this share. Chosen here. */
    private const BATCH = 0.03;

    public function __construct(private Planning $planning) {}

    /** @throws NothingToMeasure */
    public function truth(RepairJob $job, ColourSample $sample, Geometry $geometry): Measurement
    {
        $plan = $this->planning->plan($job->at($job->head)->document, $job->workshop_id, $job);
        $colour = $plan->job->colour;
        $isCar = $sample->kind === SampleKind::Car;
        $recipe = $sample->details['formula'] ?? null;
        if ($isCar || ! is_array($recipe)) {
            // The car does not change when the formula is tinted.
            $recipe =
                ColourFormula::query()
                    ->where([
                        'workshop_id' => $job->workshop_id,
                        'colour' => $colour->name,
                        'code' => $colour->code,
                        'number' => 1,
                    ])
                    ->first()->recipe ?? ColourFormula::newest($job->workshop_id, $colour->name, $colour->code)?->recipe;
        }
        $toners =
            is_array($recipe) && is_array($recipe['toners'] ?? null)
                ? $recipe['toners']
                : throw new NothingToMeasure(
                    "The simulated instrument has no formula for {$colour->name}. Type a reading, or bring in a file.",
                );
        $layer = is_array($recipe['layer'] ?? null) ? $recipe['layer'] : null;
        $library = Bench::of($job->workshop_id)->batch($job->workshop_id, self::BATCH);
        /** @var array<string, float> $grams */
        $grams = array_filter($toners, is_numeric(...));
        if ($isCar) {
            $grams = self::asOnTheCar($grams, $job->id, $colour->finish->isEffect());
        }
        $formula = Formula::of($grams);
        $model =
            $formula->isEffect($library) || $layer !== null || $colour->finish->isEffect()
                ? new EffectModel($library, $geometry === Geometry::FortyFiveZero ? Geometry::Five : $geometry)
                : new SolidModel($library);
        if ($layer !== null) {
            /** @var array<string, float> $layer */
            $coats = $sample->details['letDownCoats'] ?? null;
            $coats = $isCar
                ? 1.7 + 0.8 * (new Random(crc32("coats {$job->id}")))->uniform()
                : (is_numeric($coats)
                    ? (float) $coats
                    : 2.0);

            return (new LayeredModel($library, $model))->measurement($formula->grams, $layer, $coats);
        }
        $spectra = array_map(fn (array $v): Spectrum => Spectrum::of($v), $model->spectra($formula->grams));
        $measured = Measurement::ofSpectra($spectra);
        $how = $sample->details['spraying'] ?? null;

        return $sample->kind === SampleKind::Card && is_array($how) ? $this->asSprayed($measured, $how, $plan) : $measured;
    }

    /**
     * A little more of one or two toners than the code says.
     *
     * @param array<string, float> $grams
     * @return array<string, float>
     */
    private static function asOnTheCar(array $grams, string $jobId, bool $effect): array
    {
        $chance = new Random(crc32("car {$jobId}"));
        asort($grams);
        // The toners there is least of are those that plants and repairers get wrong.
        $least = array_slice(array_keys($grams), 0, 2);
        foreach ($least as $i => $toner) {
            // A tenth more shows on a solid; a metallic's shade toners are so few that it takes more.
            $grams[$toner] *= 1.0 + ($i === 0 ? 0.45 : ($effect ? 0.75 : 0.28)) + 0.12 * $chance->uniform();
        }

        return $grams;
    }

    /**
     * Formulas are made for spraying by the data sheet; a card that was sprayed otherwise lies otherwise.
     *
     * @param array<array-key, mixed> $how
     */
    private function asSprayed(Measurement $measured, array $how, JobPlan $plan): Measurement
    {
        $problems = new Problems();
        $card = Spraying::read(Fields::of($how, $problems));
        $sheet = PlannedSpraying::of($plan);
        if ($problems->any() || $sheet === null) {
            return $measured;
        }
        // From the sheet's way to the card's: what "plan" is to a card, the card is to the sheet.
        $against = AgainstPlan::of(
            $sheet,
            $card,
            $measured,
            PlannedSpraying::product($plan),
            $plan->job->system,
            $plan->job->air(),
            $plan->job->pigment(),
        );
        $spectra = [];
        foreach ($measured->spectra as $angle => $spectrum) {
            $veil = $card->clear->veil();
            $by = ($against->onPanel[$angle]->xyz()->y - 100.0 * $veil) / max(0.01, $measured->at($angle)->xyz()->y);
            $spectra[$angle] = Spectrum::of(
                array_map(fn (float $v): float => max(0.0, $v * $by + $veil), $spectrum->values),
            );
        }

        return Measurement::ofSpectra($spectra, $measured->viewing);
    }
}
