<?php

declare(strict_types=1);

namespace Kalopsis\Card;

use Kalopsis\Colour\Comparison;
use Kalopsis\Units\Quantity;
use Kalopsis\Why\Figure;
use Kalopsis\Why\Phrase;

/** May this card's colour go on the car, and how far must it be blended? */
final readonly class CardVerdict
{
    /**
     * @param ?Figure $need null when it can be butted, or when no blend hides it
     * @param ?float $roomMm blend room towards the tightest side that is not let run on; null when there is no such side
     */
    private function __construct(public MatchGrade $grade, public ?Figure $need, public ?float $roomMm, public float $gapIndex, public Phrase $says) {}

    public static function of(Comparison $c, ReachNeeded $rule, ?float $roomMm): self
    {
        $gap = $rule->gapIndex($c);
        if ($gap < 1.0) {
            return new self(MatchGrade::Butt, null, $roomMm, $gap, Phrase::of('Butt: may be painted edge to edge.'));
        }
        $need = $rule->forDifference($c);
        $worst = $c->worst();
        if ($need === null) {
            return new self(MatchGrade::NotYet, null, $roomMm, $gap, Phrase::of('Not yet: {de} off at {angle}, no blend hides that. Tint first.', ['de' => sprintf('%.1f', $worst->de2000), 'angle' => "{$worst->angle}°"]));
        }
        if ($roomMm !== null && $need->value() > $roomMm) {
            return new self(MatchGrade::NotYet, $need, $roomMm, $gap, Phrase::of('Not yet: needs {need}, has {room}. Tint, or make room.', ['need' => $need->quantity, 'room' => Quantity::mm($roomMm)]));
        }

        return new self(MatchGrade::Blendable, $need, $roomMm, $gap, $roomMm === null
            ? Phrase::of('Blendable: needs {need}.', ['need' => $need->quantity])
            : Phrase::of('Blendable: needs {need}, has {room}.', ['need' => $need->quantity, 'room' => Quantity::mm($roomMm)]));
    }
}
