<?php

declare(strict_types=1);

use Kalopsis\Colour\Comparison;
use Kalopsis\Colour\Exception\CannotCompare;
use Kalopsis\Colour\Illuminant;
use Kalopsis\Colour\Lab;
use Kalopsis\Colour\Measurement;
use Kalopsis\Colour\Observer;
use Kalopsis\Colour\Random;
use Kalopsis\Colour\Viewing;
use Kalopsis\Tests\Support\Colours;
use Kalopsis\Tint\EffectModel;
use Kalopsis\Tint\Formula;
use Kalopsis\Tint\SolidModel;
use Kalopsis\Tint\TintAdvisor;
use Kalopsis\Tint\TonerLibrary;

/** @return list<string> */
function solidToners(): array
{
    return array_values(
        array_map(fn ($t) => $t->key, array_filter(TonerLibrary::northlight()->toners, fn ($t) => ! $t->kind->isForEffects())),
    );
}

const EFFECT_TONERS = [
    'alu-coarse',
    'alu-medium',
    'alu-fine',
    'flop-adjuster',
    'black',
    'blue-black',
    'white',
    'blue-green',
    'blue-red',
    'violet',
    'maroon',
    'oxide-yellow',
    'green',
    'scarlet',
    'magenta',
];

/**
 * Random formulas whose cup lacks one or two toners that the car has; the advice has to find which.
 *
 * @return array{right: int, halved: int, cases: int}
 */
function recovers(int $seed, int $cases, bool $effect, float $batch): array
{
    $chance = new Random($seed);
    $library = TonerLibrary::northlight();
    $model = $effect ? new EffectModel($library) : new SolidModel($library);
    $advisor = new TintAdvisor($library, $model);
    $tried = $right = $halved = 0;
    while ($tried < $cases) {
        $grams = $effect
            ? [
                'alu-coarse' => 60 * $chance->uniform(),
                'alu-medium' => 60 * $chance->uniform(),
                'flop-adjuster' => 5 * $chance->uniform(),
            ]
            : [];
        $pool = $effect ? ['black', 'blue-black', 'blue-green', 'blue-red', 'violet', 'maroon', 'green'] : solidToners();
        for ($i = $effect ? 2 : 3 + $chance->below(3); $i > 0; $i--) {
            $grams[$pool[$chance->below(count($pool))]] = $effect
                ? 1 + 10 * $chance->uniform()
                : 10 + 200 * $chance->uniform();
        }
        $cup = Formula::of($grams)->scaledTo(200.0);
        $missing = [];
        for ($i = 1 + $chance->below(2); $i > 0; $i--) {
            $toner = array_keys($cup->grams)[$chance->below(count($cup->grams))];
            $missing[$toner] = (0.1 + 0.25 * $chance->uniform()) * $cup->grams[$toner];
        }
        $world =
            $batch > 0.0
                ? ($effect
                    ? new EffectModel($library->batch($chance->below(1 << 20), $batch))
                    : new SolidModel($library->batch($chance->below(1 << 20), $batch)))
                : $model;
        $car = Colours::of($world, $cup->plus($missing)->grams, $chance, 0.001);
        $card = Colours::of($world, $cup->grams, $chance, 0.001);
        $before = Comparison::of($car, $card)->overall();
        if ($before < 0.5) {
            continue;
        }
        $tried++;
        $advice = $advisor->advise($cup, $car, $card, $effect ? EFFECT_TONERS : solidToners());
        $first = $advice === [] ? [] : array_keys($advice[0]->additions);
        $wanted = array_keys($missing);
        sort($first);
        sort($wanted);
        $right += $first === $wanted ? 1 : 0;
        $next =
            $advice === []
                ? $before
                : Comparison::of($car, Colours::of($world, $advice[0]->formula->grams, $chance, 0.001))->overall();
        $halved += $next <= $before / 2 ? 1 : 0;
    }

    return ['right' => $right, 'halved' => $halved, 'cases' => $tried];
}

it('finds the missing toners of 200 solids it has never seen, within noise', function (): void {
    $rate = recovers(2026, 200, false, 0.0);
    expect($rate['right'])->toBeGreaterThanOrEqual(180)->and($rate['halved'])->toBeGreaterThanOrEqual(190);
});

it('finds them in metallics', function (): void {
    $rate = recovers(77, 60, true, 0.0);
    expect($rate['right'])->toBeGreaterThanOrEqual(54)->and($rate['halved'])->toBeGreaterThanOrEqual(57);
});

it('still halves the difference when every toner is up to 4 % stronger or weaker than the library says', function (): void {
    expect(recovers(31, 60, false, 0.04)['halved'])
        ->toBeGreaterThanOrEqual(57)
        ->and(recovers(32, 30, true, 0.04)['halved'])
        ->toBeGreaterThanOrEqual(28);
});

it('greys an over-vivid solid yellow with black and white together (common practice)', function (): void {
    $library = TonerLibrary::northlight();
    $model = new SolidModel($library);
    $vivid = Formula::of(['warm-yellow' => 120.0, 'white' => 80.0, 'lemon' => 30.0]);
    $car = Colours::of($model, $vivid->plus(['black' => 1.2, 'white' => 26.0])->grams);
    $card = Colours::of($model, $vivid->grams);
    expect($card->at(45)->chroma())->toBeGreaterThan($car->at(45)->chroma() + 3);
    $advice = (new TintAdvisor($library, $model))->advise($vivid, $car, $card, solidToners());
    expect(array_keys($advice[0]->additions))
        ->toEqualCanonicalizing(['black', 'white'])
        ->and(implode(' ', $advice[0]->does))
        ->toContain('greys it: black and white together')
        ->and($advice[0]->after)
        ->toBeLessThan(0.2)
        ->and(min($advice[0]->additions))
        ->toBeGreaterThan(0.0);
});

it('darkens what is too light with black (common practice)', function (): void {
    $library = TonerLibrary::northlight();
    $model = new SolidModel($library);
    $light = Formula::of(['white' => 150.0, 'black' => 4.0, 'oxide-yellow' => 6.0]);
    $advice = (new TintAdvisor($library, $model))->advise(
        $light,
        Colours::of($model, $light->plus(['black' => 1.5])->grams),
        Colours::of($model, $light->grams),
        solidToners(),
    );
    expect(array_keys($advice[0]->additions))
        ->toBe(['black'])
        ->and($advice[0]->additions['black'])
        ->toEqualWithDelta(1.5, 0.15)
        ->and($advice[0]->does[0])
        ->toStartWith('black: darker');
});

it('carries what the model gets wrong along, so that a card that matches needs nothing', function (): void {
    $library = TonerLibrary::northlight();
    // The instrument says something the model would never say; car and card agree all the same.
    $same = Colours::measured([45 => [40.0, -10.0, 12.0]]);
    expect(
        (new TintAdvisor($library, new SolidModel($library)))->advise(
            Formula::of(Colours::LICHEN),
            $same,
            $same,
            solidToners(),
        ),
    )->toBe([]);
});

it(
    'proposes at most three, each of one to three toners, additions only unless it is a remix, best first',
    function (): void {
        $library = TonerLibrary::northlight();
        $model = new SolidModel($library);
        $cup = Formula::of(Colours::LICHEN);
        foreach (
            [['black' => 9.0, 'violet' => 3.0], ['white' => 20.0], ['scarlet' => 5.0, 'lemon' => 20.0, 'black' => 3.0]] as $missing
        ) {
            $advice = (new TintAdvisor($library, $model))->advise(
                $cup,
                Colours::of($model, $cup->plus($missing)->grams),
                Colours::of($model, $cup->grams),
                solidToners(),
            );
            expect(count($advice))->toBeGreaterThan(0)->toBeLessThanOrEqual(3);
            foreach ($advice as $one) {
                expect($one->after)
                    ->toBeLessThan($one->before)
                    ->and($one->does)
                    ->not->toBe([])
                    ->and($one->formula->total())
                    ->toEqualWithDelta($cup->total() + array_sum($one->additions), 1e-6);
                if (! $one->isRemix) {
                    expect(count($one->additions))->toBeLessThanOrEqual(3)->and(min($one->additions))->toBeGreaterThan(0.0);
                }
            }
        }
    },
);

it('offers a remix when something would have to come out', function (): void {
    $library = TonerLibrary::northlight();
    $model = new SolidModel($library);
    // The cup has too much lemon: no addition takes it out again without shifting everything else.
    $cup = Formula::of(['lemon' => 100.0, 'scarlet' => 2.0, 'white' => 10.0]);
    $car = Colours::of($model, ['lemon' => 100.0, 'scarlet' => 0.7, 'white' => 10.0]);
    $advice = (new TintAdvisor($library, $model))->advise($cup, $car, Colours::of($model, $cup->grams), [
        'scarlet',
        'white',
        'black',
    ]);
    $remix = $advice[count($advice) - 1];
    expect($remix->isRemix)
        ->toBeTrue()
        ->and($remix->additions['scarlet'])
        ->toBeLessThan(0.0)
        ->and($remix->formula->total())
        ->toEqualWithDelta($cup->total(), 1e-6)
        ->and($remix->after)
        ->toBeLessThan(0.3);
});

it('works with Lab alone', function (): void {
    $library = TonerLibrary::northlight();
    $model = new SolidModel($library);
    $cup = Formula::of(['white' => 150.0, 'black' => 4.0, 'oxide-yellow' => 6.0]);
    $lab = fn (array $g): Measurement => Measurement::ofLabs(Colours::of($model, $g)->labs);
    $advice = (new TintAdvisor($library, $model))->advise(
        $cup,
        $lab($cup->plus(['black' => 1.5])->grams),
        $lab($cup->grams),
        solidToners(),
    );
    expect($advice[0]->after)->toBeLessThan(0.1)->and(array_keys($advice[0]->additions))->toContain('black');
});

it('refuses to advise across lights or angles', function (): void {
    $library = TonerLibrary::northlight();
    $advisor = new TintAdvisor($library, new SolidModel($library));
    $other = Measurement::ofLabs([45 => Lab::of(50, 0, 0, Viewing::of(Illuminant::A, Observer::Ten))]);
    expect(fn () => $advisor->advise(Formula::of(Colours::LICHEN), $other, Colours::measured([45 => 50.0]), solidToners()))
        ->toThrow(CannotCompare::class)
        ->and(
            fn () => (new TintAdvisor($library, new EffectModel($library)))->advise(
                Formula::of(Colours::SILVER),
                Colours::measured([45 => 50.0]),
                Colours::measured([45 => 51.0]),
                EFFECT_TONERS,
            ),
        )
        ->not->toThrow(CannotCompare::class);
});
