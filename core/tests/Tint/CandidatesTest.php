<?php

declare(strict_types=1);

use Kalopsis\Tint\Candidates;
use Kalopsis\Tint\Formula;
use Kalopsis\Tint\Toner;
use Kalopsis\Tint\TonerKind;
use Kalopsis\Tint\TonerLibrary;

it('tries a formula\'s own toners first, then what painters reach for in an effect colour, down to the last', function (): void {
    $bench = TonerLibrary::northlight();
    $found = Candidates::of(Formula::of(['magenta' => 2.0, 'alu-fine' => 90.0]), $bench);
    expect(array_slice($found, 0, 2))
        ->toBe(['magenta', 'alu-fine'])
        // Common practice: flakes first, then what lays them otherwise, then black; colours after.
        ->and(array_slice($found, 2, 4))
        ->toBe(['alu-coarse', 'alu-medium', 'flop-adjuster', 'black'])
        ->and($found)
        ->toContain('green', 'scarlet', 'white')
        ->not->toContain('pearl-white', 'pearl-gold', 'oxide-red')
        ->and(count($found))
        ->toBe(count(array_unique($found)))
        // The search is for about fifteen at the most.
        ->and(count($found))
        ->toBeLessThanOrEqual(15);
});

it('tries no flakes and no flop adjuster in a solid', function (): void {
    $bench = TonerLibrary::northlight();
    $found = Candidates::of(Formula::of(['lemon' => 50.0, 'white' => 50.0]), $bench);
    expect(array_slice($found, 0, 2))
        ->toBe(['lemon', 'white'])
        ->and(array_filter($found, fn (string $key): bool => $bench->toner($key)->kind->isForEffects()))
        ->toBe([])
        ->and(count($found))
        ->toBe(count(array_filter($bench->toners, fn (Toner $t): bool => ! $t->kind->isForEffects())));
});

it('adds only what stands on the bench, and of a shop\'s own toners what is reached for by kind', function (): void {
    $own = fn (string $key, TonerKind $kind): Toner => Toner::unmeasured($key, ucfirst($key), $kind);
    $bench = TonerLibrary::of([
        $own('reef', TonerKind::Shade),
        $own('chalk', TonerKind::White),
        $own('soot', TonerKind::Black),
        $own('shell', TonerKind::Pearl),
        $own('laid', TonerKind::FlopAdjuster),
        $own('flake', TonerKind::Aluminium),
    ]);
    $cup = Formula::of(['flake' => 80.0]);
    expect(Candidates::of($cup, $bench))
        // A pearl is another colour.
        ->toBe(['flake', 'laid', 'soot', 'chalk', 'reef'])
        ->and(Candidates::of($cup, $bench, TonerLibrary::of([$own('soot', TonerKind::Black)])))
        ->toBe(['flake', 'soot'])
        // What is in the cup is tried though nobody could add it.
        ->and(Candidates::of(Formula::of(['flake' => 80.0, 'shell' => 3.0]), $bench, TonerLibrary::of([
            $own('soot', TonerKind::Black),
        ])))
        ->toBe(['flake', 'shell', 'soot']);
});

it('stops at fifteen of a long bench', function (): void {
    $bench = TonerLibrary::of(array_map(
        fn (int $i): Toner => Toner::unmeasured("shade-{$i}", "Shade {$i}", TonerKind::Shade),
        range(1, 40),
    ));
    expect(Candidates::of(Formula::of(['shade-30' => 5.0]), $bench))->toHaveCount(15);
});
