<?php

declare(strict_types=1);

use Kalopsis\Blend\Need;
use Kalopsis\Spray\Certainty;
use Kalopsis\Units\UnitSystem;

function aNeed(?float $simulated, ?float $room = 300.0, bool $measured = true, float $least = 100.0, float $usual = 240.0): Need
{
    return new Need(Certainty::Likely, true, $simulated, $least, $usual, 260.0, $room, null, $measured);
}

/** @return array{string, string, array<string, mixed>} what is said of it, the trade's rule, and what it was reckoned from */
function whyNeeded(Need $need): array
{
    $told = json_decode((string) json_encode($need->figure()), true);

    return [
        $told['reasons'][0]['rule']['plain'],
        $told['reasons'][1]['rule']['plain'],
        array_column($told['reasons'][0]['inputs'], 'value', 'name'),
    ];
}

it('is told in steps of five millimetres, rounded up, and never below the least', function (?float $simulated, ?float $mm): void {
    expect(aNeed($simulated)->mm())->toBe($mm);
})->with([[201.0, 205.0], [205.0, 205.0], [205.1, 210.0], [99.0, 100.0], [3.0, 100.0], [null, null]]);

it('is too long only where it passes the room that there is', function (?float $simulated, ?float $room, bool $long): void {
    expect(aNeed($simulated, $room)->isTooLong())->toBe($long);
})->with([
    [300.0, 300.0, false],
    [301.0, 300.0, true],
    // Nothing bounds it, or no length hides it: there is nothing to be too short for.
    [5000.0, null, false],
    [null, 300.0, false],
]);

it('says why it is so long, and what the trade would have taken', function (): void {
    [$says, $rule, $from] = whyNeeded(aNeed(231.0, 516.9));
    expect($says)
        ->toBe('The shortest blend, all coats drawn out alike, in which nobody notices the card\'s difference, to be likely.')
        ->and($rule)
        ->toBe('The trade\'s rule of thumb is 240 mm. A coat further is 50 mm to 100 mm, light silvers and golds the most.')
        // Room is rounded down: nobody has the last half millimetre.
        ->and($from)
        ->toEqual(['room' => ['value' => 516.0, 'unit' => 'mm'], 'chosen' => ['value' => 260.0, 'unit' => 'mm']])
        ->and(whyNeeded(aNeed(231.0, null))[2]['room'])
        ->toBe('open')
        ->and(whyNeeded(aNeed(231.0, measured: false))[0])
        ->toBe('The shortest blend in which nobody notices a colour an ordinary shade off, to be likely: no card has been read yet.')
        ->and(whyNeeded(aNeed(42.0))[0])
        ->toBe('The model would do with 45 mm; less than 100 mm nobody goes until a shop has calibrated it.')
        ->and(whyNeeded(aNeed(100.0))[0])
        ->toStartWith('The shortest blend')
        ->and(aNeed(null)->figure())
        ->toBeNull()
        ->and(aNeed(231.0)->figure()?->quantity->format(UnitSystem::Metric))
        ->toBe('235 mm');
});

it('says when model and trade are far apart, from half as much again', function (float $simulated, string $rule): void {
    expect(whyNeeded(aNeed($simulated))[1])->toStartWith($rule);
})->with([
    [360.0, 'The trade\'s rule of thumb is 240 mm. '],
    [361.0, 'The trade\'s rule of thumb is 240 mm: this one needs much more. '],
    [160.0, 'The trade\'s rule of thumb is 240 mm. '],
    [155.0, 'The trade\'s rule of thumb is 240 mm: this one is easier than most. '],
]);
