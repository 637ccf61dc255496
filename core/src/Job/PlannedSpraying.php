<?php

declare(strict_types=1);

namespace Kalopsis\Job;

use Kalopsis\Card\ClearOver;
use Kalopsis\Card\Spraying;
use Kalopsis\Film\Product;
use Kalopsis\Film\ProductRole;
use Kalopsis\Sequence\CoatKind;

/** How a plan sprays its colour, as it would be written on a card. */
final class PlannedSpraying
{
    /** Null while the plan has no colour coats. */
    public static function of(JobPlan $plan): ?Spraying
    {
        $full = $half = 0;
        $control = false;
        $first = null;
        foreach ($plan->blend->coats as $coat) {
            match ($coat->kind()) {
                CoatKind::Base => $full++,
                CoatKind::Half, CoatKind::Effect => $half++,
                CoatKind::Control => ($control = true),
                CoatKind::Sealer,
                CoatKind::Ground,
                CoatKind::WetBed,
                CoatKind::Clear,
                CoatKind::FadeSolvent,
                CoatKind::TintedClear
                    => null,
            };
            $first ??= $coat->kind() === CoatKind::Base ? $coat : null;
        }
        $product = self::product($plan);

        return $full + $half === 0
            ? null
            : new Spraying(
                $full,
                $half,
                $control,
                $first->mixture->ratio ?? $product->ratio,
                $plan->job->reducer(),
                $first->gun ?? $product->gun,
                ClearOver::Clear,
                $plan->job->colour->undercoatShade,
            );
    }

    public static function product(JobPlan $plan): Product
    {
        return $plan->job->system->product(
            $plan->job->colour->finish->isEffect() ? ProductRole::BaseEffect : ProductRole::BaseSolid,
        );
    }
}
