<?php

declare(strict_types=1);

use Kalopsis\Card\AgainstPlan;
use Kalopsis\Card\CardVerdict;
use Kalopsis\Card\ClearOver;
use Kalopsis\Card\EyeVerdict;
use Kalopsis\Card\Gate;
use Kalopsis\Card\MatchGrade;
use Kalopsis\Card\SprayDifference;
use Kalopsis\Card\Spraying;
use Kalopsis\Colour\Comparison;
use Kalopsis\Film\Air;
use Kalopsis\Film\MixRatio;
use Kalopsis\Film\ProductRole;
use Kalopsis\Film\ReducerGrade;
use Kalopsis\Gun\GunSetUp;
use Kalopsis\Input\Fields;
use Kalopsis\Input\Problems;
use Kalopsis\Job\PlanNeeds;
use Kalopsis\Sequence\FinishClass;
use Kalopsis\Spray\Pigment;
use Kalopsis\Tests\Support\Bodies;
use Kalopsis\Tests\Support\Colours;
use Kalopsis\Tests\Support\Desks;

uses(Eris\TestTrait::class);

/** @param array<string, mixed> $change */
function spraying(array $change = []): Spraying
{
    $problems = new Problems();
    $out = Spraying::read(
        Fields::of(
            [
                ...[
                    'fullCoats' => 3,
                    'halfCoats' => 0,
                    'controlCoat' => true,
                    'ratio' => '1:0.75',
                    'reducer' => 'standard',
                    'bar' => 1.4,
                    'distanceMm' => 150,
                    'overlapPercent' => 50,
                    'clear' => 'clear',
                    'undercoatShade' => 3,
                ],
                ...$change,
            ],
            $problems,
        ),
    );
    $problems->stop();

    return $out;
}

/** @param array<string, mixed> $card */
function against(array $card): AgainstPlan
{
    $system = (new Bodies())->paintSystem('northlight-s');
    assert($system !== null);

    return AgainstPlan::of(
        spraying($card),
        spraying(),
        Colours::silver(),
        $system->product(ProductRole::BaseEffect),
        $system,
        new Air(22.0, 50.0),
        Pigment::of(FinishClass::MetallicLight),
    );
}

it('finds nothing to say about a card sprayed like the plan', function (): void {
    $same = against([]);
    expect($same->isSprayedAlike())->toBeTrue();
    foreach ($same->shift as $d) {
        expect($d)->toEqualWithDelta([0.0, 0.0, 0.0], 1e-9);
    }
    // Within what a hand does anyway.
    expect(against(['bar' => 1.5, 'distanceMm' => 165, 'overlapPercent' => 55])->isSprayedAlike())->toBeTrue();
});

it('says every thing that was done otherwise', function (string $field, mixed $value): void {
    expect(array_map(fn (SprayDifference $d): string => $d->field, against([$field => $value])->differences))->toBe([
        $field,
    ]);
})->with([
    ['fullCoats', 2],
    ['halfCoats', 1],
    ['controlCoat', false],
    ['ratio', '1:1'],
    ['reducer', 'fast'],
    ['bar', 2.0],
    ['distanceMm', 250],
    ['overlapPercent', 75],
    ['clear', 'nothing'],
    ['undercoatShade', 6],
]);

it(
    'knows that a card sprayed drier was darker on the face and lighter on the flop than the panel will be (common practice)',
    function (): void {
        $dry = against([
            'controlCoat' => false,
            'bar' => 2.6,
            'distanceMm' => 400,
            'reducer' => 'fast',
            'overlapPercent' => 30,
        ]);
        expect($dry->shift[15][0])
            ->toBeGreaterThan(0.5)
            ->and($dry->shift[110][0])
            ->toBeLessThan(-0.1);
    },
);

it(
    'knows that a solid judged without clear is misjudged: it looks lighter and duller (common practice)',
    function (): void {
        $bare = against(['clear' => 'nothing']);
        expect($bare->shift[110][0])
            ->toBeLessThan(-3.0)
            ->and(ClearOver::WetWipe->veil())
            ->toBeGreaterThan(0.0)
            ->toBeLessThan(ClearOver::Nothing->veil());
    },
);

it('judges butt, blendable and not yet by what this plan needs', function (
    float $lighter,
    string $school,
    MatchGrade $grade,
): void {
    expect(Desks::verdict($lighter, $school)->grade)->toBe($grade);
})->with([
    'the same' => [0.0, 'inside-out-wet-bed', MatchGrade::Butt],
    'two lighter' => [2.0, 'inside-out-wet-bed', MatchGrade::Blendable],
    'two lighter, painted edge to edge' => [2.0, 'edge-to-edge', MatchGrade::NotYet],
    'the same, painted edge to edge' => [0.05, 'edge-to-edge', MatchGrade::Butt],
    'far off' => [14.0, 'inside-out-wet-bed', MatchGrade::NotYet],
]);

it('never refuses a card that is the car, on any finish and over any primer', function (FinishClass $finish): void {
    $readings = match ($finish) {
        FinishClass::SolidDark => Colours::measured([45 => 16.0]),
        FinishClass::SolidLight => Colours::measured([45 => [90.0, -1.0, 5.0]]),
        FinishClass::MetallicDark => Colours::measured([15 => 75.0, 25 => 58.0, 45 => 30.0, 75 => 17.0, 110 => 14.0]),
        FinishClass::MetallicLight => Colours::silver(),
        FinishClass::Pearl => Colours::measured([15 => 115.0, 25 => 100.0, 45 => 82.0, 75 => 72.0, 110 => 70.0]),
    };
    foreach (range(1, 7) as $shade) {
        $job = Bodies::job('bonnet', change: [
            'colour' => ['finish' => $finish->value, 'undercoatShade' => $shade],
            'repairs' => [['under' => ['greyShade' => $shade]]],
        ]);
        $c = Comparison::of($readings, $readings);
        $verdict = CardVerdict::of($c, (new PlanNeeds(Bodies::planned($job, $readings, $readings)))->of($c));
        expect($verdict->grade)->toBe(MatchGrade::Butt, "{$finish->value} over grey {$shade}");
    }
})->with(FinishClass::cases());

it('takes a copper card 1.7 off at the face, and says how long its blend must be', function (): void {
    $car = Colours::measured([
        15 => [78.0, 22.0, 34.0],
        25 => [62.0, 20.0, 31.0],
        45 => [38.0, 17.0, 25.0],
        75 => [24.0, 13.0, 17.0],
        110 => [20.0, 11.0, 14.0],
    ]);
    $card = Colours::measured([
        15 => [80.3, 22.3, 34.2],
        25 => [63.0, 20.2, 31.1],
        45 => [38.3, 17.0, 25.0],
        75 => [24.1, 13.0, 17.0],
        110 => [20.0, 11.0, 14.0],
    ]);
    $c = Comparison::of($car, $card);
    expect($c->angles[15]->de2000)->toEqualWithDelta(1.7, 0.15);
    $job = Bodies::job('bonnet', change: ['colour' => ['finish' => 'metallic-dark']]);
    $plan = Bodies::planned($job, $car, $card);
    $verdict = CardVerdict::of($c, (new PlanNeeds($plan))->of($c));
    expect($verdict->grade)
        ->toBe(MatchGrade::Blendable)
        ->and($verdict->need?->value())
        ->toBe($plan->blend->need->mm())
        ->and($plan->blend->need->mm())
        ->toBeLessThan(300.0);
});

it('needs more room the further off the card is, as the plan made with it says', function (): void {
    $last = 0.0;
    foreach ([1.5, 2.0, 3.0] as $lighter) {
        $need = Desks::verdict($lighter)->need;
        assert($need !== null);
        expect($need->value())
            ->toBeGreaterThan($last)
            ->and($need->value())
            ->toBe(Bodies::planned(Bodies::job('bonnet'), Colours::silver(), Colours::silver($lighter))->blend->need->mm());
        $last = $need->value();
    }
});

it('does not call a colour unhideable when how it is sprayed is at fault', function (): void {
    $edge = Bodies::withSteps(
        Bodies::job('bonnet', change: ['plan' => ['school' => 'no-wet-bed']]),
        fn (array $s): array => array_map(
            fn (array $step): array => $step['kind'] === 'clear'
                ? $step
                : [...$step, 'extent' => ['kind' => 'past', 'reach' => 0.92, 'fade' => 0.08]],
            $s,
        ),
    );
    $c = Comparison::of(Colours::silver(), Colours::silver(1.4));
    $verdict = CardVerdict::of($c, (new PlanNeeds(Bodies::planned($edge)))->of($c));
    expect($c->worst()->de2000)
        ->toBeLessThan(2.0)
        ->and($verdict->grade)
        ->toBe(MatchGrade::NotYet)
        ->and($verdict->says->text)
        ->toContain('not the colour')
        ->not->toContain('Tint');
});

function gateOf(
    float $lighter = 0.0,
    ?AgainstPlan $against = null,
    array $eyes = [EyeVerdict::Matches],
    ?int $age = 1,
    bool $changed = false,
    ?float $lamp = null,
): Gate {
    return Gate::of(Desks::verdict($lighter), $against ?? against([]), $eyes, $age, $changed, 0.2, $lamp);
}

it('opens for a good card sprayed like the plan, and asks nothing', function (): void {
    expect(gateOf()->isOpen())
        ->toBeTrue()
        ->and(gateOf()->wantsReason())
        ->toBeFalse()
        ->and(gateOf()->notes)
        ->toBe([])
        ->and(gateOf(eyes: [])->notes)
        ->toHaveCount(1);
});

it('stays shut for a card that is off, unread, or seen otherwise', function (): void {
    expect(gateOf(14.0)->isOpen())
        ->toBeFalse()
        ->and(Gate::of(null, null, [], null, false, null, null)->isOpen())
        ->toBeFalse()
        ->and(gateOf(eyes: [EyeVerdict::Off])->isOpen())
        ->toBeFalse()
        ->and(gateOf(14.0, eyes: [EyeVerdict::Matches])->stops)
        ->toHaveCount(2)
        ->and(gateOf(eyes: [EyeVerdict::Blendable])->isOpen())
        ->toBeTrue();
});

it('wants a reason for what is out of the ordinary', function (Gate $gate, string $says): void {
    expect($gate->isOpen())
        ->toBeTrue()
        ->and($gate->wantsReason())
        ->toBeTrue()
        ->and($gate->questions[0]->text)
        ->toContain($says);
})->with(
    fn (): array => [
        'sprayed otherwise' => [gateOf(against: against(['bar' => 2.5])), 'Not sprayed like the plan'],
        'old' => [gateOf(age: 120), 'days old'],
        'another formula' => [gateOf(changed: true), 'formula has changed'],
        'metameric' => [gateOf(lamp: 2.4), 'metamerism'],
    ],
);

it('reads how a card was sprayed, every fault at its field', function (): void {
    $problems = new Problems();
    Spraying::read(
        Fields::of(
            [
                'fullCoats' => -1,
                'halfCoats' => 'x',
                'controlCoat' => 1,
                'ratio' => '::',
                'reducer' => 'thick',
                'bar' => 90,
                'distanceMm' => NAN,
                'overlapPercent' => 100,
                'clear' => 'jam',
                'undercoatShade' => 9,
            ],
            $problems,
            'spraying',
        ),
    );
    $fields = [];

    try {
        $problems->stop();
    } catch (Kalopsis\Input\InvalidInput $bad) {
        $fields = array_map(fn ($p) => $p->field, $bad->problems);
    }
    sort($fields);
    expect($fields)->toBe([
        'spraying.bar',
        'spraying.clear',
        'spraying.controlCoat',
        'spraying.distanceMm',
        'spraying.fullCoats',
        'spraying.halfCoats',
        'spraying.overlapPercent',
        'spraying.ratio',
        'spraying.reducer',
        'spraying.undercoatShade',
    ]);
    $again = spraying();
    expect(spraying(json_decode((string) json_encode($again), true)))
        ->toEqual($again)
        ->and($again->gun)
        ->toEqual(new GunSetUp(1.4, 150.0, 50.0))
        ->and($again->ratio->text())
        ->toBe(MixRatio::parse('1:0.75')->text())
        ->and($again->reducer->grade)
        ->toBe(ReducerGrade::Standard);
});
