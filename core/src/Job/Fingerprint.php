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
        return self::print(self::snapshot($plan));
    }

    /** @param array<string, mixed> $snapshot */
    public static function print(array $snapshot): string
    {
        unset($snapshot['told']);

        return hash('sha256', (string) json_encode($snapshot));
    }

    /**
     * What the print is made of, and under "told" what it comes to in figures: kept with a pass, so that a pass that
     * falls can say why.
     *
     * @return array{
     *     colour: list<mixed>, system: string, booth: list<float>, reducer: ?string, repairs: array<string, mixed>,
     *     coats: array<string, array<string, mixed>>, ends: list<mixed>,
     *     told: array{reach: array<string, float>, celsius: float, humidity: float, names: array<string, string>}
     * }
     */
    public static function snapshot(JobPlan $plan): array
    {
        $job = $plan->job;
        $coats = $reach = [];
        foreach ($plan->blend->coats as $coat) {
            $step = $coat->step;
            if ($coat->kind()->hides() || $coat->kind() === CoatKind::WetBed) {
                $coats[$coat->id()] = [
                    'name' => $step->name,
                    'kind' => $coat->kind()->value,
                    'mixture' => $coat->mixture->key(),
                    'film' => self::number($coat->filmShare),
                    'gun' => [
                        self::number($coat->gun->bar),
                        self::number($coat->gun->distanceMm),
                        self::number($coat->gun->overlapPercent),
                    ],
                    'landsIn' => $step->landsIn->value,
                    'drying' => $step->drying->value,
                    'where' => $step->where->jsonSerialize(),
                    'extent' => $step->extent->jsonSerialize(),
                ];
                $reach[$coat->id()] = self::number($coat->reachMm ?? 0.0);
            }
        }
        // Names are for people: a coat that is only called otherwise sprays the same.
        $told = [
            'reach' => $reach,
            'celsius' => $job->booth->temperatureC,
            'humidity' => $job->booth->humidityPercent,
            'names' => array_map(fn (array $c): string => $c['name'], $coats),
        ];
        $coats = array_map(fn (array $c): array => array_diff_key($c, ['name' => true]), $coats);
        $ends = [];
        foreach ($plan->blend->sides as $side) {
            if ($side->choice === SideChoice::Butt && $side->reached) {
                $ends[] = [$side->panelId, $side->neighbourId];
            }
        }
        sort($ends);
        $repairs = [];
        foreach ($job->repairs as $r) {
            $repairs[$r->id] = [$r->panelId, $r->shape, $r->under->value, $r->greyShade];
        }

        return [
            'colour' => [
                $job->colour->name,
                $job->colour->code,
                $job->colour->finish->value,
                $job->colour->undercoatShade,
            ],
            'system' => $job->system->key,
            'booth' => [
                round($job->booth->temperatureC / self::STEADY_C),
                round($job->booth->humidityPercent / self::STEADY_PERCENT),
            ],
            // The advised one follows from booth, repairs and finish.
            'reducer' => $job->plan->reducer?->key(),
            'repairs' => $repairs,
            'coats' => $coats,
            ...$job->plan->letDown ? ['letDown' => true] : [],
            'ends' => $ends,
            'told' => $told,
        ];
    }

    private static function number(float $v): float
    {
        return round($v, 4);
    }
}
