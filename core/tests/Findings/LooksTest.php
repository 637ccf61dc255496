<?php

declare(strict_types=1);

use Kalopsis\Findings\LookEvent;
use Kalopsis\Findings\Looks;
use Kalopsis\Findings\Rate;
use Kalopsis\Units\UnitSystem;

function lookEvent(string $key, string $kind, array $body = [], string $at = '2026-11-01T10:00:00Z'): LookEvent
{
    return new LookEvent($key, $kind, $body, $at, 'Bram');
}

it('stands where what was said of the car leaves it, each said once', function (): void {
    $says = fn (array $events): string => Looks::of($events)->says()->in(UnitSystem::Metric);
    $halo = lookEvent('a', 'finding', ['defect' => 'halo']);
    $clean = lookEvent('b', 'clean');
    expect($says([]))
        ->toBe('after the job')
        ->and($says([$clean]))
        ->toBe('nothing seen')
        // What is found after a clean look is found.
        ->and($says([$clean, $halo]))
        ->toBe('1 thing seen')
        ->and(Looks::of([$clean, $halo])->clean)
        ->toBeNull()
        ->and($says([$halo, $halo, lookEvent('c', 'finding', ['defect' => 'run'])]))
        ->toBe('2 things seen')
        ->and($says([$halo, lookEvent('d', 'strike', ['finding' => 'a'])]))
        ->toBe('after the job')
        ->and($says([$halo, lookEvent('d', 'strike', ['finding' => 'a']), lookEvent('e', 'restore', ['finding' => 'a'])]))
        ->toBe('1 thing seen')
        ->and($says([$halo, lookEvent('f', 'delivered')]))
        ->toBe('delivered')
        ->and($says([lookEvent('f', 'delivered'), lookEvent('g', 'asked', ['again' => true])]))
        ->toBe('came back')
        ->and($says([lookEvent('f', 'delivered'), lookEvent('g', 'asked', ['again' => false])]))
        ->toBe('delivered, not seen again');
});

it('asks back a fortnight after delivery, once, and again when it is delivered again', function (): void {
    $delivered = lookEvent('a', 'delivered', [], '2026-11-01T10:00:00Z');
    $at = fn (string $day): DateTimeImmutable => new DateTimeImmutable("{$day}T10:00:00Z");
    $looks = Looks::of([$delivered]);
    expect($looks->isDue($at('2026-11-14')))
        ->toBeFalse()
        ->and($looks->isDue($at('2026-11-15')))
        ->toBeTrue();
    $asked = [$delivered, lookEvent('b', 'asked', ['again' => false])];
    expect(Looks::of($asked)->isDue($at('2026-12-24')))
        ->toBeFalse()
        ->and(Looks::of([...$asked, lookEvent('c', 'delivered', [], '2026-12-01T10:00:00Z')])->isDue($at('2026-12-24')))
        ->toBeTrue();
});

it('counts as done again what was opened again or seen again', function (): void {
    expect(Looks::of([lookEvent('a', 'follow-up', ['job' => 'x'])])->isRedo())
        ->toBeTrue()
        ->and(Looks::of([lookEvent('a', 'finding', ['defect' => 'halo']), lookEvent('b', 'delivered')])->isRedo())
        ->toBeFalse();
});

it('says between what a rate may lie, also of few (Newcombe 1998, table I, score method)', function (
    int $hits,
    int $of,
    float $low,
    float $high,
): void {
    [$from, $to] = (new Rate($of, $hits))->between();
    expect($from)->toEqualWithDelta($low, 0.00005)->and($to)->toEqualWithDelta($high, 0.00005);
})->with([[81, 263, 0.2553, 0.3662], [15, 148, 0.0624, 0.1605], [0, 20, 0.0, 0.1611], [1, 29, 0.0061, 0.1718]]);

it('says nothing of no cars', function (): void {
    expect((new Rate(0, 0))->between())->toBe([0.0, 1.0])->and((new Rate(0, 0))->share())->toBeNull();
});
