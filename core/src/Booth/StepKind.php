<?php

declare(strict_types=1);

namespace Kalopsis\Booth;

/** What is done at a step of the run. */
enum StepKind: string
{
    case Ready = 'ready';
    case Coat = 'coat';
    case Tack = 'tack';
    case Cover = 'cover';
    case Card = 'card';
    case Wait = 'wait';
    case Sand = 'sand';
    case Mend = 'mend';
    case Bake = 'bake';
    case Unmask = 'unmask';

    /** Is it over only when its question has this answer? Null: no question is asked. */
    public function passes(): ?string
    {
        return match ($this) {
            self::Tack => 'clean',
            self::Cover => 'even',
            self::Card => 'matches',
            default => null,
        };
    }

    /** @return list<string> what its question can be answered with: what lets the work go on, and what does not */
    public function answers(): array
    {
        return match ($this) {
            self::Tack => ['clean', 'dust'],
            self::Cover => ['even', 'not-even'],
            self::Card => ['matches', 'off'],
            default => [],
        };
    }
}
