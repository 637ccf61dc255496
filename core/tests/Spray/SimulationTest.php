<?php

declare(strict_types=1);

use Eris\Generators;
use Kalopsis\Colour\Measurement;
use Kalopsis\Film\Air;
use Kalopsis\Film\ReducerGrade;
use Kalopsis\Gun\GunSetUp;
use Kalopsis\Sequence\CoatSequence;
use Kalopsis\Sequence\CoatStep;
use Kalopsis\Sequence\FinishClass;
use Kalopsis\Sight\Barten;
use Kalopsis\Spray\Assumptions;
use Kalopsis\Spray\Certainty;
use Kalopsis\Spray\Finish;
use Kalopsis\Spray\Part;
use Kalopsis\Spray\Places;
use Kalopsis\Spray\Simulation;
use Kalopsis\Spray\Sprayed;
use Kalopsis\Tests\Support\Colours;
use Kalopsis\Tests\Support\Sprays;
use Kalopsis\Why\Phrase;

uses(Eris\TestTrait::class);

it('comes near the table of the second model (docs/model.md section 12)', function (
    FinishClass $class,
    float $dL,
    float $mm,
    ?string $bed,
    int $coats,
    float $wanted,
    float $within,
): void {
    $index = Sprays::index($class, $dL, $mm, $bed, $coats);
    expect($index)
        ->toBeGreaterThan($wanted * (1 - $within))
        ->toBeLessThan($wanted * (1 + $within));
})->with([
    'silver 300, no bed' => [FinishClass::MetallicLight, 2.0, 300.0, null, 3, 1.15, 0.15],
    'silver 300, flashed bed' => [FinishClass::MetallicLight, 2.0, 300.0, 'flashed-bed', 3, 0.75, 0.15],
    'silver 300, wet bed' => [FinishClass::MetallicLight, 2.0, 300.0, 'wet-bed', 3, 0.6, 0.15],
    'no mismatch, no bed' => [FinishClass::MetallicLight, 0.0, 300.0, null, 3, 1.05, 0.15],
    'silver dL 4, wet bed, 300' => [FinishClass::MetallicLight, 4.0, 300.0, 'wet-bed', 3, 1.25, 0.15],
    'dark solid, 2 coats, 300' => [FinishClass::SolidDark, 2.0, 300.0, null, 2, 0.7, 0.2],
]);

it('needs about what the second model lists, at even odds and to be sure', function (
    FinishClass $class,
    ?string $bed,
    int $coats,
    float $even,
    float $sure,
): void {
    $s = Sprays::simulation(Sprays::stepped($bed, $coats), Finish::assumed($class, 3, 2.0));
    expect($s->needMm(Certainty::Doubtful))
        ->toEqualWithDelta($even, 0.25 * $even)
        ->and($s->needMm(Certainty::Sure))
        ->toEqualWithDelta($sure, 0.25 * $sure);
})->with([
    'silver with a wet bed' => [FinishClass::MetallicLight, 'wet-bed', 3, 155.0, 230.0],
    'black' => [FinishClass::SolidDark, null, 2, 135.0, 200.0],
    'white' => [FinishClass::SolidLight, null, 3, 65.0, 95.0],
]);

it('shows a light ring of a dry fringe from the side, which a wet bed removes (common practice)', function (): void {
    $finish = Finish::assumed(FinishClass::MetallicLight, 3, 0.0);
    $fringe = function (?string $bed) use ($finish): array {
        $colours = Sprays::simulation(Sprays::stepped($bed), $finish)->colours();
        $laid = $colours->laid(new Places(30.0, 5.0, 55), 300.0);
        $off = [];
        foreach ([15, 110] as $angle) {
            $l = array_map(
                fn ($xyz): float => $xyz->lab($finish->viewing())->l - $finish->old[$angle]->l,
                $colours->along($angle, $laid),
            );
            $off[$angle] = $angle === 15 ? min($l) : max($l);
        }

        return $off;
    };
    [$dry, $wet] = [$fringe(null), $fringe('wet-bed')];
    expect($dry[15])
        ->toBeLessThan(-0.5)
        ->and($dry[110])
        ->toBeGreaterThan(0.1)
        ->and(abs($wet[15]))
        ->toBeLessThan(abs($dry[15]) / 3)
        ->and($wet[110])
        ->toBeLessThan($dry[110] / 2);
});

it('shows nothing of a solid that matches, and of a metallic only its fringe', function (): void {
    expect(Sprays::index(FinishClass::SolidDark, 0.0, 80.0))
        ->toBeLessThan(1e-6)
        ->and(Sprays::index(FinishClass::MetallicLight, 0.0, 300.0, 'wet-bed'))
        ->toBeLessThan(0.15)
        ->and(Sprays::index(FinishClass::MetallicLight, 0.0, 300.0))
        ->toBeGreaterThan(0.7);
});

it(
    'cannot hide a difference above the limit at any reach (common practice: a blend cannot save a bad match)',
    function (): void {
        $s = Sprays::simulation(Sprays::stepped('wet-bed'), Finish::assumed(FinishClass::MetallicLight, 3, 12.0));
        expect($s->needMm(Certainty::Doubtful))
            ->toBeNull()
            ->and($s->look(900.0, Assumptions::usual())->worst)
            ->toBeGreaterThan(1.0);
    },
);

it('needs more for a larger difference, less in a bed, and more to be sure than to be likely', function (): void {
    $need = fn (float $dL, ?string $bed, Certainty $c): float => Sprays::simulation(
        Sprays::stepped($bed),
        Finish::assumed(FinishClass::MetallicLight, 3, $dL),
    )->needMm($c) ?? INF;
    $last = 0.0;
    foreach ([0.5, 1.0, 2.0, 3.0] as $dL) {
        $here = $need($dL, 'wet-bed', Certainty::Sure);
        expect($here)->toBeGreaterThan($last);
        $last = $here;
    }
    expect($need(2.0, 'wet-bed', Certainty::Sure))
        ->toBeLessThan($need(2.0, 'flashed-bed', Certainty::Sure))
        ->and($need(2.0, 'flashed-bed', Certainty::Sure))
        ->toBeLessThan($need(2.0, null, Certainty::Sure))
        ->and($need(2.0, 'wet-bed', Certainty::Likely))
        ->toBeLessThan($need(2.0, 'wet-bed', Certainty::Sure));
});

it('finds the need where the verdict really turns', function (): void {
    $s = Sprays::simulation(Sprays::stepped('wet-bed'), Finish::assumed(FinishClass::MetallicLight, 3, 2.0));
    $mm = $s->needMm(Certainty::Sure) ?? 0.0;
    $high = fn (float $at): float => $s->look($at, Assumptions::usual(), false, Simulation::FINE, true)->worst *
        exp(1.2816 * $s->spread($at));
    expect($high($mm))->toBeLessThan(1.03)->and($high(0.94 * $mm))->toBeGreaterThan(1.0);
});

it('needs the same within 2 % at twice the places', function (FinishClass $class, ?string $bed): void {
    $s = Sprays::simulation(Sprays::stepped($bed), Finish::assumed($class, 3, 2.0));
    $mm = $s->needMm(Certainty::Sure) ?? 0.0;
    // Halved by ourselves, at 192 places and every distance.
    [$low, $high] = [0.5 * $mm, 2.0 * $mm];
    for ($i = 0; $i < 14; $i++) {
        $middle = sqrt($low * $high);
        $v90 = $s->look($middle, Assumptions::usual(), false, 192, true)->worst * exp(1.2816 * $s->spread($middle, false));
        [$low, $high] = $v90 > 1.0 ? [$middle, $high] : [$low, $middle];
    }
    expect($mm)->toEqualWithDelta($high, 0.02 * $high);
})->with([
    'silver in a bed kept wet' => [FinishClass::MetallicLight, 'wet-bed'],
    'silver in a flashed bed' => [FinishClass::MetallicLight, 'flashed-bed'],
    'black' => [FinishClass::SolidDark, null],
    'pearl' => [FinishClass::Pearl, 'wet-bed'],
]);

it(
    'is as sure as the share of what may be off says: drawn at random, nine in ten lie below the high end',
    function (): void {
        $s = Sprays::simulation(Sprays::stepped('flashed-bed'), Finish::assumed(FinishClass::MetallicLight, 3, 2.0));
        $usual = $s->look(250.0, Assumptions::usual())->worst;
        $spread = $s->spread(250.0);
        mt_srand(7);
        $normal = fn (): float => sqrt(-2.0 * log(mt_rand(1, 1_000_000) / 1_000_001)) *
            cos((2.0 * M_PI * mt_rand()) / mt_getrandmax());
        $below = 0;
        for ($i = 0; $i < 300; $i++) {
            $off = new Assumptions(exp(0.3 * $normal()), exp(0.25 * $normal()), exp(0.15 * $normal()));
            $below += $s->look(250.0, $off)->worst * exp(0.2 * $normal()) < $usual * exp(1.2816 * $spread) ? 1 : 0;
        }
        expect($below / 300)
            ->toBeGreaterThan(0.84)
            ->toBeLessThan(0.96);
    },
);

it('never covers more further out, and ends in the old finish', function (): void {
    $this->limitTo(15)
        ->forAll(Generators::choose(60, 500), Generators::elements(null, 'flashed-bed', 'wet-bed'))
        ->then(function (int $mm, ?string $bed): void {
            $finish = Finish::assumed(FinishClass::MetallicLight, 3);
            $colours = Sprays::simulation(Sprays::stepped($bed), $finish)->colours();
            $laid = $colours->laid(new Places(-20.0, 5.0, 130), (float) $mm);
            $uncovered = $colours->uncovered($laid);
            for ($i = 1; $i < 130; $i++) {
                expect($uncovered[$i])->toBeGreaterThanOrEqual($uncovered[$i - 1] - 1e-12);
            }
            $along = $colours->along(45, $laid);
            expect(end($along)->y)->toEqualWithDelta($finish->old[45]->xyz()->y, 1e-9);
        });
});

it('lays flakes flatter in a bed, with slower reducer and in cooler air', function (): void {
    $dry = fn (?string $bed, ReducerGrade $grade, float $c): float => Sprays::simulation(
        Sprays::stepped($bed),
        Finish::assumed(FinishClass::MetallicLight, 3),
        new Air($c, 50.0),
        $grade,
    )
        ->colours()
        ->laid(new Places(270.0, 1.0, 1), 300.0)->dryness[0][2] ?? 0.0;
    expect($dry('wet-bed', ReducerGrade::Standard, 22.0))
        ->toBeLessThan($dry('flashed-bed', ReducerGrade::Standard, 22.0))
        ->and($dry('flashed-bed', ReducerGrade::Standard, 22.0))
        ->toBeLessThan($dry(null, ReducerGrade::Standard, 22.0))
        ->and($dry(null, ReducerGrade::Slow, 22.0))
        ->toBeLessThan($dry(null, ReducerGrade::Standard, 22.0))
        ->and($dry(null, ReducerGrade::Standard, 15.0))
        ->toBeLessThan($dry(null, ReducerGrade::Standard, 30.0));
});

it('judges a butt joint of the card and an edge at a gap by one computation', function (): void {
    $finish = Finish::measured(FinishClass::MetallicLight, 3, Colours::silver(), Colours::silver(1.0));
    $edge = Sprays::simulation(
        Sprays::read([
            [
                'id' => 'a',
                'name' => 'A',
                'kind' => 'base',
                'film' => 2.0,
                'landsIn' => 'wet-bed',
                'extent' => ['kind' => 'whole-panel'],
            ],
            [
                'id' => 'b',
                'name' => 'B',
                'kind' => 'base',
                'film' => 2.0,
                'landsIn' => 'wet-bed',
                'extent' => ['kind' => 'whole-panel'],
            ],
            [
                'id' => 'c',
                'name' => 'C',
                'kind' => 'base',
                'film' => 2.0,
                'landsIn' => 'wet-bed',
                'extent' => ['kind' => 'whole-panel'],
            ],
        ]),
        $finish,
    );
    expect($edge->lookAtLine(300.0, 200.0, Simulation::GAP)->worst)->toEqualWithDelta(
        $edge->buttIndex(),
        0.03 * $edge->buttIndex(),
    );
});

it('sees a butt joint as two half steps 4 mm apart with a third less lightness (second model, section 4)', function (): void {
    // By brute force over frequencies, from the definition: nothing of the filter's Gaussians or its peak search.
    $finish = Finish::measured(
        FinishClass::SolidDark,
        3,
        Measurement::ofLabs([45 => Colours::lab(50.0)]),
        Measurement::ofLabs([45 => Colours::lab(51.0)]),
    );
    [$old, $new] = [Colours::lab(50.0)->xyz()->y, Colours::lab(51.0)->xyz()->y];
    $step = log(($new + 5.0) / ($old + 5.0));
    $luminance = (300.0 * ($old + 5.0)) / 100.0;
    $worst = 0.0;
    foreach ([0.5, 1.0, 2.0] as $m) {
        $half = rad2deg(0.002 / $m);
        $field = 0.2 * 0.6 * (rad2deg(1.0) / $m) ** 2;
        for ($x = 0.01; $x < 1.0; $x += 0.01) {
            $sum = 0.0;
            for ($u = 0.01; $u < 50.0; $u *= 1.01) {
                $sees = Barten::sensitivity($u, $luminance, $field, 0.25 * 300.0 / $luminance);
                $sum += ($sees * sin(2.0 * M_PI * $u * $x) * cos(2.0 * M_PI * $u * $half) * 0.01) / M_PI;
            }
            $worst = max($worst, ($sum * $step) / 1.5 / 5.0);
        }
    }
    expect(Sprays::simulation(Sprays::stepped(null), $finish)->buttIndex())->toEqualWithDelta($worst, 0.02 * $worst);
});

it(
    'hides white and red only in more coats than silver, and the right grey saves one (common practice: grey shades)',
    function (): void {
        $coats = fn (FinishClass $class, int $shade): float => Sprayed::outlook(
            Sprays::simulation(Sprays::stepped(null), Finish::assumed($class, $shade)),
            300.0,
            [],
        )->hiding->coats() ?? 9.0;
        expect($coats(FinishClass::SolidLight, 7))
            ->toBeGreaterThan($coats(FinishClass::SolidLight, 1) + 0.5)
            ->and($coats(FinishClass::Pearl, 7))
            ->toBeGreaterThan($coats(FinishClass::MetallicLight, 7));
        $hiding = Sprayed::outlook(
            Sprays::simulation(Sprays::stepped(null), Finish::assumed(FinishClass::SolidLight, 7)),
            300.0,
            [],
        )->hiding;
        expect($hiding->bestShade())->toBeLessThan(4)->and($hiding->index(1))->toBeLessThan($hiding->index(7));
    },
);

it('keeps hiding out of the fade: another primer changes the hiding part and nothing else', function (): void {
    $parts = fn (int $shade): array => Sprayed::outlook(
        Sprays::simulation(Sprays::stepped('wet-bed', 2), Finish::assumed(FinishClass::Pearl, $shade)),
        300.0,
        [],
    )->parts;
    [$near, $far] = [$parts(1), $parts(7)];
    expect($far[Part::Hiding->value])->toBeGreaterThan($near[Part::Hiding->value]);
    foreach ([Part::Colour, Part::Fringe, Part::Mottle, Part::Stripes] as $part) {
        expect($far[$part->value])->toBe($near[$part->value]);
    }
});

it('mottles where coats are far too wet, which waiting between them cures (common practice)', function (): void {
    $mottle = fn (string $drying): float => Sprayed::outlook(
        Sprays::simulation(
            Sprays::stepped('wet-bed', 3, ['film' => 1.8, 'drying' => $drying]),
            Finish::assumed(FinishClass::MetallicLight, 3),
        ),
        300.0,
        [],
    )->parts[Part::Mottle->value];
    expect($mottle('wet-on-wet'))->toBeGreaterThan(1.0)->and($mottle('flash'))->toBeLessThan($mottle('wet-on-wet'));
});

it('hides the primer below a three-stage by its ground coats (common practice)', function (): void {
    $finish = Finish::assumed(FinishClass::Pearl, 7, 0.0);
    $hiding = function (array $grounds) use ($finish): float {
        $steps = [...$grounds, ...Sprays::stepped('wet-bed', 2)->steps];

        return Sprayed::outlook(Sprays::simulation(new CoatSequence($steps), $finish), 300.0, [])->parts[Part::Hiding->value];
    };
    $ground = fn (string $id): CoatStep => Sprays::read([
        ['id' => $id, 'name' => $id, 'kind' => 'ground', 'extent' => ['kind' => 'past', 'reach' => 0.1, 'fade' => 0.3]],
    ])->steps[0];
    expect($hiding([]))
        ->toBeGreaterThan(1.0)
        ->and($hiding([$ground('ground-1')]))
        ->toBeLessThan(0.5 * $hiding([]))
        ->and($hiding([$ground('ground-1'), $ground('ground-2')]))
        ->toBeLessThan(0.5 * $hiding([$ground('ground-1')]));
    // The fade is the effect's alone: a ground inside it changes nothing there.
    $fade = fn (array $grounds): float => Sprays::simulation(
        new CoatSequence([...$grounds, ...Sprays::stepped('wet-bed', 2)->steps]),
        Finish::assumed(FinishClass::Pearl, 7),
    )->look(300.0, Assumptions::usual())->worst;
    expect($fade([$ground('ground-1')]))->toBe($fade([]));
});

it(
    'stripes with low overlap in dry paint, less with more, and not at all on a solid (common practice: zebra)',
    function (): void {
        // As much paint either way: half the film from strokes laid twice as close.
        $stripes = fn (float $overlap, FinishClass $class = FinishClass::MetallicLight): float => Sprayed::outlook(
            Sprays::simulation(
                Sprays::stepped(null, 3, [
                    'film' => (0.3 * (1.0 - $overlap / 100.0)) / 0.5,
                    'gun' => ['overlapPercent' => $overlap],
                ]),
                Finish::assumed($class, 3),
                new Air(32.0, 50.0),
                ReducerGrade::Fast,
            ),
            300.0,
            [],
        )->parts[Part::Stripes->value];
        expect($stripes(50.0))->toBeGreaterThan($stripes(75.0))->and($stripes(50.0, FinishClass::SolidDark))->toBe(0.0);
    },
);

it('is as bad as its worst part, whichever that is', function (): void {
    // Hot and fast, full coats from strokes far apart: nothing but stripes is wrong with it.
    $striped = Sprayed::outlook(
        Sprays::simulation(
            Sprays::stepped(null, 3, ['film' => 1.0, 'gun' => ['overlapPercent' => 10]]),
            Finish::assumed(FinishClass::MetallicLight, 3, 0.0),
            new Air(40.0, 50.0),
            ReducerGrade::Fast,
        ),
        900.0,
        [],
    );
    expect($striped->parts[Part::Stripes->value])
        ->toBeGreaterThan(1.0)
        ->and($striped->index())
        ->toBe($striped->parts[Part::Stripes->value])
        ->and($striped->fault())
        ->toBe(Part::Stripes);
});

it('knows the ripple of parabolic strokes side by side: exact at 1 - 1/n, an upper bound between', function (
    float $overlap,
    float $true,
): void {
    // Strokes of width 1 laid a pitch apart, summed by brute force.
    $pitch = 1.0 - $overlap;
    [$low, $high, $sum, $n] = [INF, 0.0, 0.0, 0];
    for ($x = 0.0; $x < $pitch; $x += $pitch / 400) {
        $s = 0.0;
        for ($k = -40; $k <= 40; $k++) {
            $u = ($x - $k * $pitch) * 2.0;
            $s += abs($u) < 1.0 ? 1.0 - $u * $u : 0.0;
        }
        [$low, $high, $sum, $n] = [min($low, $s), max($high, $s), $sum + $s, $n + 1];
    }
    $ripple = ($high - $low) / ($sum / $n);
    expect($ripple)
        ->toEqualWithDelta($true, 0.001)
        ->and(Simulation::ripple(new GunSetUp(1.4, 170.0, 100 * $overlap)))
        ->toBeGreaterThanOrEqual($ripple - 1e-3);
    if (in_array($overlap, [0.5, 0.75, 0.9], true)) {
        expect(Simulation::ripple(new GunSetUp(1.4, 170.0, 100 * $overlap)))->toEqualWithDelta($ripple, 0.001);
    }
})->with([[0.5, 0.375], [0.6, 0.072], [0.7, 0.054], [0.75, 0.09375], [0.85, 0.016], [0.9, 0.015]]);

it('tells which part stays, in words that agree with the slider', function (): void {
    $outlook = fn (float $dL, ?string $bed): Kalopsis\Spray\Outlook => Sprayed::outlook(
        Sprays::simulation(Sprays::stepped($bed), Finish::assumed(FinishClass::MetallicLight, 3, $dL)),
        200.0,
        [],
    );
    expect($outlook(0.3, null)->fault())
        ->toBe(Part::Fringe)
        ->and($outlook(0.3, null)->says()->text)
        ->toContain('ring')
        ->and($outlook(6.0, 'wet-bed')->fault())
        ->toBe(Part::Colour)
        ->and($outlook(0.3, 'wet-bed')->fault())
        ->toBeNull()
        ->and($outlook(0.3, 'wet-bed')->says()->text)
        ->toContain('Nobody sees it')
        ->and($outlook(0.3, null)->says()->values['from'])
        ->toEqual(Phrase::of(Kalopsis\Colour\Geometry::standing($outlook(0.3, null)->worst()->angle)));
});

it('says how sure a verdict is: far from the limit sure, at it doubtful', function (): void {
    expect(Certainty::of(0.5, 0.3))
        ->toBe(Certainty::Sure)
        ->and(Certainty::of(2.0, 0.3))
        ->toBe(Certainty::Sure)
        ->and(Certainty::of(0.8, 0.3))
        ->toBe(Certainty::Likely)
        ->and(Certainty::of(1.02, 0.3))
        ->toBe(Certainty::Doubtful);
});

it('takes measured cards: a solid read at 45/0 looks the same at every angle', function (): void {
    $finish = Finish::measured(
        FinishClass::SolidDark,
        5,
        Colours::measured([45 => [30.0, -10.0, 12.0]]),
        Colours::measured([45 => [31.0, -10.0, 12.0]]),
    );
    expect($finish->angles())
        ->toBe([15, 25, 45, 75, 110])
        ->and($finish->old[110])
        ->toEqual($finish->old[15])
        ->and($finish->measured)
        ->toBeTrue()
        ->and($finish->isLike($finish))
        ->toBeTrue()
        ->and(
            $finish->isLike(
                Finish::measured(
                    FinishClass::SolidDark,
                    5,
                    Colours::measured([45 => [30.0, -10.0, 12.0]]),
                    Colours::measured([45 => [31.1, -10.0, 12.0]]),
                ),
            ),
        )
        ->toBeFalse();
});
