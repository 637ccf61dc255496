<?php

declare(strict_types=1);

namespace Kalopsis\Blend;

/** An order of coats that painters were taught. */
enum School: string
{
    case InsideOut = 'inside-out-wet-bed';
    case OutsideIn = 'outside-in';

    public function words(): string
    {
        return match ($this) {
            self::InsideOut => 'Inside-out, wet bed',
            self::OutsideIn => 'Outside-in',
        };
    }

    public function how(): string
    {
        return match ($this) {
            self::InsideOut => 'First coat on the primer only, each next coat further out, all inside a wet bed.',
            self::OutsideIn => 'One light effect coat to the widest point first, then one and a half coats inside it, never beyond.',
        };
    }
}
