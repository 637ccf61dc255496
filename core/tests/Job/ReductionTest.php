<?php

declare(strict_types=1);

use Kalopsis\Colour\Difference\Ciede2000;
use Kalopsis\Colour\Spectrum;
use Kalopsis\Colour\Viewing;
use Kalopsis\Cups\Scale;
use Kalopsis\Job\FormulaCup;
use Kalopsis\Job\GunsReady;
use Kalopsis\Job\JobPlan;
use Kalopsis\Job\JobPlanner;
use Kalopsis\Job\MixChoices;
use Kalopsis\Job\Reduction;
use Kalopsis\Tests\Support\Bodies;
use Kalopsis\Tint\Formula;
use Kalopsis\Tint\SolidModel;
use Kalopsis\Tint\TonerLibrary;

/** @return array<string, mixed> */
function reductionIn(JobPlan $plan, string $coat = 'base-1'): array
{
    return json_decode((string) json_encode(Reduction::of($plan, $coat)), true);
}

/** @return array<string, mixed> */
function choicesIn(JobPlan $plan): array
{
    $systems = array_map(fn (string $key) => (new Bodies())->paintSystem($key), ['northlight-s', 'northlight-w']);

    return json_decode((string) json_encode(new MixChoices($plan, $systems, new JobPlanner(), null, null)), true);
}

/** @param array<string, mixed> $mixture */
function thinnedLast(array $mixture): JobPlan
{
    $steps = json_decode((string) json_encode(Bodies::planned(Bodies::job())->job->plan->sequence), true);
    $last = array_key_last(array_filter($steps, fn (array $s): bool => $s['kind'] === 'base'));
    $steps[$last]['mixture'] = $mixture;

    return Bodies::planned(Bodies::job(change: ['plan' => ['sequence' => $steps]]));
}

it('shows what each way of thinning does to a coat, in the order painters know (common practice)', function (): void {
    $found = reductionIn(Bodies::planned(Bodies::job()));
    $ways = array_column($found['strategies'], null, 'key');
    foreach ([['under', 'standard'], ['standard', 'over'], ['standard', 'clear-1-1'], ['clear-1-1', 'clear-150']] as [$more, $less]) {
        expect($ways[$more]['coats'] ?? 99)
            ->toBeLessThan($ways[$less]['coats'] ?? 99.1)
            ->and($ways[$more]['dry']['value'])
            ->toBeGreaterThan(0.0)
            ->and($ways[$more]['viscosity']['mm2PerS'])
            ->toBeGreaterThanOrEqual($ways[$less]['viscosity']['mm2PerS']);
    }
    // Under-reduced covers in a coat and a half where three are usual: common practice.
    expect($ways['under']['coats'] / $ways['standard']['coats'])
        ->toBeGreaterThan(0.45)
        ->toBeLessThan(0.85)
        ->and($ways['under']['voc'])
        ->toBeLessThan($ways['over']['voc'])
        ->and($ways['under']['pop'])
        ->toBe('raised')
        ->and($ways['standard']['pop'])
        ->toBe('low')
        ->and($found['now']['index'])
        ->toBeGreaterThan(0.0);
});

it('tells the plan\'s own mixture in per cent of all the rest, against its sheet', function (): void {
    $over = reductionIn(thinnedLast(['reducer' => 1.6, 'reason' => 'last coat only']), 'base-3');
    expect($over['percent'])
        ->toEqualWithDelta(120.0, 1e-9)
        ->and($over['wholePercent'])
        ->toEqualWithDelta(75.0, 1e-9)
        ->and($over['against'])
        ->toBe(1)
        ->and($over['reason'])
        ->toBe('last coat only')
        ->and($over['coats'])
        ->toBe(['base-3'])
        ->and(Reduction::of(Bodies::planned(Bodies::job()), 'no-coat'))
        ->toBeNull();
});

it('warns once for each mixture that leaves its window, and takes a reason', function (): void {
    $codes = fn (JobPlan $plan): array => array_count_values(array_map(fn ($w): string => $w->code, $plan->blend->warnings));
    expect($codes(Bodies::planned(Bodies::job()))['outside-window'] ?? 0)
        ->toBe(0)
        ->and($codes(thinnedLast(['reducer' => 1.6]))['outside-window'])
        ->toBe(1)
        ->and($codes(thinnedLast(['reducer' => 1.15]))['outside-window'] ?? 0)
        ->toBe(0);
    $severity = fn (JobPlan $plan): string => array_values(
        array_filter($plan->blend->warnings, fn ($w): bool => $w->code === 'outside-window'),
    )[0]->severity->value;
    expect($severity(thinnedLast(['reducer' => 1.6])))
        ->toBe('look-out')
        ->and($severity(thinnedLast(['reducer' => 1.6, 'reason' => 'tried on a card'])))
        ->toBe('note');
});

it('judges base and clear together for the law that does, and each alone for the one that does not', function (): void {
    $rules = array_column(reductionIn(Bodies::planned(Bodies::job()))['voc'], null, 'key');
    $alone = reductionIn(Bodies::planned(Bodies::job()))['now']['voc'];
    expect($rules['eu']['has'])
        ->toBe($alone)
        ->and($rules['us']['has'])
        ->toBeLessThan($alone)
        ->and($rules['eu']['within'])
        ->toBeFalse();
});

it('wants two guns where a coat of another mix follows straight on, and one where each waits', function (): void {
    $step = fn (string $id, string $kind, array $more): array => [
        'id' => $id,
        'name' => $id,
        'kind' => $kind,
        'extent' => ['kind' => 'past', 'reach' => 0.5, 'fade' => 0.3],
        ...$more,
    ];
    $with = fn (string $drying, string $lands): GunsReady => GunsReady::of(
        Bodies::planned(
            Bodies::job(
                change: [
                    'plan' => [
                        'sequence' => [
                            $step('bed', 'wet-bed', ['drying' => $drying]),
                            $step('base', 'base', ['landsIn' => $lands]),
                            $step('clear', 'clear', ['extent' => ['kind' => 'whole-panel']]),
                        ],
                    ],
                ],
            ),
        ),
    );
    $told = json_decode((string) json_encode($with('wet-on-wet', 'wet-bed')), true);
    expect($told)
        ->toHaveCount(1)
        ->and($told[0]['first']['cup'])
        ->toBe('wet-bed')
        ->and($told[0]['second']['cup'])
        ->toBe('base-effect')
        // A bed that lands wet wants its gun at once, whatever is said of its drying.
        ->and($with('flash', 'wet-bed')->pairs)
        ->toHaveCount(1)
        ->and($with('flash', 'dry')->pairs)
        ->toBe([]);
});

it('weighs binders by minutes: humid air stops waterborne long before solvent (common practice)', function (): void {
    $minutes = function (float $humidity): array {
        $plan = Bodies::planned(Bodies::job(change: ['booth' => ['humidityPercent' => $humidity]]));

        return array_column(choicesIn($plan)['binders'], null, 'system');
    };
    $still = fn (array $binder): float => $binder['air'][0]['minutes']['value'] ?? INF;
    [$dry, $humid] = [$minutes(40.0), $minutes(92.0)];
    expect($still($humid['northlight-w']))
        ->toBeGreaterThan(2 * $still($dry['northlight-w']))
        ->and($still($humid['northlight-s']))
        ->toBe($still($dry['northlight-s']))
        // Moving air is what waterborne asks for.
        ->and($dry['northlight-w']['air'][2]['minutes']['value'])
        ->toBeLessThan($dry['northlight-w']['air'][1]['minutes']['value'])
        ->and($dry['northlight-s']['own'])
        ->toBeTrue();
});

it('sets production against premium clear: thinner and sooner against thicker and dearer (common practice)', function (): void {
    $clears = array_column(choicesIn(Bodies::planned(Bodies::job()))['clears'], null, 'grade');
    foreach (['build', 'minutes', 'polish'] as $figure) {
        expect($clears['premium'][$figure]['value'])->toBeGreaterThan($clears['production'][$figure]['value']);
    }
    expect($clears['premium']['cost'])->toBeGreaterThan($clears['production']['cost']);
    $premium = Bodies::planned(Bodies::job(change: ['plan' => ['clear' => 'premium']]));
    expect(array_column(choicesIn($premium)['clears'], 'own', 'grade'))->toBe(['production' => false, 'premium' => true]);
});

it('wants a slower hardener for more panels and more heat', function (): void {
    $words = fn (array $change): string => choicesIn(Bodies::planned(Bodies::job(change: $change)))['hardener']['advised'];
    $side = array_map(
        fn (string $panel): array => [
            'id' => $panel,
            'panel' => $panel,
            'shape' => ['kind' => 'new-part'],
            'under' => ['kind' => 'new-primed-part'],
        ],
        ['bonnet', 'front-door-left', 'rear-door-left', 'quarter-left', 'front-door-right', 'rear-door-right', 'quarter-right'],
    );
    expect($words([]))
        ->toBe('fast')
        ->and($words(['repairs' => $side, 'booth' => ['temperatureC' => 30]]))
        ->not->toBe('fast');
});

it('scales a formula and keeps its shares', function (): void {
    $formula = Formula::of(['white' => 197.0, 'oxide-yellow' => 1.4, 'black' => 0.2]);
    $cup = FormulaCup::of($formula, TonerLibrary::northlight(), 60.0, new Scale(0.1));
    expect($cup->formula->total())
        ->toEqualWithDelta(60.0, 1e-9)
        ->and($cup->formula->gramsOf('white') / $cup->formula->gramsOf('black'))
        ->toEqualWithDelta(197.0 / 0.2, 1e-6)
        // 0.2 g in 198.6 g: for the 2 g a tenth-gram scale begins at, ten times as much (worked by hand).
        ->and($cup->leastBatchG())
        ->toEqualWithDelta(1986.0, 1e-6)
        // 60 g of it hold 0.06 g of black: two drops of 0.03 g.
        ->and($cup->leastDrops())
        ->toEqualWithDelta(2.0, 0.02);
});

it('makes a coarser scale, and a smaller cup, a larger colour error', function (): void {
    $error = fn (float $grams, float $readability): float => FormulaCup::of(
        Formula::of(['alu-medium' => 85.0, 'black' => 2.6, 'blue-green' => 1.4, 'flop-adjuster' => 9.0]),
        TonerLibrary::northlight(),
        $grams,
        new Scale($readability),
    )->scaleError();
    expect($error(100.0, 1.0))
        ->toBeGreaterThan(4 * $error(100.0, 0.1))
        ->and($error(50.0, 0.1))
        ->toBeGreaterThan($error(400.0, 0.1))
        // A tenth-gram scale is good enough for a cup of 100 g, a whole-gram one for 50 g is not: below and above what painters
        // see side by side, about 1 (common practice).
        ->and($error(100.0, 0.1))
        ->toBeLessThan(1.0)
        ->and($error(50.0, 1.0))
        ->toBeGreaterThan(1.0);
});

it('lets both readings around a toner be off: half an interval each makes 0.07 g of a tenth-gram scale (worked by hand)', function (): void {
    $library = TonerLibrary::northlight();
    $model = new SolidModel($library);
    $lab = fn (array $grams) => Spectrum::of(array_values($model->spectra($grams))[0])->lab(Viewing::paint());
    $true = $lab(['white' => 20.0, 'black' => 1.0]);
    $off = hypot(0.05, 0.05);
    $expected = hypot(
        Ciede2000::between($true, $lab(['white' => 20.0 + $off, 'black' => 1.0])),
        Ciede2000::between($true, $lab(['white' => 20.0, 'black' => 1.0 + $off])),
    );
    $cup = FormulaCup::of(Formula::of(['white' => 20.0, 'black' => 1.0]), $library, 21.0, new Scale(0.1));
    expect($cup->scaleError())->toEqualWithDelta($expected, 1e-6);
});
