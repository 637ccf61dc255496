<?php

declare(strict_types=1);

namespace Kalopsis\Practice;

use JsonSerializable;
use Kalopsis\Spray\Part;
use Kalopsis\Units\Quantity;
use Kalopsis\Why\Phrase;

/** An answer sprayed and marked, beside what a search over all choices would have done. */
final readonly class Marked implements JsonSerializable
{
    /** Points off for a minute, and for paint, as shares beyond the best's; most of both together. Chosen here. */
    private const WASTE = ['minutes' => 40.0, 'paint' => 20.0, 'most' => 35.0];

    /** Points fall with what is seen beyond that by this power; what is seen gets no more than this. Chosen here. */
    private const FALLS = 1.5;

    private const SEEN_AT_MOST = 60.0;

    /** From here on a try is a good one: what a streak is made of. Chosen here. */
    public const GOOD = 80;

    /**
     * @param list<array{ask: string, option: string, index: float, minutes: float}> $single the answer with one thing as the best
     *        has it
     */
    private function __construct(
        public Answer $answer,
        public Bay $bay,
        public int $score,
        public Best $best,
        public array $single,
    ) {}

    public static function of(Answer $answer, SetUpReader $reader, ?Hand $hand, Best $best): self
    {
        $bay = new Bay($answer->setUp($reader), $hand);
        $single = [];
        foreach ($best->chosen as $ask => $option) {
            if ($answer->chosen[$ask] !== $option) {
                $one = new Bay($answer->with($ask, $option)->setUp($reader), $hand);
                $single[] = ['ask' => $ask, 'option' => $option, 'index' => $one->index(), 'minutes' => $one->minutes()];
            }
        }
        $score = self::score($bay->index(), $bay->minutes(), $bay->millilitres(), $best);

        return new self($answer, $bay, $score, $best, $single);
    }

    /** 100 for nothing seen at the least minutes and paint. */
    public static function score(float $index, float $minutes, float $ml, Best $best): int
    {
        // Where nothing hides it, the best that can be done is what counts.
        $beside = $index / max(Best::SURE, $best->index);
        $waste = self::WASTE['minutes'] * max(0.0, $minutes / max(1.0, $best->minutes) - 1.0)
            + self::WASTE['paint'] * max(0.0, $ml / max(1.0, $best->ml) - 1.0);
        $points = 100.0 * min(1.0, $beside ** -self::FALLS) - min(self::WASTE['most'], $waste);

        $seen = $index > max(1.0, $best->index) + 1e-9;

        return (int) round(max(0.0, $seen ? min(self::SEEN_AT_MOST, $points) : $points));
    }

    /**
     * What was true and not told.
     *
     * @return list<Phrase>
     */
    private function truth(): array
    {
        $is = $this->bay->is;
        $truth = $this->answer->scenario->truth;
        $out = [];
        if (isset($truth['temperatureC']) || isset($truth['humidityPercent'])) {
            $out[] = Phrase::of('The booth really had {celsius} and {percent}.', [
                'celsius' => Quantity::celsius($is->air->temperatureC),
                'percent' => Quantity::percent($is->air->humidityPercent),
            ]);
        }
        if ($is->formula !== null || $is->off !== [0.0, 0.0, 0.0] || $is->flop !== 0.0) {
            $car = $this->bay->finish->old;
            $new = $this->bay->finish->new;
            $d = fn (int $angle): string => sprintf('%+.1f', $new[$angle]->l - $car[$angle]->l);
            $out[] = isset($car[15], $car[110])
                ? Phrase::of('What was sprayed, against the car: L* {face} in the face, {flop} in the flop; a* {a}, b* {b}.', [
                    'face' => $d(15),
                    'flop' => $d(110),
                    'a' => sprintf('%+.1f', $new[45]->a - $car[45]->a),
                    'b' => sprintf('%+.1f', $new[45]->b - $car[45]->b),
                ])
                : Phrase::of('What was sprayed, against the car: L* {l}, a* {a}, b* {b}.', [
                    'l' => $d(45),
                    'a' => sprintf('%+.1f', $new[45]->a - $car[45]->a),
                    'b' => sprintf('%+.1f', $new[45]->b - $car[45]->b),
                ]);
        }
        if (isset($truth['bed'])) {
            $out[] = Phrase::of('The bed had {bed} when the first colour came.', ['bed' => Phrase::of($is->bed?->words() ?? '')]);
        }

        return $out;
    }

    /** @return array<string, mixed> */
    public function jsonSerialize(): array
    {
        $o = $this->bay->outlook();
        $text = fn (string $ask, string $option): ?Phrase => $this->answer->scenario->ask($ask)?->option($option)?->text;
        $parts = [];
        foreach (Part::cases() as $part) {
            if ($part !== Part::Coats) {
                $parts[] = ['part' => $part->value, 'words' => $part->words(), 'index' => round($o->parts[$part->value], 2)];
            }
        }

        return [
            'score' => $this->score,
            'seen' => $o->isSeen(),
            'index' => round($o->index(), 2),
            'says' => $o->says(),
            'parts' => $parts,
            'minutes' => Quantity::minutes(round($this->bay->minutes())),
            'ml' => Quantity::ml(round($this->bay->millilitres())),
            'hand' => $this->bay->hand,
            'truth' => $this->truth(),
            'picture' => new Picture($this->bay),
            'best' => [
                'choices' => array_map(
                    fn (string $ask, string $option): array => [
                        'ask' => $ask,
                        'option' => $option,
                        'text' => $text($ask, $option),
                        'same' => $this->answer->chosen[$ask] === $option,
                    ],
                    array_keys($this->best->chosen),
                    array_values($this->best->chosen),
                ),
                'index' => round($this->best->index, 2),
                'minutes' => Quantity::minutes(round($this->best->minutes)),
                'ml' => Quantity::ml(round($this->best->ml)),
            ],
            'single' => array_map(
                fn (array $one): array => [
                    'ask' => $one['ask'],
                    'option' => $one['option'],
                    'text' => $text($one['ask'], $one['option']),
                    'index' => round($one['index'], 2),
                    'minutes' => Quantity::minutes(round($one['minutes'])),
                ],
                $this->single,
            ),
        ];
    }
}
