<?php

declare(strict_types=1);

use Kalopsis\Colour\Measurement;
use Kalopsis\Findings\DefectReader;
use Kalopsis\Gun\GunSetUp;
use Kalopsis\Gun\Stroke;
use Kalopsis\Input\Fields;
use Kalopsis\Input\InvalidInput;
use Kalopsis\Input\Problems;
use Kalopsis\Practice\Answer;
use Kalopsis\Practice\Bay;
use Kalopsis\Practice\Best;
use Kalopsis\Practice\DefectLooks;
use Kalopsis\Practice\FromJob;
use Kalopsis\Practice\Hand;
use Kalopsis\Practice\Marked;
use Kalopsis\Practice\Picture;
use Kalopsis\Practice\Scenario;
use Kalopsis\Practice\ScenarioReader;
use Kalopsis\Practice\SetUpReader;
use Kalopsis\Practice\Skill;
use Kalopsis\Practice\Told;
use Kalopsis\Tests\Support\Bodies;
use Kalopsis\Tests\Support\Colours;

/** @return array<string, Scenario> */
function scenarios(): array
{
    /** @var ?array<string, Scenario> $all */
    static $all = null;

    return $all ??= (new ScenarioReader(new Bodies()))->all(
        json_decode((string) file_get_contents(dirname(__DIR__, 3) . '/data/practice.json'), true),
    );
}

/** @param array<string, string> $chosen */
function marked(string $key, array $chosen, ?Hand $hand = null): Marked
{
    $reader = new SetUpReader(new Bodies());
    $scenario = scenarios()[$key];

    return Marked::of(new Answer($scenario, $chosen), $reader, $hand, Best::of($scenario, $reader));
}

/**
 * Strokes over the panel from top to bottom, to and fro.
 *
 * @return list<array{float, float, float, float}>
 */
function passes(float $mmPerS, float $pitchMm, float $distanceMm, float $fromMm = -150.0, float $toMm = 650.0): array
{
    $path = [];
    $ms = 0.0;
    $right = true;
    for ($y = $fromMm; $y <= $toMm; $y += $pitchMm) {
        for ($i = 0; $i <= 75; $i++) {
            $x = $right ? -150.0 + 20.0 * $i : 1350.0 - 20.0 * $i;
            $path[] = [$ms, $x, $y, $distanceMm];
            $ms += 20.0 / $mmPerS * 1000.0;
        }
        // The trigger is let go at the turn.
        $ms += 1000.0;
        $right = ! $right;
    }

    return $path;
}

it('has a ladder of scenarios for every skill, from easy to nasty', function (): void {
    $levels = $skills = [];
    foreach (scenarios() as $scenario) {
        $levels[] = $scenario->level;
        $skills[$scenario->skill->value] = true;
    }
    expect(count($levels))
        ->toBeGreaterThanOrEqual(24)
        ->and(array_keys($skills))
        ->toEqualCanonicalizing(array_map(fn (Skill $s): string => $s->value, Skill::cases()))
        ->and(min($levels))
        ->toBe(1)
        ->and(max($levels))
        ->toBe(6)
        ->and($levels)
        ->toBe((function (array $v): array {
            sort($v);

            return $v;
        })($levels));
});

it('teaches something: the best goes unseen, some choice does not pass for good', function (): void {
    $reader = new SetUpReader(new Bodies());
    foreach (scenarios() as $key => $scenario) {
        $best = Best::of($scenario, $reader);
        expect($best->index)->toBeLessThan(1.0, "{$key} can be done");
        if ($scenario->asks === []) {
            continue;
        }
        $worst = 100;
        // Each decision by itself turned away from the best.
        foreach ($scenario->asks as $ask) {
            foreach ($ask->options as $option) {
                $bay = new Bay((new Answer($scenario, [...$best->chosen, $ask->key => $option->key]))->setUp($reader));
                $worst = min($worst, Marked::score($bay->index(), $bay->minutes(), $bay->millilitres(), $best));
            }
        }
        expect($worst)->toBeLessThan(Marked::GOOD + 10, "{$key} has a choice that costs something");
    }
});

it('marks what every teacher would', function (): void {
    // Common practice: a light silver without a bed shows a ring, black does not need one.
    $bare = marked('bed-silver', ['way' => 'no-wet-bed']);
    expect($bare->best->chosen)
        ->toBe(['way' => 'inside-out-wet-bed'])
        ->and($bare->score)
        ->toBeLessThan(Marked::GOOD)
        ->and($bare->bay->outlook()->isSeen())
        ->toBeTrue()
        ->and($bare->single[0]['index'])
        ->toBeLessThan(1.0)
        ->and(marked('bed-silver', ['way' => 'inside-out-wet-bed'])->score)
        ->toBe(100)
        ->and(marked('bed-black', ['way' => 'bare'])->score)
        ->toBe(100)
        // A bed left for half an hour is no bed: it is sprayed again.
        ->and(marked('go-on-phone', ['do' => 'again'])->score)
        ->toBe(100)
        ->and(marked('go-on-phone', ['do' => 'on'])->score)
        ->toBeLessThan(60)
        // Fast reducer in the heat lands dry; in the cold it saves the morning.
        ->and(marked('reducer-hot', ['reducer' => 'fast'])->bay->outlook()->isSeen())
        ->toBeTrue()
        ->and(Best::of(scenarios()['reducer-cold'], new SetUpReader(new Bodies()))->chosen)
        ->toBe(['reducer' => 'fast']);
});

it('scores less for more seen, and for more minutes and paint', function (): void {
    $best = new Best([], 0.6, 40.0, 200.0);
    $score = fn (float $index, float $minutes = 40.0, float $ml = 200.0): int => Marked::score($index, $minutes, $ml, $best);
    expect($score(0.5))
        ->toBe(100)
        ->and($score(0.9))
        ->toBeLessThan(100)
        ->and($score(1.01))
        ->toBeLessThanOrEqual(60)
        ->and($score(3.0))
        ->toBeLessThan($score(1.5))
        ->and($score(0.5, 60.0))
        ->toBe(80)
        ->and($score(0.5, 40.0, 300.0))
        ->toBe(90)
        ->and($score(0.5, 400.0, 900.0))
        ->toBe(65)
        // Where nothing hides it, as good as can be is good.
        ->and(Marked::score(1.4, 40.0, 200.0, new Best([], 1.4, 40.0, 200.0)))
        ->toBe(100);
});

it('lays as much paint as left the gun', function (): void {
    $sheet = new GunSetUp(1.4, 180.0, 75.0);
    // One stroke through the middle of the panel: flow x transfer x time, spread over the panel's cells.
    $path = [];
    for ($i = 0; $i <= 40; $i++) {
        $path[] = [$i * 50.0, 100.0 + 25.0 * $i, 250.0, 180.0];
    }
    $hand = Hand::along($path, $sheet);
    $um = 0.0;
    foreach ($hand->film as $row) {
        foreach ($row as $share) {
            $um += $share * Stroke::full()->wetUm($sheet);
        }
    }
    $cell = (1200.0 / 40) * (500.0 / 25);
    // um mm2 of two seconds: 160 ml/min is 2.667 ml/s, 65 % of it lands (docs/model.md, section 4).
    expect($um * $cell / (160.0 / 60.0 * 1e6 * 0.65 * 2.0))->toEqualWithDelta(1.0, 0.02);
});

it('takes speed, overlap and distance off the path', function (): void {
    $sheet = new GunSetUp(1.4, 180.0, 75.0);
    // Fan 280 mm at 180 mm: a pitch of 70 mm overlaps by three quarters.
    $good = Hand::along(passes(500.0, 70.0, 180.0), $sheet);
    expect($good->mmPerS)
        ->toEqualWithDelta(500.0, 5.0)
        ->and($good->overlapPercent)
        ->toEqualWithDelta(75.0, 1.0)
        ->and($good->distanceMm)
        ->toEqualWithDelta(180.0, 0.1)
        // That is a full coat by definition, evenly: 1.5 (1 - 0.75)^2 = 9 % peak to peak.
        ->and($good->mean)
        ->toEqualWithDelta(1.0, 0.03)
        ->and($good->least)
        ->toBeGreaterThan(0.9)
        ->and($good->remarks())
        ->toBe([]);
    // Twice as fast, half the film; twice the pitch, half the film.
    expect(Hand::along(passes(1000.0, 70.0, 180.0), $sheet)->mean)
        ->toEqualWithDelta($good->mean / 2.0, 0.02)
        ->and(Hand::along(passes(500.0, 140.0, 180.0), $sheet)->mean)
        ->toEqualWithDelta($good->mean / 2.0, 0.03)
        ->and(Hand::along(passes(500.0, 140.0, 180.0), $sheet)->overlapPercent)
        ->toEqualWithDelta(50.0, 1.0);
    $remarks = fn (Hand $hand): string => implode(' ', array_map(fn ($p): string => $p->text, $hand->remarks()));
    expect($remarks(Hand::along(passes(900.0, 70.0, 300.0), $sheet)))
        ->toContain('Too fast')
        ->toContain('Too far away')
        ->and($remarks(Hand::along(passes(250.0, 200.0, 100.0), $sheet)))
        ->toContain('Too slow')
        ->toContain('Too close')
        ->toContain('thinnest place')
        // Nothing sprayed is no crash, and no paint.
        ->and(Hand::along([], $sheet)->mean)
        ->toBe(0.0);
});

it('by numbers is the same hand as by the path', function (): void {
    $sheet = new GunSetUp(1.4, 180.0, 75.0);
    $path = Hand::along(passes(650.0, 70.0, 180.0), $sheet);
    expect(Hand::even(650.0, 75.0, 180.0, $sheet)->mean)->toEqualWithDelta($path->mean, 0.03);
});

it('carries the hand into what is seen', function (): void {
    $sheet = Bay::sheetGun((new Answer(scenarios()['hand-silver'], ['length' => '200']))->setUp(new SetUpReader(new Bodies())));
    $good = Hand::even(500.0, $sheet->overlapPercent, $sheet->distanceMm, $sheet);
    $far = Hand::even(500.0, $sheet->overlapPercent, $sheet->distanceMm + 120.0, $sheet);
    $thin = Hand::even(1400.0, $sheet->overlapPercent, $sheet->distanceMm, $sheet);
    $seen = fn (Hand $hand): float => marked('hand-silver', ['length' => '200'], $hand)->bay->index();
    expect($seen($good))
        ->toBeLessThan(1.0)
        ->and($seen($far))
        ->toBeGreaterThan($seen($good))
        ->and($seen($thin))
        ->toBeGreaterThan(1.0);
});

it('paints what it computed: the middle as sprayed, the rim as the car', function (): void {
    $picture = (new Picture(marked('bed-silver', ['way' => 'inside-out-wet-bed'])->bay))->jsonSerialize();
    $views = array_column($picture['views'], null, 'angle');
    expect($picture['mm'][0])
        ->toBe(-50.0)
        ->and(end($views[45]['hex']))
        ->toBe($views[45]['car'])
        // A metallic is darker along than in the face.
        ->and(hexdec(substr($views[110]['car'], 1, 2)))
        ->toBeLessThan(hexdec(substr($views[15]['car'], 1, 2)));
});

it('asks for what was not decided, at its place', function (): void {
    $problems = new Problems();
    expect(fn () => Answer::read(scenarios()['reach-gap'], Fields::of(['choices' => ['panels' => 'nine']], $problems)))->toThrow(
        InvalidInput::class,
    );
});

it('counts strokes, not wobbles, and does not judge the rim', function (): void {
    $sheet = new GunSetUp(1.4, 180.0, 75.0);
    // Every stroke stops half way, goes back by 20 mm and on.
    $path = [];
    foreach (passes(500.0, 70.0, 180.0) as $i => $place) {
        $path[] = $place;
        if ($i % 76 === 38) {
            $back = $i % 152 < 76 ? -20.0 : 20.0;
            $path[] = [$place[0] + 5.0, $place[1] + $back, $place[2], $place[3]];
        }
    }
    expect(Hand::along($path, $sheet)->overlapPercent)->toEqualWithDelta(75.0, 1.0);
    // Strokes that begin and end on the panel are thin at its edges; inside they are a coat.
    $within = Hand::along(passes(500.0, 70.0, 180.0, 0.0, 500.0), $sheet);
    expect($within->mean)->toBeGreaterThan(0.93)->and($within->film[0][20])->toBeLessThan(0.75);
});

it('judges hiding where the hand was thinnest, and stripes by its laps', function (): void {
    $reader = new SetUpReader(new Bodies());
    $is = (new Answer(scenarios()['hand-pearl'], ['way' => 'inside-out-wet-bed']))->setUp($reader);
    $sheet = Bay::sheetGun($is);
    $pitch = 280.0 * $sheet->distanceMm / 180.0 * (1.0 - $sheet->overlapPercent / 100.0);
    $even = Hand::along(passes(500.0, $pitch, $sheet->distanceMm), $sheet);
    // One stroke in the middle was left out.
    $path = array_values(array_filter(
        passes(500.0, $pitch, $sheet->distanceMm),
        fn (array $place): bool => abs($place[2] - 250.0) > $pitch * 0.8,
    ));
    $gap = Hand::along($path, $sheet);
    $part = fn (Hand $hand, string $part): float => (new Bay($is, $hand))->outlook()->parts[$part];
    expect($gap->least)
        ->toBeLessThan(0.8 * $gap->mean)
        ->and($part($gap, 'hiding'))
        ->toBeGreaterThan(1.2 * $part($even, 'hiding'))
        ->and($part(Hand::even(500.0, 20.0, $sheet->distanceMm, $sheet), 'stripes'))
        ->toBeGreaterThan($part(Hand::even(500.0, 80.0, $sheet->distanceMm, $sheet), 'stripes'));
});

it('knows the weather that is told from the weather that is, and a gap that cuts the blend', function (): void {
    $reader = new SetUpReader(new Bodies());
    $sun = scenarios()['reducer-sun'];
    expect($sun->shown['temperatureC'])
        ->toBe(21)
        ->and((new Answer($sun, ['reducer' => 'slow', 'length' => '300']))->setUp($reader)->air->temperatureC)
        ->toBe(31.0)
        ->and(marked('reach-gap', ['panels' => 'one', 'length' => '600'])->bay->index())
        ->toBeGreaterThan(2.0 * marked('reach-gap', ['panels' => 'two', 'length' => '600'])->bay->index());
});

it('takes the quicker of two ways that nobody sees', function (): void {
    // In the model both are unseen; outside-in does without two waits.
    expect(Best::of(scenarios()['order-silver'], new SetUpReader(new Bodies()))->chosen)->toBe(['way' => 'outside-in']);
});

it('shows the primer through a white that was thinned too much', function (): void {
    $middle = function (string $ratio): int {
        $views = (new Picture(marked('reduction-white', ['ratio' => $ratio])->bay))->jsonSerialize()['views'];

        return (int) hexdec(substr(array_column($views, null, 'angle')[45]['hex'][0], 1, 2));
    };
    expect($middle('1:1.2'))->toBeLessThan($middle('1:0.3') - 2);
});

it('holds only cards that are there already', function (): void {
    $told = json_decode((string) json_encode(new Told(scenarios()['reading-near'], new SetUpReader(new Bodies()))), true);
    $held = array_column($told['asks'][0]['options'], 'held', 'key');
    expect($held['tint'])->toBeNull()->and($held['spray'])->toHaveCount(3);
});

it('makes a scenario of a job with its own difference hidden in it', function (): void {
    $car = Colours::silver();
    $turned = [];
    foreach ($car->labs as $angle => $lab) {
        $turned[$angle] = $lab->shifted(1.0 + match ($angle) {
            15 => -2.0,
            110 => 2.0,
            default => 0.0,
        }, 0.3, 0.0);
    }
    $plan = Bodies::planned(Bodies::job('bonnet'), $car, Measurement::ofLabs($turned));
    $made = FromJob::scenario($plan, 'k', 'A bonnet', Bodies::schools());
    expect($made['truth']['off'])
        ->toEqualWithDelta([1.0, 0.3, 0.0], 0.02)
        ->and($made['truth']['flop'])
        ->toEqualWithDelta(2.0, 0.02)
        ->and($made['asks'][0]['schools'][0])
        ->toBe('inside-out-wet-bed')
        ->and((new ScenarioReader(new Bodies()))->read($made)->asks)
        ->toHaveCount(2);
});

it('draws defects as the model sprays them: a light ring from the side, primer through a thin film, rows as far apart as strokes', function (): void {
    $defects = DefectReader::read(json_decode((string) file_get_contents(__DIR__ . '/../../../data/defects.json'), true));
    $looks = (new DefectLooks(new SetUpReader(new Bodies())))->all($defects);
    $light = fn (string $hex): int => (int) hexdec(substr($hex, 3, 2));
    expect(array_keys($looks))->toBe(['streaks', 'halo', 'mottle', 'see-through', 'colour-off']);
    $halo = array_map($light, $looks['halo']['hex']);
    $car = $light($looks['halo']['car']);
    // Lightest beyond the primer, and as the car further out: that is what makes it a ring.
    expect(array_search(max($halo), $halo, true))
        ->toBeGreaterThan(4)
        ->and(max($halo))
        ->toBeGreaterThan($halo[0])
        ->and($halo[23])
        ->toBe($car);
    $thin = array_map($light, $looks['see-through']['hex']);
    // Dark primer, shade 7, below light paint: darker where it is, the car's own outside.
    expect($thin[0])->toBeLessThan($thin[23])->and($thin[23])->toBe($light($looks['see-through']['car']));
    // dL* +6 on the card: lighter in the middle.
    expect($light($looks['colour-off']['hex'][0]))->toBeGreaterThan($light($looks['colour-off']['car']));
    [$up, $down] = array_map($light, $looks['streaks']['hex']);
    expect($up)->toBeGreaterThan($light($looks['streaks']['car']))->and($down)->toBeLessThan($light($looks['streaks']['car']));
    // Half of a 250 to 300 mm fan overlapped: the next stroke is about half a fan further (common practice).
    expect($looks['streaks']['sizeMm'])->toBeGreaterThan(80.0)->toBeLessThan(170.0);
});
