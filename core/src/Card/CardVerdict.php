<?php

declare(strict_types=1);

namespace Kalopsis\Card;

use Kalopsis\Colour\Comparison;
use Kalopsis\Spray\Part;
use Kalopsis\Units\Quantity;
use Kalopsis\Why\Figure;
use Kalopsis\Why\Phrase;

/** May this card's colour go on the car, and how far must it be blended? */
final readonly class CardVerdict
{
    private function __construct(
        public MatchGrade $grade,
        public ?Figure $need,
        public float $gapIndex,
        public Phrase $says,
    ) {}

    public static function of(Comparison $c, CardNeed $plan): self
    {
        $butts = $plan->buttIndex < 1.0;
        $worst = $c->worst();
        $values = [
            'de' => sprintf('%.1f', $worst->de2000),
            'angle' => "{$worst->angle}°",
            'certainty' => Phrase::of($plan->certainty->words()),
        ];
        if ($butts) {
            return new self(
                MatchGrade::Butt,
                $plan->need,
                $plan->buttIndex,
                Phrase::of('Butt: may be painted edge to edge.'),
            );
        }
        if ($plan->butts || ! $plan->fades) {
            return new self(
                MatchGrade::NotYet,
                $plan->need,
                $plan->buttIndex,
                Phrase::of(
                    'Not yet: this plan ends at a gap and wants a butt match; {de} off at {angle} shows there.',
                    $values,
                ),
            );
        }
        foreach ($plan->ends as $side => $index) {
            if ($index > 1.0) {
                return new self(
                    MatchGrade::NotYet,
                    $plan->need,
                    $plan->buttIndex,
                    Phrase::of('Not yet: colour stops before {side}, and {de} off at {angle} shows there.', [
                        'side' => $side,
                        ...$values,
                    ]),
                );
            }
        }
        if ($plan->need === null) {
            return new self(
                MatchGrade::NotYet,
                null,
                $plan->buttIndex,
                match ($plan->stays) {
                    Part::Colour, null => Phrase::of(
                        'Not yet: {de} off at {angle}, no blend hides that {certainty}. Tint first.',
                        $values,
                    ),
                    default => Phrase::of(
                        'Not yet: {part} stays at any length, not the colour. Change how it is sprayed.',
                        ['part' => Phrase::of($plan->stays->words()), ...$values],
                    ),
                },
            );
        }
        $values['need'] = $plan->need->quantity;

        return new self(
            MatchGrade::Blendable,
            $plan->need,
            $plan->buttIndex,
            $plan->roomMm === null
                ? Phrase::of('Blendable: needs {need} {certainty}.', $values)
                : Phrase::of('Blendable: needs {need} {certainty}, has {room}.', [
                    ...$values,
                    'room' => Quantity::mm(floor($plan->roomMm)),
                ]),
        );
    }
}
