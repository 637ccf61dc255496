<?php

declare(strict_types=1);

namespace Kalopsis\Film;

/** Which of a shop's clears it is. Common practice. */
enum ClearGrade: string
{
    case Production = 'production';
    case Premium = 'premium';

    public function words(): string
    {
        return match ($this) {
            self::Production => 'production clear',
            self::Premium => 'premium clear',
        };
    }

    public function suits(): string
    {
        return match ($this) {
            self::Production => 'Small and trade jobs: out of the booth sooner, and cheaper.',
            self::Premium => 'Where gloss has to last, and on large flat panels.',
        };
    }
}
