<?php

declare(strict_types=1);

use Kalopsis\Job\JobPlan;
use Kalopsis\Job\JobPlanner;
use Kalopsis\Job\JobReader;
use Kalopsis\Job\Offers;
use Kalopsis\Job\WayOutlook;
use Kalopsis\Panel\Orientation;
use Kalopsis\Sequence\School;
use Kalopsis\Tests\Support\Bodies;

/**
 * @param array<array-key, mixed> $change
 * @return array{now: array<string, mixed>, offers: array<string, array<string, mixed>>}
 */
function offered(string $panel, array $change = []): array
{
    $shelf = new Bodies();
    $systems = array_values(array_filter(array_map($shelf->paintSystem(...), ['northlight-s', 'northlight-w'])));
    $schools = array_values(
        array_filter(
            Bodies::schools(),
            fn (School $s): bool => in_array($s->key, ['inside-out-wet-bed', 'outside-in', 'no-wet-bed'], true),
        ),
    );
    $job = (new JobReader($shelf))->read(Bodies::job($panel, 30.0, $change));
    $said = json_decode((string) json_encode(Offers::of($job, $schools, $systems, new JobPlanner(), null, null)), true);

    return ['now' => $said['now'], 'offers' => array_column($said['offers'], null, 'key')];
}

function taken(string $panel, array $change, array $offer): JobPlan
{
    $change['plan']['sequence'] = $offer['sequence'];
    $change['paintSystem'] = $offer['paintSystem'];

    return Bodies::planned(Bodies::job($panel, 30.0, $change));
}

it('offers what the repair asks for, and says the figures that come of taking it', function (array $change, string $key): void {
    $offer = offered('front-door-left', $change)['offers'][$key];
    $plan = taken('front-door-left', $change, $offer);
    expect($offer['verdict']['text'])
        ->toBe($plan->blend->verdict->text)
        ->and($offer['minutes']['value'])
        ->toEqualWithDelta($plan->boothMinutes(), 0.06)
        ->and($offer['paint']['value'])
        ->toEqualWithDelta($plan->millilitres(), 0.6);
})->with([
    'soft paint' => [['repairs' => [['under' => ['kind' => 'thermoplastic-lacquer']]]], 'isolate'],
    'not tested' => [['repairs' => [['under' => ['kind' => 'old-untested']]]], 'isolate'],
    'waxed' => [['car' => ['waxed' => true]], 'dust-first'],
    'rubbed through' => [['repairs' => [['under' => ['kind' => 'sand-through']]]], 'spot-primer'],
    'the other binder' => [[], 'binder-northlight-w'],
]);

it('offers none of that where nothing asks for it', function (): void {
    expect(array_keys(offered('front-door-left')['offers']))->toBe(['quick', 'binder-northlight-w']);
});

it('sets the whole panel against the open middle on a flat one', function (): void {
    expect(Bodies::shipped('marlo-tern')->panel('bonnet')->orientation)->toBe(Orientation::Flat);
    $offers = offered('bonnet')['offers'];
    $middle = taken('bonnet', [], $offers['open-middle']);
    $whole = taken('bonnet', [], $offers['to-the-edge']);
    // Colouring all of it takes more paint, and no fade is left to be seen (common practice).
    expect($whole->millilitres())
        ->toBeGreaterThan($middle->millilitres())
        ->and($whole->blend->need->fades)
        ->toBeFalse()
        ->and($middle->blend->need->fades)
        ->toBeTrue();
});

it('lets soft paint be planned once it is isolated, over the whole panel and with primer for it', function (): void {
    $change = ['repairs' => [['under' => ['kind' => 'thermoplastic-lacquer']]]];
    $codes = fn (JobPlan $p): array => array_map(fn ($w): string => $w->code, $p->blend->warnings);
    $before = Bodies::planned(Bodies::job('front-door-left', 30.0, $change));
    $after = taken('front-door-left', $change, offered('front-door-left', $change)['offers']['isolate']);
    $panel = $after->blend->panels['front-door-left'];
    expect($codes($before))
        ->toContain('lacquer')
        ->and($codes($after))
        ->toContain('isolated')
        ->not->toContain('lacquer')
        ->and($panel->limit['isolate']->areaMm2)
        ->toEqualWithDelta($panel->panel->outline->areaMm2(), 1.0)
        ->and($after->boothMinutes())
        ->toBeGreaterThan($before->boothMinutes());
});

it('offers the way with the fewest minutes of those that nobody sees', function (): void {
    $offer = offered('front-door-left')['offers']['quick'];
    $job = (new JobReader(new Bodies()))->read(Bodies::job('front-door-left', 30.0));
    foreach (['inside-out-wet-bed', 'outside-in', 'no-wet-bed'] as $key) {
        $school = (new Bodies())->school($key);
        assert($school !== null);
        $way = WayOutlook::of($job, $school, new JobPlanner(), null, null);
        if ($way->holds()) {
            expect($offer['minutes']['value'])->toBeLessThanOrEqual($way->plan->boothMinutes() + 0.06);
        }
    }
    expect($offer['seen'])->toBeFalse();
});

it('waits longer with water in humid air, and not with solvent (common practice)', function (): void {
    $minutes = fn (string $system, int $humidity): float => Bodies::planned(
        Bodies::job('front-door-left', 30.0, [
            'paintSystem' => $system,
            'booth' => ['temperatureC' => 20, 'humidityPercent' => $humidity],
        ]),
    )->boothMinutes();
    expect($minutes('northlight-w', 90) / $minutes('northlight-w', 40))
        ->toBeGreaterThan(1.5)
        ->and($minutes('northlight-s', 90))
        ->toEqualWithDelta($minutes('northlight-s', 40), 0.05 * $minutes('northlight-s', 40));
});
