<?php

declare(strict_types=1);

namespace Kalopsis\Job;

use Kalopsis\Blend\SideChoice;
use Kalopsis\Card\ClearOver;
use Kalopsis\Card\Spraying;
use Kalopsis\Film\Product;
use Kalopsis\Film\ProductRole;
use Kalopsis\Gun\GunSetUp;
use Kalopsis\Sequence\CoatKind;

/** How a plan sprays its colour, as it would be written on a card, and the room it has. */
final class PlannedSpraying
{
    /** Null while the plan has no colour coats. */
    public static function of(JobPlan $plan): ?Spraying
    {
        $full = $half = 0;
        $control = false;
        $gun = null;
        $reduction = 1.0;
        foreach ($plan->blend->coats as $coat) {
            match ($coat->kind) {
                CoatKind::Base => $full++,
                CoatKind::Half, CoatKind::Effect => $half++,
                CoatKind::Control => $control = true,
                CoatKind::Sealer, CoatKind::WetBed, CoatKind::Clear => null,
            };
            $reduction = $coat->kind->isColour() ? $coat->reduction : $reduction;
            $gun = $coat->kind === CoatKind::Base ? $gun ?? $coat->gun : $gun;
        }
        $product = self::product($plan);

        return $full + $half === 0 ? null : new Spraying(
            $full,
            $half,
            $control,
            $plan->job->plan->ratios[$product->role->value] ?? $product->ratio->reduced($reduction),
            $plan->reducer,
            $gun ?? new GunSetUp($product->gun->bar, $product->gun->distanceMm, $product->gun->overlapPercent),
            ClearOver::Clear,
            $plan->job->colour->undercoatShade,
        );
    }

    public static function product(JobPlan $plan): Product
    {
        return $plan->job->system->product($plan->job->colour->finish->isEffect() ? ProductRole::BaseEffect : ProductRole::BaseSolid);
    }

    /** mm towards the tightest side that colour may not run on over; null when every side is let run on, or there is none. */
    public static function roomMm(JobPlan $plan): ?float
    {
        $room = null;
        foreach ($plan->blend->sides as $side) {
            if ($side->choice !== SideChoice::Join) {
                $room = min($room ?? INF, $side->room->value());
            }
        }

        return $room;
    }
}
