<?php

declare(strict_types=1);

namespace Kalopsis\Colour;

/** What can go wrong with a reading; the simulator can be told to do it. */
enum InstrumentFault: string
{
    case None = 'none';
    case DirtyLens = 'dirty-lens';
    case WrongSpot = 'wrong-spot';
    case Unpolished = 'unpolished';
    case Sanded = 'sanded';

    public function words(): string
    {
        return match ($this) {
            self::None => 'as it should be',
            self::DirtyLens => 'dirty lens',
            self::WrongSpot => 'wrong spot (a repaired panel)',
            self::Unpolished => 'before polishing',
            self::Sanded => 'over sanded paint',
        };
    }
}
