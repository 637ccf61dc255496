<?php

declare(strict_types=1);

use Kalopsis\Card\AgainstPlan;
use Kalopsis\Card\CardVerdict;
use Kalopsis\Card\ClearOver;
use Kalopsis\Card\EyeVerdict;
use Kalopsis\Card\Gate;
use Kalopsis\Card\Light;
use Kalopsis\Card\LookFrom;
use Kalopsis\Card\Looks;
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

/** Every direction in each of these lights, all seen alike. */
function seenAll(EyeVerdict $verdict, Light ...$lights): Looks
{
    $looks = Looks::none();
    foreach ($lights as $light) {
        $looks = $looks->and(Looks::in($light, [$verdict, $verdict, $verdict]));
    }

    return $looks;
}

function gateOf(
    float $lighter = 0.0,
    ?int $differences = 0,
    ?Looks $looks = null,
    ?int $age = 1,
    bool $changed = false,
    ?float $lamp = null,
    bool $simulated = false,
    bool $practice = false,
): Gate {
    return Gate::of(
        Desks::verdict($lighter),
        $differences,
        $looks ?? Looks::in(Light::DaylightLamp, [EyeVerdict::Matches]),
        null,
        $age,
        $changed,
        0.2,
        $lamp,
        $simulated,
        $practice,
    );
}

/** A card nobody has read, only looked at, for a plan of this school. */
function eyeGate(Looks $looks, string $school = 'inside-out-wet-bed'): Gate
{
    $plan = Bodies::planned(Bodies::job('bonnet', change: ['plan' => ['school' => $school]]));
    $seen = $looks->strictest();

    return Gate::of(
        null,
        0,
        $looks,
        $seen === null ? null : (new PlanNeeds($plan))->byEye($seen),
        1,
        false,
        null,
        null,
    );
}

it('opens for a good card sprayed like the plan, and asks nothing', function (): void {
    expect(gateOf()->isOpen())->toBeTrue()->and(gateOf()->wantsReason())->toBeFalse()->and(gateOf()->notes)->toBe([]);
});

it('stays shut for a card that is off, unread, seen otherwise, or that nobody has looked at', function (): void {
    $in = fn (EyeVerdict $v): Looks => Looks::in(Light::Shade, [$v]);
    expect(gateOf(14.0)->isOpen())
        ->toBeFalse()
        ->and(Gate::of(null, null, Looks::none(), null, null, false, null, null)->isOpen())
        ->toBeFalse()
        ->and(gateOf(looks: Looks::none())->isOpen())
        ->toBeFalse()
        ->and(gateOf(looks: $in(EyeVerdict::Off))->isOpen())
        ->toBeFalse()
        ->and(gateOf(14.0, looks: $in(EyeVerdict::Matches))->stops)
        ->toHaveCount(2)
        ->and(gateOf(looks: $in(EyeVerdict::Blendable))->isOpen())
        ->toBeTrue();
});

it('lets nothing pass that the simulated instrument made up, except for practice', function (): void {
    expect(gateOf(simulated: true)->isOpen())
        ->toBeFalse()
        ->and(gateOf(simulated: true, practice: true)->isOpen())
        ->toBeTrue()
        ->and(gateOf(simulated: true, practice: true)->simulated)
        ->toBeTrue()
        ->and(gateOf(simulated: true, practice: true)->notes[0]->text)
        ->toContain('Simulated, for practice')
        ->and(gateOf(practice: true)->simulated)
        ->toBeFalse();
});

it('lets a shop judge by eye: two lights, three directions, every answer given (common practice)', function (): void {
    $lights = [Light::DaylightLamp, Light::Shade];
    $partly = Looks::in(Light::DaylightLamp, [EyeVerdict::Matches, EyeVerdict::Matches, EyeVerdict::Matches])->and(
        Looks::in(Light::Shade, [EyeVerdict::Matches, EyeVerdict::Matches]),
    );
    expect(eyeGate(seenAll(EyeVerdict::Blendable, ...$lights))->isOpen())
        ->toBeTrue()
        ->and(eyeGate(seenAll(EyeVerdict::Blendable, ...$lights))->byEye)
        ->toBeTrue()
        ->and(eyeGate(seenAll(EyeVerdict::Blendable, ...$lights))->notes[0]->text)
        ->toContain('By eye')
        ->and(eyeGate($partly)->isOpen())
        ->toBeFalse()
        ->and(eyeGate(seenAll(EyeVerdict::Matches, Light::Shade))->isOpen())
        ->toBeFalse()
        ->and(eyeGate(seenAll(EyeVerdict::Matches, ...$lights)->with(Light::Shade, LookFrom::Flop, EyeVerdict::Off))->isOpen())
        ->toBeFalse()
        // Where colour ends at a gap only a match from everywhere will do.
        ->and(eyeGate(seenAll(EyeVerdict::Blendable, ...$lights), 'edge-to-edge')->isOpen())
        ->toBeFalse()
        ->and(eyeGate(seenAll(EyeVerdict::Matches, ...$lights), 'edge-to-edge')->isOpen())
        ->toBeTrue();
});

it('asks for a longer blend of a card that only eyes have judged than of one that was read', function (): void {
    $needs = new PlanNeeds(Bodies::planned(Bodies::job('bonnet')));
    $read = $needs->of(Comparison::of(Colours::silver(), Colours::silver(1.5)))->need?->value() ?? INF;
    $seen = $needs->byEye(EyeVerdict::Matches)->need?->value() ?? 0.0;
    expect($seen)
        ->toBeGreaterThan($read)
        ->and($needs->byEye(EyeVerdict::Blendable)->need?->value())
        ->toBeGreaterThan($seen);
});

it('asks of the card what the plan needs at every side: the need where it fades, a match where it stops', function (): void {
    $box = Bodies::shipped('marlo-tern')->panel('front-door-left')->outline->box();
    $near = ['repairs' => [['shape' => ['xMm' => $box->x1 - 200.0]]]];
    $grade = function (float $lighter, array $change): MatchGrade {
        $c = Comparison::of(Colours::silver(), Colours::silver($lighter));

        return CardVerdict::of(
            $c,
            (new PlanNeeds(Bodies::planned(Bodies::job('front-door-left', 60.0, $change))))->of($c),
        )->grade;
    };
    $butt = array_replace_recursive($near, [
        'plan' => ['sides' => [['panel' => 'front-door-left', 'neighbour' => 'rear-door-left', 'choice' => 'butt']]],
    ]);
    $line = array_replace_recursive($near, [
        'plan' => ['sides' => [['panel' => 'front-door-left', 'neighbour' => 'rear-door-left', 'choice' => 'stop-at-line']]],
    ]);
    expect($grade(2.5, $near))
        ->toBe(MatchGrade::Blendable)
        ->and($grade(2.5, $butt))
        ->toBe(MatchGrade::NotYet)
        ->and($grade(4.0, $line))
        ->toBe(MatchGrade::NotYet)
        ->and($grade(0.2, $butt))
        ->toBe(MatchGrade::Butt);
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
        'sprayed otherwise' => [gateOf(differences: count(against(['bar' => 2.5])->differences)), 'Not sprayed like the plan'],
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
