<?php

declare(strict_types=1);

use Kalopsis\Card\AgainstPlan;
use Kalopsis\Card\ClearOver;
use Kalopsis\Card\EyeVerdict;
use Kalopsis\Card\Landing;
use Kalopsis\Card\SprayDifference;
use Kalopsis\Card\Spraying;
use Kalopsis\Colour\FlakeLobe;
use Kalopsis\Film\Air;
use Kalopsis\Film\MixRatio;
use Kalopsis\Film\ProductRole;
use Kalopsis\Film\Reducer;
use Kalopsis\Film\ReducerGrade;
use Kalopsis\Gun\GunSetUp;
use Kalopsis\Input\Fields;
use Kalopsis\Input\InvalidInput;
use Kalopsis\Input\Problems;
use Kalopsis\Sequence\FinishClass;
use Kalopsis\Spray\Pigment;
use Kalopsis\Tests\Support\Colours;
use Kalopsis\Tests\Support\Sprays;
use Kalopsis\Units\UnitSystem;

/** @param array<string, mixed> $is */
function sprayedSo(array $is = []): Spraying
{
    $is += ['full' => 3, 'half' => 0, 'control' => false, 'ratio' => '1:0.75', 'gun' => new GunSetUp(1.4, 150.0, 50.0), 'shade' => 3];

    return new Spraying(
        $is['full'],
        $is['half'],
        $is['control'],
        MixRatio::parse($is['ratio']),
        Reducer::of($is['reducer'] ?? ReducerGrade::Standard),
        $is['gun'],
        $is['clear'] ?? ClearOver::Clear,
        $is['shade'],
    );
}

/** @param array<string, mixed> $is */
function lobeOf(array $is): FlakeLobe
{
    $system = Sprays::system();

    return Landing::lobe(
        sprayedSo($is),
        $system->product(ProductRole::BaseEffect),
        $system,
        new Air(22.0, 50.0),
        Colours::silver(),
        Pigment::of(FinishClass::MetallicLight),
    );
}

/** @return array<string, string> what is said, by field */
function differencesOf(Spraying $card, Spraying $plan): array
{
    $said = AgainstPlan::differences($card, $plan, Sprays::system()->product(ProductRole::BaseEffect));

    return array_column(
        array_map(fn (SprayDifference $d): array => [$d->field, $d->says->in(UnitSystem::Metric)], $said),
        1,
        0,
    );
}

it('says each thing that was done otherwise with both figures', function (): void {
    $card = sprayedSo([
        'full' => 2, 'half' => 1, 'control' => true, 'ratio' => '1:1', 'reducer' => ReducerGrade::Fast, 'shade' => 6,
        'gun' => new GunSetUp(2.0, 250.0, 75.0), 'clear' => ClearOver::Nothing,
    ]);
    expect(differencesOf($card, sprayedSo()))->toBe([
        'fullCoats' => 'full coats: card 2, plan 3',
        'halfCoats' => 'half coats: card 1, plan 0',
        'controlCoat' => 'control coat: card yes, plan no',
        'ratio' => 'reduction: card 1:1, plan 1:0.75',
        'reducer' => 'reducer: card fast, plan standard',
        'bar' => 'pressure: card 2.0 bar, plan 1.4 bar',
        'distanceMm' => 'distance: card 250 mm, plan 150 mm',
        'overlapPercent' => 'overlap: card 75%, plan 50%',
        'clear' => 'over it: card nothing, plan clear',
        'undercoatShade' => 'grey shade under it: card 6, plan 3',
    ])
        ->and(differencesOf(sprayedSo(), sprayedSo()))
        ->toBe([]);
    [$first] = AgainstPlan::differences($card, sprayedSo(), Sprays::system()->product(ProductRole::BaseEffect));
    expect(array_keys($first->jsonSerialize()))->toBe(['field', 'says']);
});

it('lets pass what is off by just what a hand does anyway', function (): void {
    // An inch of distance and a fourteenth of overlap are at the limit; a shade that nobody noted is no difference.
    $gun = fn (float $mm, float $overlap): Spraying => sprayedSo(['gun' => new GunSetUp(1.4, $mm, $overlap)]);
    expect(differencesOf($gun(175.0, 57.5), sprayedSo()))
        ->toBe([])
        ->and(array_keys(differencesOf($gun(175.5, 58.0), sprayedSo())))
        ->toBe(['distanceMm', 'overlapPercent'])
        ->and(differencesOf(sprayedSo(['shade' => null]), sprayedSo()))
        ->toBe([])
        ->and(differencesOf(sprayedSo(), sprayedSo(['shade' => null])))
        ->toBe([])
        // 0.28 / 1.84 = 15.2 % is a twentieth less than 0.28 / 1.75 = 16 %: 1:0.84 is as good, 1:0.85 is not.
        ->and(array_keys(differencesOf(sprayedSo(['ratio' => '1:0.84']), sprayedSo())))
        ->toBe([])
        ->and(array_keys(differencesOf(sprayedSo(['ratio' => '1:0.85']), sprayedSo())))
        ->toBe(['ratio']);
});

it('lays flakes drier coat by coat as the trade knows it, and counts every coat', function (): void {
    $flop = fn (array $is): float => lobeOf($is)->at(110);
    // A full coat is sprayed even where only thin ones were noted.
    expect(lobeOf(['full' => 0]))
        ->toEqual(lobeOf(['full' => 1]))
        // The first lands on dry ground, the next into what it left.
        ->and(lobeOf(['full' => 1])->dryness)
        ->toBeGreaterThan(lobeOf(['full' => 2])->dryness)
        ->and(lobeOf(['full' => 2])->dryness)
        ->toBeGreaterThan(lobeOf(['full' => 3])->dryness)
        // Half as much paint is drier, another half coat on it drier still, and a control coat after all of it.
        ->and($flop(['half' => 1]))
        ->toBeGreaterThan($flop([]))
        ->and($flop(['half' => 2]))
        ->toBeGreaterThan($flop(['half' => 1]))
        ->and($flop(['control' => true]))
        ->toBeGreaterThan($flop(['half' => 1]))
        ->and($flop(['half' => 1, 'control' => true]))
        ->toBeGreaterThan($flop(['control' => true]))
        // Dry flakes shine less at the face.
        ->and(lobeOf(['half' => 1])->at(15))
        ->toBeLessThan(lobeOf([])->at(15))
        // More reducer lands wetter, from further away drier.
        ->and(lobeOf(['full' => 1, 'ratio' => '1:1.5'])->dryness)
        ->toBeLessThan(lobeOf(['full' => 1])->dryness)
        ->and(lobeOf(['gun' => new GunSetUp(1.4, 300.0, 50.0)])->dryness)
        ->toBeGreaterThan(100.0 * lobeOf([])->dryness);
});

it('lays a half coat as half the film: its dryness is the root of a full one\'s', function (): void {
    // What is left of half the volatile, exp(-v / 2 d), against exp(-v / d), both on the same paint below.
    $first = lobeOf(['full' => 1])->dryness;
    $half = lobeOf(['full' => 1, 'half' => 1])->dryness;
    expect($half)->toBeGreaterThan($first)->toBeLessThan(sqrt($first) * 1.01)->toBeGreaterThan($first ** 0.75);
});

it('swims where far too much lands at once', function (): void {
    $flood = lobeOf(['gun' => new GunSetUp(1.4, 60.0, 90.0), 'ratio' => '1:1.5']);
    expect($flood->tooWet)->toBe(1.0)->and(lobeOf([])->tooWet)->toBe(0.0);
});

it('writes how it was sprayed as it reads it', function (): void {
    expect(sprayedSo(['half' => 1, 'control' => true])->jsonSerialize())->toEqual([
        'fullCoats' => 3,
        'halfCoats' => 1,
        'controlCoat' => true,
        'ratio' => '1:0.75',
        'reducer' => 'standard',
        'bar' => 1.4,
        'distanceMm' => 150.0,
        'overlapPercent' => 50.0,
        'clear' => 'clear',
        'undercoatShade' => 3,
    ]);
});

it('takes what can be sprayed, to the ends of it', function (array $change, array $faults): void {
    $problems = new Problems();
    Spraying::read(Fields::of([...sprayedSo()->jsonSerialize(), ...$change], $problems));
    $fields = [];

    try {
        $problems->stop();
    } catch (InvalidInput $bad) {
        $fields = array_map(fn ($p): string => $p->field, $bad->problems);
    }
    expect($fields)->toBe($faults);
})->with([
    'nothing but thin coats' => [['fullCoats' => 0, 'halfCoats' => 8], []],
    'nine coats' => [['fullCoats' => 9], ['fullCoats']],
    'least overlap' => [['overlapPercent' => 10.0], []],
    'less' => [['overlapPercent' => 9.5], ['overlapPercent']],
    'most overlap' => [['overlapPercent' => 95.0], []],
    'more' => [['overlapPercent' => 95.5], ['overlapPercent']],
    'no half coats at all' => [['halfCoats' => -1], ['halfCoats']],
    'no ratio' => [['ratio' => ''], ['ratio']],
    'no reducer' => [['reducer' => ''], ['reducer']],
    'a reducer nobody has' => [['reducer' => 'thick'], ['reducer']],
    'no shade noted' => [['undercoatShade' => null], []],
]);

it('lets an eye through by two and three L*, and throws all of Fresnel\'s four per cent at most', function (): void {
    expect(array_map(fn (EyeVerdict $e): ?float => $e->letsThroughL(), EyeVerdict::cases()))
        ->toBe([2.0, 3.0, null])
        ->and(ClearOver::Clear->veil())
        ->toBe(0.0)
        // n = 1.5: ((n - 1) / (n + 1))^2.
        ->and(ClearOver::Nothing->veil())
        ->toBeLessThanOrEqual((0.5 / 2.5) ** 2)
        ->toBeGreaterThan(ClearOver::WetWipe->veil());
});

it('finds nothing darker than black under a dull surface, and leaves a near black as it was', function (): void {
    $system = Sprays::system();
    $of = fn (ClearOver $card, float $l): AgainstPlan => AgainstPlan::of(
        sprayedSo(['clear' => $card]),
        sprayedSo(),
        Colours::measured([45 => $l]),
        $system->product(ProductRole::BaseEffect),
        $system,
        new Air(22.0, 50.0),
        Pigment::of(FinishClass::SolidDark),
    );
    // L* 20 is 3 % of white: all of it may be the shine of a surface without clear.
    expect($of(ClearOver::Nothing, 15.0)->onPanel[45]->l)
        ->toEqualWithDelta(0.0, 1e-9)
        ->and([$of(ClearOver::Nothing, 15.0)->onPanel[45]->a, $of(ClearOver::Nothing, 15.0)->onPanel[45]->b])
        ->toEqualWithDelta([0.0, 0.0], 1e-6)
        ->and($of(ClearOver::Clear, 4.0)->onPanel[45]->l)
        ->toEqualWithDelta(4.0, 1e-9)
        ->and($of(ClearOver::Clear, 4.0)->shift[45])
        ->toEqualWithDelta([0.0, 0.0, 0.0], 1e-9);
});

it('lets a quarter of a grade of reducer pass, and no more', function (): void {
    $with = fn (string $key): array => array_keys(differencesOf(
        Spraying::read(Fields::of([...sprayedSo()->jsonSerialize(), 'reducer' => $key], new Problems())),
        sprayedSo(),
    ));
    expect([$with('standard+20'), $with('standard+30')])->toBe([[], ['reducer']]);
});
