<?php

declare(strict_types=1);

use Kalopsis\Units\Quantity;
use Kalopsis\Units\UnitSystem;
use Kalopsis\Why\Figure;
use Kalopsis\Why\Phrase;
use Kalopsis\Why\Reason;
use Kalopsis\Why\SourceKind;

it('keeps quantities apart until somebody reads the sentence', function (): void {
    $phrase = Phrase::of('Needs {need}, has {room} on {panel}, {n} coats.', [
        'need' => Quantity::mm(254),
        'room' => Quantity::mm(127),
        'panel' => 'Roof',
        'n' => 3,
    ]);
    expect($phrase->in(UnitSystem::Metric))
        ->toBe('Needs 254 mm, has 127 mm on Roof, 3 coats.')
        ->and($phrase->in(UnitSystem::Us))
        ->toBe('Needs 10 in, has 5 in on Roof, 3 coats.');
    $json = json_decode((string) json_encode($phrase), true);
    expect($json['values']['need'])
        ->toBe(['value' => 254, 'unit' => 'mm'])
        ->and($json['plain'])
        ->toBe('Needs 254 mm, has 127 mm on Roof, 3 coats.');
    expect(json_encode(Phrase::of('Nothing.')))->toContain('"values":{}');
});

it('does not read what is in a value as another value', function (): void {
    expect(Phrase::of('{a} {b}', ['a' => '{b}', 'b' => 'x'])->in(UnitSystem::Metric))->toBe('{b} x');
});

it('carries its reasons in order, with inputs by name', function (): void {
    $figure = Figure::of(
        Quantity::ml(87.5),
        Reason::of('Volume = area x film / solids.', SourceKind::Published, 'Any paint handbook.', [
            'area' => Quantity::squareMetres(1.3),
            'coats' => 3,
        ]),
        Reason::of('Further away less lands.', SourceKind::Estimate, 'Own model.'),
    );
    $json = json_decode((string) json_encode($figure), true);
    expect($json['value'])
        ->toBe(87.5)
        ->and($json['unit'])
        ->toBe('ml')
        ->and($json['reasons'][0]['inputs'])
        ->toBe([['name' => 'area', 'value' => ['value' => 1.3, 'unit' => 'm2']], ['name' => 'coats', 'value' => '3']])
        ->and($json['reasons'][1]['source'])
        ->toBe('estimate')
        ->and($figure->value())
        ->toBe(87.5);
});

it('speaks of one and of many as ICU does, and lists terms', function (): void {
    $joins = fn (int $n): string => Phrase::of('{n, plural, one {# panel joins} other {# panels join}}', ['n' => $n])
        ->in(UnitSystem::Metric);
    $list = fn (array $what): string => Phrase::of('The card is {what}.', ['what' => $what])->in(UnitSystem::Metric);
    expect([$joins(1), $joins(2)])
        ->toBe(['1 panel joins', '2 panels join'])
        ->and($list([Phrase::of('lighter')]))
        ->toBe('The card is lighter.')
        ->and($list([Phrase::of('lighter'), 'redder']))
        ->toBe('The card is lighter and redder.')
        ->and($list(['lighter', 'redder', Phrase::of('{by} off', ['by' => Quantity::mm(25.4)])]))
        ->toBe('The card is lighter, redder and 25 mm off.')
        ->and(Phrase::of('It\'s {n}', ['n' => 2])->in(UnitSystem::Us))
        ->toBe('It\'s 2');
});

it('goes out with its values kept apart, a term as a phrase of its own', function (): void {
    $json = json_decode((string) json_encode(Phrase::of('{a}: {b}', ['a' => Phrase::of('reducer'), 'b' => ['x', 'y']])), true);
    expect($json)->toBe([
        'text' => '{a}: {b}',
        'values' => ['a' => ['text' => 'reducer', 'values' => [], 'plain' => 'reducer'], 'b' => ['x', 'y']],
        'plain' => 'reducer: x and y',
    ]);
});
