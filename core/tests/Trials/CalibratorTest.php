<?php

declare(strict_types=1);

use Kalopsis\Calibration\Calibration;
use Kalopsis\Calibration\Constant;
use Kalopsis\Calibration\Known;
use Kalopsis\Colour\Spectrum;
use Kalopsis\Colour\Viewing;
use Kalopsis\Film\Coverage;
use Kalopsis\Gun\GunSetUp;
use Kalopsis\Sequence\FinishClass;
use Kalopsis\Spray\Pigment;
use Kalopsis\Tests\Support\Bodies;
use Kalopsis\Tests\Support\Workshops;
use Kalopsis\Tint\Formula;
use Kalopsis\Tint\SolidModel;
use Kalopsis\Tint\Toner;
use Kalopsis\Tint\TonerLibrary;
use Kalopsis\Trials\Calibrator;
use Kalopsis\Trials\CupLeft;
use Kalopsis\Trials\FadePanel;
use Kalopsis\Trials\FadeSheet;
use Kalopsis\Trials\FlashTime;
use Kalopsis\Trials\HidingCard;
use Kalopsis\Trials\TonerCard;
use Kalopsis\Trials\TrialReader;

function flashed(float $minutes, float $planned = 10.0): FlashTime
{
    static $n = 0;

    return new FlashTime('watch ' . ++$n, $minutes, $planned, true);
}

it('takes what it knew and what was read by their weights', function (): void {
    // Normal prior and normal readings: Gelman et al., Bayesian Data Analysis, 2.5. Prior 0.3, three readings of 0.1 each,
    // all of a booth that dries twice as fast: ln 2 x 300 / (300 + 1 / 0.09).
    $fit = Calibrator::of([flashed(5.0), flashed(5.0), flashed(5.0)])->groups[0];
    $known = $fit->known['flash'];
    expect(log($known->factor))
        ->toEqualWithDelta(log(2.0) * 300.0 / (300.0 + 1.0 / 0.09), 1e-4)
        ->and($known->spread)
        ->toEqualWithDelta(1.0 / sqrt(300.0 + 1.0 / 0.09), 1e-4)
        ->and($known->tests)
        ->toHaveCount(3)
        ->and($fit->refused)
        ->toBeNull();
});

it('calls a film hidden where ASTM D2805 does', function (FinishClass $finish): void {
    $card = new HidingCard('card', 'x', $finish, 10.0, true, [], 2);
    $h98 = Pigment::h98($finish);
    expect($card->ratio($h98, 1.0))
        ->toEqualWithDelta(0.98, 0.002)
        // Twice as much needed: the same ratio under twice the film.
        ->and($card->ratio(2.0 * $h98, 2.0))
        ->toEqualWithDelta(0.98, 0.002)
        ->and($card->ratio(0.0, 1.0))
        ->toEqualWithDelta(0.5 / 80.0, 1e-6);
})->with([FinishClass::SolidLight, FinishClass::SolidDark, FinishClass::MetallicLight, FinishClass::Pearl]);

it('finds the film that hides from counted coats and from readings alike', function (): void {
    $h98 = Pigment::h98(FinishClass::SolidLight);
    // The edge goes between the third and the fourth coat of 10 um: 35 um hide, give or take half a coat.
    $counted = Calibrator::of([
        new HidingCard('one', 'oat', FinishClass::SolidLight, 10.0, true, [], 4),
        new HidingCard('two', 'oat', FinishClass::SolidLight, 10.0, true, [], 4),
        new HidingCard('three', 'oat', FinishClass::SolidLight, 10.0, true, [], 4),
    ])->calibration()->about(Constant::Hiding, 'oat');
    $truth = new HidingCard('t', 'oat', FinishClass::SolidLight, 10.0, true, [], 4);
    $read = array_map(fn (int $n): array => [(float) $n, $truth->ratio(10.0 * $n, 35.0 / $h98)], [1, 2, 3]);
    $from = Calibrator::of([
        new HidingCard('read', 'oat', FinishClass::SolidLight, 10.0, true, $read, null),
    ])->calibration()->about(Constant::Hiding, 'oat');
    expect($counted->factor * $h98)
        ->toBeGreaterThan(30.0)
        ->toBeLessThan(36.0)
        ->and($from->factor * $h98)
        ->toBeGreaterThan(31.0)
        ->toBeLessThan(36.0)
        ->and($from->spread)
        ->toBeLessThan(0.6 * Constant::Hiding->prior());
});

it('is less sure of a card whose film was guessed', function (): void {
    $truth = new HidingCard('t', 'x', FinishClass::MetallicLight, 6.0, true, [], 4);
    $read = array_map(fn (int $n): array => [(float) $n, $truth->ratio(6.0 * $n, 1.2)], [1, 2, 3]);
    $spread = fn (bool $gauged): float => Calibrator::of([
        new HidingCard('c', 'x', FinishClass::MetallicLight, 6.0, $gauged, $read, null),
    ])->calibration()->about(Constant::Hiding, 'x')->spread;
    expect($spread(false))->toBeGreaterThan(1.3 * $spread(true))->and($spread(false))->toBeLessThan(Constant::Hiding->prior());
});

it('learns from which fades were seen and which were not', function (): void {
    $index = array_map(fn (array $f): float => FadeSheet::index($f[0], $f[1], 2.0), FadeSheet::SHEET);
    // From hard to see to plain, and a sheet whose middle is near the model's own threshold.
    expect($index)->toBe((function (array $v): array {
        sort($v);

        return $v;
    })($index))->and($index[0])->toBeLessThan(1.0)->and($index[4])->toBeGreaterThan(1.0);
    $gain = function (int $seenFrom): Known {
        $fades = [];
        foreach (FadeSheet::SHEET as $n => [$dL, $mm]) {
            $fades[] = [$dL, $mm, $n >= $seenFrom];
        }

        return Calibrator::of([new FadeSheet('sheet', $fades, 2.0)])->calibration()->about(Constant::Eye);
    };
    expect($gain(0)->factor)
        ->toBeGreaterThan($gain(2)->factor)
        ->and($gain(2)->factor)
        ->toBeGreaterThan($gain(5)->factor)
        ->and($gain(0)->factor)
        ->toBeGreaterThan(1.0)
        ->and($gain(5)->factor)
        ->toBeLessThan(1.0)
        ->and($gain(2)->spread)
        ->toBeLessThan(Constant::Eye->prior());
});

it('finds how much lands from what went into the cup', function (): void {
    $gun = new GunSetUp(1.4, 180.0, 75.0);
    // One litre of solids covers 1000 m2 at 1 um: 2 m2 x 15 um / (0.15 x 0.52) = 384.6 ml where 52 % lands.
    $cup = fn (float $ml): CupLeft => new CupLeft('cup', 2.0, 15.0, true, $ml, 0.15, $gun);
    expect(Coverage::millilitres(2.0, 15.0, 0.15, 0.52))->toEqualWithDelta(384.6, 0.1);
    $known = Calibrator::of([$cup(384.6), $cup(384.6), $cup(384.6)])->calibration()->about(Constant::Transfer);
    expect($gun->transferEfficiency($known->factor))->toEqualWithDelta(0.52, 0.02);
});

it('refuses what makes the tests it was kept from worse', function (): void {
    // Two watches that say the opposite: each foretells the other worse than the model does.
    $fit = Calibrator::of([flashed(5.0), flashed(20.0)]);
    expect($fit->groups[0]->refused)
        ->not->toBeNull()
        ->and($fit->groups[0]->heldOut[1])
        ->toBeGreaterThan($fit->groups[0]->heldOut[0])
        ->and($fit->calibration()->about(Constant::Flash)->isTested())
        ->toBeFalse()
        ->and($fit->calibration()->about(Constant::Flash)->spread)
        ->toBe(Constant::Flash->prior());
    // And a number that no booth has.
    expect((string) Calibrator::of([flashed(1.0), flashed(1.0)])->groups[0]->refused?->text)->toContain('No number is that far');
});

it('is no surer than its tests agree', function (): void {
    $close = Calibrator::of([flashed(8.0), flashed(8.1), flashed(7.9)])->groups[0]->known['flash']->spread;
    $wide = Calibrator::of([flashed(6.0), flashed(8.0), flashed(10.0)])->groups[0]->known['flash']->spread;
    expect($wide)->toBeGreaterThan(1.5 * $close);
});

it('beats the model on tests it has not seen, in workshops whose numbers are 30 % off', function (): void {
    // Each number of each workshop is 1.3 times up or down; noise is as each test states it.
    $before = $after = $readings = $within = $off = $n = 0;
    foreach (range(1, 12) as $seed) {
        $shop = new Workshops($seed);
        $found = Calibrator::of($shop->tests(3))->calibration();
        foreach ($shop->truth as $key => $factor) {
            $known = $found->known[$key] ?? Known::untested(Constant::from(explode(' ', $key)[0]));
            $within += abs(log($known->factor / $factor)) < 2.0 * $known->spread ? 1 : 0;
            $off += log($known->factor / $factor) ** 2;
            $n++;
        }
        $factors = array_map(fn (Known $k): float => $k->factor, $found->known);
        foreach ($shop->tests(2) as $test) {
            foreach ($test->residuals([]) as $k => $r) {
                $before += $r * $r;
                $after += $test->residuals($factors)[$k] ** 2;
                $readings++;
            }
        }
    }
    // Two spreads hold nineteen in twenty; of 72 numbers chance leaves out some more.
    expect($within / $n)
        ->toBeGreaterThan(0.88)
        // The numbers were ln 1.3 = 0.26 off; half of that is found out.
        ->and(sqrt($off / $n))
        ->toBeLessThan(0.13)
        // What is left of new readings is about their own noise.
        ->and(sqrt($after / $readings))
        ->toBeLessThan(1.1)
        ->and(sqrt($before / $after))
        ->toBeGreaterThan(1.35);
});

it('keeps what it found through writing and reading', function (): void {
    $found = Calibrator::of([flashed(8.0), flashed(8.2)])->calibration();
    $back = Calibration::kept(json_decode((string) json_encode($found), true));
    expect($back->about(Constant::Flash)->factor)
        ->toEqualWithDelta($found->about(Constant::Flash)->factor, 1e-4)
        ->and($back->about(Constant::Flash)->tests)
        ->toBe($found->about(Constant::Flash)->tests)
        ->and(Calibration::kept(['nonsense' => ['factor' => 2, 'spread' => 1, 'tests' => []], 'eye' => 3])->known)
        ->toBe([]);
});

it('finds toners stronger or weaker from cards of formulas, and tint advice takes them so', function (): void {
    $library = TonerLibrary::northlight();
    $solid = array_keys(array_filter($library->toners, fn (Toner $t): bool => $t->grade === null));
    [$white, $one, $two] = [$solid[0], $solid[1], $solid[2]];
    // The truth: one toner a fifth stronger, the other a tenth weaker than the library's.
    $true = [$white => 1.0, $one => 1.2, $two => 0.9];
    $card = function (array $grams) use ($library, $true): TonerCard {
        $really = [];
        foreach ($grams as $key => $g) {
            $really[$key] = $g * $true[$key];
        }
        $lab = Spectrum::of((new SolidModel($library))->spectra($really)[45])->lab(Viewing::paint());

        return new TonerCard('card', Formula::of($grams), $lab);
    };
    $fit = Calibrator::of([
        $card([$white => 90, $one => 10]),
        $card([$white => 90, $two => 10]),
        $card([$white => 80, $one => 15, $two => 5]),
        $card([$white => 70, $one => 5, $two => 25]),
    ]);
    $shop = $fit->calibration();
    $found = fn (string $toner): float => $shop->about(Constant::Toner, $toner)->factor;
    $ratio = fn (string $a, string $b): float => $found($a) / $found($b);
    // Only the ratio shows in a colour that hides: all toners twice as strong look the same.
    expect($fit->groups[0]->refused)
        ->toBeNull()
        ->and($ratio($one, $white))
        ->toEqualWithDelta(1.2, 0.04)
        ->and($ratio($two, $white))
        ->toEqualWithDelta(0.9, 0.04)
        ->and($library->known($shop)->toner($one)->k[10])
        ->toEqualWithDelta($library->toner($one)->k[10] * $shop->about(Constant::Toner, $one)->factor, 1e-9);
});

it('uses tests that differ no more than their noise, and only then', function (): void {
    // 6 % either side with watches of 10 %: each is foretold a little worse by the other, within what chance does to two.
    $fit = Calibrator::of([flashed(10.0 * exp(0.06)), flashed(10.0 * exp(-0.06))])->groups[0];
    expect($fit->heldOut[1])
        ->toBeGreaterThan($fit->heldOut[0])
        ->and($fit->heldOut[1])
        ->toBeGreaterThan(1.0)
        ->and($fit->refused)
        ->toBeNull();
});

it('takes a look for a probit a quarter wide', function (): void {
    $index = FadeSheet::index(1.4, 60.0, 2.0);
    // Phi(1) = 0.8413, table 26.1 of Abramowitz and Stegun: sqrt(-2 ln 0.8413) = 0.5879.
    $seen = new FadeSheet('sheet', [[1.4, 60.0, true]], 2.0);
    $unseen = new FadeSheet('sheet', [[1.4, 60.0, false]], 2.0);
    expect($seen->residuals(['eye' => exp(0.25) / $index])[0])
        ->toEqualWithDelta(0.5879, 1e-3)
        ->and($unseen->residuals(['eye' => exp(-0.25) / $index])[0])
        ->toEqualWithDelta(-0.5879, 1e-3);
});

it('reads a fade panel against its own full part', function (): void {
    $panel = (new TrialReader(new Bodies()))->read([
        'kind' => 'fade-panel',
        'on' => '2026-11-12',
        'finish' => 'metallic-light',
        'paintSystem' => 'northlight-s',
        'school' => 'no-wet-bed',
        'reducer' => 'standard',
        'temperatureC' => 24,
        'humidityPercent' => 50,
        'fadeMm' => 300,
        'readings' => [['mm' => -450, 'dL45' => 0.0], ['mm' => 200, 'dL45' => 1.0]],
    ]);
    assert($panel instanceof FadePanel);
    [$inside, $fading] = $panel->foretold([]);
    // Well inside nothing differs; without a bed the fade of a silver is lighter from the side (common practice).
    expect($inside[45])->toEqualWithDelta(0.0, 1e-6)->and($fading[45])->toBeGreaterThan(0.05);
});

it('knows a colour by its code, however its name was typed', function (): void {
    expect(Calibration::colour('Saltmist Silver', ' SM-07 '))
        ->toBe(Calibration::colour('saltmist', 'sm-07'))
        ->and(Calibration::colour('Oat Pearl', ''))
        ->toBe('oat pearl');
});
