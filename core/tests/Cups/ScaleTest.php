<?php

declare(strict_types=1);

use Kalopsis\Cups\Portion;
use Kalopsis\Cups\Scale;
use Kalopsis\Cups\ScaleFrame;
use Kalopsis\Cups\ScaleState;
use Kalopsis\Cups\ScaleWatch;
use Kalopsis\Cups\SimulatedScale;
use Kalopsis\Cups\Vessel;
use Kalopsis\Cups\Weighing;

/*
 * At the limits themselves, on a scale of half a gram, whose figures the computer can tell exactly.
 */
/** @param non-empty-list<float> $grams */
function onHalfGrams(array $grams, ?Vessel $vessel = null, float $density = 1.0): Weighing
{
    return Weighing::begin(
        array_map(fn (float $g): Portion => new Portion('part', $g, $density), $grams),
        new Scale(0.5),
        $vessel ?? Vessel::of(750.0),
    );
}

it('tells a tenth of a gram where nobody says what the scale tells (common practice)', function (): void {
    expect((new Scale())->readabilityG)
        ->toBe(0.1)
        ->and((new Scale(0.5))->shown(12.26))
        ->toBe(12.5)
        ->and((new Scale(0.5))->shown(12.24))
        ->toBe(12.0)
        // OIML R 76-1, class III: one interval up to 2000 of them, then one and a half.
        ->and((new Scale(1.0))->errorG(2000.0))
        ->toBe(1.0)
        ->and((new Scale(1.0))->errorG(2000.5))
        ->toBe(1.5);
});

it('lets a portion be off by just its tolerance, over and under', function (): void {
    // A hundredth of 50 g is what the scale can tell.
    expect(onHalfGrams([50.0, 25.0])->take(50.5)->over())
        ->toBeNull()
        ->and(onHalfGrams([50.0, 25.0])->take(51.0)->over())
        ->toBe(0)
        ->and(onHalfGrams([50.0, 25.0])->take(49.5)->current())
        ->toBe(1)
        ->and(onHalfGrams([50.0, 25.0])->take(49.0)->current())
        ->toBe(0)
        ->and(onHalfGrams([50.0, 25.0])->take(50.0)->take(75.0)->isDone())
        ->toBeTrue();
});

it('asks for a portion of which nothing is in, however little it is, and for none that is in', function (): void {
    $drops = onHalfGrams([50.0, 0.25])->take(50.0);
    expect($drops->current())->toBe(1)->and($drops->isDone())->toBeFalse();
    // A reading that the scale can tell counts as it is; one that it cannot counts as the drops that were asked for.
    expect($drops->take(50.5)->poured[1])
        ->toBe(0.5)
        ->and($drops->take(50.0)->poured[1])
        ->toBe(0.25)
        ->and($drops->take(49.5)->poured[1])
        ->toBe(0.25)
        ->and(fn () => $drops->take(49.0))
        ->toThrow(DomainException::class);
    // Half a gram is not less than the scale can tell: a reading that did not move pours nothing.
    expect(onHalfGrams([50.0, 0.5])->take(50.0)->take(50.0)->poured[1])
        ->toBe(0.0)
        ->and(onHalfGrams([50.0, 20.0])->take(50.0)->take(49.75)->poured)
        ->toBe([50.0, 0.0]);
});

it('counts in drops what is below twenty intervals of the scale, a drop at the least', function (): void {
    $drops = fn (float $grams): ?int => onHalfGrams([$grams])->drops(0);
    // 0.03 g a drop (common practice): 0.28 g are 9.3, 0.29 g are 9.7.
    expect([$drops(10.0), $drops(9.9), $drops(0.28), $drops(0.29), $drops(0.001)])->toBe([null, 330, 9, 10, 1]);
});

it('fills the cup by what things weigh a millilitre, and goes into another only when it must', function (): void {
    $weighing = onHalfGrams([100.0, 100.0], Vessel::of(200.0), 1.25);
    expect($weighing->millilitres())
        ->toBe(160.0)
        ->and($weighing->millilitres(1.25))
        ->toBe(200.0)
        ->and($weighing->vesselFor(1.25)?->key())
        ->toBe('200')
        ->and($weighing->vesselFor(1.26)?->key())
        ->toBe('450')
        ->and($weighing->timesNeeded())
        ->toBe(1.0);
    // Just twice the paint is still mended, in the larger cup.
    $twice = $weighing->take(200.0);
    expect([$twice->canRecover(), $twice->recovered()->vessel->key(), $twice->recovered()->times])->toBe([true, '450', 2.0]);
});

it('shows how much of a portion is in, and how near the hand is, at each limit', function (float $grams, string $advice, float $share, float $near): void {
    // 250 g: the last 25 are near, half a hundredth either way is right; on top of 50 g that are in.
    $frame = ScaleFrame::of(onHalfGrams([50.0, 250.0])->take(50.0), $grams, ScaleState::Steady);
    expect([$frame->advice, $frame->toGoG])
        ->toBe([$advice, 300.0 - $grams])
        ->and($frame->share)
        ->toEqualWithDelta($share, 1e-12)
        ->and($frame->near)
        ->toEqualWithDelta($near, 1e-12)
        ->and($frame->canTake)
        ->toBe($advice === 'stop' || $advice === 'over');
})->with([
    'the cup lifted a little' => [49.5, 'pour', 0.0, 0.0],
    'nothing yet' => [50.0, 'pour', 0.0, 0.0],
    'half' => [175.0, 'pour', 0.5, 0.0],
    'before the last tenth' => [274.5, 'pour', 0.898, 0.0],
    'the last tenth begins' => [275.0, 'near', 0.9, 0.0],
    'half of it' => [287.5, 'near', 0.95, 0.5],
    'before it is right' => [297.0, 'near', 0.988, 0.88],
    'right from here' => [297.5, 'stop', 0.99, 0.9],
    'just right' => [300.0, 'stop', 1.0, 1.0],
    'right to here' => [302.5, 'stop', 1.01, 1.0],
    'too much' => [303.0, 'over', 1.012, 0.0],
]);

it('drips as long as it was said to: a stream of 10 g/s that fell a quarter of a second', function (?float $to, float $now, float $grams): void {
    $tilts = [['from' => 0.0, 'to' => $to, 'gPerS' => 10.0]];
    expect(SimulatedScale::grams($tilts, $now))->toEqualWithDelta($grams, 1e-9);
})->with([
    'before anything lands' => [null, 0.25, 0.0],
    'while it runs' => [null, 1.0, 7.5],
    'what fell before it ended' => [2.0, 2.125, 18.75],
    'the last of the stream lands' => [2.0, 2.25, 20.0],
    // What drips, 1.2 g, dies away by e in 0.35 s.
    'dripping' => [2.0, 2.6, 20.0 + 1.2 * (1.0 - M_E ** -1.0)],
    'dry' => [2.0, 60.0, 21.2],
]);

it('holds each limit of a scale that is listened to', function (array $readings, float $now, ScaleState $state): void {
    expect(ScaleWatch::judge($readings, $now, new Scale(0.5)))->toBe($state);
})->with([
    'silent only after two seconds' => [[[0.0, 50.0], [1.0, 50.0]], 3.0, ScaleState::Steady],
    'and a little' => [[[0.0, 50.0], [1.0, 50.0]], 3.01, ScaleState::Silent],
    'one interval below nothing is the cup that settles' => [[[0.0, -0.5], [1.0, -0.5]], 1.0, ScaleState::Steady],
    'more is the cup that is off' => [[[0.0, -1.0], [1.0, -1.0]], 1.0, ScaleState::CupOff],
    'one reading says nothing of rest' => [[[0.0, 50.0]], 0.0, ScaleState::Moving],
    'two intervals are rest' => [[[0.0, 51.0], [1.0, 50.0]], 1.0, ScaleState::Steady],
    'three are not' => [[[0.0, 51.5], [1.0, 50.0]], 1.0, ScaleState::Moving],
    'just long enough' => [[[0.4, 50.0], [1.0, 50.0]], 1.0, ScaleState::Steady],
    'not long enough' => [[[0.5, 50.0], [1.0, 50.0]], 1.0, ScaleState::Moving],
    // What moved before the rest is not looked at any more.
    'rest after a pour' => [[[0.0, 10.0], [0.1, 50.0], [0.25, 50.0], [1.0, 50.0]], 1.0, ScaleState::Steady],
    'a pour in between' => [[[0.0, 50.0], [0.5, 30.0], [1.0, 50.0]], 1.0, ScaleState::Moving],
    // 400 g in a second can be poured, 401 not; between two readings at once 20 g count as the twentieth of a second they took.
    'as fast as a tin runs' => [[[0.0, 0.0], [1.0, 400.0]], 1.0, ScaleState::Moving],
    'faster' => [[[0.0, 0.0], [1.0, 401.0]], 1.0, ScaleState::Jumps],
    'at once, a little' => [[[1.0, 0.0], [1.0, 20.0]], 1.0, ScaleState::Moving],
    'at once, more' => [[[1.0, 0.0], [1.0, 20.5]], 1.0, ScaleState::Jumps],
]);

it('lets ten intervals of a coarse scale be no jump', function (): void {
    $at = fn (float $grams): ScaleState => ScaleWatch::judge([[1.0, 0.0], [1.0, $grams]], 1.0, new Scale(4.0));
    expect([$at(40.0), $at(44.0)])->toBe([ScaleState::Moving, ScaleState::Jumps]);
});

it('moves by two intervals and a half, which is no rest', function (): void {
    expect(ScaleWatch::judge([[0.0, 51.25], [1.0, 50.0]], 1.0, new Scale(0.5)))->toBe(ScaleState::Moving);
});
