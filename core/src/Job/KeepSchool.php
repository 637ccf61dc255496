<?php

declare(strict_types=1);

namespace Kalopsis\Job;

use Kalopsis\Sequence\CoatStep;
use Kalopsis\Sequence\Extent;
use Kalopsis\Sequence\ExtentKind;
use Kalopsis\Sequence\School;
use Kalopsis\Sequence\SchoolStep;
use Kalopsis\Sequence\Where;

/** Makes a plan a recipe: what belongs to one car, its panels and its millimetres, is taken out of the steps. */
final class KeepSchool
{
    /** Shares are kept to a hundredth: a recipe, not a measurement. */
    private const DECIMALS = 2;

    public static function of(JobPlan $plan, string $key, string $name): School
    {
        $blend = max(1.0, $plan->blend->need->blendMm);
        $steps = array_map(
            fn (CoatStep $s): SchoolStep => new SchoolStep(new CoatStep(
                $s->id,
                $s->name,
                $s->kind,
                $s->mixture,
                $s->gun,
                self::extent($s->extent, $blend),
                Where::everywhere(),
                $s->strokes,
                $s->film,
                $s->landsIn,
                $s->drying,
                $s->purpose,
            ), []),
            $plan->job->plan->sequence->steps,
        );

        return new School($key, $name, 'Our own way.', 'as the way it was made from', $plan->job->plan->usual, $steps);
    }

    private static function extent(Extent $e, float $blendMm): Extent
    {
        if (! $e->fades() || $e->beyondMm > 0.0) {
            return $e;
        }
        $share = fn (float $mm): float => min(1.0, round($mm / $blendMm, self::DECIMALS));
        $reach = $e->isSetByHand() ? $share($e->reachIn($blendMm)) : $e->reach;
        $fade = $e->fadeMm === null ? $e->fade : $share($e->fadeMm);

        return $e->kind === ExtentKind::Between ? Extent::between($reach, $fade) : Extent::past($reach, $fade);
    }
}
