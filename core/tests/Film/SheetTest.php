<?php

declare(strict_types=1);

use Kalopsis\Film\Air;
use Kalopsis\Film\BadRatio;
use Kalopsis\Film\Carrier;
use Kalopsis\Film\Component;
use Kalopsis\Film\Coverage;
use Kalopsis\Film\DataSheet;
use Kalopsis\Film\DataSheetReader;
use Kalopsis\Film\FlowCup;
use Kalopsis\Film\MixRatio;
use Kalopsis\Film\Mixture;
use Kalopsis\Film\MixtureSpec;
use Kalopsis\Film\PaintSystemReader;
use Kalopsis\Film\ProductRole;
use Kalopsis\Film\Reducer;
use Kalopsis\Film\ReducerChoice;
use Kalopsis\Film\ReducerGrade;
use Kalopsis\Film\ReducerWindows;
use Kalopsis\Film\SheetSource;
use Kalopsis\Film\SprayViscosity;
use Kalopsis\Film\Viscosity;
use Kalopsis\Film\ViscosityCheck;
use Kalopsis\Film\Voc;
use Kalopsis\Film\VocRules;
use Kalopsis\Input\Fields;
use Kalopsis\Input\InvalidInput;
use Kalopsis\Input\Problems;
use Kalopsis\Tests\Support\Sprays;
use Kalopsis\Units\UnitSystem;

/**
 * What is read from some fields, and the fields with faults.
 *
 * @param array<string, mixed> $json
 * @param callable(Fields): mixed $read
 * @return array{mixed, list<string>}
 */
function readSheet(array $json, callable $read): array
{
    $problems = new Problems();
    $read = $read(Fields::of($json, $problems));

    try {
        $problems->stop();
    } catch (InvalidInput $bad) {
        return [$read, array_map(fn ($p): string => $p->field, $bad->problems)];
    }

    return [$read, []];
}

/** @param array<string, mixed> $json */
function stickOrCup(array $json): array
{
    [$check] = readSheet(['celsius' => 20, ...$json], ViscosityCheck::read(...));

    return json_decode((string) json_encode($check), true);
}

function mixed(ProductRole $role, MixtureSpec $spec = new MixtureSpec(), ?string $ratio = null): Mixture
{
    return Mixture::of(Sprays::system(), $role, $spec, $ratio === null ? null : MixRatio::parse($ratio));
}

it('tells one cup in all the others, by the formulas of their standards', function (): void {
    // DIN 53211: 30 s are 4.57 x 30 - 452 / 30 = 122.03 mm2/s.
    $told = stickOrCup(['cup' => 'din-4', 'seconds' => 30, 'window' => ['cup' => 'din-4', 'seconds' => [17, 20]]]);
    $cups = array_column($told['cups'], null, 'key');
    unset($told['cups'], $told['says']['text'], $told['says']['values']);
    expect($told)->toEqual([
        'mm2PerS' => 122.0,
        'low' => 122.0,
        'high' => 122.0,
        'rough' => false,
        'holds' => true,
        'atCelsius' => 20.0,
        'corrected' => 122.0,
        'fits' => 1,
        'says' => ['plain' => 'Thicker than the sheet wants, 17 to 20 s, DIN 4 mm, at 20 °C.'],
    ]);
    $seconds = fn (string $key): float => (float) $cups[$key]['seconds'];
    // ISO 2431:2011, 3 to 6 mm, and ASTM D1200, no. 4; the seconds are told to a tenth.
    expect(0.443 * $seconds('iso-3') - 200 / $seconds('iso-3'))
        ->toEqualWithDelta(122.03, 0.03)
        ->and(1.37 * $seconds('iso-4') - 200 / $seconds('iso-4'))
        ->toEqualWithDelta(122.03, 0.08)
        ->and(3.28 * $seconds('iso-5') - 220 / $seconds('iso-5'))
        ->toEqualWithDelta(122.03, 0.18)
        ->and(6.90 * $seconds('iso-6') - 570 / $seconds('iso-6'))
        ->toEqualWithDelta(122.03, 0.45)
        ->and(3.85 * ($seconds('astm-4') - 4.49))
        ->toEqualWithDelta(122.03, 0.2)
        ->and($cups['din-4'])
        ->toEqual(['key' => 'din-4', 'words' => 'DIN 4 mm', 'standard' => 'DIN 53211', 'seconds' => 30.0, 'holds' => true])
        ->and(array_column($cups, 'standard', 'key'))
        ->toBe([
            'din-4' => 'DIN 53211', 'iso-3' => 'ISO 2431', 'iso-4' => 'ISO 2431', 'iso-5' => 'ISO 2431', 'iso-6' => 'ISO 2431',
            'astm-4' => 'ASTM D1200',
        ])
        // 276 s from 3 mm and 24 s from 6 mm are outside of 30 to 100.
        ->and(array_column($cups, 'holds', 'key'))
        ->toBe(['din-4' => true, 'iso-3' => false, 'iso-4' => true, 'iso-5' => true, 'iso-6' => false, 'astm-4' => true])
        ->and(array_column($cups, 'words', 'key')['iso-6'])
        ->toBe('ISO 6 mm');
    // Told to a tenth, not rounder and not finer.
    expect([stickOrCup(['cup' => 'din-4', 'seconds' => 31])['mm2PerS'], $seconds('iso-4')])->toBe([127.1, 90.7]);
});

it('holds where the standard says that its formula holds, ends included', function (FlowCup $cup, float $from, float $to): void {
    expect(array_map($cup->holdsAt(...), [$from - 0.5, $from, $to, $to + 0.5]))->toBe([false, true, true, false]);
})->with([
    [FlowCup::Din4, 25.0, 150.0],
    [FlowCup::Iso3, 30.0, 100.0],
    [FlowCup::Iso4, 30.0, 100.0],
    [FlowCup::Iso5, 30.0, 100.0],
    [FlowCup::Iso6, 30.0, 100.0],
    [FlowCup::Astm4, 20.0, 105.0],
]);

it('says what a mix is against the window of its sheet', function (array $json, ?int $fits, string $says): void {
    $told = stickOrCup($json);
    expect([$told['fits'], $told['says']['plain']])->toBe([$fits, $says]);
})->with([
    'no window' => [['cup' => 'din-4', 'seconds' => 18], null, 'The data sheet gives no window.'],
    'thin' => [
        ['cup' => 'din-4', 'seconds' => 16, 'window' => ['cup' => 'din-4', 'seconds' => [17, 20.5], 'celsius' => 23]],
        -1,
        'Thinner than the sheet wants, 17 to 20.5 s, DIN 4 mm, at 23 °C.',
    ],
    'at its least' => [
        ['cup' => 'din-4', 'seconds' => 17, 'window' => ['cup' => 'din-4', 'seconds' => [17, 20]]],
        0,
        'Within what the sheet wants, 17 to 20 s, DIN 4 mm, at 20 °C.',
    ],
    'at its most' => [
        ['cup' => 'din-4', 'seconds' => 20, 'window' => ['cup' => 'din-4', 'seconds' => [17, 20]]],
        0,
        'Within what the sheet wants, 17 to 20 s, DIN 4 mm, at 20 °C.',
    ],
    'a stick that could be either' => [
        ['stick' => 'drop-a-second', 'window' => ['cup' => 'din-4', 'seconds' => [17, 20]]],
        null,
        'Too rough to say: take a flow cup. The sheet wants 17 to 20 s, DIN 4 mm, at 20 °C.',
    ],
    'a stick like water' => [
        ['stick' => 'water', 'window' => ['cup' => 'din-4', 'seconds' => [17, 20]]],
        -1,
        'Thinner than the sheet wants, 17 to 20 s, DIN 4 mm, at 20 °C.',
    ],
]);

it('takes a stick between two figures, and their geometric mean', function (): void {
    $told = stickOrCup(['stick' => 'quick-drops']);
    expect([$told['low'], $told['high'], $told['rough'], $told['holds']])
        ->toEqual([25.0, 60.0, true, true])
        // The root of 25 x 60.
        ->and($told['mm2PerS'])
        ->toEqual(38.7)
        ->and($told['corrected'])
        ->toEqual(38.7);
    // 3000 K: at 30 deg C paint is 0.7135 times as thick as at 20, so that this one is 54.3 at the sheet's 20.
    $warm = stickOrCup(['stick' => 'quick-drops', 'celsius' => 30]);
    expect([$warm['mm2PerS'], $warm['corrected']])->toEqual([38.7, 54.3]);
});

it('has the limits of the laws, g/l', function (VocRules $law, ProductRole $role, int $stages, float $limit): void {
    expect($law->limitGPerL($role, $stages))->toBe($limit);
})->with([
    // 2004/42/EC annex II, table B.
    [VocRules::Eu, ProductRole::Sealer, 2, 540.0],
    [VocRules::Eu, ProductRole::BaseEffect, 2, 420.0],
    [VocRules::Eu, ProductRole::FadeSolvent, 2, 840.0],
    [VocRules::Eu, ProductRole::ClearTint, 2, 840.0],
    // 40 CFR 59.102, table 1.
    [VocRules::Us, ProductRole::Sealer, 2, 550.0],
    [VocRules::Us, ProductRole::Clear, 2, 600.0],
    [VocRules::Us, ProductRole::BaseSolid, 3, 630.0],
    [VocRules::Us, ProductRole::FadeSolvent, 3, 840.0],
]);

it('leaves out of the litre what the laws leave out, water and exempt solvent alike', function (): void {
    // A litre of 30 % solids, 20 % water, 10 % exempt and 40 % solvent: 0.4 x 870 g in the 0.7 l that count.
    $product = Sprays::system()->product(ProductRole::FadeSolvent);
    $mix = (new Kalopsis\Film\Product(
        ProductRole::FadeSolvent,
        'odd',
        MixRatio::parse('1'),
        [new Component('odd', 1.0, 0.3, water: 0.2, exempt: 0.1)],
        1.0,
        $product->gun,
    ))->mix();
    expect(Voc::lessWater($mix))
        ->toEqualWithDelta(0.4 * 870.0 / 0.7, 1e-9)
        // Rounding in a sheet makes the shares more than the whole: nothing evaporates then, not less.
        ->and((new Component('odd', 1.0, 0.8, water: 0.2, exempt: 0.1))->organicShare())
        ->toBe(0.0);
});

it('names a mixture as a painter does', function (Mixture $mixture, string $text, string $added, string $key): void {
    expect([$mixture->text(), $mixture->addedText(), $mixture->key()])->toBe([$text, $added, $key]);
})->with(fn (): array => [
    [mixed(ProductRole::BaseEffect), '1:0.75', '', 'base-effect 1:0.75'],
    [
        mixed(ProductRole::BaseEffect, new MixtureSpec(1.0, 1.5)),
        'the rest of 1:0.75, 1:1.5 blending clear', '1:1.5 blending clear', 'base-effect 1:0.75 +1.500',
    ],
    [
        mixed(ProductRole::BaseEffect, new MixtureSpec(1.0, 0.5)),
        'the rest of 1:0.75, 1:0.5 blending clear', '1:0.5 blending clear', 'base-effect 1:0.75 +0.500',
    ],
    [
        mixed(ProductRole::Clear, new MixtureSpec(fadeSolvent: 1.0)),
        'the rest of 2:1:0.15, 1:1 fade-out solvent', '1:1 fade-out solvent', 'clear 2:1:0.15 +fade-solvent 1.000',
    ],
    [
        mixed(ProductRole::Clear, new MixtureSpec(tint: 0.05)),
        '2:1:0.15, 5% tint for clear', '5% tint for clear', 'clear 2:1:0.15 +clear-tint 0.050',
    ],
    [mixed(ProductRole::FadeSolvent), 'as it comes', '', 'fade-solvent 1'],
]);

it('takes what is added first: blending clear, then fade-out solvent, then tint, and none of them by itself', function (): void {
    expect((new MixtureSpec())->added())
        ->toBeNull()
        ->and((new MixtureSpec())->addedParts())
        ->toBe(0.0)
        ->and((new MixtureSpec(1.0, 0.5, 0.5, 0.1))->added())
        ->toBe(ProductRole::WetBed)
        ->and((new MixtureSpec(1.0, 0.5, 0.5, 0.1))->addedParts())
        ->toBe(0.5)
        ->and((new MixtureSpec(1.0, 0.0, 0.4, 0.1))->added())
        ->toBe(ProductRole::FadeSolvent)
        ->and((new MixtureSpec(1.0, 0.0, 0.4, 0.1))->addedParts())
        ->toBe(0.4)
        ->and((new MixtureSpec(1.0, 0.0, 0.0, 0.1))->added())
        ->toBe(ProductRole::ClearTint);
});

it('mixes what it mixes by Arrhenius: the logarithms go by volume', function (): void {
    $base = Viscosity::atSheet(mixed(ProductRole::BaseEffect)) ?? NAN;
    $bed = Viscosity::atSheet(mixed(ProductRole::WetBed)) ?? NAN;
    // One part of base to one of blending clear is their geometric mean; three parts of clear its fourth root.
    expect(Viscosity::atSheet(mixed(ProductRole::BaseEffect, new MixtureSpec(1.0, 1.0))))
        ->toEqualWithDelta(sqrt($base * $bed), 1e-9)
        ->and(Viscosity::atSheet(mixed(ProductRole::BaseEffect, new MixtureSpec(1.0, 3.0))))
        ->toEqualWithDelta(($base * $bed ** 3) ** 0.25, 1e-9)
        // Fade-out solvent has no sheet: it is as thin as reducer, 1 mm2/s.
        ->and(Viscosity::atSheet(mixed(ProductRole::Clear, new MixtureSpec(fadeSolvent: 1.0))))
        ->toEqualWithDelta(sqrt(Viscosity::atSheet(mixed(ProductRole::Clear)) ?? NAN), 1e-9);
});

it('says where a product\'s figures come from', function (): void {
    $source = Sprays::system()->product(ProductRole::BaseEffect)->source();
    $inputs = json_decode((string) json_encode($source), true)['inputs'];
    expect(array_column($inputs, 'name'))
        ->toBe(['full coat, dry', 'mix', 'solids ready to spray'])
        ->and([$inputs[0]['value']['value'], $inputs[1]['value'], $inputs[2]['value']['value']])
        ->toEqual([7.0, '1:0.75', 16.0]);
});

it('reads what a data sheet may say, to the ends of it', function (array $json, array $faults): void {
    expect(readSheet($json, DataSheetReader::read(...))[1])->toBe($faults);
})->with([
    'nothing' => [[], []],
    'no reducer, and three parts to one' => [['reducerPercent' => [0, 300]], []],
    'more' => [['reducerPercent' => [0, 301]], ['reducerPercent']],
    'less than none' => [['reducerPercent' => [-1, 20]], ['reducerPercent']],
    'the most before the least' => [['reducerPercent' => [30, 20]], ['reducerPercent']],
    'quick and slow cups' => [['viscosity' => ['cup' => 'din-4', 'seconds' => [5, 300]]], []],
    'too quick' => [['viscosity' => ['cup' => 'din-4', 'seconds' => [4, 20]]], ['viscosity.seconds']],
    'too slow' => [['viscosity' => ['cup' => 'din-4', 'seconds' => [20, 301]]], ['viscosity.seconds']],
    'a cold room' => [['viscosity' => ['cup' => 'din-4', 'seconds' => [17, 20], 'celsius' => 5]], []],
    'colder' => [['viscosity' => ['cup' => 'din-4', 'seconds' => [17, 20], 'celsius' => 4.5]], ['viscosity.celsius']],
    'a hot room' => [['viscosity' => ['cup' => 'din-4', 'seconds' => [17, 20], 'celsius' => 45]], []],
    'hotter' => [['viscosity' => ['cup' => 'din-4', 'seconds' => [17, 20], 'celsius' => 45.5]], ['viscosity.celsius']],
    'sets within minutes, and in two days' => [['potLifeMin' => 5], []],
    'sets at once' => [['potLifeMin' => 4], ['potLifeMin']],
    'sets in two days' => [['potLifeMin' => 2880], []],
    'sets later' => [['potLifeMin' => 2881], ['potLifeMin']],
    'six coats' => [['coats' => 6], []],
    'seven' => [['coats' => 7], ['coats']],
    'no coat' => [['coats' => 0], ['coats']],
    'flash at the ends' => [['flash' => ['minutes' => 0.5, 'celsius' => 45, 'humidityPercent' => 95]], []],
    'flash past them' => [
        ['flash' => ['minutes' => 121, 'celsius' => 46, 'humidityPercent' => 96]],
        ['flash.minutes', 'flash.celsius', 'flash.humidityPercent'],
    ],
    'flash before them' => [
        ['flash' => ['minutes' => 0.4, 'celsius' => 4, 'humidityPercent' => 4]],
        ['flash.minutes', 'flash.celsius', 'flash.humidityPercent'],
    ],
    'flash at the other ends' => [['flash' => ['minutes' => 120, 'celsius' => 5, 'humidityPercent' => 5]], []],
]);

it('takes what a data sheet leaves out as it is usual', function (): void {
    [$sheet] = readSheet(
        ['viscosity' => ['cup' => 'iso-4', 'seconds' => [30, 40]], 'flash' => ['minutes' => 6]],
        DataSheetReader::read(...),
    );
    assert($sheet instanceof DataSheet);
    expect([$sheet->coats, $sheet->reducerPercent, $sheet->potLifeMin, $sheet->grade, $sheet->source])
        ->toBe([2, null, null, null, null])
        ->and($sheet->viscosity)
        ->toEqual(new SprayViscosity(FlowCup::Iso4, 30.0, 40.0, 20.0))
        ->and((new SprayViscosity(FlowCup::Iso4, 30.0, 40.0))->celsius)
        ->toBe(20.0)
        ->and([$sheet->flash?->minutes, $sheet->flash?->celsius, $sheet->flash?->humidityPercent])
        ->toBe([6.0, 20.0, 50.0]);
    // A window may begin below one per cent.
    [$thin] = readSheet(['reducerPercent' => [0.5, 10]], DataSheetReader::read(...));
    expect($thin->reducerPercent)->toBe([0.5, 10.0]);
});

it('compares with a window as less, within and more', function (): void {
    $window = new SprayViscosity(FlowCup::Din4, 17.0, 20.0);
    expect(array_map($window->compare(...), [51.0, 52.0, 68.0, 69.0]))->toBe([-1, 0, 0, 1]);
});

it('names the day of a sheet or none, and no other word', function (): void {
    $read = fn (array $json): array => readSheet($json, SheetSource::read(...));
    expect($read([])[0])
        ->toBeNull()
        ->and($read(['document' => 'Sheet 9'])[0]?->words())
        ->toBe('Sheet 9')
        ->and($read(['document' => 'Sheet 9', 'date' => '2026-02-28'])[0]?->words())
        ->toBe('Sheet 9, 2026-02-28')
        ->and($read(['document' => 'Sheet 9', 'date' => '2026-02-30'])[1])
        ->toBe(['date'])
        ->and($read(['document' => 'Sheet 9', 'date' => 'last March'])[1])
        ->toBe(['date'])
        ->and($read(['document' => str_repeat('x', 80)])[1])
        ->toBe([])
        ->and($read(['document' => str_repeat('x', 81)])[1])
        ->toBe(['document']);
});

it('refuses a ratio in words that show it', function (): void {
    expect(fn () => MixRatio::parse('two to one'))
        ->toThrow(BadRatio::class, '"two to one" is no mixing ratio.')
        ->and(MixRatio::parse('+55%')->parts)
        ->toEqual([100.0, 55.0])
        ->and(MixRatio::parse('1500:1')->parts ?? null)
        ->toBeNull();
})->throws(BadRatio::class);

it('tells a ratio without a sign between thousands', function (): void {
    expect(MixRatio::parse('1000:0.125')->text())
        ->toBe('1000:0.125')
        ->and(fn () => MixRatio::parse('1000.5:1'))
        ->toThrow(BadRatio::class)
        ->and(fn () => MixRatio::parse('1:1:1:1:1'))
        ->toThrow(BadRatio::class)
        ->and(MixRatio::parse('1:1:1:1')->total())
        ->toBe(4.0);
});

it('says when the choice of reducer turns, both ways, and stops where rooms end', function (): void {
    $turns = fn (Carrier $carrier, Air $air, float $m2 = 1.0): array => array_map(
        fn ($p): string => $p->in(UnitSystem::Metric),
        ReducerChoice::of($carrier, $air, $m2, false)->turns(),
    );
    // Solvent does not mind the humidity; over 2.5 m2 (common practice) the next slower takes over.
    expect($turns(Carrier::Solvent, new Air(22.0, 50.0)))
        ->toBe(['above 25 °C: slow', 'below 18 °C: fast', 'from 2.60 m² of colour: slow'])
        // Nobody sprays below 5 or above 45 deg C.
        ->and($turns(Carrier::Solvent, new Air(44.0, 50.0)))
        ->each->not->toContain('above')
        ->and(implode($turns(Carrier::Solvent, new Air(6.0, 50.0))))
        ->not->toContain('below');
    $water = $turns(Carrier::Waterborne, new Air(22.0, 50.0));
    // Round 70 and 35 % (common practice), looked at in steps of a thirtieth of 50 %: the first past 70 is 71.7.
    expect(implode('; ', $water))->toContain('above 72% humidity: fast')->toContain('below 35% humidity: slow');
});

it('names the neighbour that is nearest', function (): void {
    $choice = fn (float $celsius): ReducerChoice => ReducerChoice::of(Carrier::Solvent, new Air($celsius, 50.0), 1.0, false);
    $second = fn (float $celsius): string => $choice($celsius)->second()->key();
    // Nothing is faster than fast, nothing slower than extra slow.
    expect([$second(6.0), $second(22.0), $second(44.0)])->toBe(['standard', 'fast', 'slow']);
    // With a part of the next slower in it that one is nearest; with more of it, the one it still is for the lesser part.
    $mixed = ReducerChoice::of(Carrier::Solvent, new Air(24.4, 50.0), 1.0, false);
    expect([$mixed->advised->key(), $mixed->second()->key()])->toBe(['standard+40', 'slow']);
    $mostly = ReducerChoice::of(Carrier::Solvent, new Air(25.4, 50.0), 1.0, false);
    expect([$mostly->advised->key(), $mostly->second()->key()])->toBe(['standard+60', 'standard']);
    expect(array_keys($mixed->jsonSerialize()))
        ->toBe(['advised', 'second', 'turns', 'reason'])
        ->and(json_decode((string) json_encode($mixed), true)['advised']['words']['plain'])
        ->toBe('60% standard, 40% slow')
        ->and(json_decode((string) json_encode($mixed), true)['second'])
        ->toHaveKeys(['key', 'words']);
});

it('says why this reducer', function (
    Carrier $carrier,
    float $m2,
    bool $critical,
    ReducerWindows $windows,
    string $says,
    array $of,
): void {
    $reason = json_decode((string) json_encode(Reducer::because($carrier, new Air(22.0, 60.0), $m2, $critical, $windows)), true);
    expect([$reason['rule']['plain'], array_column(array_map(
        fn (array $i): array => [$i['name'], $i['value']['value']],
        $reason['inputs'],
    ), 1, 0)])->toEqual([$says, $of]);
})->with([
    [
        Carrier::Solvent, 1.0, false, new ReducerWindows(), 'Picked for the temperature of the booth.',
        ['booth' => 22.0, 'colour on' => 1.0],
    ],
    [
        Carrier::Waterborne, 1.0, false, new ReducerWindows(),
        'Picked for the humidity of the booth; moving air does the rest.',
        ['booth' => 22.0, 'humidity' => 60.0, 'colour on' => 1.0],
    ],
    [
        Carrier::Solvent, 3.0, false, new ReducerWindows(), 'A large area: slower than the thermometer says.',
        ['booth' => 22.0, 'colour on' => 3.0],
    ],
    [
        Carrier::Solvent, 1.0, true, new ReducerWindows(), 'A light effect colour: one grade slower than the thermometer says.',
        ['booth' => 22.0, 'colour on' => 1.0],
    ],
    [
        Carrier::Solvent, 3.0, true, new ReducerWindows(),
        'A light effect colour and a large area: slower than the thermometer says.',
        ['booth' => 22.0, 'colour on' => 3.0],
    ],
]);

it('takes its temperatures from a sheet that says any', function (): void {
    $windows = new ReducerWindows(['standard' => 28.0]);
    $source = fn (Carrier $carrier, ReducerWindows $w): string => json_decode(
        (string) json_encode(Reducer::because($carrier, new Air(22.0, 60.0), 1.0, false, $w)),
        true,
    )['source'];
    expect([$windows->said(), (new ReducerWindows())->said()])
        ->toBe([true, false])
        ->and([$source(Carrier::Solvent, $windows), $source(Carrier::Waterborne, $windows)])
        ->toBe(['data-sheet', 'practice'])
        ->and($source(Carrier::Solvent, new ReducerWindows()))
        ->toBe('practice')
        ->and([$windows->upToC(ReducerGrade::Standard), $windows->upToC(ReducerGrade::ExtraSlow)])
        ->toBe([28.0, null]);
});

it('covers nothing with nothing', function (): void {
    expect([Coverage::millilitres(0.0, 10.0, 0.5, 0.5), Coverage::millilitres(1.0, 0.0, 0.5, 0.5)])
        ->toBe([0.0, 0.0])
        ->and(Coverage::millilitres(1.0, 1.0, 1.0, 1.0))
        ->toBe(1.0);
});

it('reads a paint system, what is left out as usual and what is too much at its field', function (callable $change, array $faults): void {
    $json = json_decode((string) file_get_contents(dirname(__DIR__, 3) . '/data/paint-systems/northlight-s.json'), true);

    try {
        PaintSystemReader::read($change($json));
        $fields = [];
    } catch (InvalidInput $bad) {
        $fields = array_map(fn ($p): string => $p->field, $bad->problems);
    }
    expect($fields)->toBe($faults);
})->with(function (): array {
    $component = fn (string $name, mixed $value): callable => function (array $json) use ($name, $value): array {
        $json['products'][0]['components'][0][$name] = $value;

        return $json;
    };
    $product = fn (string $name, mixed $value): callable => function (array $json) use ($name, $value): array {
        $json['products'][0][$name] = $value;

        return $json;
    };

    return [
        'as it is' => [fn (array $json): array => $json, []],
        'no water but less than none' => [$component('water', -0.01), ['products.0.components.0.water']],
        'more water than room' => [$component('water', 0.49), ['products.0.components.0.water']],
        'as much as there is room' => [$component('water', 0.48), []],
        'exempt and water together' => [
            fn (array $json): array => $component('exempt', 0.3)($component('water', 0.3)($json)),
            ['products.0.components.0.water'],
        ],
        'lighter than solvents are' => [$component('densityGPerMl', 0.59), ['products.0.components.0.densityGPerMl']],
        'as light as any' => [$component('densityGPerMl', 0.6), []],
        'as heavy as any' => [$component('densityGPerMl', 3.5), []],
        'heavier' => [$component('densityGPerMl', 3.51), ['products.0.components.0.densityGPerMl']],
        'the thinnest mist' => [$product('dryFilmUm', 0.5), []],
        'thinner' => [$product('dryFilmUm', 0.4), ['products.0.dryFilmUm']],
        'the thickest filler' => [$product('dryFilmUm', 300), []],
        'thicker' => [$product('dryFilmUm', 301), ['products.0.dryFilmUm']],
        'a ratio of nothing' => [$product('ratio', ''), ['products.0.ratio', 'products.0.ratio']],
        'no overlap' => [$product('gun', ['bar' => 1.3, 'distanceMm' => 180, 'overlapPercent' => 0]), []],
        'too much overlap' => [
            $product('gun', ['bar' => 1.3, 'distanceMm' => 180, 'overlapPercent' => 95.5]),
            ['products.0.gun.overlapPercent'],
        ],
        'a currency of two letters' => [fn (array $json): array => [...$json, 'currency' => 'EU'], ['currency', 'currency']],
        'a currency in small letters' => [fn (array $json): array => [...$json, 'currency' => 'eur'], ['currency']],
        'a key with a space' => [fn (array $json): array => [...$json, 'key' => 'north light'], ['key']],
        'no note' => [fn (array $json): array => array_diff_key($json, ['note' => 0]), []],
        'a note as long as can be' => [fn (array $json): array => [...$json, 'note' => str_repeat('n', 500)], []],
        'a longer one' => [fn (array $json): array => [...$json, 'note' => str_repeat('n', 501)], ['note']],
    ];
});

it('keeps of a system what was said, and nothing where nothing was', function (): void {
    $json = json_decode((string) file_get_contents(dirname(__DIR__, 3) . '/data/paint-systems/northlight-s.json'), true);
    $plain = PaintSystemReader::read(array_diff_key($json, ['note' => 0, 'currency' => 0]));
    expect([$plain->note, $plain->currency])->toBe(['', null]);
    $binder = $plain->product(ProductRole::Sealer)->components[0];
    expect([$binder->water, $binder->exempt, $binder->pricePerL])->toBe([0.0, 0.0, 62.0]);
});

it('turns seconds into viscosity by the formulas of the standards, mm2/s', function (FlowCup $cup, float $seconds, float $mm2PerS): void {
    expect($cup->viscosity($seconds))->toEqualWithDelta($mm2PerS, 1e-9);
})->with([
    // DIN 53211; ISO 2431:2011, v = a t - b / t; ASTM D1200, v = 3.85 (t - 4.49).
    [FlowCup::Din4, 40.0, 4.57 * 40 - 452 / 40],
    [FlowCup::Iso3, 40.0, 0.443 * 40 - 200 / 40],
    [FlowCup::Iso4, 40.0, 1.37 * 40 - 200 / 40],
    [FlowCup::Iso5, 40.0, 3.28 * 40 - 220 / 40],
    [FlowCup::Iso6, 40.0, 6.9 * 40 - 570 / 40],
    [FlowCup::Astm4, 40.0, 3.85 * 35.51],
]);

it('looks ahead to the very ends of what a room can be', function (): void {
    $turns = fn (Air $air, Carrier $carrier = Carrier::Solvent): string => implode('; ', array_map(
        fn ($p): string => $p->in(UnitSystem::Metric),
        ReducerChoice::of($carrier, $air, 1.0, false)->turns(),
    ));
    // 31 deg C and up is extra slow; from 44 nothing more is to come, though 45 may still be looked at.
    expect($turns(new Air(32.0, 50.0)))
        ->not->toContain('below 5 ')
        ->and($turns(new Air(31.0, 50.0)))
        ->toContain('below')
        ->and($turns(new Air(17.0, 50.0)))
        ->toContain('above 18 °C: standard')
        ->and($turns(new Air(22.0, 99.0), Carrier::Waterborne))
        ->not->toContain('above 1');
});

it('adds no tint to a mixture that says nothing, and lays flakes level where they landed well', function (): void {
    $plain = new MixtureSpec();
    expect([$plain->tint, $plain->fadeSolvent, $plain->blendingClear, $plain->reducer])
        ->toBe([0.0, 0.0, 0.0, 1.0])
        ->and($plain->reason)
        ->toBe('');
    $lobe = Kalopsis\Film\FlakeOrder::lobe(Kalopsis\Colour\Flakes::of(Kalopsis\Colour\FlakeGrade::Medium), 0.0);
    expect([$lobe->tooWet, $lobe->spreadDeg])->toBe([0.0, $lobe->levelDeg]);
});

it('reads sheets of clear, windows of reducers and checks of viscosity to the ends of them', function (callable $read, array $json, array $faults): void {
    expect(readSheet($json, $read)[1])->toBe($faults);
})->with(function (): array {
    $sheet = DataSheetReader::read(...);
    $windows = ReducerWindows::read(...);
    $check = fn (Fields $f): ViscosityCheck => ViscosityCheck::read($f);
    $cup = ['cup' => 'din-4', 'seconds' => 20, 'celsius' => 20];

    return [
        'bake for a minute' => [$sheet, ['bakeMin' => 1], []],
        'for less' => [$sheet, ['bakeMin' => 0.9], ['bakeMin']],
        'for four hours' => [$sheet, ['bakeMin' => 240], []],
        'for more' => [$sheet, ['bakeMin' => 241], ['bakeMin']],
        'polish after a quarter of an hour' => [$sheet, ['polishHours' => 0.25], []],
        'sooner' => [$sheet, ['polishHours' => 0.2], ['polishHours']],
        'after two weeks' => [$sheet, ['polishHours' => 336], []],
        'later' => [$sheet, ['polishHours' => 337], ['polishHours']],
        'fast up to 5 deg C' => [$windows, ['fast' => 5], []],
        'up to less' => [$windows, ['fast' => 4.5], ['fast']],
        'slow up to 45' => [$windows, ['slow' => 45], []],
        'up to more' => [$windows, ['slow' => 45.5], ['slow', 'slow']],
        'one after the other' => [$windows, ['fast' => 20, 'standard' => 20], ['standard']],
        'paint of 5 deg C' => [$check, ['celsius' => 5] + $cup, []],
        'colder' => [$check, ['celsius' => 4.5] + $cup, ['celsius']],
        'of 45' => [$check, ['celsius' => 45] + $cup, []],
        'hotter' => [$check, ['celsius' => 45.5] + $cup, ['celsius']],
        'out in a second' => [$check, ['seconds' => 1] + $cup, []],
        'sooner than that' => [$check, ['seconds' => 0.9] + $cup, ['seconds']],
        'out in ten minutes' => [$check, ['seconds' => 600] + $cup, []],
        'later than that' => [$check, ['seconds' => 601] + $cup, ['seconds']],
    ];
});

it('takes no paint for thinner than light solvents', function (): void {
    // n-butyl acetate has 0.8 mm2/s; a DIN cup that is out at once would give less than nothing.
    expect(FlowCup::Din4->viscosity(1.0))->toBe(0.5)->and(FlowCup::Astm4->viscosity(4.0))->toBe(0.5);
});

it('hands waterborne reducer over within ten per cent of humidity', function (): void {
    // Half way at 70 %, all of it at 65 and at 75; the same round 35 %.
    $level = fn (float $percent): float => Reducer::advisedIn(Carrier::Waterborne, new Air(20.0, $percent), 1.0, false)->level();
    expect(array_map($level, [50.0, 65.0, 70.0, 75.0, 90.0]))
        ->toEqualWithDelta([1.0, 1.0, 0.5, 0.0, 0.0], 1e-9)
        ->and(array_map($level, [40.0, 35.0, 30.0, 20.0]))
        ->toEqualWithDelta([1.0, 1.5, 2.0, 2.0], 1e-9)
        ->and(array_map($level, [67.0, 73.0]))
        ->toEqualWithDelta([0.8, 0.2], 1e-9);
});

it('looks fifteen kelvin ahead, and not further', function (): void {
    $turns = fn (float $celsius): string => implode('; ', array_map(
        fn ($p): string => $p->in(UnitSystem::Metric),
        ReducerChoice::of(Carrier::Solvent, new Air($celsius, 50.0), 1.0, false)->turns(),
    ));
    // Slow hands over to extra slow at 32 deg C: from 33 standard lies 8 below; from 42 the change to slow 10;
    // from 5 to 18 are 13.
    expect($turns(5.0))->toContain('above 18 °C: standard')->and($turns(2.0))->not->toContain('above');
});
