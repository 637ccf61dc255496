<?php

declare(strict_types=1);

use Kalopsis\Input\InvalidInput;
use Kalopsis\Panel\BodyShape;
use Kalopsis\Panel\Internal\Stretch;
use Kalopsis\Panel\Material;
use Kalopsis\Panel\NamedLine;
use Kalopsis\Panel\Orientation;
use Kalopsis\Panel\Outline;
use Kalopsis\Panel\Panel;
use Kalopsis\Panel\PanelKind;
use Kalopsis\Panel\Polyline;
use Kalopsis\Panel\Silhouette;
use Kalopsis\Panel\SilhouetteReader;
use Kalopsis\Panel\Tape;
use Kalopsis\Panel\TapeFit;
use Kalopsis\Tests\Support\Rows;
use Kalopsis\Units\UnitSystem;
use Kalopsis\Why\Phrase;

function twoDoors(float $front = 400.0, float $rear = 600.0, float $height = 300.0, float $y = 100.0): BodyShape
{
    $panels = [];
    foreach (['front' => [0.0, $front], 'rear' => [$front + 4.0, $front + 4.0 + $rear]] as $id => [$from, $to]) {
        $panels[$id] = new Panel(
            $id,
            ucfirst($id) . ' door',
            PanelKind::Door,
            Material::Steel,
            Orientation::Upright,
            Outline::through([[$from, $y], [$to, $y], [$to, $y + $height], [$from, $y + $height]]),
            [],
            [],
        );
    }

    return new BodyShape('two', 'Two doors', 'part', $panels, []);
}

/** A car of two doors, 400 and 600 mm wide and 300 mm high, 4 mm apart. */
function twoDoorsTaped(): Silhouette
{
    $body = twoDoors();
    $tape = fn (string $key, string $panel, bool $across): Tape => Tape::over(
        $body->panel($panel),
        $key,
        Phrase::of(ucfirst($key)),
        Phrase::of('Hold it.'),
        $across,
        TapeFit::hasTwoSides($body),
    );

    return new Silhouette('two', 'Two doors', $body, [
        $tape('front', 'front', false),
        $tape('rear', 'rear', false),
        $tape('height', 'front', true),
    ]);
}

/**
 * @param array<string, float> $typed
 * @return array{float, float, float} width of the front, of the rear, and height, mm
 */
function tapedDoors(array $typed): array
{
    $body = TapeFit::of(twoDoorsTaped(), $typed, 'own', 'Own');
    $front = $body->panel('front')->outline->box();
    $rear = $body->panel('rear')->outline->box();

    return [$front->x1 - $front->x0, $rear->x1 - $rear->x0, $front->y1 - $front->y0];
}

/**
 * @param array<string, float> $typed
 * @return array<string, string> what is wrong, by field
 */
function quarrels(array $typed): array
{
    try {
        TapeFit::of(twoDoorsTaped(), $typed, 'own', 'Own');
    } catch (InvalidInput $bad) {
        return array_column(array_map(fn ($p): array => [$p->field, $p->detail->in(UnitSystem::Metric)], $bad->problems), 1, 0);
    }

    return [];
}

it('lets what nobody measured follow what was, each slice by its length (worked by hand)', function (): void {
    // One length a quarter longer: the whole car is, but for a thousandth of a wish to stay as drawn beside the front's share of
    // 400 in 1404 mm of slices: (0.2849 x 1.25 + 0.001) / 0.2859 = 1.24913.
    expect(tapedDoors(['front' => 500.0]))
        ->toEqualWithDelta([500.0, 749.478, 374.739], 0.01)
        // A quarter longer and as drawn: on the whole (400 x 1.25 + 600) / 1000, a tenth.
        ->and(tapedDoors(['front' => 500.0, 'rear' => 600.0]))
        ->toEqualWithDelta([500.0, 600.0, 330.0], 0.1)
        ->and(tapedDoors(['front' => 500.0, 'rear' => 600.0, 'height' => 280.0]))
        ->toEqualWithDelta([500.0, 600.0, 280.0], 0.01)
        ->and(tapedDoors([]))
        ->toEqualWithDelta([400.0, 600.0, 300.0], 1e-6)
        // A tape that this silhouette does not have says nothing.
        ->and(tapedDoors(['roof' => 9000.0]))
        ->toEqualWithDelta([400.0, 600.0, 300.0], 1e-6)
        ->and(tapedDoors(['roof' => 9000.0, 'front' => 500.0]))
        ->toEqualWithDelta([500.0, 749.478, 374.739], 0.01);
});

it('takes a length of up to twice or half of what the rest makes it, and no other car', function (): void {
    // The front as drawn and the rear k times: on the whole (400 + 600 k) / 1000. The front is half of that at k = 2.667, the
    // rear at k = 0.286.
    expect(quarrels(['front' => 400.0, 'rear' => 600.0 * 2.6]))
        ->toBe([])
        ->and(array_keys(quarrels(['front' => 400.0, 'rear' => 600.0 * 2.72])))
        ->toBe(['lengths.front', 'lengths.rear'])
        ->and(quarrels(['front' => 400.0, 'rear' => 600.0 * 0.30]))
        ->toBe([])
        ->and(quarrels(['front' => 400.0, 'rear' => 600.0 * 0.27])['lengths.rear'] ?? '')
        ->toBe('This does not go together with: Front. Hold the tape again.')
        ->and(quarrels(['front' => 400.0, 'rear' => 600.0 * 0.27])['lengths.front'] ?? '')
        ->toBe('This does not go together with: Rear. Hold the tape again.');
});

it('names one that is odd by itself, with what the silhouette has there', function (): void {
    expect(quarrels(['front' => 400.0, 'rear' => 600.0, 'height' => 2400.0]))
        ->toBe(['lengths.height' => 'Out of proportion with the rest of this silhouette, which has 300 mm here.']);
});

it('names the odd one too where the whole car is longer than drawn', function (): void {
    // Front and rear half as long again: a height a fifth of what is drawn is the one that is odd, by far.
    expect(array_keys(quarrels(['front' => 600.0, 'rear' => 900.0, 'height' => 60.0])))
        ->toBe(['lengths.height'])
        ->and(array_keys(quarrels(['front' => 600.0, 'height' => 60.0, 'rear' => 900.0])))
        ->toBe(['lengths.height']);
});

it('leaves alone what lies elsewhere where a drawing is corrected', function (): void {
    [$along, $across] = TapeFit::correcting(twoDoorsTaped(), ['front' => 440.0]);
    // The front door is 440 now, the rear one lies 40 further back and is as wide as it was.
    expect([$along->of(0.0), $along->of(400.0), $along->of(404.0), $along->of(1004.0)])
        ->toEqualWithDelta([0.0, 440.0, 444.0, 1044.0], 0.5)
        ->and([$across->of(100.0), $across->of(400.0)])
        ->toEqualWithDelta([100.0, 400.0], 0.5)
        // Straight between the cuts, and the way back.
        ->and($along->of(200.0))
        ->toEqualWithDelta(220.0, 0.3)
        ->and($along->undone()->of($along->of(321.0)))
        ->toEqualWithDelta(321.0, 1e-9)
        ->and($along->between(100.0, 900.0))
        ->toEqual([400.0, 404.0])
        ->and($along->between(900.0, 100.0))
        ->toEqual([404.0, 400.0])
        ->and($along->between(400.0, 404.0))
        ->toBe([]);
});

it('doubts panels that ordinary cars do not have, left ones once for both', function (): void {
    // Doors of 0.79 and 0.81 m2: 0.8 to 1.2 is ordinary (common practice).
    $remarks = fn (BodyShape $body): array => array_map(fn ($p): string => $p->in(UnitSystem::Metric), TapeFit::remarks($body));
    expect($remarks(twoDoors(790.0, 810.0, 1000.0)))
        ->toBe(['Front door: 0.79 m²; ordinary cars have 0.80 m² to 1.20 m². Measure again?'])
        ->and($remarks(twoDoors(1195.0, 1205.0, 1000.0)))
        ->toHaveCount(1)
        ->and($remarks(twoDoors(900.0, 1000.0, 1000.0)))
        ->toBe([]);
});

it('knows a drawing about a middle line from one without', function (): void {
    // All of it on one side, or as far to the left as to the right.
    expect(TapeFit::hasTwoSides(twoDoors()))
        ->toBeTrue()
        ->and(TapeFit::hasTwoSides(twoDoors(y: -150.0)))
        ->toBeTrue()
        ->and(TapeFit::hasTwoSides(twoDoors(y: -149.5)))
        ->toBeTrue()
        ->and(TapeFit::hasTwoSides(twoDoors(y: -140.0)))
        ->toBeFalse()
        ->and(TapeFit::hasTwoSides(twoDoors(y: -1.5)))
        ->toBeTrue();
});

it('reads a silhouette to the ends of what it may say', function (array $change, ?string $field): void {
    $json = array_replace_recursive([
        'tapes' => ['doors' => [[
            'key' => 'front', 'name' => 'Front', 'how' => 'Hold it.', 'panel' => 'front', 'along' => 'x',
        ], [
            'key' => 'height', 'name' => 'Height', 'how' => 'Hold it.', 'panel' => 'front', 'along' => 'y',
        ]]],
        'silhouettes' => [['key' => 'two', 'name' => 'Two doors', 'body' => 't', 'tapes' => 'doors']],
    ], $change);

    try {
        $read = SilhouetteReader::read($json, fn (): BodyShape => twoDoors());
        expect($field)->toBeNull()->and(array_keys($read))->toBe([$json['silhouettes'][0]['key']]);
    } catch (InvalidInput $bad) {
        expect(array_map(fn ($p): string => $p->field, $bad->problems))->toBe([$field]);
    }
})->with(function (): array {
    $s = fn (array $change): array => ['silhouettes' => [$change]];
    $t = fn (array $change): array => ['tapes' => ['doors' => [$change]]];

    return [
        'as it is' => [[], null],
        'a key of one letter' => [$s(['key' => 'k']), null],
        'a key of forty' => [$s(['key' => str_repeat('k', 40)]), null],
        'a longer key' => [$s(['key' => str_repeat('k', 41)]), 'silhouettes.0.key'],
        'a name of eighty letters' => [$s(['name' => str_repeat('n', 80)]), null],
        'a longer name' => [$s(['name' => str_repeat('n', 81)]), 'silhouettes.0.name'],
        'a drawing of sixty letters' => [$s(['body' => str_repeat('b', 60)]), null],
        'no drawing' => [$s(['body' => '']), 'silhouettes.0.body'],
        'no name' => [$s(['name' => '']), 'silhouettes.0.name'],
        'a longer one' => [$s(['body' => str_repeat('b', 61)]), 'silhouettes.0.body'],
        'a tape told in two hundred letters' => [$t(['how' => str_repeat('h', 200)]), null],
        'in more' => [$t(['how' => str_repeat('h', 201)]), 'tapes.doors.0.how'],
        'a tape named in eighty' => [$t(['name' => str_repeat('h', 80)]), null],
        'not named' => [$t(['name' => '']), 'tapes.doors.0.name'],
        'told in no words' => [$t(['how' => '']), 'tapes.doors.0.how'],
        'in eighty-one' => [$t(['name' => str_repeat('h', 81)]), 'tapes.doors.0.name'],
        'a tape over no panel' => [$t(['panel' => 'roof']), 'tapes.doors.0.panel'],
    ];
});

it('bends a line at each cut that it crosses, in the order it meets them, and leaves it open (worked by hand)', function (): void {
    $crease = new NamedLine('crease', Polyline::through([[100.0, 100.0], [500.0, 300.0]]));
    // Twice as long up to 300 mm along and up to 150 mm across, as it was beyond.
    $along = new Stretch([0.0, 300.0, 600.0], [0.0, 600.0, 900.0], false);
    $across = new Stretch([0.0, 150.0, 600.0], [0.0, 300.0, 750.0], false);
    $body = TapeFit::stretched(Rows::of(['one' => ['lines' => [$crease]]]), $along, $across, 'own', 'Own');
    $line = $body->panel('one')->bodyLines[0]->line;
    expect($line->xs)
        ->toEqualWithDelta([200.0, 400.0, 600.0, 800.0], 1e-9)
        ->and($line->ys)
        ->toEqualWithDelta([200.0, 300.0, 350.0, 450.0], 1e-9)
        ->and($body->panel('one')->outline->areaMm2())
        ->toEqualWithDelta(900.0 * 750.0, 1e-6);
});

it('draws a silhouette in its own proportions, names and parts', function (): void {
    $json = [
        'tapes' => ['doors' => [
            ['key' => 'front', 'name' => 'Front', 'how' => 'Hold it.', 'panel' => 'front', 'along' => 'x'],
            ['key' => 'height', 'name' => 'Height', 'how' => 'Hold it.', 'panel' => 'front', 'along' => 'y'],
        ]],
        'silhouettes' => [
            ['key' => 'drawn', 'name' => 'As drawn', 'body' => 't', 'tapes' => 'doors'],
            [
                'key' => 'long', 'name' => 'Longer', 'body' => 't', 'tapes' => 'doors', 'parts' => ['front'],
                'names' => ['front' => 'Only door'], 'proportions' => ['front' => 500],
            ],
        ],
    ];
    $made = 0;
    $drawing = function () use (&$made): BodyShape {
        $made++;

        return twoDoors();
    };
    $read = SilhouetteReader::read($json, $drawing);
    $long = $read['long']->body->panel('front');
    expect($made)
        ->toBe(1)
        ->and(array_keys($read['drawn']->body->panels))
        ->toBe(['front', 'rear'])
        ->and($read['drawn']->body->panel('front')->name)
        ->toBe('Front door')
        ->and(array_keys($read['long']->body->panels))
        ->toBe(['front'])
        ->and($long->name)
        ->toBe('Only door')
        // What is not said stays as it is drawn.
        ->and([$long->outline->box()->x1 - $long->outline->box()->x0, $long->outline->box()->y1 - $long->outline->box()->y0])
        ->toEqualWithDelta([500.0, 300.0], 0.5)
        // And its tapes lie where the longer door has its ends.
        ->and($read['long']->tape('front')?->drawnMm())
        ->toEqualWithDelta(500.0, 0.5)
        ->and($read['long']->tape('height')?->across)
        ->toBeTrue()
        ->and(array_keys(SilhouetteReader::read($json, $drawing, 'drawn')))
        ->toBe(['drawn']);
});

it('takes both sides for alike while they are as near as a tape is read', function (): void {
    // Two millimetres: 1.6 mm off the middle are none, 2.4 are.
    expect([TapeFit::hasTwoSides(twoDoors(y: -149.2)), TapeFit::hasTwoSides(twoDoors(y: -148.8))])->toBe([true, false]);
});
