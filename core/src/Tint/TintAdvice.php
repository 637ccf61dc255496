<?php

declare(strict_types=1);

namespace Kalopsis\Tint;

/** What to do about a card that is not the car's colour. */
final readonly class TintAdvice
{
    /**
     * @param list<Correction> $corrections best first, at most three; empty when no toner is worth a pour
     * @param bool $sprayedOtherwise how the card was sprayed tells the difference better than any toner
     * @param float $before root mean square of CIEDE2000 over the angles, now
     * @param ReadingNoise $noise of the difference between the two readings
     */
    public function __construct(
        public array $corrections,
        public bool $sprayedOtherwise,
        public float $before,
        public ReadingNoise $noise,
    ) {}

    /** In words, when no toner is proposed. */
    public function says(): string
    {
        return match (true) {
            $this->corrections !== [] => '',
            $this->sprayedOtherwise
                => 'Shoot the card like the plan first: flakes that landed drier or wetter tell this difference better than '
                    . 'any toner.',
            $this->before <= 2.0 * $this->noise->de => 'The difference is within what readings repeat to. Leave the cup alone.',
            default => 'No addition of up to three toners brings this cup nearer. Start from another variant.',
        };
    }
}
