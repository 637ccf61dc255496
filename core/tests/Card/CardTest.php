<?php

declare(strict_types=1);

use Eris\Generators;
use Kalopsis\Card\AgainstPlan;
use Kalopsis\Card\CardVerdict;
use Kalopsis\Card\ClearOver;
use Kalopsis\Card\EyeVerdict;
use Kalopsis\Card\Gate;
use Kalopsis\Card\MatchGrade;
use Kalopsis\Card\RampTable;
use Kalopsis\Card\SeenDifference;
use Kalopsis\Card\SprayDifference;
use Kalopsis\Card\Spraying;
use Kalopsis\Colour\Comparison;
use Kalopsis\Film\Air;
use Kalopsis\Film\Carrier;
use Kalopsis\Film\MixRatio;
use Kalopsis\Film\ProductRole;
use Kalopsis\Film\ReducerGrade;
use Kalopsis\Gun\GunSetUp;
use Kalopsis\Input\Fields;
use Kalopsis\Input\Problems;
use Kalopsis\Tests\Support\Bodies;
use Kalopsis\Tests\Support\Colours;

uses(Eris\TestTrait::class);

/** @param array<string, mixed> $change */
function spraying(array $change = []): Spraying
{
    $problems = new Problems();
    $out = Spraying::read(Fields::of([...['fullCoats' => 3, 'halfCoats' => 0, 'controlCoat' => true, 'ratio' => '1:0.75', 'reducer' => 'standard', 'bar' => 1.4, 'distanceMm' => 150, 'overlapPercent' => 50, 'clear' => 'clear', 'undercoatShade' => 3], ...$change], $problems));
    $problems->stop();

    return $out;
}

/** @param array<string, mixed> $card */
function against(array $card): AgainstPlan
{
    $system = (new Bodies())->paintSystem('northlight-s');
    assert($system !== null);

    return AgainstPlan::of(spraying($card), spraying(), Colours::silver(), $system->product(ProductRole::BaseEffect), Carrier::Solvent, new Air(22.0, 50.0));
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
    expect(array_map(fn (SprayDifference $d): string => $d->field, against([$field => $value])->differences))->toBe([$field]);
})->with([['fullCoats', 2], ['halfCoats', 1], ['controlCoat', false], ['ratio', '1:1'], ['reducer', 'fast'], ['bar', 2.0], ['distanceMm', 250], ['overlapPercent', 75], ['clear', 'nothing'], ['undercoatShade', 6]]);

it('knows that a card sprayed drier was darker on the face and lighter on the flop than the panel will be (common practice)', function (): void {
    $dry = against(['controlCoat' => false, 'bar' => 2.6, 'distanceMm' => 400, 'reducer' => 'fast', 'overlapPercent' => 30]);
    expect($dry->shift[15][0])->toBeGreaterThan(0.5)->and($dry->shift[110][0])->toBeLessThan(-0.1);
});

it('knows that a solid judged without clear is misjudged: it looks lighter and duller (common practice)', function (): void {
    $bare = against(['clear' => 'nothing']);
    expect($bare->shift[110][0])->toBeLessThan(-3.0)
        ->and(ClearOver::WetWipe->veil())->toBeGreaterThan(0.0)->toBeLessThan(ClearOver::Nothing->veil());
});

it('gives back the table of section 9 at its points and straight lines between', function (): void {
    foreach ([[1, 0, 14.0], [2, 1, 93.0], [3, 2, 251.0], [4, 3, 552.0], [6, 0, 621.0], [6, 2, 924.0]] as [$l, $c, $mm]) {
        expect(RampTable::ramp((float) $l, (float) $c))->toBe($mm);
    }
    expect(RampTable::ramp(2.5, 0.0))->toBe(82.0)->and(RampTable::ramp(0.0, 0.0))->toBe(0.0)
        ->and(RampTable::ramp(6.0, 3.0))->toBeNull()->and(RampTable::ramp(6.1, 0.0))->toBeNull()->and(RampTable::ramp(1.0, 3.1))->toBeNull()->and(RampTable::ramp(NAN, 1.0))->toBeNull();
    $this->limitTo(200)->forAll(Generators::choose(0, 580), Generators::choose(0, 290))->then(function (int $l, int $c): void {
        $here = RampTable::ramp($l / 100, $c / 100);
        expect(RampTable::ramp($l / 100 + 0.1, $c / 100) ?? INF)->toBeGreaterThanOrEqual($here ?? INF)->and(RampTable::ramp($l / 100, $c / 100 + 0.05) ?? INF)->toBeGreaterThanOrEqual($here ?? INF);
    });
});

it('sees less of a difference on the flop and face than square on, and less under the veil', function (): void {
    $at = fn (int $angle): float => SeenDifference::at($angle, Colours::lab(40), Colours::lab(42))->lightness;
    expect($at(45))->toBeLessThan(2.0)->toBeGreaterThan(1.7)->and($at(110))->toEqualWithDelta($at(45) / 1.5, 1e-9)->and($at(75))->toEqualWithDelta($at(45) / 1.2, 1e-9);
    expect(SeenDifference::at(45, Colours::lab(8), Colours::lab(10))->lightness)->toBeLessThan($at(45));
});

it('judges butt, blendable and not yet by the difference and the room there is', function (float $lighter, ?float $room, MatchGrade $grade): void {
    $verdict = CardVerdict::of(Comparison::of(Colours::silver(), Colours::silver($lighter)), new RampTable(), $room);
    expect($verdict->grade)->toBe($grade);
})->with([
    'the same' => [0.0, 50.0, MatchGrade::Butt],
    'nearly' => [0.5, 50.0, MatchGrade::Butt],
    'two lighter with room' => [2.0, 300.0, MatchGrade::Blendable],
    'two lighter without' => [2.0, 60.0, MatchGrade::NotYet],
    'two lighter, every side runs on' => [2.0, null, MatchGrade::Blendable],
    'far off' => [9.0, 5000.0, MatchGrade::NotYet],
]);

it('needs more room the further off the card is, and says from where', function (): void {
    $last = 0.0;
    foreach ([1.5, 2.0, 3.0, 4.0, 5.0] as $lighter) {
        $need = CardVerdict::of(Comparison::of(Colours::silver(), Colours::silver($lighter)), new RampTable(), null)->need;
        assert($need !== null);
        expect($need->value())->toBeGreaterThan($last)->and($need->reasons[0]->inputs)->toHaveKey('lighter or darker, as seen');
        $last = $need->value();
    }
});

function gateOf(float $lighter = 0.0, ?AgainstPlan $against = null, array $eyes = [EyeVerdict::Matches], ?int $age = 1, bool $changed = false, ?float $lamp = null): Gate
{
    $verdict = CardVerdict::of(Comparison::of(Colours::silver(), Colours::silver($lighter)), new RampTable(), 300.0);

    return Gate::of($verdict, $against ?? against([]), $eyes, $age, $changed, 0.2, $lamp);
}

it('opens for a good card sprayed like the plan, and asks nothing', function (): void {
    expect(gateOf()->isOpen())->toBeTrue()->and(gateOf()->wantsReason())->toBeFalse()->and(gateOf()->notes)->toBe([])->and(gateOf(eyes: [])->notes)->toHaveCount(1);
});

it('stays shut for a card that is off, unread, or seen otherwise', function (): void {
    expect(gateOf(9.0)->isOpen())->toBeFalse()
        ->and(Gate::of(null, null, [], null, false, null, null)->isOpen())->toBeFalse()
        ->and(gateOf(eyes: [EyeVerdict::Off])->isOpen())->toBeFalse()
        ->and(gateOf(9.0, eyes: [EyeVerdict::Matches])->stops)->toHaveCount(2)
        ->and(gateOf(eyes: [EyeVerdict::Blendable])->isOpen())->toBeTrue();
});

it('wants a reason for what is out of the ordinary', function (Gate $gate, string $says): void {
    expect($gate->isOpen())->toBeTrue()->and($gate->wantsReason())->toBeTrue()->and($gate->questions[0]->text)->toContain($says);
})->with(fn (): array => [
    'sprayed otherwise' => [gateOf(against: against(['bar' => 2.5])), 'Not sprayed like the plan'],
    'old' => [gateOf(age: 120), 'days old'],
    'another formula' => [gateOf(changed: true), 'formula has changed'],
    'metameric' => [gateOf(lamp: 2.4), 'metamerism'],
]);

it('reads how a card was sprayed, every fault at its field', function (): void {
    $problems = new Problems();
    Spraying::read(Fields::of(['fullCoats' => -1, 'halfCoats' => 'x', 'controlCoat' => 1, 'ratio' => '::', 'reducer' => 'thick', 'bar' => 90, 'distanceMm' => NAN, 'overlapPercent' => 100, 'clear' => 'jam', 'undercoatShade' => 9], $problems, 'spraying'));
    $fields = [];

    try {
        $problems->stop();
    } catch (Kalopsis\Input\InvalidInput $bad) {
        $fields = array_map(fn ($p) => $p->field, $bad->problems);
    }
    sort($fields);
    expect($fields)->toBe(['spraying.bar', 'spraying.clear', 'spraying.controlCoat', 'spraying.distanceMm', 'spraying.fullCoats', 'spraying.halfCoats', 'spraying.overlapPercent', 'spraying.ratio', 'spraying.reducer', 'spraying.undercoatShade']);
    $again = spraying();
    expect(spraying(json_decode((string) json_encode($again), true)))->toEqual($again)
        ->and($again->gun)->toEqual(new GunSetUp(1.4, 150.0, 50.0))->and($again->ratio->text())->toBe(MixRatio::parse('1:0.75')->text())->and($again->reducer)->toBe(ReducerGrade::Standard);
});
