<?php

declare(strict_types=1);

use Kalopsis\Input\Fields;
use Kalopsis\Input\InvalidInput;
use Kalopsis\Input\Problem;
use Kalopsis\Input\Problems;
use Kalopsis\Sequence\FinishClass;
use Kalopsis\Units\Unit;
use Kalopsis\Units\UnitSystem;

/** @return list<string> */
function noted(callable $read, mixed $values): array
{
    $problems = new Problems();
    $read(Fields::of($values, $problems));

    try {
        $problems->stop();

        return [];
    } catch (InvalidInput $bad) {
        return array_map(fn (Problem $p): string => trim("{$p->field} {$p->code}"), $bad->problems);
    }
}

it('reads what is right and notes nothing', function (): void {
    $read = function (Fields $f): void {
        expect($f->text('name', 1, 10, 'The name'))
            ->toBe('Tern')
            ->and($f->number('reachMm', 0, 100, Unit::Millimetre, 'The reach'))
            ->toBe(40.0)
            ->and($f->plain('density', 0.5, 4, 'Density'))
            ->toBe(1.2)
            ->and($f->whole('shade', 1, 7, 'The shade'))
            ->toBe(7)
            ->and($f->choice('school', FinishClass::class, 'The school'))
            ->toBe(FinishClass::Pearl)
            ->and($f->object('inner')->text('a', 0, 5, 'A'))
            ->toBe('b')
            ->and($f->maybe('nothing')->names())
            ->toBe([])
            ->and($f->objects('list', 3))
            ->toHaveCount(2)
            ->and($f->points('points', 5))
            ->toBe([[1.0, 2.0], [3.5, -4.0]])
            ->and($f->has('name'))
            ->toBeTrue()
            ->and($f->has('missing'))
            ->toBeFalse();
    };
    expect(
        noted($read, [
            'name' => ' Tern ',
            'reachMm' => 40,
            'density' => 1.2,
            'shade' => 7,
            'school' => 'pearl',
            'inner' => ['a' => 'b'],
            'list' => [[], []],
            'points' => [[1, 2], [3.5, -4]],
        ]),
    )->toBe([]);
});

it('notes each fault with its path and its kind', function (callable $read, mixed $values, string $note): void {
    expect(noted($read, $values))->toBe([$note]);
})->with([
    [fn (Fields $f) => null, 'text', 'not-an-object'],
    [fn (Fields $f) => null, [1, 2], 'not-an-object'],
    [fn (Fields $f) => $f->text('a', 1, 5, 'A'), [], 'a missing'],
    [fn (Fields $f) => $f->text('a', 1, 5, 'A'), ['a' => 7], 'a missing'],
    [fn (Fields $f) => $f->text('a', 1, 5, 'A'), ['a' => 'too long'], 'a length'],
    [fn (Fields $f) => $f->number('a', 0, 5, Unit::Bar, 'A'), ['a' => '3'], 'a not-a-number'],
    [fn (Fields $f) => $f->number('a', 0, 5, Unit::Bar, 'A'), ['a' => 5.01], 'a out-of-range'],
    [fn (Fields $f) => $f->number('a', 0, 5, Unit::Bar, 'A'), ['a' => NAN], 'a not-a-number'],
    [fn (Fields $f) => $f->number('a', 0, 5, Unit::Bar, 'A'), ['a' => INF], 'a out-of-range'],
    [fn (Fields $f) => $f->number('a', 0, 5, Unit::Bar, 'A'), ['a' => true], 'a not-a-number'],
    [fn (Fields $f) => $f->plain('a', 0, 5, 'A'), ['a' => -1], 'a out-of-range'],
    [fn (Fields $f) => $f->plain('a', 0, 5, 'A'), ['a' => null], 'a not-a-number'],
    [fn (Fields $f) => $f->whole('a', 1, 7, 'A'), ['a' => 3.5], 'a not-a-number'],
    [fn (Fields $f) => $f->whole('a', 1, 7, 'A'), ['a' => 8], 'a out-of-range'],
    [fn (Fields $f) => $f->choice('a', FinishClass::class, 'A'), ['a' => 'none'], 'a unknown'],
    [fn (Fields $f) => $f->object('a'), ['a' => 'x'], 'a not-an-object'],
    [fn (Fields $f) => $f->object('a')->object('b')->text('c', 1, 2, 'C'), ['a' => ['b' => ['c' => '']]], 'a.b.c missing'],
    [fn (Fields $f) => $f->objects('a', 5), ['a' => ['x' => 1]], 'a not-a-list'],
    [fn (Fields $f) => $f->objects('a', 1), ['a' => [[], []]], 'a too-many'],
    [fn (Fields $f) => $f->objects('a', 5), ['a' => [[], 3]], 'a.1 not-an-object'],
    [fn (Fields $f) => $f->points('a', 5), ['a' => [[1, 2], [3]]], 'a.1 not-a-point'],
    [fn (Fields $f) => $f->points('a', 5), ['a' => [[1, 2], [3, INF]]], 'a.1 not-a-point'],
]);

it('tells bounds in the reader\'s units', function (): void {
    $problems = new Problems();
    Fields::of(['a' => 3000], $problems)->number('a', 0, 254, Unit::Millimetre, 'The reach');

    try {
        $problems->stop();
        $this->fail('nothing noted');
    } catch (InvalidInput $bad) {
        expect($bad->problems[0]->detail->in(UnitSystem::Us))
            ->toBe('The reach must be between 0 in and 10 in.')
            ->and($bad->problems[0]->detail->in(UnitSystem::Metric))
            ->toBe('The reach must be between 0 mm and 254 mm.')
            ->and($bad->getMessage())
            ->toContain('a: The reach');
    }
});

it('stops noting when the rest is noise', function (): void {
    $problems = new Problems();
    for ($i = 0; $i < 500; $i++) {
        $problems->add("f{$i}", 'x', 'y');
    }
    expect($problems->any())->toBeTrue();

    try {
        $problems->stop();
    } catch (InvalidInput $bad) {
        expect(count($bad->problems))->toBe(50);
    }
});
