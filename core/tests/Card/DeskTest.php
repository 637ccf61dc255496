<?php

declare(strict_types=1);

use Kalopsis\Blend\Severity;
use Kalopsis\Card\AgainstPlan;
use Kalopsis\Card\ClearOver;
use Kalopsis\Card\Desk;
use Kalopsis\Card\DeskSample;
use Kalopsis\Card\EyeVerdict;
use Kalopsis\Card\Light;
use Kalopsis\Card\Looks;
use Kalopsis\Card\MatchGrade;
use Kalopsis\Card\SampleKind;
use Kalopsis\Card\SprayDifference;
use Kalopsis\Card\Spraying;
use Kalopsis\Card\Surface;
use Kalopsis\Colour\Measurement;
use Kalopsis\Film\Air;
use Kalopsis\Film\MixRatio;
use Kalopsis\Film\ProductRole;
use Kalopsis\Film\Reducer;
use Kalopsis\Film\ReducerGrade;
use Kalopsis\Gun\GunSetUp;
use Kalopsis\Job\ColourState;
use Kalopsis\Job\PlanNeeds;
use Kalopsis\Sequence\FinishClass;
use Kalopsis\Spray\Pigment;
use Kalopsis\Tests\Support\Bodies;
use Kalopsis\Tests\Support\Colours;
use Kalopsis\Tests\Support\Desks;
use Kalopsis\Tests\Support\Sprays;

function deskSpraying(float $bar = 1.4): Spraying
{
    return new Spraying(
        3,
        0,
        true,
        MixRatio::parse('1:0.75'),
        Reducer::of(ReducerGrade::Standard),
        new GunSetUp($bar, 150.0, 50.0),
        ClearOver::Clear,
        3,
    );
}

/** @param array<string, mixed> $with */
function onTheDesk(SampleKind $kind, string $id, ?Measurement $mean, array $with = []): DeskSample
{
    $with += [
        'struck' => false,
        'shots' => 5,
        'spots' => 2,
        'outliers' => 0,
        'spread' => 0.1,
        'surfaces' => [Surface::Polished],
        'spraying' => $kind === SampleKind::Card ? deskSpraying() : null,
        'age' => 1,
        'changed' => false,
        'eyes' => Looks::in(Light::DaylightLamp, [EyeVerdict::Blendable]),
        'simulated' => false,
        'predicted' => null,
        'coats' => null,
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
        $with['changed'],
        $with['eyes'],
        $with['predicted'],
        $with['coats'],
        $with['simulated'],
    );
}

/** @param list<DeskSample> $samples */
function judged(array $samples): Desk
{
    $system = Sprays::system();

    return Desk::judge(
        $samples,
        new PlanNeeds(Bodies::planned(Bodies::job('bonnet'))),
        deskSpraying(),
        $system->product(ProductRole::BaseEffect),
        $system,
        new Air(22.0, 50.0),
        Pigment::of(FinishClass::MetallicLight),
    );
}

it('holds everything against the car that was not struck', function (): void {
    $desk = judged([
        onTheDesk(SampleKind::Car, 'wrong car', Colours::silver(20), ['struck' => true]),
        onTheDesk(SampleKind::Car, 'car', Colours::silver()),
        onTheDesk(SampleKind::Card, 'near', Colours::silver(0.3)),
        onTheDesk(SampleKind::Card, 'far', Colours::silver(2.0)),
        onTheDesk(SampleKind::Card, 'unread', null),
    ]);
    expect($desk->carId)
        ->toBe('car')
        ->and($desk->samples['near']->verdict?->grade)
        ->toBe(MatchGrade::Butt)
        ->and($desk->samples['far']->verdict?->grade)
        ->toBe(MatchGrade::Blendable)
        ->and($desk->samples['unread']->verdict)
        ->toBeNull()
        ->and($desk->samples['unread']->gate?->isOpen())
        ->toBeFalse()
        ->and($desk->samples['car']->comparison)
        ->toBeNull();
});

it('ranks variants, and forgets struck ones while they are struck', function (): void {
    $samples = fn (bool $struck): array => [
        onTheDesk(SampleKind::Car, 'car', Colours::silver()),
        onTheDesk(SampleKind::Variant, 'v1', Colours::silver(1.0)),
        onTheDesk(SampleKind::Variant, 'v2', Colours::silver(0.4), ['struck' => $struck]),
        onTheDesk(SampleKind::Variant, 'v3', Colours::silver(14.0)),
    ];
    $all = judged($samples(false));
    expect($all->samples['v2']->place)
        ->toBe(1)
        ->and($all->samples['v1']->place)
        ->toBe(2)
        ->and($all->samples['v3']->ranked?->isClearlyOff())
        ->toBeTrue();
    $fewer = judged($samples(true));
    expect($fewer->samples['v2']->place)->toBeNull()->and($fewer->samples['v1']->place)->toBe(1);
});

it('dims all ribbons alike, so that they can be compared on the screen', function (): void {
    $json = json_decode(
        (string) json_encode(
            array_values(
                judged([
                    onTheDesk(SampleKind::Car, 'car', Colours::silver()),
                    onTheDesk(SampleKind::Card, 'same', Colours::silver()),
                ])->samples,
            ),
        ),
        true,
    );
    expect(array_column($json[0]['reading']['angles'], 'hex'))
        ->toBe(array_column($json[1]['reading']['angles'], 'hex'))
        ->and($json[0]['reading']['angles'][0]['hex'])
        ->toBe('#fdffff')
        ->and($json[0]['reading']['angles'][4]['hex'])
        ->not->toBe('#585959')
        ->and($json[1]['comparison']['sentence']['plain'])
        ->toBe('Matches at every angle.')
        ->and($json[1]['against']['says']['plain'])
        ->toBe('Sprayed like the plan.');
});

it('says how a card came out against what the advice predicted', function (): void {
    $said = fn (float $off): array => json_decode(
        (string) json_encode(
            judged([
                onTheDesk(SampleKind::Car, 'car', Colours::silver()),
                onTheDesk(SampleKind::Card, 'next', Colours::silver($off), ['predicted' => Colours::silver()]),
            ])->samples['next'],
        ),
        true,
    )['prediction'];
    expect($said(0.05)['sentence']['plain'])
        ->toBe('Came out as predicted.')
        ->and($said(3.0)['sentence']['plain'])
        ->toContain('lighter all over')
        ->and($said(3.0)['overall'])
        ->toBeGreaterThan(1.0);
});

it('questions what nobody should trust, on the car more than on a card', function (): void {
    $asked = fn (SampleKind $kind, array $with): string => implode(
        ' ',
        array_map(fn ($p) => $p->text, judged([onTheDesk($kind, 'x', Colours::silver(), $with)])->samples['x']->questions),
    );
    expect($asked(SampleKind::Car, ['surfaces' => [Surface::Polished, Surface::Sanded]]))
        ->toContain('sanded')
        ->and($asked(SampleKind::Card, ['surfaces' => [Surface::Sanded]]))
        ->toBe('')
        ->and($asked(SampleKind::Car, ['surfaces' => [Surface::Unpolished]]))
        ->toContain('before polishing')
        ->and($asked(SampleKind::Car, ['spread' => 0.9]))
        ->toContain('clean the lens')
        ->and($asked(SampleKind::Car, ['outliers' => 2]))
        ->toContain('stand out')
        ->and($asked(SampleKind::Car, ['spots' => 1]))
        ->toContain('Only one spot')
        ->and($asked(SampleKind::Card, ['shots' => 1]))
        ->toContain('Fewer than');
});

it('compares what it can and leaves out what it cannot', function (): void {
    $desk = judged([
        onTheDesk(SampleKind::Car, 'car', Colours::silver()),
        onTheDesk(SampleKind::Card, 'solid', Colours::measured([45 => 60.0])),
        onTheDesk(SampleKind::Card, 'three', Colours::measured([15 => 138.0, 45 => 61.0, 110 => 37.5])),
    ]);
    expect(array_keys($desk->samples['solid']->comparison->angles ?? []))
        ->toBe([45])
        ->and(array_keys($desk->samples['three']->comparison->angles ?? []))
        ->toBe([15, 45, 110]);
});

it('tells the spine in a word what the desk means', function (): void {
    $says = function (bool $car, int $cards, ?float $off, ?string $passed = null, bool $over = false): array {
        $s = ColourState::of($car, $cards, $off === null ? null : Desks::verdict($off), $passed, $over);

        return [$s->colour->state->text, $s->booth->state->text, $s->booth->ready, $s->colour->severity];
    };
    expect($says(false, 0, null))
        ->toBe(['no card yet', 'locked: no card', false, Severity::Note])
        ->and($says(true, 0, null)[0])
        ->toBe('car read, no card yet')
        ->and($says(false, 1, null)[0])
        ->toBe('car not read yet')
        ->and($says(true, 1, null)[0])
        ->toBe('card not read yet')
        ->and($says(true, 1, 0.1))
        ->toBe(['butt match, not passed', 'locked: card not passed', false, Severity::Note])
        ->and($says(true, 1, 2.0)[0])
        ->toBe('blendable, {need}')
        ->and($says(true, 1, 14.0))
        ->toBe(['not yet', 'locked: card not passed', false, Severity::LookOut])
        ->and($says(true, 1, 0.1, 'Bram')[1])
        ->toBe('open: the card passed')
        ->and($says(true, 1, 14.0, 'Ines', true))
        ->toBe(['not yet', 'open: the lead decided', true, Severity::LookOut]);
});

it('lets pass what a hand does anyway, and says what is more', function (GunSetUp $gun, array $fields): void {
    $plan = deskSpraying();
    $card = new Spraying(
        $plan->fullCoats,
        $plan->halfCoats,
        $plan->controlCoat,
        $plan->ratio,
        $plan->reducer,
        $gun,
        $plan->clear,
        $plan->undercoatShade,
    );
    $said = AgainstPlan::differences($card, $plan, Sprays::system()->product(ProductRole::BaseEffect));
    expect(array_map(fn (SprayDifference $d): string => $d->field, $said))->toBe($fields);
})->with([
    // Common practice: a regulator is read to a tenth of a bar, a hand holds its distance to a finger's breadth or two.
    'a tenth of a bar more' => [new GunSetUp(1.52, 150.0, 50.0), []],
    'two tenths of a bar more' => [new GunSetUp(1.58, 150.0, 50.0), ['bar']],
    'a finger nearer' => [new GunSetUp(1.4, 130.0, 50.0), []],
    'a hand farther' => [new GunSetUp(1.4, 180.0, 50.0), ['distanceMm']],
    'a little more overlap' => [new GunSetUp(1.4, 150.0, 56.0), []],
    'a tenth more overlap' => [new GunSetUp(1.4, 150.0, 60.0), ['overlapPercent']],
]);
