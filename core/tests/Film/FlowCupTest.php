<?php

declare(strict_types=1);

use Eris\Generators;
use Kalopsis\Film\DrippingStick;
use Kalopsis\Film\FlowCup;
use Kalopsis\Film\Viscosity;
use Kalopsis\Film\ViscosityCheck;
use Kalopsis\Input\Fields;
use Kalopsis\Input\InvalidInput;
use Kalopsis\Input\Problems;

uses(Eris\TestTrait::class);

/** @param array<string, mixed> $json */
function checkedViscosity(array $json): array
{
    $problems = new Problems();
    $check = ViscosityCheck::read(Fields::of($json, $problems));
    $problems->stop();

    return json_decode((string) json_encode($check), true);
}

it('spans what the standards say a cup is made for', function (FlowCup $cup, float $seconds, float $mm2PerS, float $within): void {
    expect($cup->viscosity($seconds))->toEqualWithDelta($mm2PerS, $within);
})->with([
    // ISO 2431:2011, table of the cups: kinematic viscosities at 30 and at 100 s.
    'ISO 3 mm, short' => [FlowCup::Iso3, 30.0, 7.0, 0.5],
    'ISO 3 mm, long' => [FlowCup::Iso3, 100.0, 42.0, 0.5],
    'ISO 4 mm, short' => [FlowCup::Iso4, 30.0, 34.0, 0.5],
    'ISO 4 mm, long' => [FlowCup::Iso4, 100.0, 135.0, 0.5],
    'ISO 5 mm, short' => [FlowCup::Iso5, 30.0, 91.0, 0.5],
    'ISO 5 mm, long' => [FlowCup::Iso5, 100.0, 326.0, 0.5],
    'ISO 6 mm, short' => [FlowCup::Iso6, 30.0, 188.0, 0.5],
    'ISO 6 mm, long' => [FlowCup::Iso6, 100.0, 684.0, 0.5],
    // DIN 53211:1987, its two ends; from memory.
    'DIN 4 mm, short' => [FlowCup::Din4, 25.0, 96.0, 0.5],
    'DIN 4 mm, long' => [FlowCup::Din4, 150.0, 683.0, 0.7],
    // Conversion charts after ASTM D1200; from memory.
    'ASTM 4 at 30 s' => [FlowCup::Astm4, 30.0, 98.0, 0.5],
    'ASTM 4 at 50 s' => [FlowCup::Astm4, 50.0, 175.0, 0.5],
]);

it('goes there and back through every cup', function (): void {
    $this->limitTo(200)
        ->forAll(Generators::elements(...FlowCup::cases()), Generators::choose(120, 1500))
        ->then(function (FlowCup $cup, int $tenths): void {
            $seconds = $tenths / 10;
            $v = $cup->viscosity($seconds);
            // Below the thinnest paint there is the seconds say nothing.
            if ($v > 0.6) {
                expect($cup->secondsFor($v))->toEqualWithDelta($seconds, 1e-9);
            }
            expect($cup->viscosity($seconds + 1))->toBeGreaterThanOrEqual($v);
        });
});

it('refuses a cup that takes no time', function (float $seconds): void {
    FlowCup::Din4->viscosity($seconds);
})
    ->with([0.0, -3.0, NAN, INF])
    ->throws(DomainException::class);

it('refuses no viscosity', function (float $v): void {
    FlowCup::Iso4->secondsFor($v);
})
    ->with([0.0, -1.0, NAN, INF])
    ->throws(DomainException::class);

it('thins by three to four per cent a kelvin (common practice)', function (): void {
    $lost = 1.0 - Viscosity::moved(100.0, 20.0, 21.0) / 100.0;
    expect($lost)
        ->toBeGreaterThan(0.03)
        ->toBeLessThan(0.04)
        ->and(Viscosity::moved(Viscosity::moved(80.0, 15.0, 30.0), 30.0, 15.0))
        ->toEqualWithDelta(80.0, 1e-9);
});

it('holds a cold mix against the sheet\'s temperature: what runs slowly at 12 deg C may be right at 20', function (): void {
    $window = ['cup' => 'din-4', 'seconds' => [26, 32], 'celsius' => 20];
    $at = fn (float $celsius): array => checkedViscosity([
        'cup' => 'din-4',
        'seconds' => 36,
        'celsius' => $celsius,
        'window' => $window,
    ]);
    expect($at(20)['fits'])->toBe(1)->and($at(12)['fits'])->toBe(0)->and($at(12)['corrected'])->toBeLessThan($at(12)['mm2PerS']);
});

it('says that a short reading lies outside its standard', function (): void {
    expect(checkedViscosity(['cup' => 'din-4', 'seconds' => 18, 'celsius' => 20])['holds'])
        ->toBeFalse()
        ->and(checkedViscosity(['cup' => 'din-4', 'seconds' => 30, 'celsius' => 20])['holds'])
        ->toBeTrue();
});

it('takes a stick as rough, and says when it is too rough', function (): void {
    $window = ['cup' => 'din-4', 'seconds' => [17, 20]];
    $stick = checkedViscosity(['stick' => DrippingStick::DropASecond->value, 'celsius' => 20, 'window' => $window]);
    $rope = checkedViscosity(['stick' => DrippingStick::Rope->value, 'celsius' => 20, 'window' => $window]);
    expect($stick['rough'])
        ->toBeTrue()
        ->and($stick['fits'])
        ->toBeNull()
        ->and($stick['says']['plain'])
        ->toContain('Too rough')
        ->and($rope['fits'])
        ->toBe(1);
    $before = 0.0;
    foreach (DrippingStick::cases() as $case) {
        [$low, $high] = $case->viscosity();
        expect($high)->toBeGreaterThan($low)->and($low)->toBeGreaterThan($before);
        $before = $low;
    }
});

it('tells each fault at its field', function (array $json, string $field): void {
    try {
        checkedViscosity($json);
        $this->fail('accepted');
    } catch (InvalidInput $bad) {
        expect(array_map(fn ($p): string => $p->field, $bad->problems))->toContain($field);
    }
})->with([
    [['cup' => 'din-4', 'seconds' => 0, 'celsius' => 20], 'seconds'],
    [['cup' => 'bucket', 'seconds' => 20, 'celsius' => 20], 'cup'],
    [['cup' => 'din-4', 'seconds' => 20, 'celsius' => 90], 'celsius'],
    [['stick' => 'spoon', 'celsius' => 20], 'stick'],
    [['cup' => 'din-4', 'seconds' => 20, 'celsius' => 20, 'window' => ['cup' => 'din-4', 'seconds' => [30, 20]]], 'window.seconds'],
    [['cup' => 'din-4', 'seconds' => 20, 'celsius' => 20, 'window' => ['cup' => 'din-4', 'seconds' => 'x']], 'window.seconds'],
    [[], 'cup'],
]);
