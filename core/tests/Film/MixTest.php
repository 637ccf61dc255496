<?php

declare(strict_types=1);

use Eris\Generators;
use Kalopsis\Film\BadRatio;
use Kalopsis\Film\Component;
use Kalopsis\Film\Coverage;
use Kalopsis\Film\Mix;
use Kalopsis\Film\MixRatio;
use Kalopsis\Film\PaintSystemReader;
use Kalopsis\Film\ProductRole;
use Kalopsis\Film\Reducer;
use Kalopsis\Film\ReducerWindows;
use Kalopsis\Gun\GunSetUp;
use Kalopsis\Input\Fields;
use Kalopsis\Input\InvalidInput;
use Kalopsis\Input\Problems;
use Kalopsis\Units\Quantity;
use Kalopsis\Units\Unit;
use Kalopsis\Why\SourceKind;

uses(Eris\TestTrait::class);

it('reads ratios the way painters write them', function (string $text, array $parts, string $again): void {
    $ratio = MixRatio::parse($text);
    expect($ratio->parts)->toBe($parts)->and($ratio->text())->toBe($again);
})->with([
    ['4:1:2', [4.0, 1.0, 2.0], '4:1:2'],
    ['1:1', [1.0, 1.0], '1:1'],
    [' 4 : 1 : 0,5 ', [4.0, 1.0, 0.5], '4:1:0.5'],
    ['+55 %', [100.0, 55.0], '+55 %'],
    ['55%', [100.0, 55.0], '+55 %'],
    ['1:.75', [1.0, 0.75], '1:0.75'],
    ['100:50:20', [100.0, 50.0, 20.0], '100:50:20'],
    // A tenth of the four parts before it, worked by hand (common practice).
    ['3:1:10 %', [3.0, 1.0, 0.4], '3:1 + 10 %'],
    ['3/1/10%', [3.0, 1.0, 0.4], '3:1 + 10 %'],
    ['2:1+5 %', [2.0, 1.0, 0.15], '2:1 + 5 %'],
]);

it('refuses ratios that cannot be mixed', function (string $text): void {
    MixRatio::parse($text);
})
    ->with(['4:0:x', '4:0:2', '', ':', '1:-1', '0 %', '+0 %', 'one to one', '1:1:1:1:1', '1:2000', '1:1e3', '١:٢', '2:1 + 0 %', '1:1:1 + 5 % + 5 %', '+', 'by weight'])
    ->throws(BadRatio::class);

it('hands over to slower reducer where the sheet of the system says so', function (): void {
    $at = function (array $windows, float $c): float {
        $problems = new Problems();
        $read = ReducerWindows::read(Fields::of($windows, $problems));
        $problems->stop();

        return Reducer::advised($c, 1.0, false, $read)->level();
    };
    // Half of each at the temperature that is named, whichever it is.
    expect($at([], 25.0))->toBe($at(['standard' => 21], 21.0))
        ->and($at(['standard' => 21], 25.0))->toBeGreaterThan($at([], 25.0))
        ->and($at(['fast' => 10, 'standard' => 15, 'slow' => 20], 25.0))->toBe(3.0)
        ->and(fn () => $at(['fast' => 26], 25.0))->toThrow(InvalidInput::class)
        ->and(fn () => $at(['slow' => 60], 25.0))->toThrow(InvalidInput::class);
});

it('says which data sheet a product was read from, or that nobody named one', function (): void {
    $json = json_decode((string) file_get_contents(dirname(__DIR__, 3) . '/data/paint-systems/northlight-w.json'), true);
    $json['products'][2]['sheet']['source'] = ['document' => 'Sheet 7, edition 2', 'date' => '2026-04-30'];
    unset($json['products'][3]['sheet']['source']);
    $system = PaintSystemReader::read($json);
    $effect = $system->product(ProductRole::BaseEffect)->source();
    $solid = $system->product(ProductRole::BaseSolid)->source();
    expect($effect->source)->toBe(SourceKind::DataSheet)
        ->and($effect->citation)->toBe('Sheet 7, edition 2, 2026-04-30')
        ->and($solid->source)->toBe(SourceKind::Estimate);
});

it('tells reducer as shops do, in per cent of all the rest: 1:0.75 is 75 %, 4:1:2 is 40 %, 2:1:0.15 is 5 % (common practice)', function (): void {
    $percent = fn (string $text, int $at): float => round(MixRatio::parse($text)->percentOfRest($at), 9);
    expect($percent('1:0.75', 1))
        ->toBe(75.0)
        ->and($percent('+55 %', 1))
        ->toBe(55.0)
        ->and($percent('4:1:2', 2))
        ->toBe(40.0)
        ->and($percent('2:1:0.15', 2))
        ->toBe(5.0);
});

it('reads a chain as each per cent of what was there before: 2:1 + 5 % is 2:1:0.15 (common practice)', function (): void {
    $chain = MixRatio::parse('2:1 + 5 %');
    expect($chain->parts)
        ->toBe([2.0, 1.0, 0.15])
        ->and($chain->text())
        ->toBe('2:1 + 5 %')
        // 100 of base, 50 of clear, a tenth of the 150: worked by hand.
        ->and(MixRatio::parse('100 + 50% + 10%')->parts)
        ->toBe([100.0, 50.0, 15.0])
        ->and(MixRatio::parse('100 + 50% + 10%')->text())
        ->toBe('+50 % + 10 %');
});

it('turns a ratio by weight into volumes by the densities (worked by hand)', function (): void {
    $mix = new Mix(MixRatio::parse('100:50 by weight'), [new Component('heavy', 2.0, 0.5), new Component('light', 1.0, 0.0)]);
    // 100 g at 2 g/ml are 50 ml, 50 g at 1 g/ml are 50 ml: half and half, and 1.5 g/ml together.
    expect($mix->ratio->share(0))
        ->toEqualWithDelta(0.5, 1e-12)
        ->and($mix->densityGPerMl())
        ->toEqualWithDelta(1.5, 1e-12)
        ->and(MixRatio::parse('100:50 by weight')->text())
        ->toBe('100:50 by weight');
});

it('thins solids and mixes density by volume (worked by hand)', function (): void {
    $mix = new Mix(MixRatio::parse('4:1:2'), [
        new Component('base', 1.2, 0.5),
        new Component('hardener', 1.0, 0.4),
        new Component('reducer', 0.9, 0.0),
    ]);
    expect($mix->volumeSolids())
        ->toEqualWithDelta((4 * 0.5 + 0.4) / 7, 1e-12)
        ->and($mix->densityGPerMl())
        ->toEqualWithDelta((4.8 + 1.0 + 1.8) / 7, 1e-12);
});

it('refuses a ratio with another number of parts than the product', function (): void {
    new Mix(MixRatio::parse('4:1'), [new Component('a', 1, 0.5), new Component('b', 1, 0.5), new Component('c', 1, 0)]);
})->throws(BadRatio::class, '3 parts (a, b, c)');

it('covers what handbooks say: 1 L of solids 1000 m2 at 1 um, 1 US gal 1604 ft2 at 1 mil', function (): void {
    expect(Coverage::millilitres(1000.0, 1.0, 1.0, 1.0))->toBe(1000.0);
    // The usual figure in US paint handbooks and data sheets is 1604 ft2 mil per gallon, rounded from 1604.2.
    $ml = Coverage::millilitres(
        Quantity::of(1604.17, Unit::SquareFoot)->value,
        Quantity::of(1.0, Unit::Mil)->value,
        1.0,
        1.0,
    );
    expect($ml / Unit::GallonUs->factor())->toEqualWithDelta(1.0, 1e-4);
});

it('needs what a hand-worked bonnet needs', function (): void {
    // 1.3 m2 x 7 um = 9.1 ml of solids; / 0.16 solids = 56.875 ml; / 0.65 landing = 87.5 ml.
    expect(Coverage::millilitres(1.3, 7.0, 0.16, 0.65))->toEqualWithDelta(87.5, 1e-9);
});

it('refuses coverage with nothing in it', function (float $area, float $film, float $solids, float $transfer): void {
    Coverage::millilitres($area, $film, $solids, $transfer);
})
    ->with([
        [1, 7, 0, 0.65],
        [1, 7, 0.16, 0],
        [-1, 7, 0.16, 0.65],
        [1, -7, 0.16, 0.65],
        [1, 7, 1.01, 0.65],
        [1, 7, NAN, 0.65],
        [NAN, 7, 0.16, 0.65],
    ])
    ->throws(DomainException::class);

it('takes more paint for more area and film, less for more solids', function (): void {
    $this->limitTo(60)
        ->forAll(Generators::choose(1, 900), Generators::choose(1, 80), Generators::choose(5, 90))
        ->then(function (int $area, int $film, int $solids): void {
            $ml = Coverage::millilitres($area / 100, $film, $solids / 100, 0.6);
            expect(Coverage::millilitres($area / 50, $film, $solids / 100, 0.6))
                ->toEqualWithDelta(2 * $ml, 1e-9 * $ml)
                ->and(Coverage::millilitres($area / 100, $film + 1, $solids / 100, 0.6))
                ->toBeGreaterThan($ml)
                ->and(Coverage::millilitres($area / 100, $film, $solids / 100 + 0.01, 0.6))
                ->toBeLessThan($ml);
        });
});

it('lands less from further away and at higher pressure, within limits', function (): void {
    expect((new GunSetUp(1.4, 180, 50))->transferEfficiency())
        ->toBe(0.65)
        ->and((new GunSetUp(1.4, 250, 50))->transferEfficiency())
        ->toBeLessThan(0.65)
        ->and((new GunSetUp(2.0, 180, 50))->transferEfficiency())
        ->toBeLessThan(0.65)
        ->and((new GunSetUp(4.0, 500, 50))->transferEfficiency())
        ->toBe(0.2)
        ->and(GunSetUp::small()->transferEfficiency())
        ->toBeGreaterThan(0.65);
});

it('advises slower reducer for heat, size and light effect colours (common practice)', function (): void {
    $advised = fn (float $c, float $m2, bool $critical): string => Reducer::advised($c, $m2, $critical)->key();
    expect($advised(15, 1, false))
        ->toBe('fast')
        ->and($advised(22, 1, false))
        ->toBe('standard')
        ->and($advised(28, 1, false))
        ->toBe('slow')
        ->and($advised(22, 1, true))
        ->toBe('slow')
        ->and($advised(22, 4, true))
        ->toBe('extra-slow')
        ->and($advised(40, 9, true))
        ->toBe('extra-slow');
});

it('pours two grades together between two temperatures and never jumps', function (): void {
    expect(Reducer::advised(25.0, 1, false)->words())
        ->toBe('50% standard, 50% slow')
        ->and(Reducer::advised(18.0, 1, false)->key())
        ->toBe('fast+50');
    foreach ([[false, 1.0], [true, 1.0], [false, 2.4]] as [$critical, $m2]) {
        $before = null;
        for ($c = 5.0; $c <= 45.0; $c += 0.1) {
            $level = Reducer::advised($c, $m2, $critical)->level();
            // A tenth of a grade is the least that can be poured.
            expect($level - ($before ?? $level))->toBeGreaterThanOrEqual(0.0)->toBeLessThanOrEqual(0.1 + 1e-9);
            $before = $level;
        }
    }
    $at = fn (float $m2): float => Reducer::advised(22.0, $m2, false)->level();
    expect($at(2.55) - $at(2.45))->toEqualWithDelta(0.1, 1e-9);
});

it('evaporates as fast as the grades in it by volume (ideal mixture)', function (): void {
    $rate = fn (string $key): float => Reducer::fromKey($key)?->relativeRate() ?? 0.0;
    expect($rate('standard+50'))
        ->toEqualWithDelta(($rate('standard') + $rate('slow')) / 2.0, 1e-12)
        ->and($rate('fast'))
        ->toBeGreaterThan($rate('fast+10'));
});

it('reads what it writes of a reducer and nothing else', function (string $key, bool $known): void {
    expect(Reducer::fromKey($key)?->key())->toBe($known ? $key : null);
})->with([
    ['fast', true],
    ['standard+30', true],
    ['extra-slow', true],
    ['extra-slow+10', false],
    ['standard+00', false],
    ['standard+35', false],
    ['thinner', false],
    ['', false],
    ["standard\n", false],
]);

it('refuses paint systems with faults, each at its field', function (callable $spoil, string $field): void {
    $json = json_decode((string) file_get_contents(__DIR__ . '/../../../data/paint-systems/northlight-s.json'), true);
    $spoil($json);

    try {
        PaintSystemReader::read($json);
        $this->fail('accepted');
    } catch (InvalidInput $bad) {
        expect($bad->problems[0]->field)->toBe($field);
    }
})->with([
    '0 % solids' => [
        function (array &$j): void {
            $j['products'][2]['components'][0]['volumeSolids'] = 0;
        },
        'products.2.components',
    ],
    'a ratio with a word' => [
        function (array &$j): void {
            $j['products'][0]['ratio'] = '4:0:x';
        },
        'products.0.ratio',
    ],
    'a ratio of two for three' => [
        function (array &$j): void {
            $j['products'][0]['ratio'] = '4:1';
        },
        'products.0.ratio',
    ],
    'negative film' => [
        function (array &$j): void {
            $j['products'][1]['dryFilmUm'] = -5;
        },
        'products.1.dryFilmUm',
    ],
    'no clear' => [
        function (array &$j): void {
            $j['products'] = array_values(array_filter($j['products'], fn (array $p): bool => $p['role'] !== 'clear'));
        },
        'products',
    ],
    'density of lead' => [
        function (array &$j): void {
            $j['products'][1]['components'][0]['densityGPerMl'] = 11.3;
        },
        'products.1.components.0.densityGPerMl',
    ],
    'a key with blanks' => [
        function (array &$j): void {
            $j['key'] = 'north light';
        },
        'key',
    ],
    'text for a number' => [
        function (array &$j): void {
            $j['products'][1]['gun']['bar'] = '1.4';
        },
        'products.1.gun.bar',
    ],
    'no object' => [
        function (mixed &$j): void {
            $j = [1, 2];
        },
        '',
    ],
]);
