<?php

declare(strict_types=1);

use Kalopsis\Job\FinishRead;
use Kalopsis\Sequence\FinishClass;
use Kalopsis\Tests\Support\Colours;

const FINISH_SILVER = [15 => 138, 25 => 115, 45 => 61, 75 => 38, 110 => 37.5];

const FINISH_WHITE = [15 => 93, 25 => 93, 45 => 92, 75 => 92, 110 => 92];

const FINISH_DARK = [15 => 70, 25 => 52, 45 => 24, 75 => 12, 110 => 9];

const FINISH_BLACK = [15 => 4, 25 => 3, 45 => 3, 75 => 3, 110 => 3];

// A solid looks the same from face to flop, a metallic darkens (common practice); Alman's index says how much.
it('tells a metallic from a solid, and light from dark, where the job says another', function (
    array $angles,
    FinishClass $said,
    ?FinishClass $looks,
): void {
    expect(FinishRead::of(Colours::measured($angles), $said)?->finish)->toBe($looks);
})->with([
    'a silver planned as a solid' => [FINISH_SILVER, FinishClass::SolidLight, FinishClass::MetallicLight],
    'a silver planned as one' => [FINISH_SILVER, FinishClass::MetallicLight, null],
    'a silver that may be a pearl' => [FINISH_SILVER, FinishClass::Pearl, null],
    'a white as a metallic' => [FINISH_WHITE, FinishClass::MetallicLight, FinishClass::SolidLight],
    'a white planned as a pearl' => [FINISH_WHITE, FinishClass::Pearl, FinishClass::SolidLight],
    'a black planned as light' => [FINISH_BLACK, FinishClass::SolidLight, FinishClass::SolidDark],
    'a dark metallic planned as light' => [FINISH_DARK, FinishClass::MetallicLight, FinishClass::MetallicDark],
    'one angle says light or dark only' => [[45 => 90], FinishClass::MetallicDark, FinishClass::MetallicLight],
    'in the middle nobody knows' => [[45 => 54], FinishClass::SolidDark, null],
]);

it('guesses the finish of a colour that nobody described, and takes what has no flop for a solid', function (array $angles, FinishClass $looks): void {
    expect(FinishRead::guess(Colours::measured($angles)))->toBe($looks);
})->with([
    [[15 => [90.0, 0.0, 0.0], 45 => [40.0, 0.0, 0.0], 110 => [20.0, 0.0, 0.0]], FinishClass::MetallicDark],
    [[15 => [140.0, 0.0, 0.0], 45 => [70.0, 0.0, 0.0], 110 => [45.0, 0.0, 0.0]], FinishClass::MetallicLight],
    [[15 => [72.0, 0.0, 0.0], 45 => [70.0, 0.0, 0.0], 110 => [69.0, 0.0, 0.0]], FinishClass::SolidLight],
    [[45 => [30.0, 0.0, 0.0]], FinishClass::SolidDark],
]);
