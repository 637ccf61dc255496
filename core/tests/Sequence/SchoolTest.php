<?php

declare(strict_types=1);

use Kalopsis\Film\ProductRole;
use Kalopsis\Input\InvalidInput;
use Kalopsis\Job\JobReader;
use Kalopsis\Sequence\CoatKind;
use Kalopsis\Sequence\CoatStep;
use Kalopsis\Sequence\FinishClass;
use Kalopsis\Sequence\GunChoice;
use Kalopsis\Sequence\LandsIn;
use Kalopsis\Sequence\School;
use Kalopsis\Sequence\SchoolReader;
use Kalopsis\Tests\Support\Bodies;
use Kalopsis\Tests\Support\Sprays;

/** @return list<string> */
function stepIds(School $school, FinishClass $finish): array
{
    return array_map(fn (CoatStep $s): string => $s->id, $school->sequence($finish)->steps);
}

it('knows thirteen schools as data, each named by its file', function (): void {
    expect(Bodies::schoolKeys())->toHaveCount(13);
    foreach (Bodies::schools() as $school) {
        expect(Bodies::schoolKeys())
            ->toContain($school->key)
            ->and($school->how)
            ->not->toBe('')
            ->and($school->risk)
            ->not->toBe('');
    }
});

it('comes back from its own file as it was', function (): void {
    foreach (Bodies::schools() as $school) {
        $again = SchoolReader::read(json_decode((string) json_encode($school), true));
        expect($again)->toEqual($school);
    }
});

it('orders coats as the trade teaches (common practice)', function (): void {
    $shelf = new Bodies();
    $inside = $shelf->school('inside-out-wet-bed');
    $outside = $shelf->school('outside-in');
    assert($inside !== null && $outside !== null);
    expect(stepIds($inside, FinishClass::MetallicLight))
        ->toBe(['wet-bed', 'base-1', 'base-2', 'base-3', 'control', 'clear-1', 'clear-2'])
        ->and(stepIds($inside, FinishClass::SolidDark))
        ->toBe(['base-1', 'base-2', 'clear-1', 'clear-2'])
        ->and(stepIds($outside, FinishClass::Pearl))
        ->toBe(['wet-bed', 'effect', 'base-1', 'half', 'clear-1', 'clear-2'])
        ->and($outside->sequence(FinishClass::Pearl)->isOutsideIn())
        ->toBeTrue()
        ->and($inside->sequence(FinishClass::Pearl)->isOutsideIn())
        ->toBeFalse();
});

it('lays a fresh bed before each coat of the school that says so', function (): void {
    $school = (new Bodies())->school('bed-before-each');
    assert($school !== null);
    $kinds = array_map(fn (CoatStep $s): CoatKind => $s->kind, $school->sequence(FinishClass::MetallicLight)->steps);
    expect(count(array_filter($kinds, fn (CoatKind $k): bool => $k === CoatKind::WetBed)))->toBe(4);
    foreach ($school->sequence(FinishClass::MetallicLight)->steps as $i => $step) {
        if ($step->kind->isColour()) {
            expect($kinds[$i - 1])->toBe(CoatKind::WetBed)->and($step->landsIn)->toBe(LandsIn::WetBed);
        }
    }
});

it('takes a new school as a new file and nothing else', function (): void {
    $mine = [
        'format' => 'kalopsis-school',
        'version' => 1,
        'key' => 'two-and-dust',
        'name' => 'Two and a dust',
        'steps' => [
            [
                'id' => 'a',
                'name' => 'First',
                'kind' => 'base',
                'extent' => ['kind' => 'past', 'reach' => 0.2, 'fade' => 0.4],
            ],
            [
                'id' => 'b',
                'name' => 'Dust',
                'kind' => 'half',
                'film' => 0.2,
                'gun' => ['hold' => 'thin'],
                'extent' => ['kind' => 'past', 'reach' => 0.6, 'fade' => 0.4],
            ],
            ['id' => 'c', 'name' => 'Clear', 'kind' => 'clear', 'extent' => ['kind' => 'whole-panel']],
        ],
    ];
    $shelf = new class ($mine) implements Kalopsis\Job\Catalogue {
        /** @param array<string, mixed> $file */
        public function __construct(private array $file) {}

        public function bodyShape(string $key): ?Kalopsis\Panel\BodyShape
        {
            return (new Bodies())->bodyShape($key);
        }

        public function paintSystem(string $key, ?int $edition = null): ?Kalopsis\Film\PaintSystem
        {
            return (new Bodies())->paintSystem($key);
        }

        public function school(string $key): ?School
        {
            return $key === 'two-and-dust' ? SchoolReader::read($this->file) : null;
        }

        public function equipment(): Kalopsis\Job\Equipment
        {
            return Kalopsis\Job\Equipment::usual();
        }

        public function calibration(): Kalopsis\Calibration\Calibration
        {
            return new Kalopsis\Calibration\Calibration();
        }
    };
    $plan = (new Kalopsis\Job\JobPlanner())->plan(
        (new JobReader($shelf))->read(Bodies::job(change: ['plan' => ['school' => 'two-and-dust']])),
    );
    expect(array_map(fn ($c): string => $c->id(), $plan->blend->coats))
        ->toBe(['a', 'b', 'c'])
        ->and($plan->cups)
        ->toHaveCount(2);
});

it('tells each fault of a school at its field', function (array $change, string $field): void {
    $school = [
        'format' => 'kalopsis-school',
        'version' => 1,
        'key' => 'x',
        'name' => 'X',
        'steps' => [
            ['id' => 'a', 'name' => 'A', 'kind' => 'base', 'extent' => ['kind' => 'past', 'reach' => 0.2, 'fade' => 0.4]],
        ],
    ];
    $fields = [];

    try {
        SchoolReader::read(array_replace_recursive($school, $change));
    } catch (InvalidInput $bad) {
        $fields = array_map(fn ($p): string => $p->field, $bad->problems);
    }
    expect($fields)->toContain($field);
})->with([
    [['format' => 'cake'], 'format'],
    [['version' => 7], 'version'],
    [['key' => 'Not A Key'], 'key'],
    [['name' => ''], 'name'],
    [['steps' => [['kind' => 'jam']]], 'steps.0.kind'],
    [['steps' => [['extent' => ['reach' => 1.4]]]], 'steps.0.extent.reach'],
    [['steps' => [['film' => 9]]], 'steps.0.film'],
    [['steps' => [['gun' => ['bar' => 90]]]], 'steps.0.gun.bar'],
    [['steps' => [['for' => ['matt']]]], 'steps.0.for'],
    [['steps' => [1 => ['id' => 'a', 'name' => 'B', 'kind' => 'base', 'extent' => ['kind' => 'whole-panel']]]], 'steps'],
]);

it('draws coats out alike, but not those set by hand', function (): void {
    $sequence = Sprays::read([
        ['id' => 'a', 'name' => 'A', 'kind' => 'base', 'extent' => ['kind' => 'past', 'reach' => 0.2, 'fade' => 0.4]],
        [
            'id' => 'b',
            'name' => 'B',
            'kind' => 'base',
            'extent' => ['kind' => 'past', 'reach' => 0.5, 'fade' => 0.4, 'reachMm' => 90],
        ],
        ['id' => 'c', 'name' => 'C', 'kind' => 'clear', 'extent' => ['kind' => 'whole-panel']],
    ]);
    $at = fn (float $mm): array => array_map(
        fn ($c): ?float => $c->reachMm,
        $sequence->drawnOut($mm, Sprays::system(), FinishClass::SolidDark, GunChoice::Standard, []),
    );
    expect($at(100.0))
        ->toBe([20.0, 90.0, null])
        ->and($at(300.0))
        ->toBe([60.0, 90.0, null]);
});

it('lays more film with more flow, a slower hand, nearer strokes and crosswise', function (): void {
    $film = fn (array $step): float => Sprays::read([
        ['id' => 'a', 'name' => 'A', 'kind' => 'base', 'extent' => ['kind' => 'whole-panel'], ...$step],
    ])->drawnOut(1.0, Sprays::system(), FinishClass::MetallicLight, GunChoice::Standard, [])[0]->filmShare;
    expect($film([]))
        ->toBe(1.0)
        ->and($film(['gun' => ['flowMlPerMin' => 320]]))
        ->toEqualWithDelta(2.0, 1e-9)
        ->and($film(['gun' => ['speedMmPerS' => 250]]))
        ->toEqualWithDelta(2.0, 1e-9)
        // Each place is passed 1 / (1 - overlap) times.
        ->and($film(['gun' => ['overlapPercent' => 75]]))
        ->toEqualWithDelta(2.0, 1e-9)
        ->and($film(['strokes' => 'cross']))
        ->toBe(2.0)
        ->and($film(['film' => 0.5]))
        ->toBe(0.5);
});

it('sprays the base of the finish and the clear of the system', function (): void {
    $roles = fn (FinishClass $finish): array => array_map(
        fn ($c): ProductRole => $c->role(),
        Sprays::stepped('wet-bed', 2)->drawnOut(1.0, Sprays::system('northlight-w'), $finish, GunChoice::Standard, []),
    );
    expect($roles(FinishClass::Pearl))
        ->toBe([ProductRole::WetBed, ProductRole::BaseEffect, ProductRole::BaseEffect])
        ->and($roles(FinishClass::SolidLight)[1])
        ->toBe(ProductRole::BaseSolid);
});

it('sprays a step only where it says', function (): void {
    $sequence = Sprays::read([
        [
            'id' => 'a',
            'name' => 'A',
            'kind' => 'base',
            'where' => ['panels' => ['bonnet']],
            'extent' => ['kind' => 'whole-panel'],
        ],
        [
            'id' => 'b',
            'name' => 'B',
            'kind' => 'base',
            'where' => ['repairs' => ['r2']],
            'extent' => ['kind' => 'whole-panel'],
        ],
        ['id' => 'c', 'name' => 'C', 'kind' => 'clear', 'extent' => ['kind' => 'whole-panel']],
    ]);
    $on = fn (string $panel, array $repairs): array => array_map(
        fn (CoatStep $s): string => $s->id,
        $sequence->on($panel, $repairs)->steps,
    );
    expect($on('bonnet', ['r1']))
        ->toBe(['a', 'c'])
        ->and($on('wing', ['r2']))
        ->toBe(['b', 'c'])
        ->and($on('wing', []))
        ->toBe([]);
});
