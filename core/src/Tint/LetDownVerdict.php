<?php

declare(strict_types=1);

namespace Kalopsis\Tint;

/** What a let-down set says. */
enum LetDownVerdict: string
{
    case Hit = 'hit';
    case Blendable = 'blendable';
    case MoreCoats = 'more-coats';
    case FewerCoats = 'fewer-coats';
    case WrongGround = 'wrong-ground';
    case WrongTint = 'wrong-tint';

    public function words(): string
    {
        return match ($this) {
            self::Hit => 'This number of coats matches.',
            self::Blendable => 'Near enough to blend at this number of coats.',
            self::MoreCoats => 'The car lies beyond the deepest card: spray one with more coats.',
            self::FewerCoats => 'The car lies before the thinnest card: spray one with fewer coats.',
            self::WrongGround => 'No number of coats comes near: the ground coat is wrong. Correct its lightness first.',
            self::WrongTint => 'No number of coats comes near: the tint of the effect layer is wrong.',
        };
    }
}
