<?php

declare(strict_types=1);

use Kalopsis\Job\Care;
use Kalopsis\Tests\Support\Bodies;

/** @return array<string, list<string>> text of the steps by key */
function cared(string $panel, array $change = []): array
{
    $out = [];
    foreach (Care::of(Bodies::planned(Bodies::job($panel, 30.0, $change)))->jsonSerialize() as $care) {
        $out[$care['key']] = array_map(fn ($p): string => $p->text, $care['steps']);
    }

    return $out;
}

it('says what a repair off the straight path asks for (common practice)', function (string $panel, array $change, string $key, string $says): void {
    expect(array_keys(cared('front-door-left')))
        ->not->toContain($key)
        ->and(implode(' ', cared($panel, $change)[$key]))
        ->toContain($says);
})->with([
    'lacquer' => ['front-door-left', ['repairs' => [['under' => ['kind' => 'thermoplastic-lacquer']]]], 'old-paint', 'isolate all of it'],
    'waxed' => ['front-door-left', ['car' => ['waxed' => true]], 'waxed', 'twice'],
    'rubbed through' => ['front-door-left', ['repairs' => [['under' => ['kind' => 'sand-through']]]], 'rubbed-through', 'guide coat'],
    'new part' => ['front-door-left', ['repairs' => [['under' => ['kind' => 'new-primed-part']]]], 'new-part', '4:1:2'],
    'plastic' => ['front-bumper', ['repairs' => [['under' => ['kind' => 'bare-plastic']]]], 'plastic', 'adhesion promoter'],
    'flat' => ['bonnet', [], 'flat', 'Hose over the shoulder'],
    'no code' => ['front-door-left', ['colour' => ['code' => '']], 'no-code', 'touch-up pot'],
]);

it('sands base wet or not by what it is made of (common practice: solvent yes, waterborne never)', function (): void {
    expect(cared('bonnet')['binder'][0])
        ->toContain('may be sanded wet')
        ->and(cared('bonnet', ['paintSystem' => 'northlight-w'])['binder'][0])
        ->toContain('never sanded wet');
});

it('tells a plastic part how it would look hung otherwise, and a solid nothing', function (): void {
    $hung = fn (string $finish): string => implode(' ', cared('front-bumper', ['colour' => ['finish' => $finish]])['plastic']);
    expect($hung('metallic-light'))
        ->toContain('that is seen')
        ->and($hung('solid-light'))
        ->not->toContain('lean');
});

it('aims at the peel that was chosen, and says which way to turn', function (): void {
    $texture = fn (int $peel): string => implode(' ', cared('bonnet', ['car' => ['peel' => $peel]])['texture']);
    expect($texture(1))
        ->toContain('further out')
        ->and($texture(4))
        ->toContain('in and a reducer one grade faster')
        ->and($texture(3))
        ->toContain('Finer: more air');
});

it('asks of a car in rounds whether its first panel is still open', function (): void {
    $job = Bodies::job('bonnet', 30.0);
    $panels = ['bonnet', 'roof', 'front-wing-left', 'front-door-left', 'rear-door-left', 'quarter-left'];
    $job['repairs'] = array_map(
        fn (string $panel): array => [
            'id' => $panel,
            'panel' => $panel,
            'shape' => ['kind' => 'new-part'],
            'under' => ['kind' => 'new-primed-part', 'greyShade' => 3],
        ],
        $panels,
    );
    $rounds = function (float $celsius, string $reducer) use ($job): string {
        $job['plan']['reducer'] = $reducer;
        $job['booth'] = ['temperatureC' => $celsius, 'humidityPercent' => 50];
        foreach (Care::of(Bodies::planned($job))->jsonSerialize() as $care) {
            if ($care['key'] === 'rounds') {
                return $care['steps'][0]->text;
            }
        }

        return '';
    };
    // In the heat a fast reducer dries before one is round; a slow one stays open (common practice).
    expect($rounds(38.0, 'fast'))
        ->toContain('two painters')
        ->and($rounds(20.0, 'slow'))
        ->toContain('still open')
        ->and(cared('bonnet'))->not->toHaveKey('rounds');
});
