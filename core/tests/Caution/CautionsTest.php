<?php

declare(strict_types=1);

use Kalopsis\Caution\Caution;
use Kalopsis\Caution\CautionAt;
use Kalopsis\Caution\Cautions;
use Kalopsis\Film\Carrier;
use Kalopsis\Film\Component;
use Kalopsis\Film\ComponentKind;
use Kalopsis\Film\Mix;
use Kalopsis\Film\MixRatio;

/**
 * @param array<string, string> $coats
 * @param list<string> $zones
 * @return list<string>
 */
function cautions(
    array $coats,
    array $zones,
    Carrier $carrier = Carrier::Solvent,
    bool $old = true,
    bool $plastic = false,
): array {
    $mixes = [
        'base-effect' => new Mix(MixRatio::parse('1:1'), [new Component('base', 1, 0.3), new Component('reducer', 0.9, 0)]),
        'clear' => new Mix(MixRatio::parse('2:1'), [
            new Component('clear', 1, 0.5),
            new Component('part B', 1, 0.5, ComponentKind::Hardener),
        ]),
    ];

    return array_map(
        fn (CautionAt $c): string => "{$c->caution->value} {$c->where}",
        Cautions::of($coats, $mixes, $zones, $carrier, $old, $plastic),
    );
}

it('warns of isocyanates wherever a hardener goes in, and nowhere else', function (): void {
    $found = cautions(['base-1' => 'base-effect', 'clear-1' => 'clear'], ['repair']);
    expect($found)
        ->toContain('isocyanates product:clear', 'isocyanates coat:clear-1')
        ->and($found)
        ->not->toContain('isocyanates product:base-effect')
        ->and($found)
        ->not->toContain('isocyanates coat:base-1');
});

it('warns of vapours at every coat and of VOC limits at every product', function (): void {
    $found = cautions(['base-1' => 'base-effect', 'clear-1' => 'clear'], []);
    expect($found)->toContain(
        'vapours coat:base-1',
        'vapours coat:clear-1',
        'voc-limits product:base-effect',
        'voc-limits product:clear',
    );
});

it('warns of trapped water only before clear over waterborne base', function (): void {
    expect(cautions(['clear-1' => 'clear'], [], Carrier::Waterborne))
        ->toContain('trapped-water coat:clear-1')
        ->and(cautions(['base-1' => 'base-effect'], [], Carrier::Waterborne))
        ->not->toContain('trapped-water coat:base-1')
        ->and(cautions(['clear-1' => 'clear'], []))
        ->not->toContain('trapped-water coat:clear-1');
});

it('warns of old coatings where they are sanded, of wipes everywhere, of heat where plastic is', function (): void {
    $found = cautions([], ['repair', 'clear'], plastic: true);
    expect($found)
        ->toContain(
            'old-coatings zone:repair',
            'old-coatings zone:clear',
            'wipes zone:clear',
            'sanding-fresh zone:repair',
            'bake-limits zone:clear',
        )
        ->and(cautions([], ['repair'], old: false))
        ->not->toContain('old-coatings zone:repair')
        ->and($found)
        ->toContain('compressed-air booth', 'lamps-and-uv booth');
});

it('never says that something is safe, and always defers', function (Caution $caution): void {
    expect($caution->says())
        ->not->toMatch('/\b(is|are|be) safe\b/i')
        ->and(strlen($caution->says()))
        ->toBeGreaterThan(40)
        ->and($caution->title())
        ->not->toBe('');
    expect(Caution::ALWAYS)
        ->toContain('data sheet')
        ->toContain('safety data sheet')
        ->toContain('local rules')
        ->toContain('trained people');
})->with(Caution::cases());
