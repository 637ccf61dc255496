<?php

declare(strict_types=1);

namespace Kalopsis\Card;

use Kalopsis\Colour\Comparison;
use Kalopsis\Colour\Exception\CannotCompare;
use Kalopsis\Colour\Illuminant;
use Kalopsis\Colour\Measurement;
use Kalopsis\Colour\Observer;
use Kalopsis\Colour\Ranking;
use Kalopsis\Colour\Screen;
use Kalopsis\Colour\Viewing;
use Kalopsis\Film\Air;
use Kalopsis\Film\PaintSystem;
use Kalopsis\Film\Product;
use Kalopsis\Spray\Pigment;
use Kalopsis\Tint\LetDown;
use Kalopsis\Tint\LetDownCard;
use Kalopsis\Tint\LetDownFit;

/** Everything measured for one job, held against the car. */
final readonly class Desk
{
    /** @param array<string, JudgedSample> $samples by id, in the order they were given */
    private function __construct(
        public array $samples,
        public float $exposure,
        public ?string $carId,
        public ?LetDown $letDown,
    ) {}

    /**
     * @param list<DeskSample> $samples
     * @param ?Spraying $plan how the plan sprays; null while there is no plan
     * @param bool $practice may simulated readings pass here?
     * @param ?float $effectCoats coats of the effect layer that the plan took over from a let-down set
     */
    public static function judge(
        array $samples,
        NeedOf $needs,
        ?Spraying $plan,
        Product $product,
        PaintSystem $system,
        Air $air,
        Pigment $pigment,
        bool $practice = false,
        ?float $effectCoats = null,
    ): self {
        $car = null;
        $labs = $variants = [];
        foreach ($samples as $sample) {
            if ($sample->mean !== null) {
                array_push($labs, ...array_values($sample->mean->labs));
                if ($sample->kind === SampleKind::Car && ! $sample->struck) {
                    $car ??= $sample;
                } elseif ($sample->kind === SampleKind::Variant && ! $sample->struck) {
                    $variants[$sample->id] = $sample->mean;
                }
            }
        }
        $exposure = Screen::exposure($labs);
        $ranks = $car?->mean === null ? [] : Ranking::against($car->mean, $variants);
        $places = [];
        foreach ($ranks as $i => $ranked) {
            $places[$ranked->id] = [$ranked, $i + 1];
        }
        $at = $effectCoats === null ? null : self::atCoats($car?->mean, $samples, $effectCoats);
        $atCoats = $car?->mean === null || $at === null ? null : self::compared($car->mean, $at);
        $simulatedSet = false;
        foreach ($samples as $sample) {
            $simulatedSet = $simulatedSet || ($sample->simulated && $sample->letDownCoats !== null && ! $sample->struck);
        }
        $out = [];
        foreach ($samples as $sample) {
            [$ranked, $place] = $places[$sample->id] ?? [null, null];
            $comparison =
                $car?->mean === null || $sample->mean === null || $sample->kind === SampleKind::Car
                    ? null
                    : self::compared($car->mean, $sample->mean);
            $lamp = $comparison?->apartUnder(Viewing::of(Illuminant::A, Observer::Ten));
            $verdict = $against = $gate = null;
            if ($sample->kind === SampleKind::Card) {
                if ($sample->spraying !== null && $plan !== null && $sample->mean !== null) {
                    $against = AgainstPlan::of($sample->spraying, $plan, $sample->mean, $product, $system, $air, $pigment);
                }
                // Where the plan takes its number of coats from a set, the colour at that number is judged, not this card's.
                $judged = $sample->letDownCoats === null ? $comparison : $atCoats ?? $comparison;
                $verdict = $judged === null ? null : CardVerdict::of($judged, $needs->of($judged));
                $gate = Gate::of(
                    $verdict,
                    $sample->spraying === null || $plan === null
                        ? null
                        : count(AgainstPlan::differences($sample->spraying, $plan, $product)),
                    $sample->looks,
                    self::byEye($sample->looks, $comparison, $needs),
                    $sample->ageDays,
                    $sample->formulaChanged,
                    $comparison?->worst()->de2000,
                    $lamp,
                    ($car->simulated ?? false) ||
                        ($judged === $atCoats && $judged !== null ? $simulatedSet : $sample->simulated),
                    $practice,
                );
            }
            $out[$sample->id] = new JudgedSample(
                $sample,
                ReadingQuestions::of($sample, $sample->kind === SampleKind::Car ? null : $car),
                $exposure,
                $comparison,
                $lamp,
                $verdict,
                $against,
                $gate,
                $ranked,
                $place,
            );
        }

        return new self($out, $exposure, $car?->id, self::letDown($car?->mean, $samples));
    }

    private static function byEye(Looks $looks, ?Comparison $read, NeedOf $needs): ?CardNeed
    {
        $seen = $read === null && $looks->areComplete() ? $looks->strictest() : null;

        return $seen === null ? null : $needs->byEye($seen);
    }

    /**
     * What the plan's number of effect coats would measure.
     *
     * @param list<DeskSample> $samples
     */
    public static function atCoats(?Measurement $car, array $samples, float $coats): ?Measurement
    {
        try {
            return $car === null ? null : LetDownFit::at($car, self::letDownCards($samples), $coats);
        } catch (CannotCompare) {
            return null;
        }
    }

    /** @param list<DeskSample> $samples */
    private static function letDown(?Measurement $car, array $samples): ?LetDown
    {
        try {
            return $car === null ? null : LetDownFit::of($car, self::letDownCards($samples));
        } catch (CannotCompare) {
            return null;
        }
    }

    /**
     * @param list<DeskSample> $samples
     * @return list<LetDownCard>
     */
    private static function letDownCards(array $samples): array
    {
        $cards = [];
        foreach ($samples as $sample) {
            if (
                $sample->kind === SampleKind::Card &&
                ! $sample->struck &&
                $sample->mean !== null &&
                $sample->letDownCoats !== null
            ) {
                $cards[] = new LetDownCard($sample->id, $sample->letDownCoats, $sample->mean);
            }
        }

        return $cards;
    }

    private static function compared(Measurement $car, Measurement $other): ?Comparison
    {
        try {
            return Comparison::of($car, $other);
        } catch (CannotCompare) {
            return null;
        }
    }
}
