<?php

declare(strict_types=1);

namespace Kalopsis\Card;

use Kalopsis\Colour\EffectFit;
use Kalopsis\Colour\Lab;
use Kalopsis\Colour\Measurement;
use Kalopsis\Colour\Xyz;
use Kalopsis\Film\Air;
use Kalopsis\Film\PaintSystem;
use Kalopsis\Film\Product;
use Kalopsis\Spray\Pigment;
use Kalopsis\Units\Quantity;
use Kalopsis\Why\Phrase;

/**
 * Holds how a card was sprayed against how the plan sprays: where they differ, and what the panel would measure if
 * the card's paint were sprayed
 * like the plan. A formula sprayed in two ways is two colours.
 */
final readonly class AgainstPlan
{
    /** Smaller differences are within what a hand does anyway. Common practice. */
    private const BAR = 0.15;

    private const DISTANCE_MM = 25.0;

    private const OVERLAP = 7.5;

    private const SOLIDS = 0.05;

    /** Of a grade of reducer. Chosen here. */
    private const GRADE = 0.25;

    /**
     * @param list<SprayDifference> $differences
     * @param array<int, Lab> $onPanel what the panel would measure, by angle
     * @param array<int, array{float, float, float}> $shift panel minus card, L a b, by angle
     */
    private function __construct(public array $differences, public array $onPanel, public array $shift) {}

    public static function of(
        Spraying $card,
        Spraying $plan,
        Measurement $measured,
        Product $product,
        PaintSystem $system,
        Air $air,
        Pigment $pigment,
    ): self {
        $fit = EffectFit::of($measured, $pigment->flakes);
        $cardLobe = Landing::lobe($card, $product, $system, $air, $measured, $pigment);
        $planLobe = Landing::lobe($plan, $product, $system, $air, $measured, $pigment);
        $onPanel = $shift = [];
        foreach ($measured->labs as $angle => $lab) {
            $gain = $planLobe->at($angle) - $cardLobe->at($angle);
            $veil = $plan->clear->veil() - $card->clear->veil();
            $white = $measured->viewing->white();
            $xyz = $lab->xyz()->plus($fit->flake, $gain)->plus($white, $veil);
            $there = (new Xyz(max(0.0, $xyz->x), max(0.0, $xyz->y), max(0.0, $xyz->z)))->lab($measured->viewing);
            $onPanel[$angle] = $there;
            $shift[$angle] = [$there->l - $lab->l, $there->a - $lab->a, $there->b - $lab->b];
        }

        return new self(self::differences($card, $plan, $product), $onPanel, $shift);
    }

    public function isSprayedAlike(): bool
    {
        return $this->differences === [];
    }

    /** @return list<SprayDifference> what was done otherwise than the plan does it, read or not */
    public static function differences(Spraying $card, Spraying $plan, Product $product): array
    {
        $out = [];
        if ($card->fullCoats !== $plan->fullCoats) {
            $out[] = SprayDifference::of('fullCoats', 'full coats', $card->fullCoats, $plan->fullCoats);
        }
        if ($card->halfCoats !== $plan->halfCoats) {
            $out[] = SprayDifference::of('halfCoats', 'half coats', $card->halfCoats, $plan->halfCoats);
        }
        if ($card->controlCoat !== $plan->controlCoat) {
            $out[] = SprayDifference::of(
                'controlCoat',
                'control coat',
                Phrase::of($card->controlCoat ? 'yes' : 'no'),
                Phrase::of($plan->controlCoat ? 'yes' : 'no'),
            );
        }
        $cardSolids = $product->mixedAt($card->ratio)->volumeSolids();
        $planSolids = $product->mixedAt($plan->ratio)->volumeSolids();
        if (abs($cardSolids - $planSolids) > self::SOLIDS * $planSolids) {
            $out[] = SprayDifference::of('ratio', 'reduction', $card->ratio->text(), $plan->ratio->text());
        }
        if (abs($card->reducer->level() - $plan->reducer->level()) > self::GRADE) {
            $out[] = SprayDifference::of('reducer', 'reducer', $card->reducer->says(), $plan->reducer->says());
        }
        if (abs($card->gun->bar - $plan->gun->bar) > self::BAR) {
            $out[] = SprayDifference::of('bar', 'pressure', Quantity::bar($card->gun->bar), Quantity::bar($plan->gun->bar));
        }
        if (abs($card->gun->distanceMm - $plan->gun->distanceMm) > self::DISTANCE_MM) {
            $out[] = SprayDifference::of(
                'distanceMm',
                'distance',
                Quantity::mm($card->gun->distanceMm),
                Quantity::mm($plan->gun->distanceMm),
            );
        }
        if (abs($card->gun->overlapPercent - $plan->gun->overlapPercent) > self::OVERLAP) {
            $out[] = SprayDifference::of(
                'overlapPercent',
                'overlap',
                Quantity::percent($card->gun->overlapPercent),
                Quantity::percent($plan->gun->overlapPercent),
            );
        }
        if ($card->clear !== $plan->clear) {
            $out[] = SprayDifference::of(
                'clear',
                'over it',
                Phrase::of($card->clear->words()),
                Phrase::of($plan->clear->words()),
            );
        }
        if (
            $card->undercoatShade !== null &&
            $plan->undercoatShade !== null &&
            $card->undercoatShade !== $plan->undercoatShade
        ) {
            $out[] = SprayDifference::of(
                'undercoatShade',
                'grey shade under it',
                $card->undercoatShade,
                $plan->undercoatShade,
            );
        }

        return $out;
    }
}
