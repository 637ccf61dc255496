<?php

declare(strict_types=1);

namespace Kalopsis\Card;

enum LookFrom: string
{
    case Face = 'face';
    case NearFace = 'near-face';
    case Flop = 'flop';

    public function words(): string
    {
        return match ($this) {
            self::Face => 'face',
            self::NearFace => 'near face',
            self::Flop => 'flop',
        };
    }
}
