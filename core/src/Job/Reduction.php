<?php

declare(strict_types=1);

namespace Kalopsis\Job;

use JsonSerializable;
use Kalopsis\Cups\Cup;
use Kalopsis\Film\Mixture;
use Kalopsis\Film\MixtureSpec;
use Kalopsis\Film\PopRisk;
use Kalopsis\Film\ProductRole;
use Kalopsis\Film\ReductionStrategy;
use Kalopsis\Film\Viscosity;
use Kalopsis\Film\Voc;
use Kalopsis\Film\VocRules;
use Kalopsis\Film\Volatile;
use Kalopsis\Sequence\Coat;
use Kalopsis\Spray\Hiding;
use Kalopsis\Spray\Pace;
use Kalopsis\Spray\Part;
use Kalopsis\Spray\Simulation;
use Kalopsis\Units\Quantity;
use Kalopsis\Why\Figure;
use Kalopsis\Why\Reason;
use Kalopsis\Why\SourceKind;
use OutOfBoundsException;

/**
 * How one mixture of a plan is thinned, what that does to a coat of it and to what is seen in the end, and what each other
 * way of thinning would do to the coat.
 */
final readonly class Reduction implements JsonSerializable
{
    private function __construct(private JobPlan $plan, private Cup $cup, private Coat $coat) {}

    /** The mixture that a coat comes out of; null where the plan sprays no such coat. */
    public static function of(JobPlan $plan, string $coatId): ?self
    {
        foreach ($plan->cups as $cup) {
            foreach ($cup->coats as $amount) {
                if ($amount->coatId === $coatId) {
                    return new self($plan, $cup, self::coat($plan, $coatId));
                }
            }
        }

        return null;
    }

    private static function coat(JobPlan $plan, string $id): Coat
    {
        foreach ($plan->blend->coats as $coat) {
            if ($coat->id() === $id) {
                return $coat;
            }
        }

        throw new OutOfBoundsException("No coat {$id}.");
    }

    /** @return array<string, mixed> */
    public function jsonSerialize(): array
    {
        $product = $this->cup->mixture->product;
        $outlook = SprayedPlan::of($this->plan)->outlook();
        $ratio = $this->plan->job->plan->ratios[$product->role->value] ?? $product->ratio;
        $spec = $this->coat->step->mixture;

        return [
            'cup' => $this->cup->id,
            'coats' => array_map(fn ($c): string => $c->coatId, $this->cup->coats),
            'window' => $product->sheet->reducerPercent,
            'sheetPercent' => $product->reducerPercent($product->ratio),
            'wholePercent' => $product->reducerPercent($ratio),
            'percent' => $product->reducerPercent($this->cup->mixture->ratio),
            'least' => MixtureSpec::REDUCER[0],
            'most' => MixtureSpec::REDUCER[1],
            'against' => $this->cup->mixture->againstWindow(),
            'reason' => $spec->reason,
            'now' => [
                ...$this->effects($this->cup->mixture, $this->coat),
                'mottle' => round($outlook->parts[Part::Mottle->value], 2),
                'index' => round($outlook->index(), 2),
                'seen' => $outlook->isSeen(),
                'says' => $outlook->says(),
            ],
            'strategies' => $this->strategies(),
            'voc' => $this->rules(),
        ];
    }

    /** @return list<array<string, mixed>> */
    private function strategies(): array
    {
        $out = [];
        $product = $this->cup->mixture->product;
        $now = $this->coat->step->mixture;
        $added = $this->cup->mixture->added?->role;
        foreach (ReductionStrategy::cases() as $strategy) {
            $spec = $strategy->spec($product);
            // Clear that was let down or tinted is what its coat is for: only its reducer is asked about.
            if ($spec === null || ($added !== null && $added !== ProductRole::WetBed)) {
                continue;
            }
            $mixture = Mixture::of(
                $this->plan->job->system,
                $product->role,
                $spec,
                $this->plan->job->plan->ratios[$product->role->value] ?? null,
            );
            $out[] = [
                'key' => $strategy->value,
                'words' => $strategy->words(),
                'purpose' => $strategy->purpose(),
                'reducer' => $spec->reducer,
                'blendingClear' => $spec->blendingClear,
                'percent' => $product->reducerPercent($mixture->ratio),
                'against' => $mixture->againstWindow(),
                'chosen' =>
                    abs($spec->reducer - $now->reducer) < 0.005 && abs($spec->blendingClear - $now->blendingClear) < 0.005,
                ...$this->effects($mixture, $this->coat),
            ];
        }

        return $out;
    }

    /** @return array<string, mixed> what a coat of it is like */
    private function effects(Mixture $mixture, Coat $like): array
    {
        $job = $this->plan->job;
        $coat = $like->mixed($mixture);
        $laid = Simulation::laid($coat, Volatile::of($job->system->carrier, $job->reducer()), $job->air());
        $wait = (new Pace($job->system, $job->reducer(), $job->air()))->waiting($coat);
        $share = $laid->dryUm / ($mixture->product->dryFilmUm * $coat->filmShare);
        $hides = $coat->kind()->hides() && $laid->pigmentedUm > 0.0;
        $coats = $hides
            ? Hiding::of(SprayedPlan::of($this->plan)->finish(), $laid->pigmentedUm, $laid->pigmentedUm)->coats()
            : null;
        $sheet = $mixture->product->sheet->viscosity;
        $there = Viscosity::atSheet($mixture);
        $pop = PopRisk::of($share, $coat->step->drying->gone() > 0.9);

        return [
            'mixture' => $mixture->text(),
            'hides' => $hides,
            'coats' => $coats === null ? null : round($coats, 1),
            'wet' => Quantity::um($laid->wetUm),
            'dry' => Quantity::um($laid->dryUm),
            'wetness' => Figure::of(
                Quantity::um($laid->volatileUm()),
                Reason::of(
                    'Solvent or water that lands with a coat: what was sprayed, less what dries in flight and what stays.',
                    SourceKind::Estimate,
                    'Own model, model notes, sections 8 and 10.',
                    ['lost in flight' => Quantity::um($laid->lostUm), 'dry film' => Quantity::um($laid->dryUm)],
                ),
            ),
            'flash' => Quantity::minutes($wait),
            'viscosity' =>
                $there === null || $sheet === null
                    ? null
                    : [
                        'mm2PerS' => round($there, 1),
                        'seconds' => round($sheet->cup->secondsFor($there), 1),
                        'key' => $sheet->cup->value,
                        'cup' => $sheet->cup->words(),
                        'from' => $sheet->fromSeconds,
                        'to' => $sheet->toSeconds,
                        'fits' => $sheet->compare($there),
                    ],
            'voc' => round(Voc::lessWater($mixture)),
            'pop' => $pop->value,
            'popWords' => $pop->words(),
        ];
    }

    /** @return list<array<string, mixed>> each law, what it limits and what this comes to */
    private function rules(): array
    {
        $role = $this->cup->mixture->product->role;
        $base = $clear = null;
        foreach ($this->plan->cups as $cup) {
            $own = Voc::lessWater($cup->mixture);
            $base = $cup->mixture->product->role->isBase() ? max($base ?? 0.0, $own) : $base;
            $clear = $cup->mixture->product->role === ProductRole::Clear ? max($clear ?? 0.0, $own) : $clear;
        }
        $out = [];
        foreach (VocRules::cases() as $rules) {
            $limit = $rules->limitGPerL($role);
            $together = $rules->takesStagesTogether($role);
            $has = $together && $base !== null && $clear !== null
                ? Voc::multistage($base, [], $clear)
                : Voc::lessWater($this->cup->mixture);
            $out[] = [
                'key' => $rules->value,
                'words' => $rules->words(),
                'category' => $rules->category($role),
                'limit' => $limit,
                'has' => round($has),
                'within' => $has <= $limit,
            ];
        }

        return $out;
    }
}
