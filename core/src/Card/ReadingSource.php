<?php

declare(strict_types=1);

namespace Kalopsis\Card;

/** Where a reading comes from. */
enum ReadingSource: string
{
    case Instrument = 'instrument';
    case File = 'file';
    case Typed = 'typed';
    case Photo = 'photo';
    /** Made up by the simulated instrument: to learn with, never a car's colour. */
    case Simulated = 'simulated';

    public function words(): string
    {
        return match ($this) {
            self::Instrument => 'instrument',
            self::File => 'file',
            self::Typed => 'typed in',
            self::Photo => 'photo',
            self::Simulated => 'simulated, for practice',
        };
    }
}
