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
     * @param bool $byEye nothing was read: what people saw decides
     * @param bool $simulated what was read was made up by the simulated instrument
     */
    private function __construct(
        public array $stops,
        public array $questions,
        public array $notes,
        public bool $byEye,
        public bool $simulated,
    ) {}

    /**
     * @param ?int $differences things that were done otherwise than the plan does them; null when nobody said
     * @param ?CardNeed $byEye what the plan needs of a card that only eyes have judged; null while they have not
     * @param ?int $ageDays since it was sprayed, null when nobody said
     * @param bool $formulaChanged the formula has a newer version than the card was sprayed with
     * @param ?float $apartInLampLight CIEDE2000 in warm light, null without spectra
     */
    public static function of(
        ?CardVerdict $verdict,
        ?int $differences,
        Looks $looks,
        ?CardNeed $byEye,
        ?int $ageDays,
        bool $formulaChanged,
        ?float $inDaylight,
        ?float $apartInLampLight,
        bool $simulated = false,
        bool $practice = false,
    ): self {
        $stops = $questions = $notes = [];
        $onlyEyes = $verdict === null && $looks->areComplete() && $byEye !== null;
        if ($onlyEyes) {
            [$stops, $notes] = self::eyesAlone($looks, $byEye);
        } elseif ($verdict === null) {
            $stops[] = Phrase::of(
                'Read the car and the card; or hold the card to the car in two lights, from all three directions.',
            );
        } elseif ($verdict->grade === MatchGrade::NotYet) {
            $stops[] = $verdict->says;
        }
        if ($differences === null) {
            $questions[] = Phrase::of('Nobody wrote on this card how it was sprayed.');
        } elseif ($differences > 0) {
            $questions[] = Phrase::of(
                'Not sprayed like the plan in {n, plural, one {# thing} other {# things}}.',
                ['n' => $differences],
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
            foreach ($looks->verdicts() as $eye) {
                if ($eye->disagreesWith($verdict->grade)) {
                    $stops[] = Phrase::of('The eye says "{eye}", the instrument "{grade}": ask the lead.', [
                        'eye' => Phrase::of($eye->words()),
                        'grade' => Phrase::of($verdict->grade->words()),
                    ]);
                    break;
                }
            }
            if ($looks->isEmpty()) {
                $stops[] = Phrase::of('Nobody has looked yet: hold the card to the car, in one light at least.');
            }
            if ($simulated && $practice) {
                $notes[] = Phrase::of('Simulated, for practice: no car is painted by this.');
            } elseif ($simulated) {
                $stops[] = Phrase::of(
                    'The simulated instrument made these readings up, for practice. Take real ones, type them in, judge '
                        . 'by eye, or mark the job as practice.',
                );
            }
        }
        if ($apartInLampLight !== null && $inDaylight !== null && $apartInLampLight > $inDaylight + 1.0) {
            $questions[] = Phrase::of('In warm light they part: {warm} there, {day} in daylight (metamerism).', [
                'warm' => sprintf('%.1f', $apartInLampLight),
                'day' => sprintf('%.1f', $inDaylight),
            ]);
        }

        return new self($stops, $questions, $notes, $onlyEyes, $simulated && $verdict !== null);
    }

    /** @return array{list<Phrase>, list<Phrase>} stops and notes for a card that only people have judged */
    private static function eyesAlone(Looks $looks, CardNeed $need): array
    {
        $strictest = $looks->strictest();
        $stops = match (true) {
            $strictest === EyeVerdict::Off => [Phrase::of('The eye says "off": tint first.')],
            ($need->butts || ! $need->fades) && $strictest !== EyeVerdict::Matches => [
                Phrase::of('This plan ends at a gap: by eye the card must match from everywhere.'),
            ],
            $need->fades && $need->need === null => [
                Phrase::of('What an eye lets through does not blend this way at any length: read the card.'),
            ],
            default => [],
        };
        $notes = [
            $need->need === null
                ? Phrase::of('By eye, in {n} lights. A reading is better.', ['n' => $looks->lights()])
                : Phrase::of('By eye, in {n} lights: the blend needs {need}, more than a good reading would ask for.', [
                    'n' => $looks->lights(),
                    'need' => $need->need->quantity,
                ]),
        ];

        return [$stops, $notes];
    }

    public function isOpen(): bool
    {
        return $this->stops === [];
    }

    public function wantsReason(): bool
    {
        return $this->questions !== [];
    }

    /**
     * @return array{open: bool, wantsReason: bool, stops: list<Phrase>, questions: list<Phrase>, notes: list<Phrase>,
     *         byEye: bool, simulated: bool}
     */
    public function jsonSerialize(): array
    {
        return [
            'open' => $this->isOpen(),
            'wantsReason' => $this->wantsReason(),
            'stops' => $this->stops,
            'questions' => $this->questions,
            'notes' => $this->notes,
            'byEye' => $this->byEye,
            'simulated' => $this->simulated,
        ];
    }
}
