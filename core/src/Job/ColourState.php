<?php

declare(strict_types=1);

namespace Kalopsis\Job;

use Kalopsis\Blend\Severity;
use Kalopsis\Card\CardVerdict;
use Kalopsis\Card\MatchGrade;
use Kalopsis\Why\Phrase;

/** What the colour desk means for the stations Colour and Booth. */
final readonly class ColourState
{
    private function __construct(public Station $colour, public Station $booth) {}

    /**
     * @param bool $carRead has the car been read?
     * @param int $cards on the desk that were not struck
     * @param ?CardVerdict $best of the nearest card; null while none can be compared
     * @param ?string $passed who let the plan go to the booth, null when nobody did; $overridden when it was a lead
     *        without a card
     * @param bool $byEye did it pass by what people saw alone?
     */
    public static function of(
        bool $carRead,
        int $cards,
        ?CardVerdict $best,
        ?string $passed,
        bool $overridden,
        bool $byEye = false,
    ): self {
        return new self(
            self::colour($carRead, $cards, $best, $passed !== null && ! $overridden),
            match (true) {
                $passed !== null && $overridden => new Station(
                    'booth',
                    Phrase::of('open: the lead decided'),
                    Severity::LookOut,
                    true,
                ),
                $passed !== null => new Station(
                    'booth',
                    Phrase::of($byEye ? 'open: the card passed by eye' : 'open: the card passed'),
                    Severity::Note,
                    true,
                ),
                default => new Station(
                    'booth',
                    Phrase::of($best === null ? 'locked: no card' : 'locked: card not passed'),
                    Severity::Note,
                    false,
                ),
            },
        );
    }

    private static function colour(bool $carRead, int $cards, ?CardVerdict $best, bool $passed): Station
    {
        if ($passed) {
            return new Station('colour', Phrase::of('card passed'), Severity::Note, true);
        }
        if ($best === null) {
            return new Station(
                'colour',
                Phrase::of(
                    match (true) {
                        ! $carRead && $cards === 0 => 'no card yet',
                        ! $carRead => 'car not read yet',
                        $cards === 0 => 'car read, no card yet',
                        default => 'card not read yet',
                    },
                ),
                Severity::Note,
                false,
            );
        }

        return match ($best->grade) {
            MatchGrade::Butt => new Station('colour', Phrase::of('butt match, not passed'), Severity::Note, false),
            MatchGrade::Blendable => new Station(
                'colour',
                $best->need === null
                    ? Phrase::of('blendable')
                    : Phrase::of('blendable, {need}', ['need' => $best->need->quantity]),
                Severity::Note,
                false,
            ),
            MatchGrade::NotYet => new Station('colour', Phrase::of('not yet'), Severity::LookOut, false),
        };
    }
}
