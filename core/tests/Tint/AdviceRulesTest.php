<?php

declare(strict_types=1);

use Kalopsis\Colour\Exception\CannotCompare;
use Kalopsis\Colour\Measurement;
use Kalopsis\Tests\Support\AdditivePaint;
use Kalopsis\Tests\Support\Colours;
use Kalopsis\Tint\Correction;
use Kalopsis\Tint\Formula;
use Kalopsis\Tint\Internal\Misfit;
use Kalopsis\Tint\ReadingNoise;
use Kalopsis\Tint\TintAdvice;
use Kalopsis\Tint\TintAdvisor;

/*
 * When a toner is worth a pour, on a paint where each gram adds its own light: what an amount takes off chi squared is then
 * known, and the edge between "pour" and "leave it" can be looked for.
 */

/** @param list<string> $candidates */
function advisedOn(
    AdditivePaint $paint,
    array $cup,
    Measurement $car,
    array $candidates,
    float $noise = 0.2,
    int $most = 3,
    ?Measurement $card = null,
): TintAdvice {
    return (new TintAdvisor($paint->library(), $paint))->advise(
        Formula::of($cup),
        $car,
        $card ?? $paint->read($cup),
        $candidates,
        ReadingNoise::of($noise),
        $most,
    );
}

/** Chi squared of a cup against a car. @param array<string, float> $grams tried */
function chiSquared(AdditivePaint $paint, array $cup, Measurement $car, array $grams, float $noise = 0.2): float
{
    $residuals = Misfit::of($paint, $car, $paint->read($cup), $cup, ReadingNoise::of($noise))->residuals($grams);

    return array_sum(array_map(fn (float $v): float => $v * $v, $residuals));
}

/** The amount from which on it is so, halved 40 times. @param callable(float): bool $is */
function edgeAt(callable $is, float $low, float $high): float
{
    expect($is($low))->toBeFalse()->and($is($high))->toBeTrue();
    for ($i = 0; $i < 40; $i++) {
        $middle = ($low + $high) / 2.0;
        [$low, $high] = $is($middle) ? [$low, $middle] : [$middle, $high];
    }

    return $high;
}

/** @return list<string> toners of each correction, sorted */
function proposed(TintAdvice $advice): array
{
    return array_map(function (Correction $c): string {
        $keys = array_keys($c->additions);
        sort($keys);

        return implode('+', $keys);
    }, $advice->corrections);
}

it('pours a toner of the formula once it is worth ln n + ln m, by Schwarz 1978 and Chen and Chen 2008', function (
    array $angles,
    int $candidates,
): void {
    $others = array_map(fn (int $i): string => "other {$i}", range(1, 9));
    $adds = ['own' => AdditivePaint::flat(1e-3)] + array_fill_keys($others, AdditivePaint::flat(0.0));
    $paint = new AdditivePaint($adds, angles: $angles);
    $cup = ['own' => 100.0];
    $tried = ['own', ...array_slice($others, 0, $candidates - 1)];
    $car = fn (float $g): Measurement => $paint->read(['own' => 100.0 + $g]);
    $edge = edgeAt(fn (float $g): bool => proposed(advisedOn($paint, $cup, $car($g), $tried)) === ['own'], 0.0, 60.0);
    $worth = log(3.0 * count($angles)) + log($candidates);
    // One part in a thousand of it besides.
    expect(chiSquared($paint, $cup, $car($edge), $cup))->toEqualWithDelta($worth / 0.999, 0.005 * $worth);
})->with([
    'one angle, best of ten' => [[45], 10],
    'three angles, best of five' => [[15, 45, 110], 5],
    'five angles, best of four' => [[15, 25, 45, 75, 110], 4],
]);

it('asks odds of 20 to 1 besides of a toner that the formula does not have', function (): void {
    $paint = new AdditivePaint(['own' => AdditivePaint::flat(0.0), 'new' => AdditivePaint::flat(1e-3)]);
    $cup = ['own' => 100.0];
    $car = fn (float $g): Measurement => $paint->read(['own' => 100.0, 'new' => $g]);
    $edge = edgeAt(fn (float $g): bool => proposed(advisedOn($paint, $cup, $car($g), ['new'])) === ['new'], 0.0, 60.0);
    // Odds of 20 to 1 are 2 ln 20 = 5.99 of chi squared.
    expect(chiSquared($paint, $cup, $car($edge), $cup))->toEqualWithDelta(log(3.0) + 2.0 * log(20.0), 0.05);
});

it('asks of one more toner what it asks of the first, and a thousandth of the whole misfit', function (): void {
    $paint = new AdditivePaint(['own' => AdditivePaint::flat(1e-3), 'hue' => AdditivePaint::slanting(1e-3)]);
    $cup = ['own' => 100.0, 'hue' => 50.0];
    foreach ([20.0, 80.0] as $lighter) {
        $car = fn (float $g): Measurement => $paint->read(['own' => 100.0 + $lighter, 'hue' => 50.0 + $g]);
        $edge = edgeAt(
            fn (float $g): bool => (proposed(advisedOn($paint, $cup, $car($g), ['own', 'hue']))[0] ?? '') === 'hue+own',
            0.0,
            20.0,
        );
        // What the first leaves at its best.
        $left = INF;
        for ($g = $lighter - 5.0; $g <= $lighter + 5.0; $g += 0.01) {
            $left = min($left, chiSquared($paint, $cup, $car($edge), ['own' => 100.0 + $g, 'hue' => 50.0]));
        }
        $whole = chiSquared($paint, $cup, $car($edge), $cup);
        $worth = log(3.0) + log(2.0) + $whole / 1000.0;
        expect($left)->toEqualWithDelta($worth, 0.03 * $worth);
    }
});

it('blames the landing up to a whole step of dryness, and toners beyond', function (): void {
    // A toner that does the very same as landing: only what is left over tells them apart.
    $paint = new AdditivePaint(['own' => AdditivePaint::flat(1e-3)], AdditivePaint::flat(0.05));
    $cup = ['own' => 100.0];
    $says = function (float $dryness) use ($paint, $cup): TintAdvice {
        // The card landed so; the car is as it was meant.
        return advisedOn($paint, $cup, $paint->read($cup), ['own'], card: $paint->landing($dryness)->read($cup));
    };
    foreach ([0.2, 0.9, -0.2, -0.9] as $dryness) {
        expect($says($dryness)->sprayedOtherwise)
            ->toBeTrue("{$dryness}")
            ->and($says($dryness)->corrections)
            ->toBe([]);
    }
    expect($says(-1.4)->sprayedOtherwise)
        ->toBeFalse()
        ->and(proposed($says(-1.4)))
        ->toBe(['own'])
        // Too little to tell from noise: nothing is blamed.
        ->and($says(0.005)->sprayedOtherwise)
        ->toBeFalse()
        ->and($says(0.005)->corrections)
        ->toBe([]);
});

it('blames no landing where a paint has none, and none that does not tell the difference', function (): void {
    $adds = ['own' => AdditivePaint::slanting(1e-3)];
    $cup = ['own' => 100.0];
    $none = new AdditivePaint($adds);
    $other = new AdditivePaint($adds, AdditivePaint::flat(0.05));
    foreach ([$none, $other] as $paint) {
        $advice = advisedOn($paint, $cup, $paint->read(['own' => 130.0]), ['own']);
        expect($advice->sprayedOtherwise)->toBeFalse()->and(proposed($advice))->toBe(['own']);
    }
});

it('pours what was missing, no more than three fifths of the cup', function (): void {
    $paint = new AdditivePaint(['own' => AdditivePaint::flat(1e-3), 'hue' => AdditivePaint::slanting(1e-3)]);
    $cup = ['own' => 100.0];
    $grams = fn (float $missing): float => advisedOn($paint, $cup, $paint->read(['own' => 100.0 + $missing]), ['own', 'hue'])
        ->corrections[0]->additions['own'];
    expect($grams(20.0))
        ->toEqualWithDelta(20.0, 0.05)
        ->and($grams(55.0))
        ->toEqualWithDelta(55.0, 0.05)
        ->and($grams(90.0))
        ->toEqualWithDelta(60.0, 1e-6);
    $two = advisedOn($paint, $cup, $paint->read(['own' => 115.0, 'hue' => 22.0]), ['own', 'hue'])->corrections[0];
    expect($two->additions['own'])
        ->toEqualWithDelta(15.0, 0.05)
        ->and($two->additions['hue'])
        ->toEqualWithDelta(22.0, 0.05)
        ->and($two->isRemix)
        ->toBeFalse()
        ->and($two->formula->grams['hue'])
        ->toEqualWithDelta(22.0, 0.05)
        ->and($two->predicted[45]->l)
        ->toEqualWithDelta($paint->read(['own' => 115.0, 'hue' => 22.0])->at(45)->l, 0.02);
});

it('leaves out what nobody can pour: scales read to a tenth of a gram, half of one can be hit (common practice)', function (): void {
    // A toner so strong that hundredths of a gram are seen.
    $paint = new AdditivePaint(['own' => AdditivePaint::flat(0.0), 'strong' => AdditivePaint::flat(0.5)]);
    $pours = fn (float $total, float $grams): array => proposed(
        advisedOn($paint, ['own' => $total], $paint->read(['own' => $total, 'strong' => $grams]), ['strong'], 0.05),
    );
    expect($pours(200.0, 0.055))
        ->toBe(['strong'])
        ->and($pours(200.0, 0.045))
        ->toBe([])
        // In twice the cup twice as much, in half of it half; a fifth at the least.
        ->and($pours(400.0, 0.09))
        ->toBe([])
        ->and($pours(400.0, 0.11))
        ->toBe(['strong'])
        ->and($pours(100.0, 0.028))
        ->toBe(['strong'])
        ->and($pours(100.0, 0.022))
        ->toBe([])
        ->and($pours(20.0, 0.012))
        ->toBe(['strong']);
});

it('takes out in a remix what is too much, keeps the weight of the cup, and only where pouring leaves clearly more', function (): void {
    $paint = new AdditivePaint(['own' => AdditivePaint::flat(1e-3), 'hue' => AdditivePaint::slanting(2e-3)]);
    $cup = ['own' => 100.0, 'hue' => 100.0];
    $advice = advisedOn($paint, $cup, $paint->read(['own' => 100.0, 'hue' => 60.0]), ['own', 'hue']);
    $remix = $advice->corrections[count($advice->corrections) - 1];
    expect($remix->isRemix)
        ->toBeTrue()
        ->and($remix->formula->total())
        ->toEqualWithDelta(200.0, 1e-9)
        ->and($remix->formula->grams['hue'] / $remix->formula->grams['own'])
        ->toEqualWithDelta(0.6, 0.01)
        ->and($remix->additions['own'])
        ->toEqualWithDelta($remix->formula->grams['own'] - 100.0, 1e-9)
        ->and($remix->additions['hue'])
        ->toBeLessThan(0.0)
        ->and($remix->before)
        ->toBe($advice->before);
    // Where pouring does it, nothing is taken out.
    $pour = advisedOn($paint, $cup, $paint->read(['own' => 120.0, 'hue' => 100.0]), ['own', 'hue']);
    expect(array_filter($pour->corrections, fn (Correction $c): bool => $c->isRemix))->toBe([]);
    // Of the other toner the same is too much, but it shows less and less: pouring leaves 0.9, then 0.3, where the remix
    // leaves what readings repeat to.
    $remixes = fn (float $shows): array => array_map(
        fn (Correction $c): bool => $c->isRemix,
        advisedOn(
            new AdditivePaint(['own' => AdditivePaint::flat(1e-3), 'hue' => AdditivePaint::slanting($shows)]),
            $cup,
            (new AdditivePaint(['own' => AdditivePaint::flat(1e-3), 'hue' => AdditivePaint::slanting($shows)]))
                ->read(['own' => 140.0, 'hue' => 60.0]),
            ['own', 'hue'],
        )->corrections,
    );
    expect($remixes(4e-4))->toBe([false, true])->and($remixes(1e-4))->toBe([false]);
    // Pouring does half of it: both are said, the remix last.
    $half = advisedOn($paint, $cup, $paint->read(['own' => 140.0, 'hue' => 60.0]), ['own', 'hue']);
    expect(array_map(fn (Correction $c): bool => $c->isRemix, $half->corrections))->toBe([false, true]);
});

it('takes nothing wholly out in a remix, and weighs anew only the six toners there is most of', function (): void {
    $grams = ['a' => 60.0, 'b' => 50.0, 'c' => 40.0, 'd' => 30.0, 'e' => 20.0, 'f' => 10.0, 'g' => 5.0];
    $flat = AdditivePaint::flat(1e-4);
    $paint = fn (string $culprit): AdditivePaint => new AdditivePaint(
        [$culprit => AdditivePaint::slanting(1e-2)] + array_fill_keys(array_keys($grams), $flat),
    );
    $remix = fn (string $culprit, float $left): array => array_values(array_filter(
        advisedOn(
            $paint($culprit),
            $grams,
            $paint($culprit)->read([$culprit => $grams[$culprit] * $left] + $grams),
            array_keys($grams),
        )->corrections,
        fn (Correction $c): bool => $c->isRemix,
    ));
    expect($remix('f', 0.5))
        ->toHaveCount(1)
        ->and($remix('f', 0.5)[0]->formula->grams['f'])
        ->toEqualWithDelta(5.0, 0.3)
        ->and($remix('g', 0.5))
        ->toBe([])
        ->and($remix('f', 0.0)[0]->formula->grams['f'])
        ->toBeGreaterThan(0.1)
        ->toBeLessThan(0.3);
});

it('proposes the best first, as many as it is asked for, each set of toners once', function (): void {
    $adds = [
        'own' => AdditivePaint::flat(1e-3),
        'pale' => AdditivePaint::flat(0.5e-3),
        'hue' => AdditivePaint::slanting(1e-3),
        'bow' => AdditivePaint::bowed(1e-3),
    ];
    $paint = new AdditivePaint($adds);
    $cup = ['own' => 100.0, 'pale' => 50.0, 'hue' => 50.0, 'bow' => 50.0];
    $car = $paint->read(['own' => 130.0, 'pale' => 50.0, 'hue' => 58.0, 'bow' => 50.0]);
    $bluer = $paint->read(['own' => 105.0, 'pale' => 50.0, 'hue' => 90.0, 'bow' => 50.0]);
    $all = advisedOn($paint, $cup, $car, array_keys($cup));
    $afters = array_map(fn (Correction $c): float => $c->after, $all->corrections);
    expect(count($all->corrections))
        ->toBe(3)
        ->and(array_unique(proposed($all)))
        ->toBe(proposed($all))
        ->and(proposed($all)[0])
        ->toBeIn(['hue+own', 'hue+pale'])
        ->and(proposed(advisedOn($paint, $cup, $car, array_keys($cup), most: 1)))
        ->toBe([proposed($all)[0]])
        ->and(proposed(advisedOn($paint, $cup, $car, array_keys($cup), most: 2)))
        ->toBe(array_slice(proposed($all), 0, 2))
        // What does most is poured first.
        ->and(array_key_first(advisedOn($paint, $cup, $car, ['hue', 'own'])->corrections[0]->additions))
        ->toBe('own')
        ->and(array_key_first(advisedOn($paint, $cup, $bluer, ['own', 'hue'])->corrections[0]->additions))
        ->toBe('hue')
        ->and($afters[0])
        ->toBeLessThan($all->before);
});

it('expects of the next card half of what is left and half of what readings repeat to, in squares', function (): void {
    $paint = new AdditivePaint(['own' => AdditivePaint::flat(1e-3)]);
    $exact = advisedOn($paint, ['own' => 100.0], $paint->read(['own' => 120.0]), ['own'], 0.4);
    expect($exact->corrections[0]->after)
        ->toEqualWithDelta(0.4 / sqrt(2.0), 0.003)
        ->and($exact->noise->de)
        ->toBe(0.4)
        ->and($exact->corrections[0]->before)
        ->toBe($exact->before);
    // Nine tenths of the way, 60 of 66: what is left is what the cup's most leaves.
    $short = advisedOn($paint, ['own' => 100.0], $paint->read(['own' => 166.0]), ['own'], 0.4)->corrections[0];
    $left = Misfit::of(
        $paint,
        $paint->read(['own' => 166.0]),
        $paint->read(['own' => 100.0]),
        ['own' => 100.0],
        ReadingNoise::of(0.4),
    )->colourDifference(['own' => 160.0]);
    expect($short->after)->toEqualWithDelta(sqrt(($left ** 2 + 0.16) / 2.0), 1e-3);
});

it('says nothing where the readings share no angle with the paint', function (): void {
    $paint = new AdditivePaint(['own' => AdditivePaint::flat(1e-3)], angles: [15, 110]);
    $solid = Colours::measured([45 => 50.0]);
    expect(fn () => advisedOn($paint, ['own' => 100.0], $solid, ['own'], card: $solid))->toThrow(CannotCompare::class);
});
