<?php

declare(strict_types=1);

namespace Kalopsis\Card;

use JsonSerializable;
use Kalopsis\Why\Phrase;

/**
 * The commit gate: what stands between a card and the booth. A hard no can only be overridden by a lead with a
 * reason; a question only wants a
 * reason from whoever passes the card.
 */
final readonly class Gate implements JsonSerializable
{
    /** A card older than this wants a quick re-shoot: makers change toners. Common practice says "months". */
    public const OLD_DAYS = 90;

    /**
     * @param list<Phrase> $stops only a lead goes past these
     * @param list<Phrase> $questions a stated reason goes past these
     * @param list<Phrase> $notes
     */
    private function __construct(public array $stops, public array $questions, public array $notes) {}

    /**
     * @param list<EyeVerdict> $eyes what was seen, in any light
     * @param ?int $ageDays since it was sprayed, null when nobody said
     * @param bool $formulaChanged the formula has a newer version than the card was sprayed with
     * @param ?float $apartInLampLight CIEDE2000 in warm light, null without spectra
     */
    public static function of(
        ?CardVerdict $verdict,
        ?AgainstPlan $against,
        array $eyes,
        ?int $ageDays,
        bool $formulaChanged,
        ?float $inDaylight,
        ?float $apartInLampLight,
    ): self {
        $stops = $questions = $notes = [];
        if ($verdict === null) {
            $stops[] = Phrase::of('Read the car and the card first.');
        } elseif ($verdict->grade === MatchGrade::NotYet) {
            $stops[] = $verdict->says;
        }
        if ($against === null) {
            $questions[] = Phrase::of('Nobody wrote on this card how it was sprayed.');
        } elseif (! $against->isSprayedAlike()) {
            $questions[] = Phrase::of(
                count($against->differences) === 1
                    ? 'Not sprayed like the plan in {n} thing.'
                    : 'Not sprayed like the plan in {n} things.',
                ['n' => count($against->differences)],
            );
        }
        if ($formulaChanged) {
            $questions[] = Phrase::of('The formula has changed since this card: shoot a quick one from today\'s cup.');
        } elseif ($ageDays !== null && $ageDays > self::OLD_DAYS) {
            $questions[] = Phrase::of(
                'The card is {n} days old: hold a quick one from today\'s cup to the car before clear.',
                ['n' => $ageDays],
            );
        }
        if ($verdict !== null) {
            foreach ($eyes as $eye) {
                if ($eye->disagreesWith($verdict->grade)) {
                    $stops[] = Phrase::of('The eye says "{eye}", the instrument "{grade}": ask the lead.', [
                        'eye' => $eye->words(),
                        'grade' => strtolower($verdict->grade->words()),
                    ]);
                    break;
                }
            }
            if ($eyes === []) {
                $notes[] = Phrase::of('Nobody has looked yet. Hold the card to the car in two lights.');
            }
        }
        if ($apartInLampLight !== null && $inDaylight !== null && $apartInLampLight > $inDaylight + 1.0) {
            $questions[] = Phrase::of('In warm light they part: {warm} there, {day} in daylight (metamerism).', [
                'warm' => sprintf('%.1f', $apartInLampLight),
                'day' => sprintf('%.1f', $inDaylight),
            ]);
        }

        return new self($stops, $questions, $notes);
    }

    public function isOpen(): bool
    {
        return $this->stops === [];
    }

    public function wantsReason(): bool
    {
        return $this->questions !== [];
    }

    /** @return array{open: bool, wantsReason: bool, stops: list<Phrase>, questions: list<Phrase>, notes: list<Phrase>} */
    public function jsonSerialize(): array
    {
        return [
            'open' => $this->isOpen(),
            'wantsReason' => $this->wantsReason(),
            'stops' => $this->stops,
            'questions' => $this->questions,
            'notes' => $this->notes,
        ];
    }
}
