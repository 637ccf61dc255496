<?php

declare(strict_types=1);

namespace Kalopsis\Job;

use Kalopsis\Colour\FlopIndex;
use Kalopsis\Colour\Measurement;
use Kalopsis\Sequence\FinishClass;
use Kalopsis\Why\Phrase;

/**
 * What finish a reading of the car looks like, where the job says another. Aluminium and pearl cannot be told apart by it, and
 * near the middle neither can light and dark: there nothing is said.
 */
final readonly class FinishRead
{
    /** Flop index between a solid's 0 and the 10 that metallics begin at (Alman 1987, from memory). Chosen in the middle. */
    private const EFFECT = 5.0;

    /** Lightness at 45 degrees that parts light from dark. Chosen here: half of the scale. */
    private const LIGHT_L = 50.0;

    /** So far from it nobody doubts. Chosen here. */
    private const SURE_L = 10.0;

    private function __construct(public FinishClass $finish, public Phrase $says) {}

    /** What a colour that nobody has described looks like by its reading; a reading without a flop is taken for a solid's. */
    public static function guess(Measurement $colour): FinishClass
    {
        $flop = FlopIndex::of($colour);

        return self::looks($flop !== null && $flop > self::EFFECT, $colour->labs[45]->l ?? self::LIGHT_L);
    }

    private static function looks(bool $effect, float $l): FinishClass
    {
        $light = $l > self::LIGHT_L;

        return match (true) {
            ! $effect => $light ? FinishClass::SolidLight : FinishClass::SolidDark,
            default => $light ? FinishClass::MetallicLight : FinishClass::MetallicDark,
        };
    }

    /** Null where the reading goes with what the job says, or says nothing about it. */
    public static function of(Measurement $car, FinishClass $said): ?self
    {
        $l = $car->labs[45]->l ?? null;
        if ($l === null) {
            return null;
        }
        $flop = FlopIndex::of($car);
        $effect = $flop === null ? $said->isEffect() : $flop > self::EFFECT;
        $looks = self::looks($effect, $l);
        $sameKind = $effect === $said->isEffect();
        if ($sameKind && ($said === FinishClass::Pearl || $looks === $said || abs($l - self::LIGHT_L) < self::SURE_L)) {
            return null;
        }

        return new self(
            $looks,
            Phrase::of(
                $effect
                    ? 'The car reads like a {looks} or a pearl (flop index {flop}, L* {l} at 45°); the job says {said}.'
                    : 'The car reads like a {looks} (flop index {flop}, L* {l} at 45°); the job says {said}.',
                [
                    'looks' => Phrase::of($looks->words()),
                    'said' => Phrase::of($said->words()),
                    'flop' => $flop === null ? '–' : sprintf('%.1f', $flop),
                    'l' => sprintf('%.0f', $l),
                ],
            ),
        );
    }
}
