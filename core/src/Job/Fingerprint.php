<?php

declare(strict_types=1);

namespace Kalopsis\Job;

use Kalopsis\Blend\SideChoice;
use Kalopsis\Sequence\CoatKind;

/**
 * Two plans with the same print spray the same colour in the same way to the same places: a card that passed for one
 * passed for the other. What
 * does not change the colour is not in it: a plate, what stays in the cup, a default written out, the name of the way.
 */
final class Fingerprint
{
    /** A booth is held no steadier than this, deg C and % of humidity. Common practice. */
    private const STEADY_C = 2.0;

    private const STEADY_PERCENT = 10.0;

    public static function of(JobPlan $plan): string
    {
        $job = $plan->job;
        $coats = [];
        foreach ($plan->blend->coats as $coat) {
            $step = $coat->step;
            if ($coat->kind()->hides() || $coat->kind() === CoatKind::WetBed) {
                $coats[] = [
                    $coat->kind()->value,
                    $coat->mixture->key(),
                    self::number($coat->filmShare),
                    [
                        self::number($coat->gun->bar),
                        self::number($coat->gun->distanceMm),
                        self::number($coat->gun->overlapPercent),
                    ],
                    $step->landsIn->value,
                    $step->drying->value,
                    $step->where,
                    $step->extent,
                ];
            }
        }
        $ends = [];
        foreach ($plan->blend->sides as $side) {
            if ($side->choice === SideChoice::Butt && $side->reached) {
                $ends[] = [$side->panelId, $side->neighbourId];
            }
        }
        sort($ends);
        $repairs = array_map(
            fn ($r): array => [$r->id, $r->panelId, $r->shape, $r->under->value, $r->greyShade],
            $job->repairs,
        );

        return hash(
            'sha256',
            (string) json_encode([
                $job->colour->name,
                $job->colour->code,
                $job->colour->finish->value,
                $job->colour->undercoatShade,
                $job->system->key,
                round($job->booth->temperatureC / self::STEADY_C),
                round($job->booth->humidityPercent / self::STEADY_PERCENT),
                // The advised one follows from booth, repairs and finish.
                $job->plan->reducer?->key(),
                $repairs,
                $coats,
                $ends,
            ]),
        );
    }

    private static function number(float $v): float
    {
        return round($v, 4);
    }
}
