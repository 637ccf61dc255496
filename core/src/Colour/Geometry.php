<?php

declare(strict_types=1);

namespace Kalopsis\Colour;

/**
 * The sets of angles instruments read. Aspecular angles: degrees from the mirror direction, light at 45 degrees
 * (ASTM E2194, E2539). 45/0 sees a surface 45 degrees off its mirror direction.
 */
enum Geometry: string
{
    case FortyFiveZero = '45/0';
    case Three = '15-45-110';
    case ThreeNear = '25-45-75';
    case Five = '15-25-45-75-110';
    case Six = '-15-15-25-45-75-110';

    /** Names of single angles as painters meet them. */
    public const FACE = 15;

    public const FLOP = 110;

    /** @return non-empty-list<int> from face to flop */
    public function angles(): array
    {
        return match ($this) {
            self::FortyFiveZero => [45],
            self::Three => [15, 45, 110],
            self::ThreeNear => [25, 45, 75],
            self::Five => [15, 25, 45, 75, 110],
            self::Six => [-15, 15, 25, 45, 75, 110],
        };
    }

    public function words(): string
    {
        return match ($this) {
            self::FortyFiveZero => '45/0, solids',
            self::Three => 'three angles, 15 to 110°',
            self::ThreeNear => 'three angles, 25 to 75°',
            self::Five => 'five angles, 15 to 110°',
            self::Six => 'six angles, -15 to 110°',
        };
    }

    /** @param list<int> $angles in any order */
    public static function ofAngles(array $angles): ?self
    {
        sort($angles);
        foreach (self::cases() as $case) {
            if ($case->angles() === $angles) {
                return $case;
            }
        }

        return null;
    }

    /** Where somebody stands who sees an angle: one vocabulary for verdicts and for the light walk. */
    public static function standing(int $angle): string
    {
        return match (true) {
            $angle < 0 => 'past the gloss',
            $angle <= 15 => 'into the gloss',
            $angle <= 25 => 'close to the gloss',
            $angle <= 45 => 'square on',
            $angle <= 75 => 'from the side',
            default => 'from low at the side',
        };
    }

    /** The part of the sweep an angle belongs to. */
    public static function place(int $angle): string
    {
        return match (true) {
            $angle <= 25 => 'face',
            $angle <= 45 => 'between',
            default => 'flop',
        };
    }
}
