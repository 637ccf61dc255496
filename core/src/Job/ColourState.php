<?php

declare(strict_types=1);

namespace Kalopsis\Job;

use Kalopsis\Blend\Severity;
use Kalopsis\Card\Desk;
use Kalopsis\Card\MatchGrade;
use Kalopsis\Card\SampleKind;
use Kalopsis\Why\Phrase;

/** What the colour desk means for the stations Colour and Booth. */
final readonly class ColourState
{
    private function __construct(public Station $colour, public Station $booth) {}

    /** @param ?string $passed who let the plan go to the booth, null when nobody did; $overridden when it was a lead without a card */
    public static function of(?Desk $desk, ?string $passed, bool $overridden): self
    {
        return new self(self::colour($desk, $passed, $overridden), match (true) {
            $passed !== null && $overridden => new Station('booth', Phrase::of('open: the lead decided'), Severity::LookOut, true),
            $passed !== null => new Station('booth', Phrase::of('open: the card passed'), Severity::Note, true),
            default => new Station('booth', Phrase::of($desk?->bestCard() === null ? 'locked: no card' : 'locked: card not passed'), Severity::Note, false),
        });
    }

    private static function colour(?Desk $desk, ?string $passed, bool $overridden): Station
    {
        $best = $desk?->bestCard();
        if ($passed !== null && ! $overridden) {
            return new Station('colour', Phrase::of('card passed'), Severity::Note, true);
        }
        if ($best?->verdict === null) {
            $cards = 0;
            foreach ($desk->samples ?? [] as $judged) {
                $cards += $judged->sample->kind === SampleKind::Card && ! $judged->sample->struck ? 1 : 0;
            }

            return new Station('colour', Phrase::of(match (true) {
                $desk?->carId === null && $cards === 0 => 'no card yet',
                $desk?->carId === null => 'car not read yet',
                $cards === 0 => 'car read, no card yet',
                default => 'card not read yet',
            }), Severity::Note, false);
        }

        return match ($best->verdict->grade) {
            MatchGrade::Butt => new Station('colour', Phrase::of('butt match, not passed'), Severity::Note, false),
            MatchGrade::Blendable => new Station('colour', $best->verdict->need === null ? Phrase::of('blendable') : Phrase::of('blendable, {need}', ['need' => $best->verdict->need->quantity]), Severity::Note, false),
            MatchGrade::NotYet => new Station('colour', Phrase::of('not yet: tint'), Severity::LookOut, false),
        };
    }
}
