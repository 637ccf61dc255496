<?php

declare(strict_types=1);

use Kalopsis\Colour\Random;
use Kalopsis\Input\Fields;
use Kalopsis\Input\Problems;
use Kalopsis\Job\BlendLimits;
use Kalopsis\Job\FoundBlend;
use Kalopsis\Job\JobPlanner;
use Kalopsis\Job\JobReader;
use Kalopsis\Job\JobSpec;
use Kalopsis\Job\SmallestBlend;
use Kalopsis\Job\WayOutlook;
use Kalopsis\Sequence\CoatKind;
use Kalopsis\Sequence\CoatSequence;
use Kalopsis\Sequence\CoatStep;
use Kalopsis\Sequence\Extent;
use Kalopsis\Sequence\ExtentKind;
use Kalopsis\Sequence\GunChoice;
use Kalopsis\Tests\Support\Bodies;
use Kalopsis\Units\UnitSystem;

/** How many random jobs are tried; docs/model.md section 12 says what 200 came to. */
function jobsToTry(): int
{
    return (int) (getenv('KALOPSIS_JOBS') ?: 3);
}

/** @param array<string, mixed> $change */
function smallJob(string $panel, float $radius, array $change = []): JobSpec
{
    return (new JobReader(new Bodies()))->read(Bodies::job($panel, $radius, $change));
}

function smallestOf(JobSpec $job, ?BlendLimits $limits = null): ?FoundBlend
{
    return SmallestBlend::of($job, Bodies::schools(), new JobPlanner(), null, null, $limits);
}

/** @param array<string, mixed> $limits */
function limitsOf(array $limits): BlendLimits
{
    $problems = new Problems();
    $read = BlendLimits::read(
        Fields::of(
            [...json_decode((string) json_encode(BlendLimits::usual()), true), ...$limits],
            $problems,
        ),
    );
    $problems->stop();

    return $read;
}

function randomJob(Random $chance): JobSpec
{
    $of = fn (array $all): mixed => $all[$chance->below(count($all))];

    return smallJob(
        $of(['front-door-left', 'rear-door-left', 'bonnet', 'front-wing-left', 'roof']),
        15.0 + 85.0 * $chance->uniform(),
        [
            'colour' => ['finish' => $of(['metallic-light', 'metallic-dark', 'solid-dark', 'solid-light', 'pearl'])],
            'booth' => [
                'temperatureC' => 14.0 + 18.0 * $chance->uniform(),
                'humidityPercent' => 20.0 + 60.0 * $chance->uniform(),
            ],
            'plan' => ['certainty' => $of(['sure', 'likely'])],
        ],
    );
}

/** The same plan with every coat drawn in by a factor, by hand. */
function drawnIn(WayOutlook $way, float $by): WayOutlook
{
    $job = $way->plan->job;
    $blend = $way->plan->blend->need->blendMm;
    $steps = array_map(function (CoatStep $s) use ($by, $blend): CoatStep {
        $e = $s->extent;
        if ($e->kind !== ExtentKind::Past || ! $s->kind->isColour()) {
            return $s;
        }
        $extent = Extent::past($e->reach, $e->fade, $by * $e->reachIn($blend), $by * $e->fadeIn($blend));

        return new CoatStep(
            $s->id,
            $s->name,
            $s->kind,
            $s->mixture,
            $s->gun,
            $extent,
            $s->where,
            $s->strokes,
            $s->film,
            $s->landsIn,
            $s->drying,
            $s->purpose,
        );
    }, $job->plan->sequence->steps);
    $plan = $job->plan->sprayed($job->plan->school, new CoatSequence($steps), $job->plan->usual, true);

    return WayOutlook::planned($way->school, (new JobPlanner())->plan($job->with($plan), null, null));
}

it('is never beaten by one of its own candidates drawn in further', function (): void {
    $chance = new Random(9);
    for ($n = 0; $n < jobsToTry(); $n++) {
        $job = randomJob($chance);
        $found = smallestOf($job);
        if ($found === null) {
            continue;
        }
        $candidates = [$found->best];
        for ($i = 0; $i < 3; $i++) {
            $candidates[] = $found->tried[$chance->below(count($found->tried))];
        }
        foreach ($candidates as $way) {
            foreach ([0.95, 0.8, 0.6] as $by) {
                $smaller = drawnIn($way, $by);
                $need = $way->plan->blend->need;
                // At the certainty that was asked for, and not below what the trade goes at least.
                $unseen =
                    $smaller->holds() &&
                    log($smaller->outlook->index()) + $need->certainty->quantile() * $smaller->outlook->spread <= 0.0 &&
                    $by * $need->blendMm >= $need->leastMm;
                expect($unseen && $smaller->rank() < $found->best->rank())->toBeFalse(
                    "{$way->school->key} drawn in to {$by} on " . json_encode($job->colour->finish),
                );
            }
        }
    }
});

it('stays within what the shop allows', function (): void {
    $job = smallJob('bonnet', 60.0);
    $free = smallestOf($job);
    $bound = smallestOf($job, limitsOf(['leastCoats' => 3, 'smallGun' => false, 'blendingClear' => false]));
    assert($free !== null && $bound !== null);
    foreach ($bound->tried as $way) {
        $plan = $way->plan->job->plan;
        $base = fn (CoatSequence $s): int => count(
            array_filter($s->steps, fn (CoatStep $step): bool => $step->kind === CoatKind::Base),
        );
        expect($plan->gun)->toBe(GunChoice::Standard);
        // What a school sprays less of by itself stays; nothing is taken away below three.
        expect($base($plan->sequence))->toBeGreaterThanOrEqual(
            min(3, $base($way->school->sequence($job->colour->finish))),
        );
    }
    $full = fn (FoundBlend $f): int => count(
        array_filter($f->best->plan->job->plan->sequence->steps, fn (CoatStep $s): bool => $s->kind === CoatKind::Base),
    );
    expect($free->best->rank() <=> $bound->best->rank())->toBeLessThanOrEqual(0)->and($full($free))->toBeLessThanOrEqual(3);
    expect(fn () => limitsOf(['leastCoats' => 0]))->toThrow(Kalopsis\Input\InvalidInput::class);
});

it('says what it gives up, and a plan that is the smallest already gives up nothing', function (): void {
    $found = smallestOf(smallJob('bonnet', 60.0, ['plan' => ['school' => 'bed-before-each']]));
    assert($found !== null);
    $says = array_map(fn ($p): string => $p->in(UnitSystem::Metric), $found->givesUp());
    expect(implode('; ', $says))->toContain('coat');
    $plan = array_filter(
        array_intersect_key(
            json_decode((string) json_encode($found), true),
            array_flip(['school', 'usual', 'sequence', 'gun', 'sides']),
        ),
    );
    expect(smallestOf(smallJob('bonnet', 60.0, ['plan' => $plan]))?->givesUp())->toBe([]);
});

it('keeps the bed under a light metallic unless the shop lets it go (common practice)', function (): void {
    $bed = fn (?FoundBlend $f): bool => $f?->best->plan->job->plan->sequence->has(CoatKind::WetBed) ?? false;
    $job = smallJob('bonnet', 60.0, ['colour' => ['finish' => 'pearl']]);
    expect($bed(smallestOf($job)))->toBeTrue()->and($bed(smallestOf($job, limitsOf(['wetBed' => false]))))->toBeFalse();
});

it('answers with the best so far where its time is up, and says that it did not try all', function (): void {
    $job = smallJob('front-door-left', 30.0);
    $whole = smallestOf($job);
    $asked = 0;
    $search = fn (int $most): ?FoundBlend => SmallestBlend::of(
        $job,
        Bodies::schools(),
        new JobPlanner(),
        null,
        null,
        goesOn: function () use (&$asked, $most): bool {
            return ++$asked <= $most;
        },
    );
    $few = $search(3);
    expect($whole?->complete)->toBeTrue()
        ->and($few?->complete)->toBeFalse()
        ->and(count($few->tried ?? []))->toBeLessThanOrEqual(4)
        ->and(count($whole->tried ?? []))->toBeGreaterThan(4);
    // However early it ends, one plan was tried.
    $asked = 0;
    expect($search(0))->not->toBeNull();
});
