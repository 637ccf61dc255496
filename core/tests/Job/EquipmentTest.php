<?php

declare(strict_types=1);

use Kalopsis\Booth\Bake;
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

it('takes cups that the shop has', function (): void {
    $shelf = [Vessel::Medium, Vessel::Large];
    expect(Vessel::for(100.0, $shelf))->toBe(Vessel::Medium)
        ->and(Vessel::for(100.0))->toBe(Vessel::Small)
        ->and(Vessel::for(800.0, $shelf))->toBeNull()
        ->and(Vessel::largest($shelf))->toBe(Vessel::Large)
        ->and(Vessel::largest())->toBe(Vessel::Tall);
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
    [['booths' => [['name' => 'A']], 'cups' => ['17']], 'cups.0'],
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
