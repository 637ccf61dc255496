<?php

declare(strict_types=1);

namespace Kalopsis\Trials;

/** The simple tests there are. */
enum TrialKind: string
{
    case HidingCard = 'hiding-card';
    case FadePanel = 'fade-panel';
    case FadeSheet = 'fade-sheet';
    case CupLeft = 'cup-left';
    case FlashTime = 'flash-time';
    case TonerCard = 'toner-card';

    public function text(): string
    {
        return match ($this) {
            self::HidingCard => 'Hiding card',
            self::FadePanel => 'Fade panel',
            self::FadeSheet => 'Sheet of fades',
            self::CupLeft => 'What a cup covered',
            self::FlashTime => 'Time to dull',
            self::TonerCard => 'Card of a formula',
        };
    }

    /** How a painter makes it. */
    public function how(): string
    {
        return match ($this) {
            self::HidingCard => 'Spray one, two and three coats over a black-and-white card, let them flash, and read each over '
                . 'black and over white, or count the coats until the edge has gone.',
            self::FadePanel => 'Fade the colour out over a primed and coated panel, once into a bed and once without, clear it, '
                . 'and read it every 50 mm against its own full part.',
            self::FadeSheet => 'Look at the five printed or sprayed fades from where you judge a car, in the light you judge it '
                . 'in, and say which of them you see.',
            self::CupLeft => 'Measure what went into the cup and what came back, over an area you know, and the dry film if '
                . 'you have a gauge.',
            self::FlashTime => 'Start a watch when a full coat is on and stop it when it is dull all over; note what the air was.',
            self::TonerCard => 'Spray a card of a weighed formula to hiding and read it at 45 degrees; other formulas of the '
                . 'same toners tell more.',
        };
    }
}
