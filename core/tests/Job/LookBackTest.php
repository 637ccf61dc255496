<?php

declare(strict_types=1);

use Kalopsis\Findings\Bayes;
use Kalopsis\Findings\Finding;
use Kalopsis\Job\AsSprayed;
use Kalopsis\Job\DoneInTheBooth;
use Kalopsis\Job\LookBack;
use Kalopsis\Job\RankedCause;
use Kalopsis\Tests\Support\Bodies;
use Kalopsis\Tests\Support\Mishaps;
use Kalopsis\Units\UnitSystem;

/** @return list<string> */
function causeKeys(LookBack $look): array
{
    return array_map(fn (RankedCause $c): string => $c->cause->key, $look->causes);
}

/** A record in which every coat waited as it should but some. */
function recordOf(array $waits = [], array $answers = [], ?float $celsius = null): DoneInTheBooth
{
    $lines = [];
    foreach ($waits as $step => [$waited, $planned]) {
        $lines[] = ['step' => $step, 'kind' => 'coat', 'waited' => $waited, 'waitPlanned' => $planned, 'answer' => ''];
    }
    foreach ($answers as $kind => $answer) {
        $lines[] = ['step' => $kind, 'kind' => $kind, 'waited' => null, 'waitPlanned' => null, 'answer' => $answer];
    }

    return DoneInTheBooth::of(
        [
            'lines' => $lines === [] ? [['step' => 'ready', 'kind' => 'ready']] : $lines,
            'climate' => $celsius === null ? [] : ['temperatureC' => [$celsius, $celsius], 'humidityPercent' => [50, 50]],
        ],
        true,
    );
}

it('weighs causes by Bayes\' rule (Eddy 1982: a positive mammogram at 1 in 100 means cancer in 8 of 100)', function (): void {
    $posterior = Bayes::posterior(['ill' => 0.01, 'well' => 0.99], ['ill' => 0.79, 'well' => 0.096]);
    expect($posterior['ill'])
        ->toEqualWithDelta(0.077, 0.001)
        ->and(array_keys($posterior))
        ->toBe(['well', 'ill'])
        ->and(array_sum($posterior))
        ->toEqualWithDelta(1.0, 1e-12)
        ->and(Bayes::posterior(['a' => 1.0], ['a' => 0.0]))
        ->toBe(['a' => 0.0]);
});

it('takes index 1 for even odds, and the normal distribution around it', function (float $z, float $phi): void {
    // Abramowitz and Stegun, table 26.1; the logistic stands in for it within .01.
    expect(Bayes::seen(exp($z * Bayes::SPREAD)))->toEqualWithDelta($phi, 0.01);
})->with([[0.0, 0.5], [0.5, 0.69146], [1.0, 0.84134], [2.0, 0.97725], [-1.0, 0.15866]]);

it('needs a cause only for what would not be marked without it', function (): void {
    expect(Bayes::needed(5.0, 0.1))
        ->toBeGreaterThan(0.9)
        ->and(Bayes::needed(2.0, 2.0))
        ->toEqualWithDelta(0.0, 1e-9)
        // A cause that would have helped is none.
        ->and(Bayes::needed(1.0, 2.0))
        ->toBe(0.0)
        // Both far below what is seen: what is marked was not this.
        ->and(Bayes::needed(0.02, 0.01))
        ->toBeLessThan(0.01);
});

it('finds the cause that was there: in the first two for nine of ten, first for three of four (200 random jobs)', function (): void {
    mt_srand(14);
    $causes = Mishaps::causes();
    $finishes = ['metallic-light', 'metallic-dark', 'pearl'];
    $pool = [];
    $count = array_fill_keys(array_column(Mishaps::CASES, 0), 0);
    $n = $first = $two = $wronglyCertain = 0;
    for ($tries = 0; $n < 200 && $tries < 4000; $tries++) {
        $open = array_values(array_filter(Mishaps::CASES, fn (array $c): bool => $count[$c[0]] < 19));
        [$cause, $defect] = $open[mt_rand(0, count($open) - 1)];
        if (count($pool) < 30) {
            $pool[] = Mishaps::good($finishes[mt_rand(0, 2)]);
        }
        [$job, $good, $planned, $well] = $pool[$tries % count($pool)];
        $wrong = Mishaps::index($well, $defect) >= 1.0 ? null : Mishaps::wrong($job, $good, $planned, $cause);
        if ($wrong === null) {
            continue;
        }
        [$plan, $done, $really] = $wrong;
        $sprayed = AsSprayed::on($plan, null);
        $seen = $sprayed->seen($really(Mishaps::recorded($plan, $sprayed, $done)));
        // Only what goes visibly wrong is looked back on.
        if (Mishaps::index($seen, $defect) <= 1.0) {
            continue;
        }
        $all = array_map(fn (string $d): Finding => new Finding($d, $d), Mishaps::marked($seen, $defect));
        $look = LookBack::of($plan, $done, $causes, $all[0], $all);
        $rank = array_search($cause, causeKeys($look), true);
        $n++;
        $count[$cause]++;
        $first += $rank === 0 ? 1 : 0;
        $two += $rank === 0 || $rank === 1 ? 1 : 0;
        $wronglyCertain += $look->isCertain() && $rank !== 0 ? 1 : 0;
    }
    expect($n)
        ->toBe(200)
        ->and($two)
        ->toBeGreaterThanOrEqual(180)
        ->and($first)
        ->toBeGreaterThanOrEqual(150)
        ->and($wronglyCertain)
        ->toBe(0);
});

it('is never certain where two causes explain it alike', function (): void {
    // No bed, and a reducer two grades too fast, in a blend set short: either would have been enough.
    $job = Bodies::withSteps(
        Bodies::job('bonnet', 40.0, ['plan' => ['school' => 'no-wet-bed', 'reducer' => 'fast'], 'booth' => ['temperatureC' => 30]]),
        fn (array $steps): array => array_map(
            fn (array $s): array => $s['extent']['kind'] === 'past' && in_array($s['kind'], ['base', 'half', 'effect', 'control'], true)
                ? [...$s, 'extent' => [...$s['extent'], 'reachMm' => 60.0, 'fadeMm' => 60.0]]
                : $s,
            $steps,
        ),
    );
    $plan = Bodies::planned($job);
    $halo = new Finding('1', 'halo');
    $look = LookBack::of($plan, recordOf([], [], 30.0), Mishaps::causes(), $halo, [$halo]);
    expect(array_slice(causeKeys($look), 0, 3))
        ->toContain('no-bed')
        ->toContain('fast-reducer')
        ->and($look->isCertain())
        ->toBeFalse()
        ->and($look->causes[0]->trace->present)
        ->toBeTrue();
});

it('believes the record: what it rules out is no cause, what it shows comes first', function (): void {
    $plan = Bodies::planned(Bodies::job());
    $keys = function (string $defect, DoneInTheBooth $done) use ($plan): array {
        $finding = new Finding('1', $defect);

        return causeKeys(LookBack::of($plan, $done, Mishaps::causes(), $finding, [$finding]));
    };
    $coats = $plan->blend->coats;
    $first = DoneInTheBooth::firstInBed($coats)?->id() ?? '';
    expect($keys('lint', recordOf([], ['tack' => 'clean'])))
        ->toBe(['dirt'])
        ->and($keys('lint', recordOf([], ['tack' => 'dust']))[0])
        ->toBe('tack')
        // A bed that waited as planned was open; one that waited five times as long was not.
        ->and($keys('halo', recordOf([$first => [4.0, 4.5]])))
        ->not->toContain('bed-dried')
        ->and($keys('halo', recordOf([$first => [22.5, 4.5]]))[0])
        ->toBe('bed-dried')
        ->and($keys('soft-clear', recordOf(['tack' => [1.0, 5.0]])))
        ->toBe(['short-before-clear'])
        ->and($keys('soft-clear', recordOf(['tack' => [5.0, 5.0]])))
        ->toBe([])
        ->and($keys('pop', recordOf(['clear-2' => [2.0, 9.0]]))[0])
        ->toBe('short-between-clears')
        ->and($keys('colour-off', recordOf([], ['card' => 'off']))[0])
        ->toBe('card-off')
        ->and($keys('colour-off', recordOf([], ['card' => 'matches'])))
        ->toBe(['other-variant']);
});

it('says its evidence with the figures of the record', function (): void {
    $plan = Bodies::planned(Bodies::job());
    $first = DoneInTheBooth::firstInBed($plan->blend->coats)?->id() ?? '';
    $finding = new Finding('1', 'halo', 'front-door-left');
    $look = LookBack::of($plan, recordOf([$first => [24.0, 4.0]], [], 29.0), Mishaps::causes(), $finding, [$finding]);
    $says = array_map(fn (RankedCause $c): string => $c->trace->says->in(UnitSystem::Metric), $look->causes);
    expect($says)
        ->toContain('The bed waited 24 min for its colour, planned 4 min.')
        ->toContain('The booth was at 29 °C, planned for 22 °C.');
});

it('believes a ring more where the model has it than where it has none', function (): void {
    $plan = Bodies::planned(Bodies::job('bonnet', 40.0));
    $first = DoneInTheBooth::firstInBed($plan->blend->coats)?->id() ?? '';
    $done = recordOf([$first => [30.0, 4.5]]);
    $sprayed = AsSprayed::on($plan, 'bonnet');
    $at = $sprayed->seen(Mishaps::recorded($plan, $sprayed, $done))['atMm'];
    $spot = $plan->job->repairs[0]->shape;
    $marked = fn (float $mm): Finding => new Finding('1', 'halo', 'bonnet', $spot->centre->x, $spot->centre->y - 40.0 - $mm);
    $share = function (Finding $finding) use ($plan, $done): float {
        return LookBack::of($plan, $done, Mishaps::causes(), $finding, [$finding])->causes[0]->share;
    };
    expect($share($marked($at)))->toBeGreaterThan($share($marked($at + 200.0)) + 0.02);
});
