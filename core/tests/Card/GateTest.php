<?php

declare(strict_types=1);

use Kalopsis\Card\AgainstPlan;
use Kalopsis\Card\CardNeed;
use Kalopsis\Card\CardVerdict;
use Kalopsis\Card\ClearOver;
use Kalopsis\Card\Desk;
use Kalopsis\Card\DeskSample;
use Kalopsis\Card\EyeVerdict;
use Kalopsis\Card\Gate;
use Kalopsis\Card\JudgedSample;
use Kalopsis\Card\Light;
use Kalopsis\Card\LookFrom;
use Kalopsis\Card\Looks;
use Kalopsis\Card\MatchGrade;
use Kalopsis\Card\NeedOf;
use Kalopsis\Card\ReadingQuestions;
use Kalopsis\Card\SampleKind;
use Kalopsis\Card\Spraying;
use Kalopsis\Card\Surface;
use Kalopsis\Colour\Comparison;
use Kalopsis\Colour\Measurement;
use Kalopsis\Colour\Ranked;
use Kalopsis\Film\Air;
use Kalopsis\Film\MixRatio;
use Kalopsis\Film\ProductRole;
use Kalopsis\Film\Reducer;
use Kalopsis\Film\ReducerGrade;
use Kalopsis\Gun\GunSetUp;
use Kalopsis\Sequence\FinishClass;
use Kalopsis\Spray\Certainty;
use Kalopsis\Spray\Part;
use Kalopsis\Spray\Pigment;
use Kalopsis\Tests\Support\Colours;
use Kalopsis\Tests\Support\Sprays;
use Kalopsis\Units\Quantity;
use Kalopsis\Units\UnitSystem;
use Kalopsis\Why\Figure;
use Kalopsis\Why\Phrase;
use Kalopsis\Why\Reason;
use Kalopsis\Why\SourceKind;

/*
 * The words of the desk, on needs that are given instead of planned. Greys of L* 49 and 51 are 2.0 apart by CIEDE2000: their
 * mean is 50, where its weight of lightness is 1 (CIE 142-2001).
 */
/** @param array<string, mixed> $is */
function cardNeed(array $is = []): CardNeed
{
    $is += ['fades' => true, 'mm' => 240.0, 'room' => 310.7, 'stays' => null, 'index' => 1.4, 'butts' => false, 'ends' => []];
    $reason = Reason::of('As given.', SourceKind::Practice, 'Given.', []);

    return new CardNeed(
        $is['fades'],
        $is['mm'] === null ? null : Figure::of(Quantity::mm($is['mm']), $reason),
        Certainty::Likely,
        $is['room'],
        $is['stays'],
        $is['index'],
        $is['butts'],
        $is['ends'],
    );
}

function greys(float $card = 51.0): Comparison
{
    return Comparison::of(Colours::measured([45 => 49.0]), Colours::measured([45 => $card]));
}

function plainly(Phrase $says): string
{
    return $says->in(UnitSystem::Metric);
}

/** @param array<string, mixed> $is */
function saidOf(array $is): array
{
    $verdict = CardVerdict::of(greys(), cardNeed($is));

    return [$verdict->grade, plainly($verdict->says)];
}

/** Every need is the one given; what only eyes have seen needs 400 mm. */
function givenNeeds(float $index = 1.4): NeedOf
{
    return new class ($index) implements NeedOf {
        public function __construct(private float $index) {}

        public function of(Comparison $c): CardNeed
        {
            return cardNeed(['index' => $this->index]);
        }

        public function byEye(EyeVerdict $seen): CardNeed
        {
            return cardNeed(['mm' => $seen === EyeVerdict::Off ? null : 400.0]);
        }
    };
}

/** Three coats on grey 3, as the sheet of the base says unless said otherwise. */
function threeCoats(
    bool $control = true,
    GunSetUp $gun = new GunSetUp(1.4, 150.0, 50.0),
    ClearOver $clear = ClearOver::Clear,
): Spraying {
    return new Spraying(3, 0, $control, MixRatio::parse('1:0.75'), Reducer::of(ReducerGrade::Standard), $gun, $clear, 3);
}

/** @param array<string, mixed> $with */
function sampleOf(SampleKind $kind, string $id, ?Measurement $mean, array $with = []): DeskSample
{
    $with += [
        'struck' => false, 'shots' => 5, 'spots' => 2, 'outliers' => 0, 'spread' => 0.1, 'surfaces' => [], 'spraying' => null,
        'age' => 1, 'looks' => Looks::in(Light::DaylightLamp, [EyeVerdict::Blendable]), 'predicted' => null, 'coats' => null,
        'simulated' => false, 'instruments' => [],
    ];

    return new DeskSample(
        $id,
        $kind,
        $id,
        $with['struck'],
        $mean,
        $with['shots'],
        $with['spots'],
        $with['outliers'],
        $with['spread'],
        $with['surfaces'],
        $with['spraying'],
        $with['age'],
        false,
        $with['looks'],
        $with['predicted'],
        $with['coats'],
        $with['simulated'],
        $with['instruments'],
    );
}

/** @param list<DeskSample> $samples */
function deskOf(array $samples, ?float $effectCoats = null, bool $practice = false): Desk
{
    $system = Sprays::system();

    return Desk::judge(
        $samples,
        givenNeeds(),
        null,
        $system->product(ProductRole::BaseEffect),
        $system,
        new Air(20.0, 50.0),
        Pigment::of(FinishClass::SolidLight),
        $practice,
        $effectCoats,
    );
}

/** @return list<string> */
function stopsOf(Gate $gate): array
{
    return array_map(plainly(...), $gate->stops);
}

$both = [Light::DaylightLamp, Light::Shade];
$everywhere = function (EyeVerdict $seen) use ($both): Looks {
    $looks = Looks::none();
    foreach ($both as $light) {
        $looks = $looks->and(Looks::in($light, [$seen, $seen, $seen]));
    }

    return $looks;
};

it('says of a card what the plan makes of it', function (array $is, MatchGrade $grade, string $says): void {
    expect(saidOf($is))->toBe([$grade, $says]);
})->with([
    'not seen at a gap' => [['index' => 0.99], MatchGrade::Butt, 'Butt: may be painted edge to edge.'],
    'just seen' => [['index' => 1.0], MatchGrade::Blendable, 'Blendable: needs 240 mm to be likely, has 310 mm.'],
    // A painter is never told of room that is not there.
    'room without bounds' => [['room' => null], MatchGrade::Blendable, 'Blendable: needs 240 mm to be likely.'],
    'ends at a gap' => [
        ['butts' => true],
        MatchGrade::NotYet,
        'Not yet: this plan ends at a gap and wants a butt match; 2.0 off at 45° shows there.',
    ],
    'nothing fades' => [
        ['fades' => false],
        MatchGrade::NotYet,
        'Not yet: this plan ends at a gap and wants a butt match; 2.0 off at 45° shows there.',
    ],
    'stops at a line where it shows' => [
        ['ends' => ['the swage' => 0.4, 'the rear door' => 1.01]],
        MatchGrade::NotYet,
        'Not yet: colour stops before the rear door, and 2.0 off at 45° shows there.',
    ],
    'stops at a line where it just shows not' => [
        ['ends' => ['the rear door' => 1.0]],
        MatchGrade::Blendable,
        'Blendable: needs 240 mm to be likely, has 310 mm.',
    ],
    'nothing hides it' => [
        ['mm' => null, 'stays' => Part::Colour],
        MatchGrade::NotYet,
        'Not yet: 2.0 off at 45°, no blend hides that to be likely. Tint first.',
    ],
    'something else stays' => [
        ['mm' => null, 'stays' => Part::Fringe],
        MatchGrade::NotYet,
        'Not yet: a dry fringe stays at any length, not the colour. Change how it is sprayed.',
    ],
]);

it('stops, asks and notes in the trade\'s words', function () use ($everywhere): void {
    $matches = Looks::in(Light::Shade, [EyeVerdict::Matches]);
    $of = fn (array $is, Looks $looks, mixed ...$more): array => json_decode(
        (string) json_encode(
            Gate::of(...[
                'verdict' => CardVerdict::of(greys(), cardNeed($is)),
                'differences' => 0,
                'looks' => $looks,
                'byEye' => null,
                'ageDays' => 90,
                'formulaChanged' => false,
                'inDaylight' => 0.5,
                'apartInLampLight' => 1.5,
                ...$more,
            ]),
        ),
        true,
    );
    $plain = fn (array $gate, string $of): array => array_column($gate[$of], 'plain');
    expect($of([], $matches))->toBe([
        'open' => true,
        'wantsReason' => false,
        'stops' => [],
        'questions' => [],
        'notes' => [],
        'byEye' => false,
        'simulated' => false,
    ]);
    $asked = $of([], $matches, differences: 2, ageDays: 91, apartInLampLight: 1.51);
    expect($plain($asked, 'questions'))
        ->toBe([
            'Not sprayed like the plan in 2 things.',
            'The card is 91 days old: hold a quick one from today\'s cup to the car before clear.',
            'In warm light they part: 1.5 there, 0.5 in daylight (metamerism).',
        ])
        ->and([$asked['open'], $asked['wantsReason']])
        ->toBe([true, true])
        ->and($plain($of([], $matches, differences: 1), 'questions'))
        ->toBe(['Not sprayed like the plan in 1 thing.'])
        ->and($plain($of([], $matches, differences: null, ageDays: null, inDaylight: null), 'questions'))
        ->toBe(['Nobody wrote on this card how it was sprayed.'])
        // What the formula is now matters more than how old the card is.
        ->and($plain($of([], $matches, formulaChanged: true, ageDays: 400, apartInLampLight: null), 'questions'))
        ->toBe(['The formula has changed since this card: shoot a quick one from today\'s cup.']);
    // The eye and the instrument against each other: said once, however often it was seen.
    $off = Looks::in(Light::Shade, [EyeVerdict::Off, EyeVerdict::Off]);
    expect($plain($of([], $off), 'stops'))
        ->toBe(['The eye says "off", the instrument "Blendable": ask the lead.'])
        ->and($plain($of(['index' => 0.5], $off), 'stops'))
        ->toBe(['The eye says "off", the instrument "Butt": ask the lead.'])
        ->and($plain($of(['butts' => true], $off), 'stops'))
        ->toBe(['Not yet: this plan ends at a gap and wants a butt match; 2.0 off at 45° shows there.'])
        ->and($plain($of(['butts' => true], $matches), 'stops')[1])
        ->toBe('The eye says "matches", the instrument "Not yet": ask the lead.')
        ->and($of([], $everywhere(EyeVerdict::Blendable))['open'])
        ->toBeTrue()
        ->and($of(['butts' => true], $everywhere(EyeVerdict::Blendable))['stops'])
        ->toHaveCount(1)
        ->and($plain($of([], Looks::none()), 'stops'))
        ->toBe(['Nobody has looked yet: hold the card to the car, in one light at least.']);
    // Nobody read it and nobody has looked all round: nothing is known.
    $unread = $of([], $matches, verdict: null, simulated: true, byEye: cardNeed());
    expect($plain($unread, 'stops'))
        ->toBe(['Read the car and the card; or hold the card to the car in two lights, from all three directions.'])
        ->and([$unread['byEye'], $unread['simulated']])
        ->toBe([false, false]);
    $simulated = $of([], $matches, simulated: true);
    expect([$simulated['open'], $simulated['simulated'], $simulated['notes']])
        ->toBe([false, true, []])
        ->and($plain($of([], $matches, simulated: true, practice: true), 'notes'))
        ->toBe(['Simulated, for practice: no car is painted by this.'])
        ->and($of([], $matches, practice: true)['notes'])
        ->toBe([]);
});

it('lets eyes alone decide once they have looked from everywhere, within what they can', function (
    EyeVerdict $seen,
    array $is,
    array $stops,
    string $note,
) use ($everywhere): void {
    $gate = Gate::of(null, 0, $everywhere($seen), cardNeed($is), 1, false, null, null);
    expect(stopsOf($gate))
        ->toBe($stops)
        ->and(array_map(plainly(...), $gate->notes))
        ->toBe([$note])
        ->and($gate->byEye)
        ->toBeTrue();
})->with([
    'would blend' => [
        EyeVerdict::Blendable, [], [], 'By eye, in 2 lights: the blend needs 240 mm, more than a good reading would ask for.',
    ],
    'off' => [EyeVerdict::Off, ['mm' => null], ['The eye says "off": tint first.'], 'By eye, in 2 lights. A reading is better.'],
    'would blend, at a gap' => [
        EyeVerdict::Blendable,
        ['butts' => true],
        ['This plan ends at a gap: by eye the card must match from everywhere.'],
        'By eye, in 2 lights: the blend needs 240 mm, more than a good reading would ask for.',
    ],
    'would blend where nothing fades' => [
        EyeVerdict::Blendable,
        ['fades' => false, 'mm' => null],
        ['This plan ends at a gap: by eye the card must match from everywhere.'],
        'By eye, in 2 lights. A reading is better.',
    ],
    'matches, at a gap' => [
        EyeVerdict::Matches,
        ['butts' => true],
        [],
        'By eye, in 2 lights: the blend needs 240 mm, more than a good reading would ask for.',
    ],
    'matches where nothing fades' => [EyeVerdict::Matches, ['fades' => false, 'mm' => null], [], 'By eye, in 2 lights. A reading is better.'],
    'no length hides what an eye lets through' => [
        EyeVerdict::Matches,
        ['mm' => null],
        ['What an eye lets through does not blend this way at any length: read the card.'],
        'By eye, in 2 lights. A reading is better.',
    ],
]);

it('counts a light once it was looked at from everywhere, the newest look of each', function (): void {
    $none = Looks::none();
    $shade = Looks::in(Light::Shade, [EyeVerdict::Matches, EyeVerdict::Blendable, EyeVerdict::Matches]);
    $lamp = Looks::in(Light::DaylightLamp, [EyeVerdict::Matches, EyeVerdict::Matches]);
    expect([$none->isEmpty(), $none->strictest(), $none->verdicts(), $none->lights()])
        ->toBe([true, null, [], 0])
        ->and([$shade->isEmpty(), $shade->lights(), $shade->areComplete(), $shade->strictest()])
        ->toBe([false, 1, false, EyeVerdict::Blendable])
        ->and([$shade->and($lamp)->lights(), $shade->and($lamp)->areComplete()])
        ->toBe([1, false])
        ->and($shade->and($lamp)->verdicts())
        ->toBe([EyeVerdict::Matches, EyeVerdict::Blendable, EyeVerdict::Matches, EyeVerdict::Matches, EyeVerdict::Matches]);
    $all = $shade->and($lamp)->with(Light::DaylightLamp, LookFrom::Flop, EyeVerdict::Off);
    expect([$all->lights(), $all->areComplete(), $all->strictest()])
        ->toBe([2, true, EyeVerdict::Off])
        ->and($all->with(Light::DaylightLamp, LookFrom::Flop, EyeVerdict::Matches)->strictest())
        ->toBe(EyeVerdict::Blendable);
    // Kinder or stricter by a step nobody has to decide.
    $disagrees = array_map(
        fn (EyeVerdict $eye): array => array_map($eye->disagreesWith(...), MatchGrade::cases()),
        EyeVerdict::cases(),
    );
    expect($disagrees)->toBe([[false, false, true], [false, false, false], [true, true, false]]);
});

it('questions a reading at each limit, in words', function (SampleKind $kind, array $with, array $asks): void {
    $asked = ReadingQuestions::of(sampleOf($kind, 'x', Colours::measured([45 => 50.0]), $with));
    expect(array_map(plainly(...), $asked))->toBe($asks);
})->with([
    'a good car' => [SampleKind::Car, [], []],
    'a sanded car' => [
        SampleKind::Car,
        ['surfaces' => [Surface::Sanded]],
        ['Read over sanded paint: it looks lighter and greyer than it is. Read a polished spot.'],
    ],
    'a sanded card' => [SampleKind::Card, ['surfaces' => [Surface::Sanded, Surface::Unpolished]], []],
    'an unpolished car' => [
        SampleKind::Car,
        ['surfaces' => [Surface::Unpolished]],
        ['Read before polishing: chalky clear hides the colour. Polish a spot and read again.'],
    ],
    'shots just near enough' => [SampleKind::Card, ['spread' => 0.5], []],
    'shots too far apart' => [
        SampleKind::Card,
        ['spread' => 0.83],
        ['The shots lie 0.8 apart, more than 0.5: clean the lens, stay off edges and repairs.'],
    ],
    'one outlier' => [SampleKind::Card, ['outliers' => 1], ['1 shot stands out and is not counted.']],
    'two outliers' => [SampleKind::Card, ['outliers' => 2], ['2 shots stand out and are not counted.']],
    'one spot of a car' => [SampleKind::Car, ['spots' => 1], ['Only one spot was read: cars differ from panel to panel.']],
    'one spot of a card' => [SampleKind::Card, ['spots' => 1], []],
    'three shots' => [SampleKind::Card, ['shots' => 3], []],
    'two shots' => [
        SampleKind::Card, ['shots' => 2], ['Fewer than 3 shots: take more, flakes do not lie the same everywhere.'],
    ],
    'one shot of a car' => [
        SampleKind::Car,
        ['shots' => 1, 'spots' => 1],
        [
            'Only one spot was read: cars differ from panel to panel.',
            'Fewer than 3 shots: take more, flakes do not lie the same everywhere.',
        ],
    ],
    'no shot left of a car' => [
        SampleKind::Car,
        ['shots' => 0, 'spots' => 0],
        ['Fewer than 3 shots: take more, flakes do not lie the same everywhere.'],
    ],
]);

it('asks about two instruments only where both are known and none is the same', function (): void {
    $grey = Colours::measured([45 => 50.0]);
    $car = fn (array $with): DeskSample => sampleOf(SampleKind::Car, 'car', $grey, ['instruments' => $with]);
    $asked = fn (array $card, ?DeskSample $other): array => array_map(
        plainly(...),
        ReadingQuestions::of(sampleOf(SampleKind::Card, 'card', $grey, ['instruments' => $card]), $other),
    );
    expect($asked(['bench'], $car(['handheld'])))
        ->toBe(['Read with bench, the car with handheld: two instruments never agree quite. Read both with one.'])
        ->and([$asked(['bench'], $car(['handheld', 'bench'])), $asked([], $car(['handheld'])), $asked(['bench'], $car([]))])
        ->toBe([[], [], []])
        ->and($asked(['bench'], null))
        ->toBe([])
        ->and(ReadingQuestions::of(sampleOf(SampleKind::Car, 'unread', null, ['shots' => 0])))
        ->toBe([]);
});

it('tells a judged card whole', function (): void {
    $silver = Colours::measured([15 => 110.0, 45 => 50.0, 110 => 10.0]);
    $desk = deskOf([
        sampleOf(SampleKind::Car, 'car', $silver),
        sampleOf(SampleKind::Card, 'card', $silver, [
            'shots' => 2, 'outliers' => 1, 'spread' => 0.126, 'instruments' => ['bench'], 'predicted' => $silver,
        ]),
    ]);
    $told = json_decode((string) json_encode($desk->samples['card']), true);
    $angles = $told['reading']['angles'];
    unset($told['reading']['angles'], $told['verdict']['need'], $told['questions'], $told['gate'], $told['comparison']['angles']);
    expect($told)
        ->toEqual([
            'id' => 'card',
            'reading' => [
                'geometry' => $silver->geometry->value,
                'geometryWords' => $silver->geometry->words(),
                'viewing' => 'D65/10',
                'spectral' => false,
                'shots' => 2,
                'spots' => 2,
                'outliers' => 1,
                'spread' => 0.13,
                'instruments' => ['bench'],
                // Alman 1987: 2.69 (110 - 10)^1.11 / 50^0.86 = 2.69 x 165.96 / 28.91.
                'flopIndex' => 15.4,
            ],
            'comparison' => [
                'overall' => 0.0,
                'worst' => ['angle' => 15, 'dL' => 0.0, 'dC' => 0.0, 'dH' => 0.0, 'da' => 0.0, 'db' => 0.0, 'dE' => 0.0],
                'flop' => 0.0,
                'sentence' => $told['comparison']['sentence'],
                'inLampLight' => null,
            ],
            'verdict' => [
                'grade' => 'blendable',
                'words' => 'Blendable',
                'says' => $told['verdict']['says'],
                'gapIndex' => 1.4,
            ],
            'against' => null,
            'prediction' => ['overall' => 0.0, 'sentence' => $told['prediction']['sentence']],
            'place' => null,
            'why' => null,
            'clearlyOff' => false,
        ])
        ->and($told['comparison']['sentence']['plain'])
        ->toBe('Matches at every angle.')
        ->and($told['prediction']['sentence']['plain'])
        ->toBe('Came out as predicted.')
        ->and($told['verdict']['says']['plain'])
        ->toBe('Blendable: needs 240 mm to be likely, has 310 mm.')
        ->and(array_column($angles, 'angle'))
        ->toBe([15, 45, 110])
        ->and(array_column($angles, 'place'))
        ->toHaveCount(3)
        ->and($angles[1]['lab'])
        ->not->toBeEmpty()
        ->and($angles[2]['hex'])
        ->toMatch('/^#[0-9a-f]{6}$/');
    $whole = json_decode((string) json_encode($desk->samples['card']), true);
    expect($whole['verdict']['need']['value'])
        ->toEqual(240.0)
        ->and(array_column($whole['comparison']['angles'], 'angle'))
        ->toBe([15, 45, 110])
        ->and($whole['questions'])
        ->toHaveCount(2)
        ->and($whole['gate']['byEye'])
        ->toBeFalse()
        ->and(json_decode((string) json_encode($desk->samples['car']), true)['comparison'])
        ->toBeNull();
    $unread = json_decode((string) json_encode(deskOf([sampleOf(SampleKind::Card, 'x', null)])->samples['x']), true);
    expect([$unread['reading'], $unread['comparison'], $unread['verdict'], $unread['against'], $unread['prediction']])
        ->toBe([null, null, null, null, null]);
});

it('says against a prediction what came out otherwise, from three tenths on', function (): void {
    $grey = fn (float $l): Measurement => Colours::measured([45 => $l]);
    $said = function (float $predicted, float $came) use ($grey): array {
        $sample = sampleOf(SampleKind::Card, 'card', $grey($came), ['predicted' => $grey($predicted)]);

        return json_decode((string) json_encode(deskOf([$sample])->samples['card']), true)['prediction'];
    };
    expect($said(49.0, 51.0)['overall'])
        ->toEqual(2.0)
        ->and($said(49.0, 51.0)['sentence']['plain'])
        ->toBe('Against the prediction it came out clearly lighter.')
        ->and($said(51.0, 49.0)['sentence']['plain'])
        ->toBe('Against the prediction it came out clearly darker.')
        ->and($said(49.88, 50.12)['sentence']['plain'])
        ->toBe('Came out as predicted.');
});

it('takes the first car that is not struck, and needs none', function (): void {
    $grey = fn (float $l): Measurement => Colours::measured([45 => $l]);
    $desk = deskOf([
        sampleOf(SampleKind::Car, 'wrong', $grey(20.0), ['struck' => true]),
        sampleOf(SampleKind::Car, 'first', $grey(49.0)),
        sampleOf(SampleKind::Car, 'second', $grey(70.0)),
        sampleOf(SampleKind::Card, 'card', $grey(51.0)),
        sampleOf(SampleKind::Variant, 'struck', $grey(49.0), ['struck' => true]),
        sampleOf(SampleKind::Variant, 'off', $grey(70.0)),
        sampleOf(SampleKind::Variant, 'near', $grey(49.5)),
        sampleOf(SampleKind::Variant, 'unread', null),
    ]);
    expect($desk->carId)
        ->toBe('first')
        ->and($desk->samples['card']->comparison?->overall())
        ->toEqualWithDelta(2.0, 1e-9)
        ->and(array_map(fn (JudgedSample $s): ?int => $s->place, $desk->samples))
        ->toBe([
            'wrong' => null, 'first' => null, 'second' => null, 'card' => null, 'struck' => null, 'off' => 2, 'near' => 1,
            'unread' => null,
        ])
        ->and($desk->samples['off']->gate)
        ->toBeNull();
    $without = deskOf([
        sampleOf(SampleKind::Card, 'card', $grey(51.0)),
        sampleOf(SampleKind::Variant, 'variant', $grey(51.0)),
    ]);
    expect([$without->carId, $without->letDown, $without->samples['card']->comparison, $without->samples['variant']->place])
        ->toBe([null, null, null, null])
        ->and(stopsOf($without->samples['card']->gate))
        ->toHaveCount(1);
});

it('asks eyes only where nobody has read', function () use ($everywhere): void {
    $grey = Colours::measured([45 => 49.0]);
    $card = fn (?Measurement $mean): DeskSample => sampleOf(SampleKind::Card, 'card', $mean, [
        'looks' => $everywhere(EyeVerdict::Blendable),
    ]);
    $eyes = deskOf([$card(null)])->samples['card']->gate;
    $read = deskOf([sampleOf(SampleKind::Car, 'car', $grey), $card($grey)])->samples['card']->gate;
    $partly = deskOf([sampleOf(SampleKind::Card, 'card', null)])->samples['card']->gate;
    expect([$eyes->byEye, $eyes->isOpen(), plainly($eyes->notes[0])])
        ->toBe([true, true, 'By eye, in 2 lights: the blend needs 400 mm, more than a good reading would ask for.'])
        ->and([$read->byEye, $partly->byEye, $partly->isOpen()])
        ->toBe([false, false, false]);
});

it('judges a set by the coats that the plan took from it, and stops what was simulated in it', function (): void {
    $grey = fn (float $l): Measurement => Colours::measured([45 => $l]);
    $card = fn (string $id, float $l, array $with = []): DeskSample => sampleOf(SampleKind::Card, $id, $grey($l), $with);
    $car = sampleOf(SampleKind::Car, 'car', $grey(51.0));
    $set = fn (array $more = []): array => [
        $car,
        $card('one', 45.0, ['coats' => 1.0]),
        $card('two', 51.0, ['coats' => 2.0]),
        $card('three', 55.0, ['coats' => 3.0]),
        ...$more,
    ];
    $simulated = fn (Desk $desk, string $id): bool => $desk->samples[$id]->gate->simulated ?? false;
    expect(deskOf($set())->letDown)
        ->not->toBeNull()
        // A card of no set is not judged by the set, nor stopped by what is simulated in it.
        ->and($simulated(deskOf($set([$card('four', 51.0, ['coats' => 4.0, 'simulated' => true])]), 2.0), 'one'))
        ->toBeTrue()
        ->and($simulated(deskOf($set([$card('alone', 51.0, ['simulated' => true])]), 2.0), 'one'))
        ->toBeFalse()
        ->and($simulated(deskOf($set([$card('alone', 51.0, ['simulated' => true])]), 2.0), 'alone'))
        ->toBeTrue()
        ->and($simulated(deskOf($set([
            $card('four', 51.0, ['coats' => 4.0, 'simulated' => true, 'struck' => true]),
        ]), 2.0), 'one'))
        ->toBeFalse()
        ->and($simulated(deskOf($set([$card('alone', 51.0)]), 2.0), 'alone'))
        ->toBeFalse()
        ->and($simulated(deskOf([
            sampleOf(SampleKind::Car, 'car', $grey(51.0), ['simulated' => true]),
            $card('card', 51.0),
        ]), 'card'))
        ->toBeTrue()
        ->and(Desk::atCoats($grey(51.0), $set(), 2.0)?->at(45)->l)
        ->toEqualWithDelta(51.0, 0.5)
        ->and(Desk::atCoats(null, $set(), 2.0))
        ->toBeNull()
        ->and(Desk::atCoats($grey(51.0), [$car], 2.0))
        ->toBeNull();
    // Made-up readings may pass in practice, and only there.
    $made = [$car, $card('card', 51.0, ['simulated' => true])];
    expect([deskOf($made)->samples['card']->gate->isOpen(), deskOf($made, practice: true)->samples['card']->gate->isOpen()])
        ->toBe([false, true]);
});

it('tells figures to a tenth or a hundredth, as each is worth', function (): void {
    $car = Colours::measured([15 => 110.0, 45 => 50.0, 110 => 10.0]);
    $off = Colours::measured([15 => [112.34, 0.5, 0.25], 45 => [50.5, 0.2, 0.1], 110 => [10.1, 0.0, 0.3]]);
    $system = Sprays::system();
    $spraying = fn (float $bar): Spraying => threeCoats(false, new GunSetUp($bar, 250.0, 50.0), ClearOver::Nothing);
    $plan = threeCoats();
    $against = AgainstPlan::of(
        $spraying(2.4),
        $plan,
        $off,
        $system->product(ProductRole::BaseEffect),
        $system,
        new Air(22.0, 50.0),
        Pigment::of(FinishClass::MetallicLight),
    );
    $comparison = Comparison::of($car, $off);
    $ranked = new Ranked('card', $comparison, 5.4321);
    $sample = sampleOf(SampleKind::Card, 'card', $off, ['predicted' => $car]);
    $judged = fn (float $index): array => json_decode((string) json_encode(new JudgedSample(
        $sample,
        [],
        1.0,
        $comparison,
        1.2345,
        CardVerdict::of($comparison, cardNeed(['index' => $index])),
        $against,
        null,
        $ranked,
        2,
    )), true);
    $told = $judged(1.2367);
    expect([$told['comparison']['inLampLight'], $told['verdict']['gapIndex'], $told['place'], $told['clearlyOff']])
        ->toEqual([1.23, 1.24, 2, true])
        ->and($told['comparison']['overall'])
        ->toEqualWithDelta($comparison->overall(), 0.005)
        ->and(round($told['comparison']['overall'], 2))
        ->toEqual($told['comparison']['overall'])
        ->and($told['comparison']['overall'])
        ->not->toEqual(round($told['comparison']['overall'], 1))
        ->and($told['comparison']['flop'])
        ->toEqual(round($comparison->flop ?? NAN, 1))
        ->and($told['comparison']['flop'])
        ->not->toEqual(round($comparison->flop ?? NAN))
        ->and($told['why']['plain'])
        ->toStartWith('5.4 off over all angles, worst at ')
        ->and($told['prediction']['overall'])
        ->toEqual($told['comparison']['overall']);
    foreach ($told['against']['shift'] as $row) {
        [$l, $a, $b] = $against->shift[$row['angle']];
        expect([$row['dL'], $row['da'], $row['db']])->toEqualWithDelta([$l, $a, $b], 0.005);
    }
    $rows = $told['against']['shift'];
    expect(array_column($rows, 'angle'))
        ->toBe([15, 45, 110])
        // To a hundredth: not all of them are whole tenths.
        ->and(array_map(fn (array $r): float => 10 * $r['dL'], $rows))
        ->not->toEqual(array_map(fn (array $r): float => round(10 * $r['dL']), $rows))
        ->and(array_map(fn (array $r): float => round(100 * $r['dL'], 6), $rows))
        ->toEqual(array_map(fn (array $r): float => round(100 * $r['dL']), $rows))
        ->and(array_map(fn (array $r): float => round(100 * $r['db'], 6), $rows))
        ->toEqual(array_map(fn (array $r): float => round(100 * $r['db']), $rows))
        ->and(array_map(fn (array $r): float => round(100 * $r['da'], 6), $rows))
        ->toEqual(array_map(fn (array $r): float => round(100 * $r['da']), $rows))
        ->and(count($told['against']['differences']))
        ->toBe(count($against->differences))
        ->and($told['against']['says']['plain'])
        ->toStartWith('Sprayed like the plan the panel comes out ');
    // A card that nobody has sprayed otherwise, and one that nobody has read, say so.
    $silent = fn (?DeskSample $of, ?AgainstPlan $as): mixed => json_decode((string) json_encode(new JudgedSample(
        $of ?? $sample,
        [],
        1.0,
        null,
        null,
        null,
        $as,
        null,
        null,
        null,
    )), true)['against']['says']['plain'] ?? null;
    $alike = AgainstPlan::of(
        $plan,
        $plan,
        $off,
        $system->product(ProductRole::BaseEffect),
        $system,
        new Air(22.0, 50.0),
        Pigment::of(FinishClass::MetallicLight),
    );
    expect([$silent(null, $alike), $silent(sampleOf(SampleKind::Card, 'x', null), $against), $silent(null, null)])
        ->toBe(['Sprayed like the plan.', 'Sprayed like the plan.', null])
        ->and($silent(null, AgainstPlan::of(
            $plan,
            new Spraying(
                3,
                0,
                true,
                MixRatio::parse('1:0.75'),
                Reducer::of(ReducerGrade::Standard),
                new GunSetUp(1.4, 150.0, 50.0),
                ClearOver::Clear,
                6,
            ),
            $off,
            $system->product(ProductRole::BaseEffect),
            $system,
            new Air(22.0, 50.0),
            Pigment::of(FinishClass::MetallicLight),
        )))
        ->toBe('Sprayed like the plan it would measure about the same.');
});

it('calls out what came as soon as there is a word for it', function (): void {
    // L* 49.86 and 50.14 are 0.28 apart, 49.7 and 50.3 0.6.
    $grey = fn (float $l): Measurement => Colours::measured([45 => $l]);
    $says = fn (float $half): string => json_decode((string) json_encode(deskOf([
        sampleOf(SampleKind::Card, 'card', $grey(50.0 + $half), ['predicted' => $grey(50.0 - $half)]),
    ])->samples['card']), true)['prediction']['sentence']['plain'];
    expect([$says(0.14), $says(0.3)])->toBe(['Came out as predicted.', 'Against the prediction it came out a touch lighter.']);
});

it('counts what was sprayed otherwise only where both are known', function (): void {
    $grey = Colours::measured([45 => 50.0]);
    $spraying = threeCoats();
    $system = Sprays::system();
    $asked = fn (?Spraying $card, ?Spraying $plan): array => array_map(plainly(...), Desk::judge(
        [sampleOf(SampleKind::Car, 'car', $grey), sampleOf(SampleKind::Card, 'card', $grey, ['spraying' => $card])],
        givenNeeds(),
        $plan,
        $system->product(ProductRole::BaseEffect),
        $system,
        new Air(22.0, 50.0),
        Pigment::of(FinishClass::SolidLight),
    )->samples['card']->gate->questions);
    expect($asked($spraying, $spraying))
        ->toBe([])
        ->and([$asked(null, $spraying), $asked($spraying, null), $asked(null, null)])
        ->toBe(array_fill(0, 3, ['Nobody wrote on this card how it was sprayed.']));
});

it('asks a car about nothing that only a card can be asked', function (): void {
    $grey = Colours::measured([45 => 50.0]);
    $desk = deskOf([
        sampleOf(SampleKind::Car, 'car', $grey, ['instruments' => ['bench']]),
        sampleOf(SampleKind::Car, 'again', $grey, ['instruments' => ['handheld']]),
        sampleOf(SampleKind::Card, 'card', $grey, ['instruments' => ['handheld']]),
    ]);
    expect([$desk->samples['again']->questions, count($desk->samples['card']->questions)])->toBe([[], 1]);
});
