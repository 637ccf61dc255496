<?php

declare(strict_types=1);

use Kalopsis\Job\Upgrade;
use Kalopsis\Tests\Support\Bodies;

/** Stored documents of version 1 as the demo wrote them, and with everything a painter could change in them. */
function versionOne(): array
{
    return json_decode((string) file_get_contents(dirname(__DIR__) . '/fixtures/jobs-version-1.json'), true);
}

it('reads every stored job of version 1, and never writes that version again', function (): void {
    $upgrade = new Upgrade(new Bodies());
    expect(versionOne())->not->toBe([]);
    foreach (versionOne() as $name => $document) {
        $newest = $upgrade->newest($document);
        expect($newest['version'])
            ->toBe(2, $name)
            ->and($newest['plan'])
            ->not->toHaveKeys(['coats'])
            ->not->toHaveKey('wetBed')
            ->and($upgrade->newest($newest))
            ->toBe($newest)
            ->and(Bodies::planned($document)->blend->coats)
            ->not->toBe([]);
    }
});

it('keeps what a painter had changed', function (): void {
    $coats = fn (string $name): array => array_column(
        array_map(
            fn ($c): array => [$c->id(), $c->isSetByHand() && $c->isColour() ? $c->reachMm : null],
            Bodies::planned(versionOne()[$name])->blend->coats,
        ),
        1,
        0,
    );
    expect($coats('moved contours')['base-2'])
        ->toBe(95.0)
        ->and($coats('moved contours')['base-1'])
        ->toBeNull()
        ->and($coats('bed off'))
        ->not->toHaveKey('wet-bed')
        ->and($coats('bed on a solid'))
        ->toHaveKey('wet-bed')
        ->and(array_keys($coats('as the school does it')))
        ->toBe(['wet-bed', 'base-1', 'base-2', 'base-3', 'control', 'clear-1', 'clear-2'])
        ->and(Bodies::planned(versionOne()['as the school does it'])->job->plan->edited)
        ->toBeFalse();
});

it('leaves nonsense for the reader to name', function (): void {
    $upgrade = new Upgrade(new Bodies());
    foreach (
        [
            [],
            ['plan' => 7],
            ['version' => 1, 'plan' => ['school' => [], 'coats' => 'x', 'wetBed' => 'off']],
            ['version' => 1, 'colour' => ['finish' => 'x'], 'plan' => ['school' => 'outside-in', 'coats' => []]],
        ] as $odd
    ) {
        expect($upgrade->newest($odd))->toBeArray();
    }
});
