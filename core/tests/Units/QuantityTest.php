<?php

declare(strict_types=1);

use Kalopsis\Units\Dimension;
use Kalopsis\Units\NotAQuantity;
use Kalopsis\Units\Quantity;
use Kalopsis\Units\Unit;
use Kalopsis\Units\UnitSystem;

/** @return list<array{array<string, mixed>}> */
function unitCases(string $part): array
{
    $fixture = json_decode((string) file_get_contents(__DIR__ . '/../fixtures/units.json'), true, 512, JSON_THROW_ON_ERROR);

    return array_map(fn (array $case): array => [$case], $fixture[$part]);
}

it('converts as NIST SP 811 does', function (array $case): void {
    $is = Quantity::of((float) $case['value'], Unit::from($case['from']))->in(Unit::from($case['to']));
    expect(abs($is - $case['is']))->toBeLessThan(1e-6 * max(1.0, abs((float) $case['is'])));
})->with(unitCases('conversions'));

it('prints for both readers', function (array $case): void {
    $quantity = Quantity::of((float) $case['value'], Unit::from($case['unit']));
    expect($quantity->format(UnitSystem::Metric))->toBe($case['metric'])
        ->and($quantity->format(UnitSystem::Us))->toBe($case['us']);
})->with(unitCases('formats'));

it('reads what people type', function (array $case): void {
    $read = Quantity::parse($case['text'], Dimension::from($case['dimension']), UnitSystem::from($case['system']));
    expect($read->value)->toEqualWithDelta($case['is'], 1e-6);
})->with(unitCases('parses'));

it('refuses what is no such quantity', function (array $case): void {
    Quantity::parse($case['text'], Dimension::from($case['dimension']), UnitSystem::from($case['system']));
})->with(unitCases('refuses'))->throws(NotAQuantity::class);

it('refuses numbers that are not finite', function (float $value): void {
    Quantity::mm($value);
})->with([NAN, INF, -INF])->throws(NotAQuantity::class);

it('comes back to itself through every unit', function (Unit $unit): void {
    foreach ([-40.0, 0.0, 0.1, 1.0, 1234.5] as $value) {
        expect(Quantity::of($value, $unit)->in($unit))->toEqualWithDelta($value, 1e-9);
    }
})->with(Unit::cases());

it('reads back what it prints, within what it rounds away', function (): void {
    foreach (UnitSystem::cases() as $system) {
        foreach ([0.0, 3.2, 25.4, 111.0, 987.6] as $mm) {
            $again = Quantity::parse(Quantity::mm($mm)->format($system), Dimension::Length, $system);
            expect(abs($again->value - $mm))->toBeLessThanOrEqual(25.4 / 16 + 1e-9);
        }
    }
});
