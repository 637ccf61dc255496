<?php

declare(strict_types=1);

namespace Kalopsis\Job;

use Closure;
use Kalopsis\Blend\BlendRequest;
use Kalopsis\Blend\SideChoice;
use Kalopsis\Colour\Measurement;
use Kalopsis\Film\MixtureSpec;
use Kalopsis\Sequence\CoatKind;
use Kalopsis\Sequence\CoatSequence;
use Kalopsis\Sequence\CoatStep;
use Kalopsis\Sequence\GunChoice;
use Kalopsis\Sequence\School;

/**
 * Looks for the plan with the fewest panels, then the least paint, then the least time, at which nobody sees the blend:
 * every school drawn in to its need, and from the best of them one change at a time (a coat less, blending clear in the
 * last coat, the small gun, a line to stop at) for as long as one makes it smaller. Docs/model.md section 12.
 */
final readonly class SmallestBlend
{
    /** Shorter than any need: the need alone says how long it gets. */
    private const DRAWN_IN = 0.2;

    /** So many schools are taken further: the best one may have nothing to lose. Chosen here. */
    private const TAKEN_FURTHER = 3;

    /** Changes in a row; no way has more coats to lose. Chosen here. */
    private const ROUNDS = 6;

    /** Plans after which nothing further is begun: a painter waits some seconds, not a minute. Chosen here. */
    private const ENOUGH = 36;

    private function __construct(
        private JobPlanner $planner,
        private BlendLimits $limits,
        private ?Measurement $car,
        private ?Measurement $card,
        private ?Closure $goesOn,
    ) {}

    /**
     * @param list<School> $schools
     * @param ?Closure(): bool $goesOn asked before each plan but the first is tried: a search that took long enough, or that
     *     nobody waits for, is ended there
     */
    public static function of(
        JobSpec $job,
        array $schools,
        JobPlanner $planner,
        ?Measurement $car,
        ?Measurement $card,
        ?BlendLimits $limits = null,
        ?Closure $goesOn = null,
    ): ?FoundBlend {
        $search = new self($planner, $limits ?? BlendLimits::usual(), $car, $card, $goesOn);
        [$tried, $complete] = $search->all($job, $schools);
        $best = $tried[0] ?? null;

        return $best === null || ! $best->holds()
            ? null
            : FoundBlend::of($best, WayOutlook::planned($best->school, $planner->plan($job, $car, $card)), $tried, $complete);
    }

    /**
     * @param list<School> $schools
     * @return array{list<WayOutlook>, bool} all that were tried, the best first; was there time for all?
     */
    private function all(JobSpec $job, array $schools): array
    {
        $tried = [];
        foreach ($schools as $school) {
            $sequence = $school->sequence($job->colour->finish);
            if ($job->repairs === [] || ! $sequence->fades() || ! $this->limits->allows($sequence, $job->colour->finish)) {
                continue;
            }
            if ($tried !== [] && ! $this->goesOn()) {
                return [self::sorted($tried), false];
            }
            $tried[] = $this->planned($school, $job, $job->plan->sprayed($school->key, $sequence, self::DRAWN_IN));
        }
        $tried = self::sorted($tried);
        $complete = true;
        foreach (array_slice($tried, 0, self::TAKEN_FURTHER) as $way) {
            [$more, $whole] = $this->further($way, self::ENOUGH - count($tried));
            array_push($tried, ...$more);
            $complete = $complete && $whole;
        }

        return [self::sorted($tried), $complete];
    }

    /**
     * @param list<WayOutlook> $ways
     * @return list<WayOutlook> the best first
     */
    private static function sorted(array $ways): array
    {
        usort($ways, self::better(...));

        return $ways;
    }

    private function goesOn(): bool
    {
        return $this->goesOn === null || ($this->goesOn)();
    }

    private static function better(WayOutlook $a, WayOutlook $b): int
    {
        return $a->rank() <=> $b->rank();
    }

    /**
     * @param int $most plans after which no other round begins
     * @return array{list<WayOutlook>, bool} what was tried from here on; was there time for all?
     */
    private function further(WayOutlook $way, int $most): array
    {
        $tried = [];
        for ($round = 0; $round < self::ROUNDS && count($tried) < $most; $round++) {
            $next = [];
            foreach ($this->changes($way) as $plan) {
                if (! $this->goesOn()) {
                    return [[...$tried, ...$next], false];
                }
                $next[] = $this->planned($way->school, $way->plan->job, $plan);
            }
            array_push($tried, ...$next);
            $next = self::sorted($next);
            if ($next === [] || self::better($next[0], $way) >= 0) {
                break;
            }
            $way = $next[0];
        }

        return [$tried, true];
    }

    private function planned(School $school, JobSpec $job, PlanSpec $plan): WayOutlook
    {
        return WayOutlook::planned($school, $this->planner->plan($job->with($plan), $this->car, $this->card));
    }

    /** @return list<PlanSpec> one change each, within the shop's limits */
    private function changes(WayOutlook $way): array
    {
        $plan = $way->plan->job->plan;
        $out = [];
        foreach ($this->sequences($plan->sequence) as $sequence) {
            $out[] = $plan->sprayed($plan->school, $sequence, $plan->usual, true);
        }
        if ($this->limits->smallGun && $plan->gun === GunChoice::Standard) {
            $out[] = $plan->with(gun: GunChoice::Small);
        }
        foreach ($way->plan->blend->sides as $side) {
            if ($this->limits->stopAtLines && $side->choice === SideChoice::Join && ! $side->chosenByYou) {
                $key = BlendRequest::sideKey($side->panelId, $side->neighbourId);
                $out[] = $plan->with(side: SideChoice::StopAtLine, sideKey: $key);
            }
        }

        return $out;
    }

    /** @return list<CoatSequence> */
    private function sequences(CoatSequence $s): array
    {
        $out = [];
        $full = count(array_filter($s->steps, fn (CoatStep $c): bool => $c->kind === CoatKind::Base));
        foreach ($s->colour() as $step) {
            if ($step->kind !== CoatKind::Base || $full > $this->limits->leastCoats) {
                $out[] = new CoatSequence(
                    array_values(array_filter($s->steps, fn (CoatStep $c): bool => $c->id !== $step->id)),
                );
            }
        }
        $last = $s->colour()[count($s->colour()) - 1] ?? null;
        if ($this->limits->blendingClear && $last !== null && $last->mixture->blendingClear < 1.0) {
            $thin = $last->changed(mixture: new MixtureSpec($last->mixture->reducer, 1.0));
            $out[] = new CoatSequence(array_map(fn (CoatStep $c): CoatStep => $c->id === $last->id ? $thin : $c, $s->steps));
        }

        return array_values(array_filter($out, fn (CoatSequence $c): bool => $c->fades()));
    }
}
