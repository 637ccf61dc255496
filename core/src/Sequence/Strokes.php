<?php

declare(strict_types=1);

namespace Kalopsis\Sequence;

/** One pass, or two crosswise. */
enum Strokes: string
{
    case Single = 'single';
    case Cross = 'cross';

    public function passes(): int
    {
        return $this === self::Cross ? 2 : 1;
    }
}
