<?php

declare(strict_types=1);

use Kalopsis\Sequence\CoatKind;
use Kalopsis\Sequence\CoatStep;
use Kalopsis\Sequence\LayerCoats;
use Kalopsis\Tests\Support\Sprays;

it('takes 2.3 effect coats over as two full ones and a thin one, where the old ones went', function (): void {
    $of = fn (float $coats): array => LayerCoats::of(Sprays::stepped('flashed-bed', 3), $coats)->steps;
    $layer = fn (array $steps): array => array_values(array_filter($steps, fn (CoatStep $s): bool => $s->kind->isLayer()));
    expect(array_map(fn (CoatStep $s): float => $s->film, $layer($of(2.3))))
        ->toBe([1.0, 1.0, 0.3])
        ->and($layer($of(2.3))[2]->kind)
        ->toBe(CoatKind::Half)
        ->and(count($layer($of(3.0))))
        ->toBe(3)
        ->and(array_map(fn (CoatStep $s): float => $s->film, $layer($of(0.4))))
        ->toBe([0.4]);
    $before = Sprays::stepped('flashed-bed', 3)->steps;
    expect($of(2.3)[0]->id)
        ->toBe($before[0]->id)
        ->and($layer($of(2.0))[1]->extent)
        ->toEqual($layer($before)[1]->extent)
        ->and(LayerCoats::of(Sprays::stepped('flashed-bed', 3), 2.3)->layerCoats())
        ->toEqualWithDelta(2.3, 1e-9);
});

it('keeps tinted clear tinted clear, and its tint', function (): void {
    $tinted = Sprays::read([
        ['id' => 't', 'name' => 'T', 'kind' => 'tinted-clear', 'extent' => ['kind' => 'whole-panel'], 'mixture' => ['tint' => 0.1]],
        ['id' => 'c', 'name' => 'C', 'kind' => 'clear', 'extent' => ['kind' => 'whole-panel']],
    ]);
    $steps = LayerCoats::of($tinted, 1.5)->steps;
    expect(array_map(fn (CoatStep $s): CoatKind => $s->kind, $steps))
        ->toBe([CoatKind::TintedClear, CoatKind::TintedClear, CoatKind::Clear])
        ->and($steps[1]->mixture->tint)
        ->toBe(0.1)
        ->and($steps[1]->film)
        ->toBe(0.5);
});
