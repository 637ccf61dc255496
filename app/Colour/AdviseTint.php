<?php

declare(strict_types=1);

namespace App\Colour;

use App\Exceptions\GateClosed;
use App\Http\Resources\RecipeResource;
use App\Models\ColourSample;
use App\Models\RepairJob;
use App\Models\WorkshopCalibration;
use Kalopsis\Card\DeskSample;
use Kalopsis\Colour\Geometry;
use Kalopsis\Colour\Lab;
use Kalopsis\Colour\Screen;
use Kalopsis\Tint\Candidates;
use Kalopsis\Tint\Correction;
use Kalopsis\Tint\EffectModel;
use Kalopsis\Tint\Formula;
use Kalopsis\Tint\LayerPaint;
use Kalopsis\Tint\LetDownVerdict;
use Kalopsis\Tint\ReadingNoise;
use Kalopsis\Tint\SolidModel;
use Kalopsis\Tint\TintAdvice;
use Kalopsis\Tint\TintAdvisor;
use Kalopsis\Tint\TonerLibrary;

/** Asks the core how to bring a card's cup nearer to the car. */
final readonly class AdviseTint
{
    public function __construct(private ColourDesk $desk) {}

    /** @return array<string, mixed> */
    public function __invoke(RepairJob $job, ColourSample $sample, ?float $cupGrams): array
    {
        $view = $this->desk->of($job);
        $library = Bench::of($job->workshop_id)->known(WorkshopCalibration::inUse($job->workshop_id));
        [$cup, $advice] = $this->advice($view, $sample, $cupGrams, $library);
        $against = $view->desk->samples[$sample->id]->against ?? null;

        return [
            'cupGrams' => round($cup->total(), 1),
            'toners' => RecipeResource::toners($cup->grams, $job->workshop_id),
            'corrections' => array_map(
                fn (Correction $c): array => [
                    'isRemix' => $c->isRemix,
                    'pours' => array_map(
                        fn (string $key, float $g): array => [
                            'key' => $key,
                            'name' => $library->toner($key)->name,
                            'grams' => round($g, 2),
                        ],
                        array_keys($c->additions),
                        array_values($c->additions),
                    ),
                    'before' => round($c->before, 2),
                    'after' => round($c->after, 2),
                    'does' => $c->does,
                    'totalGrams' => round($c->formula->total(), 1),
                    'predicted' => array_map(
                        fn (int $angle, Lab $lab): array => [
                            'angle' => $angle,
                            'place' => Geometry::place($angle),
                            'lab' => $lab,
                            'hex' => Screen::hex($lab, $view->desk->exposure),
                        ],
                        array_keys($c->predicted),
                        array_values($c->predicted),
                    ),
                ],
                $advice->corrections,
            ),
            // Recorded, so nobody has to guess it.
            'says' =>
                $against !== null && ! $against->isSprayedAlike()
                    ? 'Shoot the card like the plan first: it was sprayed otherwise, and a formula sprayed in two ways is two '
                        . 'colours.'
                    : $advice->says(),
            'noise' => round($advice->noise->de, 2),
            'source' =>
                'Estimate: two-constant Kubelka-Munk theory with the toner library, corrected by what this card '
                    . 'really measured; model notes, section 7.',
        ];
    }

    /**
     * @return array{Formula, TintAdvice}
     * @throws GateClosed when there is nothing to advise on
     */
    public function advice(DeskView $view, ColourSample $sample, ?float $cupGrams, TonerLibrary $library): array
    {
        $car = $view->desk->carId === null ? null : $view->desk->samples[$view->desk->carId]->sample->mean;
        $card = $view->desk->samples[$sample->id]->sample->mean ?? null;
        $recipe = $sample->details['formula'] ?? null;
        if ($car === null || $card === null) {
            throw new GateClosed('Read the car and this card first.');
        }
        if (! is_array($recipe) || ! is_array($recipe['toners'] ?? null)) {
            throw new GateClosed('Nobody wrote down what this card was mixed from. Add its formula first.');
        }
        /** @var array<string, float> $grams */
        $grams = array_filter($recipe['toners'], is_numeric(...));
        $cup = Formula::of($grams);
        $geometry = $car->geometry === Geometry::FortyFiveZero ? Geometry::Five : $car->geometry;
        if (is_array($recipe['layer'] ?? null)) {
            /** @var array<string, float> $layer */
            $layer = array_filter($recipe['layer'], is_numeric(...));
            [$cup, $model] = self::layered($view, $sample, $cup, $layer, new EffectModel($library, $geometry), $library);
        } else {
            $cup = $cupGrams === null ? $cup : $cup->scaledTo($cupGrams);
            $model = $cup->isEffect($library) ? new EffectModel($library, $geometry) : new SolidModel($library);
        }

        $carRead = $view->desk->samples[$view->desk->carId]->sample;
        $cardRead = $view->desk->samples[$sample->id]->sample;
        $noise = self::noise($carRead)->with(self::noise($cardRead));
        if ($cardRead->readWithAnother($carRead)) {
            $noise = $noise->with(ReadingNoise::betweenInstruments());
        }

        $addable = Candidates::of($cup, $library, $library->within($view->plan->job->system->key));

        return [$cup, (new TintAdvisor($library, $model))->advise($cup, $car, $card, $addable, $noise)];
    }

    /**
     * Which of the two paints of a coat-dependent colour is to be turned: what the let-down set blames. The effect coat is
     * told for a hundred grams, as its formula is.
     *
     * @param array<string, float> $layer grams in a hundred of the effect coat
     * @return array{Formula, LayerPaint}
     * @throws GateClosed while the number of coats comes first
     */
    private static function layered(
        DeskView $view,
        ColourSample $sample,
        Formula $ground,
        array $layer,
        EffectModel $below,
        TonerLibrary $library,
    ): array {
        $found = $view->desk->letDown;
        $coats = $sample->details['letDownCoats'] ?? null;
        if ($found === null || ! is_numeric($coats) || (float) $coats <= 0.0) {
            throw new GateClosed('The number of coats is part of this colour: shoot a let-down set before tinting.');
        }

        return match ($found->verdict) {
            LetDownVerdict::WrongTint => [
                Formula::of($layer),
                LayerPaint::effect($library, $below, $ground->grams, (float) $coats),
            ],
            LetDownVerdict::WrongGround => [$ground, LayerPaint::ground($library, $below, $layer, (float) $coats)],
            default => throw new GateClosed(
                sprintf('The number of coats mends it, not a toner: spray %.1f coats of the effect layer.', $found->coats),
            ),
        };
    }

    private static function noise(DeskSample $sample): ReadingNoise
    {
        return ReadingNoise::ofShots($sample->spread, $sample->shots, $sample->repeats);
    }
}
