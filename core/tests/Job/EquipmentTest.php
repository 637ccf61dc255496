<?php

declare(strict_types=1);

use Kalopsis\Booth\Bake;
use Kalopsis\Card\Light;
use Kalopsis\Cups\CupShelf;
use Kalopsis\Cups\Vessel;
use Kalopsis\Film\Air;
use Kalopsis\Film\AirMovement;
use Kalopsis\Film\Carrier;
use Kalopsis\Film\FlashOff;
use Kalopsis\Film\Reducer;
use Kalopsis\Film\ReducerGrade;
use Kalopsis\Film\Volatile;
use Kalopsis\Gun\GunSetUp;
use Kalopsis\Gun\ShopGun;
use Kalopsis\Gun\Stroke;
use Kalopsis\Input\Fields;
use Kalopsis\Input\InvalidInput;
use Kalopsis\Input\Problems;
use Kalopsis\Job\Equipment;
use Kalopsis\Sequence\GunChange;
use Kalopsis\Sequence\GunChoice;
use Kalopsis\Sequence\Hold;
use Kalopsis\Sequence\ShopGuns;

function equipmentOf(array $json): Equipment
{
    $problems = new Problems();
    $read = Equipment::read(Fields::of($json, $problems));
    $problems->stop();

    return $read;
}

it('dries with the root of what moves in the booth, and a blower makes its own air (laminar flat plate, Incropera)', function (): void {
    $volatile = Volatile::of(Carrier::Solvent, Reducer::of(ReducerGrade::Standard));
    $rate = fn (float $moves, AirMovement $by): float => FlashOff::rate($volatile, new Air(22.0, 50.0, 1.0, $moves), $by);
    expect($rate(0.6, AirMovement::Booth) / $rate(0.15, AirMovement::Booth))->toEqualWithDelta(2.0, 1e-9)
        ->and($rate(0.6, AirMovement::HandBlower))->toBe($rate(0.15, AirMovement::HandBlower));
});

it('sweeps as much more with a wider fan: half as wide, twice the strokes and twice the film for the same hand', function (): void {
    $wide = new GunSetUp(1.4, 180.0, 75.0);
    expect(Stroke::fanMm($wide))->toBe(280.0)
        ->and(Stroke::fanMm($wide->fanning(140.0)))->toBe(140.0)
        ->and(Stroke::full()->wetUm($wide->fanning(140.0)) / Stroke::full()->wetUm($wide))->toEqualWithDelta(2.0, 1e-9);
});

it('takes cups that the shop has, of any size, the smallest first', function (): void {
    $shop = equipmentOf(['booths' => [['name' => 'A']], 'cups' => [['ml' => 750], '450', ['ml' => 600]]]);
    $key = fn (?Vessel $v): ?string => $v?->key();
    expect(array_map($key, $shop->cups->vessels))->toBe(['450', '600', '750'])
        ->and($key($shop->cups->for(100.0)))->toBe('450')
        ->and($key($shop->cups->for(450.1)))->toBe('600')
        ->and($shop->cups->for(751.0))->toBeNull()
        ->and($key($shop->cups->largest()))->toBe('750')
        ->and(array_column($shop->cups->splits(1201.0), 'count', 'vessel'))->toBe(['450' => 3, '600' => 3, '750' => 2])
        // Nobody said anything: the usual four.
        ->and(array_map($key, (new CupShelf())->vessels))->toBe(['200', '450', '750', '1300']);
});

it('draws a cup as it was measured, and one nobody measured like a usual one of its size', function (): void {
    // A can of 100 mm across and 120 mm high holds pi 50^2 120 = 942 ml; 500 ml stand 63.7 mm high in it.
    $cups = ['cups' => [['ml' => 900, 'bottomMm' => 100, 'topMm' => 100, 'heightMm' => 120]]];
    $shop = equipmentOf(['booths' => [['name' => 'A']], ...$cups]);
    $can = $shop->cups->named('900');
    expect($can->brimfulMl())->toEqualWithDelta(942.48, 0.01)
        ->and($can->lineFor(500.0))->toEqualWithDelta(63.66, 0.01)
        // Shapes are alike when all lengths grow with the root: 8 times the paint, twice as high.
        ->and(Vessel::of(10_400.0)->heightMm)->toEqualWithDelta(2.0 * Vessel::of(1300.0)->heightMm, 1e-9)
        ->and(Vessel::of(10_400.0)->brimfulMl())->toEqualWithDelta(8.0 * Vessel::of(1300.0)->brimfulMl(), 1e-6)
        // What a plan chose before stays a cup of that size after the shop has thrown it out.
        ->and($shop->cups->named('450')->usefulMl)->toBe(450.0);
    foreach ([20, 45, 350, 520, 990, 2500, 9000] as $ml) {
        expect(Vessel::of((float) $ml)->brimfulMl())->toBeGreaterThan(1.0 * $ml);
    }
});

it('knows its instruments and lamps by their names', function (): void {
    $shop = equipmentOf([
        'booths' => [['name' => 'A']],
        'instruments' => [
            ['name' => 'Five angles', 'geometry' => '15-25-45-75-110', 'viewing' => 'D65/10', 'repeats' => 0.04],
            ['name' => 'Old one', 'geometry' => '45/0', 'viewing' => 'A / 2'],
        ],
        'lamps' => [['name' => 'Stand by the door', 'light' => 'daylight-lamp']],
    ]);
    expect($shop->repeats('Five angles'))->toBe(0.04)
        ->and($shop->repeats('Old one'))->toBeNull()
        ->and($shop->repeats('Elsewhere'))->toBeNull()
        ->and($shop->instruments[1]->viewing->name())->toBe('A/2')
        ->and($shop->lamp(Light::DaylightLamp))->toBe('Stand by the door')
        ->and($shop->lamp(Light::WarmIndoor))->toBeNull()
        ->and(equipmentOf(json_decode((string) json_encode($shop), true)))->toEqual($shop);
});

it('knows its booths by name, and takes the first where none is named', function (): void {
    $shop = equipmentOf(['booths' => [
        ['name' => 'North', 'movesMPerS' => 0.2, 'heatsToC' => 45],
        ['name' => 'South'],
    ]]);
    expect($shop->booth('South')->movesMPerS)->toBe(Air::MOVES_M_PER_S)
        ->and($shop->booth('')->name)->toBe('North')
        ->and($shop->booth('Elsewhere')->heatsToC)->toBe(45.0)
        ->and(equipmentOf(json_decode((string) json_encode($shop), true)))->toEqual($shop)
        // Half as fast every 11 K colder (common practice): 15 K take 2^(15/11) as long.
        ->and(Bake::of(20.0, 45.0)->minutes)->toEqualWithDelta(20.0 * 2.0 ** (15.0 / 11.0), 1e-9);
});

it('refuses what no shop has, at its field', function (array $json, string $field): void {
    try {
        equipmentOf($json);
        $told = null;
    } catch (InvalidInput $bad) {
        $told = $bad->problems[0]->field;
    }
    expect($told)->toBe($field);
})->with([
    [['booths' => []], 'booths'],
    [['booths' => [['name' => '']]], 'booths.0.name'],
    [['booths' => [['name' => 'A'], ['name' => 'A']]], 'booths.1.name'],
    [['booths' => [['name' => 'A', 'movesMPerS' => 9]]], 'booths.0.movesMPerS'],
    [['booths' => [['name' => 'A', 'heatsToC' => 400]]], 'booths.0.heatsToC'],
    [['booths' => [['name' => 'A']], 'guns' => ['small' => ['fanMm' => 5]]], 'guns.small.fanMm'],
    [['booths' => [['name' => 'A']], 'cups' => ['17']], 'cups.0.ml'],
    [['booths' => [['name' => 'A']], 'cups' => 'all'], 'cups'],
    [['booths' => [['name' => 'A']], 'cups' => [['ml' => 300], ['ml' => 300.2]]], 'cups.1.ml'],
    [['booths' => [['name' => 'A']], 'cups' => [['ml' => 300, 'topMm' => 80]]], 'cups.0.bottomMm'],
    [['booths' => [['name' => 'A']], 'cups' => [['ml' => 300, 'bottomMm' => 80, 'topMm' => 70, 'heightMm' => 90]]], 'cups.0.topMm'],
    [['booths' => [['name' => 'A']], 'cups' => [['ml' => 300, 'bottomMm' => 50, 'topMm' => 60, 'heightMm' => 90]]], 'cups.0.heightMm'],
    [['booths' => [['name' => 'A']], 'lamps' => [['name' => 'Sun', 'light' => 'low-sun']]], 'lamps.0.light'],
    [['booths' => [['name' => 'A']], 'lamps' => [['name' => 'L', 'light' => 'warm-indoor'], ['name' => 'L', 'light' => 'warm-indoor']]],
        'lamps.1.name'],
    [['booths' => [['name' => 'A']], 'instruments' => [['name' => 'I', 'geometry' => 'six', 'viewing' => 'D65/10']]],
        'instruments.0.geometry'],
    [['booths' => [['name' => 'A']], 'instruments' => [['name' => 'I', 'geometry' => '45/0', 'viewing' => 'F2']]],
        'instruments.0.viewing'],
    [['booths' => [['name' => 'A']], 'instruments' => [['name' => 'I', 'geometry' => '45/0', 'viewing' => 'D65/10', 'repeats' => 4]]],
        'instruments.0.repeats'],
]);

it('moves a gun that gives half as much half as fast: the film stays, the minutes double', function (): void {
    $guns = new ShopGuns(new ShopGun(flowMlPerMin: Stroke::full()->flowMlPerMin / 2.0));
    $usual = new ShopGuns();
    $sheet = new GunSetUp(1.4, 180.0, 75.0);
    foreach (Hold::cases() as $hold) {
        $now = $guns->stroke($hold, GunChoice::Standard);
        $was = $usual->stroke($hold, GunChoice::Standard);
        expect($now->wetUm($sheet) / $was->wetUm($sheet))->toEqualWithDelta(1.0, 1e-9)
            ->and($now->speedMmPerS / $was->speedMmPerS)->toEqualWithDelta(0.5, 1e-9);
    }
    // Set by hand to the usual flow at the gun's own slow hand, it lays twice as much.
    $set = new GunChange(flowMlPerMin: Stroke::full()->flowMlPerMin);
    expect($set->film(GunChoice::Standard, $sheet, $guns))->toEqualWithDelta(2.0, 1e-9)
        ->and($set->film(GunChoice::Standard, $sheet))->toEqualWithDelta(1.0, 1e-9);
});

it('says which way a pressure leaves what the gun works at', function (): void {
    $shop = equipmentOf(['booths' => [['name' => 'A']], 'guns' => ['standard' => ['leastBar' => 1.8, 'mostBar' => 2.2]]]);
    expect($shop->guns->standard->worksAt(1.8))->toBeTrue()
        ->and($shop->guns->standard->worksAt(1.79))->toBeFalse()
        ->and($shop->guns->standard->worksAt(2.21))->toBeFalse()
        ->and($shop->guns->small->worksAt(0.3))->toBeTrue();
    expect(fn () => equipmentOf(['booths' => [['name' => 'A']], 'guns' => ['small' => ['leastBar' => 2.0, 'mostBar' => 1.0]]]))
        ->toThrow(InvalidInput::class, 'guns.small.mostBar');
});
