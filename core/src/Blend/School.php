<?php

declare(strict_types=1);

namespace Kalopsis\Blend;

use Kalopsis\Spray\Bed;

/** An order of coats that painters were taught. */
enum School: string
{
    case InsideOut = 'inside-out-wet-bed';
    case InsideOutWet = 'inside-out-bed-wet';
    case BedBeforeEach = 'bed-before-each';
    case OutsideIn = 'outside-in';
    case CoatAndHalf = 'coat-and-a-half';
    case ControlAfterEach = 'control-after-each';
    case TransparentLast = 'transparent-last';
    case OverReduced = 'over-reduced-fade';
    case TowardsEachOther = 'towards-each-other';
    case NoBed = 'no-wet-bed';
    case EdgeToEdge = 'edge-to-edge';

    public function words(): string
    {
        return match ($this) {
            self::InsideOut => 'Inside-out, wet bed',
            self::InsideOutWet => 'Inside-out, bed kept wet',
            self::BedBeforeEach => 'Fresh bed before each coat',
            self::OutsideIn => 'Outside-in',
            self::CoatAndHalf => 'Coat and a half, under-reduced',
            self::ControlAfterEach => 'Control coat after each',
            self::TransparentLast => 'Transparent last coat',
            self::OverReduced => 'Over-reduced fade',
            self::TowardsEachOther => 'Repairs towards each other',
            self::NoBed => 'Inside-out, no wet bed',
            self::EdgeToEdge => 'Edge to edge',
        };
    }

    public function how(): string
    {
        return match ($this) {
            self::InsideOut => 'First coat on the primer only, each next coat further out, all inside a wet bed.',
            self::InsideOutWet => 'Inside-out, sprayed into the bed while it is still wet: two guns or two cups ready.',
            self::BedBeforeEach => 'A fresh thin bed before every coat, for blends that must stay very short.',
            self::CoatAndHalf => 'One wet, under-reduced coat and straight away a pulled-back dust coat. Quick; for small production jobs.',
            self::ControlAfterEach => 'Each coat is evened by a control coat while it dulls; the way of many waterborne systems.',
            self::TransparentLast => 'Two coats, then the remains one to one with blending clear, a little further out.',
            self::OverReduced => 'Two coats, then the remains with 150% blending clear: nearly transparent, for the open middle of a large panel.',
            self::TowardsEachOther => 'Two repairs in one panel: colour fills the room between them, and fades only outwards.',
            self::NoBed => 'Each coat further out, nothing below it. For solids and dark colours, which hide a fringe.',
            self::EdgeToEdge => 'Full colour over the whole panel, butted at the gaps. Only with a card that matches edge to edge.',
            self::OutsideIn => 'One light effect coat to the widest point first, then one and a half coats inside it, never beyond.',
        };
    }

    /** The bed this school lays, when there is one. */
    public function bed(): Bed
    {
        return match ($this) {
            self::InsideOut, self::OutsideIn, self::CoatAndHalf, self::ControlAfterEach, self::TransparentLast, self::OverReduced, self::TowardsEachOther => Bed::Flashed,
            self::InsideOutWet => Bed::Wet,
            self::BedBeforeEach => Bed::BeforeEach,
            self::NoBed, self::EdgeToEdge => Bed::None,
        };
    }

    /** What goes wrong with it first. Common practice. */
    public function risk(): string
    {
        return match ($this) {
            self::InsideOut => 'a dry fringe where the bed has dried out',
            self::InsideOutWet => 'too wet: mottle and long flashes',
            self::BedBeforeEach => 'much film in the blend: sand piling, slow flash',
            self::OutsideIn => 'the effect coat shows where the room is short',
            self::CoatAndHalf => 'thick film: solvent pop, mottle, texture',
            self::ControlAfterEach => 'dust on base that has dried changes the colour',
            self::TransparentLast => 'the last coat is so thin that a weak colour does not hide under it',
            self::OverReduced => 'runs, and a long flash before clear',
            self::TowardsEachOther => 'more paint; the whole middle changes colour',
            self::NoBed => 'a light ring from the side on light metallics',
            self::EdgeToEdge => 'the next panel looks different unless the card matches',
        };
    }

    /** Does the plan lay a bed unless the painter says otherwise? */
    public function laysBed(): bool
    {
        return $this->bed() !== Bed::None;
    }
}
