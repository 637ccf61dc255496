<?php

declare(strict_types=1);

use Eris\Generators;
use Kalopsis\Cups\Portion;
use Kalopsis\Cups\Scale;
use Kalopsis\Cups\ScaleFrame;
use Kalopsis\Cups\ScaleState;
use Kalopsis\Cups\ScaleWatch;
use Kalopsis\Cups\SimulatedScale;
use Kalopsis\Cups\Vessel;
use Kalopsis\Cups\Weighing;

uses(Eris\TestTrait::class);

/** @param non-empty-list<float> $grams */
function weighingOf(array $grams, ?Vessel $vessel = null): Weighing
{
    return Weighing::begin(
        array_map(fn (float $g, int $i): Portion => new Portion("part {$i}", $g, 1.0), $grams, array_keys($grams)),
        new Scale(0.1),
        $vessel ?? Vessel::of(750.0),
    );
}

it('asks for one portion after the other, each upon the last', function (): void {
    $weighing = weighingOf([100.0, 50.0, 10.0]);
    expect($weighing->current())->toBe(0)->and($weighing->targetG())->toBe(100.0);
    $weighing = $weighing->take(100.2);
    expect($weighing->current())->toBe(1)->and($weighing->targetG())->toEqualWithDelta(150.2, 1e-9);
    $weighing = $weighing->take(150.2)->take(160.2);
    expect($weighing->isDone())->toBeTrue()->and($weighing->sum())->toEqualWithDelta(160.2, 1e-9);
});

it('stays with a portion that was cut short', function (): void {
    $weighing = weighingOf([100.0, 50.0])->take(60.0);
    expect($weighing->current())->toBe(0)->and($weighing->targetG())->toEqualWithDelta(100.0, 1e-9);
});

it('mends an over-pour by more of all the rest (worked by hand: 110 for 100 makes 55 of 50)', function (): void {
    $over = weighingOf([100.0, 50.0])->take(110.0);
    expect($over->over())->toBe(0)->and($over->isDone())->toBeFalse();
    $mended = $over->recovered();
    expect($mended->over())
        ->toBeNull()
        ->and($mended->portions[1]->grams)
        ->toEqualWithDelta(55.0, 1e-9)
        ->and($mended->targetG())
        ->toEqualWithDelta(165.0, 1e-9)
        ->and($mended->times)
        ->toEqualWithDelta(1.1, 1e-12);
});

it('tops up what was right before, when a later portion went over', function (): void {
    $over = weighingOf([100.0, 50.0, 10.0])->take(100.0)->take(160.0);
    $mended = $over->recovered();
    // 60 for 50 is a fifth more: 20 g more of the first come first, then 12 of the last.
    expect($mended->current())->toBe(0)->and($mended->targetG())->toEqualWithDelta(180.0, 1e-9);
    $mended = $mended->take(180.0);
    expect($mended->current())->toBe(2)->and($mended->targetG())->toEqualWithDelta(192.0, 1e-9);
});

it('restores every ratio, whatever is poured over, as often as it happens', function (): void {
    $this->limitTo(120)
        ->forAll(
            Generators::seq(Generators::choose(20, 200)),
            Generators::choose(0, 5),
            Generators::choose(105, 160),
        )
        ->then(function (array $grams, int $which, int $percent): void {
            $grams = array_slice(array_map(floatval(...), [...$grams, 60, 40]), 0, 5);
            $which %= count($grams);
            $weighing = weighingOf($grams, Vessel::of(1300.0));
            for ($step = 0; $step < 20 && ! $weighing->isDone(); $step++) {
                if ($weighing->over() !== null) {
                    if (! $weighing->canRecover()) {
                        return;
                    }
                    $weighing = $weighing->recovered();

                    continue;
                }
                $i = $weighing->current();
                $more = $weighing->targetG() - $weighing->sum();
                $weighing = $weighing->take($weighing->sum() + ($i === $which && $step < 5 ? $more * $percent / 100 : $more));
            }
            expect($weighing->isDone())->toBeTrue();
            foreach ($grams as $i => $wanted) {
                expect($weighing->poured[$i] / $weighing->sum())->toEqualWithDelta(
                    $wanted / array_sum($grams),
                    0.012 * $wanted / array_sum($grams) + 0.1 / $weighing->sum(),
                );
            }
        });
});

it('says when it cannot be saved: more than twice the paint, or no cup that holds it', function (): void {
    $twice = weighingOf([20.0, 20.0])->take(45.0);
    $full = weighingOf([700.0, 500.0], Vessel::of(1300.0))->take(1000.0);
    expect($twice->canRecover())
        ->toBeFalse()
        ->and($full->canRecover())
        ->toBeFalse()
        ->and(fn () => $twice->recovered())
        ->toThrow(DomainException::class);
    // Into a larger cup it goes.
    $larger = weighingOf([100.0, 100.0], Vessel::of(200.0))->take(160.0);
    expect($larger->recovered()->vessel->key())->toBe('450');
});

it('counts every mending towards twice the paint', function (): void {
    $once = weighingOf([100.0, 50.0])->take(140.0)->recovered();
    expect($once->times)->toEqualWithDelta(1.4, 1e-12);
    // 112 of 70 is 1.6 times, and 1.4 x 1.6 is more than twice what was wanted.
    $again = $once->take(140.0 + 112.0);
    expect($again->timesNeeded())->toEqualWithDelta(1.6, 1e-9)->and($again->canRecover())->toBeFalse();
});

it('minds a hundredth of a portion, and no less than the scale can tell (common practice)', function (): void {
    expect(weighingOf([200.0, 50.0])->take(201.9)->over())
        ->toBeNull()
        ->and(weighingOf([200.0, 50.0])->take(202.1)->over())
        ->toBe(0)
        ->and(weighingOf([5.0, 50.0])->take(5.1)->over())
        ->toBeNull()
        ->and(weighingOf([5.0, 50.0])->take(5.2)->over())
        ->toBe(0);
});

it('takes a wrong ratio when it is told to, and leaves the others alone', function (): void {
    $taken = weighingOf([100.0, 50.0])->take(110.0)->accepted();
    expect($taken->over())->toBeNull()->and($taken->portions[1]->grams)->toBe(50.0)->and($taken->current())->toBe(1);
});

it('refuses what cannot have been poured', function (float $reading): void {
    weighingOf([100.0, 50.0])->take(80.0)->take($reading);
})
    ->with([-5.0, 70.0, NAN, INF])
    ->throws(DomainException::class);

it('can weigh from twenty intervals on, to half, one and one and a half of them (OIML R 76-1, class III)', function (): void {
    $scale = new Scale(0.1);
    expect($scale->leastG())
        ->toEqualWithDelta(2.0, 1e-12)
        ->and($scale->errorG(50.0))
        ->toEqualWithDelta(0.05, 1e-12)
        ->and($scale->errorG(50.1))
        ->toEqualWithDelta(0.1, 1e-12)
        ->and($scale->errorG(200.0))
        ->toEqualWithDelta(0.1, 1e-12)
        ->and($scale->errorG(201.0))
        ->toEqualWithDelta(0.15, 1e-12)
        ->and((new Scale(1.0))->shown(12.4))
        ->toBe(12.0);
});

it('pours on after the hand stops, and no more than falls and drips', function (): void {
    $tilt = fn (?float $to): array => [['from' => 0.0, 'to' => $to, 'gPerS' => 20.0]];
    // What runs is seen a quarter of a second later.
    expect(SimulatedScale::grams($tilt(null), 0.2))
        ->toBe(0.0)
        ->and(SimulatedScale::grams($tilt(null), 1.25))
        ->toEqualWithDelta(20.0, 1e-9);
    $atStop = SimulatedScale::grams($tilt(1.0), 1.0);
    $settled = SimulatedScale::grams($tilt(1.0), 10.0);
    expect($settled)->toBeGreaterThan($atStop + 5.0)->toBeLessThan(20.0 * 1.2);
    // A second pour adds to the first.
    $two = [...$tilt(1.0), ['from' => 20.0, 'to' => 21.0, 'gPerS' => 20.0]];
    expect(SimulatedScale::grams($two, 40.0))->toEqualWithDelta(2 * $settled, 1e-6);
});

it('trusts a scale only when it has settled', function (array $readings, float $now, ScaleState $state): void {
    expect(ScaleWatch::judge($readings, $now, new Scale(0.1)))->toBe($state);
})->with(function (): array {
    $row = fn (callable $grams): array => array_map(fn (int $i): array => [$i / 10, $grams($i)], range(0, 12));

    return [
        'nothing heard' => [[], 1.0, ScaleState::Silent],
        'not for three seconds' => [$row(fn (): float => 50.0), 4.2, ScaleState::Silent],
        'still' => [$row(fn (int $i): float => 50.0 + 0.1 * ($i % 2)), 1.3, ScaleState::Steady],
        'pouring' => [$row(fn (int $i): float => 2.0 * $i), 1.3, ScaleState::Moving],
        'just stopped' => [$row(fn (int $i): float => min(20.0, 2.0 * $i)), 1.3, ScaleState::Moving],
        'somebody leans on it' => [$row(fn (int $i): float => $i < 6 ? 50.0 : 400.0), 1.3, ScaleState::Jumps],
        'the cup is off' => [$row(fn (): float => -38.0), 1.3, ScaleState::CupOff],
    ];
});

it('asks for a toner that is less than the scale can tell, in drops, and takes them as counted', function (): void {
    $weighing = weighingOf([50.0, 0.06, 20.0])->take(50.0);
    expect($weighing->current())
        ->toBe(1)
        ->and($weighing->drops(1))
        ->toBe(2)
        ->and($weighing->drops(0))
        ->toBeNull();
    $counted = $weighing->take(50.0);
    expect($counted->current())->toBe(2)->and($counted->poured[1])->toBe(0.06)->and($counted->over())->toBeNull();
});

it('tells a hand to pour, to slow down, to stop and that it was too much', function (float $grams, string $advice, bool $take): void {
    $frame = ScaleFrame::of(weighingOf([100.0, 50.0]), $grams, ScaleState::Steady);
    expect($frame->advice)->toBe($advice)->and($frame->canTake)->toBe($take);
})->with([[20.0, 'pour', false], [92.0, 'near', false], [99.6, 'stop', true], [100.9, 'stop', true], [103.0, 'over', true]]);

it('slows a hand down for the last grams of a small portion, not only for its last tenth', function (): void {
    $advice = fn (float $grams): string => ScaleFrame::of(weighingOf([30.0, 20.0]), $grams, ScaleState::Steady)->advice;
    expect([$advice(15.0), $advice(20.0)])->toBe(['pour', 'near']);
});

it('lets nothing be taken from a scale that moves, and hums nearer and nearer the line', function (): void {
    $near = fn (float $grams): float => ScaleFrame::of(weighingOf([100.0, 50.0]), $grams, ScaleState::Steady)->near;
    expect(ScaleFrame::of(weighingOf([100.0]), 100.0, ScaleState::Moving)->canTake)
        ->toBeFalse()
        ->and($near(50.0))
        ->toBe(0.0)
        ->and($near(95.0))
        ->toBeGreaterThan($near(90.0))
        ->and($near(100.0))
        ->toBe(1.0)
        ->and($near(110.0))
        ->toBe(0.0);
});
