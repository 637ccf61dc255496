<?php

declare(strict_types=1);

namespace Kalopsis\Card;

enum SampleKind: string
{
    case Car = 'car';
    case Card = 'card';
    case Variant = 'variant';

    public function words(): string
    {
        return match ($this) {
            self::Car => 'the car',
            self::Card => 'spray-out card',
            self::Variant => 'variant',
        };
    }
}
