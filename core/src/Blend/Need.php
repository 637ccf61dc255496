<?php

declare(strict_types=1);

namespace Kalopsis\Blend;

use Kalopsis\Spray\Certainty;
use Kalopsis\Spray\Part;
use Kalopsis\Units\Quantity;
use Kalopsis\Why\Figure;
use Kalopsis\Why\Phrase;
use Kalopsis\Why\Reason;
use Kalopsis\Why\SourceKind;

/**
 * How long this blend has to be so that nobody sees it, how much room there is, and what was taken: one answer for
 * every place that asks.
 */
final readonly class Need
{
    /** The model and the trade disagree by much from this factor on. Chosen here. */
    private const MUCH = 1.5;

    /**
     * @param bool $fades does any colour fade out?
     * @param ?float $simulatedMm null when no length does, or nothing fades
     * @param float $blendMm length that the coats are drawn out to
     * @param ?float $roomMm towards the tightest side colour may run to, mm; null when nothing bounds it
     * @param ?Part $stays what stays visible at any length
     * @param list<Reason> $tested what of the model this workshop's tests put right
     */
    public function __construct(
        public Certainty $certainty,
        public bool $fades,
        public ?float $simulatedMm,
        public float $leastMm,
        public float $usualMm,
        public float $blendMm,
        public ?float $roomMm,
        public ?Part $stays,
        public bool $measured,
        private array $tested = [],
    ) {}

    /** mm, never below the trade's least; null when no length hides it. */
    public function mm(): ?float
    {
        return $this->simulatedMm === null ? null : max(self::rounded($this->simulatedMm), $this->leastMm);
    }

    public function isTooLong(): bool
    {
        return $this->roomMm !== null && ($this->mm() ?? 0.0) > $this->roomMm;
    }

    public function figure(): ?Figure
    {
        $mm = $this->mm();
        if ($mm === null || $this->simulatedMm === null) {
            return null;
        }
        $atLeast = self::rounded($this->simulatedMm) < $this->leastMm;

        return Figure::of(
            Quantity::mm($mm),
            Reason::of(
                Phrase::of(
                    match (true) {
                        $atLeast
                            => 'The model would do with {simulated}; less than {least} nobody goes until a shop has '
                                . 'calibrated it.',
                        $this->measured
                            => 'The shortest blend, all coats drawn out alike, in which nobody notices the card\'s '
                                . 'difference, {certainty}.',
                        default
                        => 'The shortest blend in which nobody notices a colour an ordinary shade off, {certainty}: no card has '
                            . 'been read yet.',
                    },
                    [
                        'simulated' => Quantity::mm(self::rounded($this->simulatedMm)),
                        'least' => Quantity::mm($this->leastMm),
                        'certainty' => $this->certainty->words(),
                    ],
                ),
                SourceKind::Estimate,
                'Sprayed in the model and looked at from five angles and seven distances, model notes, section 12.',
                [
                    'room' => $this->roomMm === null ? 'open' : Quantity::mm(floor($this->roomMm)),
                    'chosen' => Quantity::mm($this->blendMm),
                ],
            ),
            Reason::of(
                Phrase::of($this->disagrees() . ' A coat further is {least} to {most}, light silvers and golds the most.', [
                    'usual' => Quantity::mm($this->usualMm),
                    'least' => Quantity::mm(50.0),
                    'most' => Quantity::mm(100.0),
                ]),
                SourceKind::Practice,
                'Common practice.',
            ),
            ...$this->tested,
        );
    }

    private function disagrees(): string
    {
        $mm = $this->mm() ?? 0.0;

        return match (true) {
            $mm > self::MUCH * $this->usualMm => 'The trade\'s rule of thumb is {usual}: this one needs much more.',
            $mm * self::MUCH < $this->usualMm => 'The trade\'s rule of thumb is {usual}: this one is easier than most.',
            default => 'The trade\'s rule of thumb is {usual}.',
        };
    }

    /** To the next five millimetres: nobody marks a panel nearer. */
    public static function rounded(float $mm): float
    {
        return ceil($mm / 5.0) * 5.0;
    }
}
