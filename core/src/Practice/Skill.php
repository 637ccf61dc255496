<?php

declare(strict_types=1);

namespace Kalopsis\Practice;

/** What a painter of blends can learn in the practice bay, from what comes first to what comes last. */
enum Skill: string
{
    case Reach = 'reach';
    case Bed = 'bed';
    case Reduction = 'reduction';
    case Reducer = 'reducer';
    case Hand = 'hand';
    case Reading = 'reading';
    case Variant = 'variant';
    case Tint = 'tint';
    case Coats = 'coats';
    case Order = 'order';
    case GoOn = 'go-on';

    public function words(): string
    {
        return match ($this) {
            self::Reach => 'How far colour goes',
            self::Bed => 'With a bed or without',
            self::Reduction => 'How much reducer',
            self::Reducer => 'Which reducer in this weather',
            self::Hand => 'Hand: speed, overlap, distance',
            self::Reading => 'Is the card good enough?',
            self::Variant => 'Which variant',
            self::Tint => 'Which way to tint',
            self::Coats => 'How many coats of a tinted clear',
            self::Order => 'In which order',
            self::GoOn => 'Stop or go on',
        };
    }
}
