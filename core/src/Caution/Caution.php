<?php

declare(strict_types=1);

namespace Kalopsis\Caution;

/**
 * The usual cautions of refinish work. Reminders, not instructions: the data sheet, the safety data sheet and
 * local rules decide, and refinish work is for trained people.
 */
enum Caution: string
{
    case Isocyanates = 'isocyanates';
    case SandingFresh = 'sanding-fresh';
    case OldCoatings = 'old-coatings';
    case Vapours = 'vapours';
    case Wipes = 'wipes';
    case CompressedAir = 'compressed-air';
    case LampsAndUv = 'lamps-and-uv';
    case BakeLimits = 'bake-limits';
    case VocLimits = 'voc-limits';
    case TrappedWater = 'trapped-water';

    public const ALWAYS = 'Follow the data sheet, the safety data sheet and local rules; refinish work is for '
        . 'trained people. Kalopsis is a planning aid.';

    public function title(): string
    {
        return match ($this) {
            self::Isocyanates => 'Isocyanates',
            self::SandingFresh => 'Sanding fresh film',
            self::OldCoatings => 'Dust of old coatings',
            self::Vapours => 'Solvent vapour and ignition',
            self::Wipes => 'Wipes and waste',
            self::CompressedAir => 'Compressed air and static',
            self::LampsAndUv => 'Lamps',
            self::BakeLimits => 'Heat on plastics and batteries',
            self::VocLimits => 'VOC limits',
            self::TrappedWater => 'Trapped water',
        };
    }

    public function says(): string
    {
        return match ($this) {
            self::Isocyanates
                => 'Two-pack mixes release isocyanates: supplied-air respirator, full skin cover, a working booth, '
                    . 'no one unprotected in it. Wet coats and overspray count.',
            self::SandingFresh
                => 'Sanding fresh two-pack film releases isocyanates and dust: respiratory protection and extraction.',
            self::OldCoatings
                => 'Old paint can hold lead or chromate: extraction and respiratory protection when sanding, no dry brushing.',
            self::Vapours
                => 'Keep ignition sources away; earth car and cans; only guns, lamps and blowers rated for the zone.',
            self::Wipes => 'Solvent wipes and overspray dust can heat up by themselves: closed metal bin, emptied daily.',
            self::CompressedAir => 'Never point compressed air at skin; static builds up when plastics are wiped or blown.',
            self::LampsAndUv => 'UV and infrared lamps hurt eyes and skin: shields, distance, no one in the beam.',
            self::BakeLimits => 'Bake limits of plastics, hybrid and electric cars: follow the car maker.',
            self::VocLimits
                => 'Volatile organic compound limits are law and differ by place: check the mix as sprayed, with what was added.',
            self::TrappedWater => 'Clear over wet waterborne base traps water: it may never dry and must be scraped off.',
        };
    }
}
