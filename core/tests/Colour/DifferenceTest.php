<?php

declare(strict_types=1);

use Eris\Generators;
use Kalopsis\Colour\Difference\Cie94;
use Kalopsis\Colour\Difference\Ciede2000;
use Kalopsis\Colour\Difference\Cmc;
use Kalopsis\Colour\Difference\Difference;
use Kalopsis\Colour\Exception\CannotCompare;
use Kalopsis\Colour\Illuminant;
use Kalopsis\Colour\Lab;
use Kalopsis\Colour\Observer;
use Kalopsis\Colour\Viewing;
use Kalopsis\Tests\Support\Colours;

uses(Eris\TestTrait::class);

it('agrees with all 34 pairs of Sharma, Wu and Dalal (2005), table 1, both ways round', function (): void {
    $fixture = json_decode((string) file_get_contents(dirname(__DIR__) . '/fixtures/ciede2000.json'), true);
    expect($fixture['cases'])->toHaveCount(34);
    foreach ($fixture['cases'] as [$l1, $a1, $b1, $l2, $a2, $b2, $de]) {
        $one = Colours::lab($l1, $a1, $b1);
        $other = Colours::lab($l2, $a2, $b2);
        expect(Ciede2000::between($one, $other))
            ->toEqualWithDelta($de, $fixture['tolerance'])
            ->and(Ciede2000::between($other, $one))
            ->toEqualWithDelta($de, $fixture['tolerance']);
    }
});

it('is zero for the same colour, symmetric and never negative', function (): void {
    $channel = Generators::choose(-100, 100);
    $this->limitTo(300)
        ->forAll(Generators::choose(0, 100), $channel, $channel, Generators::choose(0, 100), $channel, $channel)
        ->then(function (int $l1, int $a1, int $b1, int $l2, int $a2, int $b2): void {
            $one = Colours::lab($l1, $a1, $b1);
            $other = Colours::lab($l2, $a2, $b2);
            expect(Ciede2000::between($one, $one))
                ->toEqualWithDelta(0.0, 1e-9)
                ->and(Ciede2000::between($one, $other))
                ->toBeGreaterThanOrEqual(0.0)
                ->and(Ciede2000::between($one, $other))
                ->toEqualWithDelta(Ciede2000::between($other, $one), 1e-9)
                // Lightness, chroma and hue make up the whole difference: CIE 15, 8.2.1.
                ->and(
                    sqrt(
                        Difference::of($one, $other)->l ** 2 +
                            Difference::of($one, $other)->chroma ** 2 +
                            Difference::of($one, $other)->hue ** 2,
                    ),
                )
                ->toEqualWithDelta(Difference::of($one, $other)->total(), 1e-9);
        });
});

it('weighs CIE94 and CMC as published', function (): void {
    // Worked by hand from CIE 116: dL 1, dC 3 at C 40 -> sqrt(1 + (3/2.8)^2).
    expect(Cie94::between(Colours::lab(50, 40, 0), Colours::lab(51, 43, 0)))->toEqualWithDelta(
        sqrt(1 + (3 / 2.8) ** 2),
        1e-9,
    );
    // Clarke, McDonald, Rigg 1984: below L 16 the lightness tolerance is 0.511; on greys S_C is 0.638.
    expect(Cmc::between(Colours::lab(10), Colours::lab(11)))
        ->toEqualWithDelta(1 / 0.511, 1e-9)
        ->and(Cmc::between(Colours::lab(50), Colours::lab(50, 1, 0)))
        ->toEqualWithDelta(1 / 0.638, 1e-9)
        ->and(Cmc::between(Colours::lab(50), Colours::lab(52), 2.0))
        ->toEqualWithDelta(Cmc::between(Colours::lab(50), Colours::lab(51)), 1e-9);
});

it('gives hue a sign: towards yellow from red is positive', function (): void {
    expect(Difference::of(Colours::lab(50, 30, 0), Colours::lab(50, 29, 5))->hue)
        ->toBeGreaterThan(0.0)
        ->and(Difference::of(Colours::lab(50, 30, 0), Colours::lab(50, 29, -5))->hue)
        ->toBeLessThan(0.0);
});

it('refuses to compare across white points', function (callable $difference): void {
    $difference(Colours::lab(50), Lab::of(50, 0, 0, Viewing::of(Illuminant::A, Observer::Ten)));
})
    ->with([
        [fn (Lab $a, Lab $b) => Ciede2000::between($a, $b)],
        [fn (Lab $a, Lab $b) => Cie94::between($a, $b)],
        [fn (Lab $a, Lab $b) => Cmc::between($a, $b)],
        [fn (Lab $a, Lab $b) => Difference::of($a, $b)],
    ])
    ->throws(CannotCompare::class, 'D65/10');
