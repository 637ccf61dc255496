<?php

declare(strict_types=1);

namespace Kalopsis\Card;

use JsonSerializable;
use Kalopsis\Colour\Comparison;
use Kalopsis\Colour\FlopIndex;
use Kalopsis\Colour\Geometry;
use Kalopsis\Colour\Lab;
use Kalopsis\Colour\Measurement;
use Kalopsis\Colour\PainterWords;
use Kalopsis\Colour\Ranked;
use Kalopsis\Colour\Screen;
use Kalopsis\Why\Phrase;

/** A sample with everything that can be said of it next to the car. */
final readonly class JudgedSample implements JsonSerializable
{
    /** @param list<Phrase> $questions */
    public function __construct(
        public DeskSample $sample,
        public array $questions,
        public float $exposure,
        public ?Comparison $comparison,
        public ?float $inLampLight,
        public ?CardVerdict $verdict,
        public ?AgainstPlan $against,
        public ?Gate $gate,
        public ?Ranked $ranked,
        public ?int $place,
    ) {}

    /** @return array<string, mixed> */
    public function jsonSerialize(): array
    {
        $s = $this->sample;

        return [
            'id' => $s->id,
            'reading' =>
                $s->mean === null
                    ? null
                    : [
                        'geometry' => $s->mean->geometry->value,
                        'geometryWords' => $s->mean->geometry->words(),
                        'viewing' => $s->mean->viewing->name(),
                        'spectral' => $s->mean->hasSpectra(),
                        'shots' => $s->shots,
                        'spots' => $s->spots,
                        'outliers' => $s->outliers,
                        'spread' => round($s->spread, 2),
                        'instruments' => $s->instruments,
                        'flopIndex' => self::rounded(FlopIndex::of($s->mean), 1),
                        'angles' => array_map(
                            fn (int $angle, Lab $lab): array => [
                                'angle' => $angle,
                                'place' => Geometry::place($angle),
                                'lab' => $lab,
                                'hex' => Screen::hex($lab, $this->exposure),
                            ],
                            array_keys($s->mean->labs),
                            array_values($s->mean->labs),
                        ),
                    ],
            'questions' => $this->questions,
            'comparison' =>
                $this->comparison === null
                    ? null
                    : [
                        'angles' => array_values($this->comparison->angles),
                        'overall' => round($this->comparison->overall(), 2),
                        'worst' => $this->comparison->worst(),
                        'flop' => self::rounded($this->comparison->flop, 1),
                        'sentence' => PainterWords::sentence($this->comparison),
                        'inLampLight' => self::rounded($this->inLampLight, 2),
                    ],
            'verdict' =>
                $this->verdict === null
                    ? null
                    : [
                        'grade' => $this->verdict->grade->value,
                        'words' => $this->verdict->grade->words(),
                        'says' => $this->verdict->says,
                        'need' => $this->verdict->need,
                        'gapIndex' => round($this->verdict->gapIndex, 2),
                    ],
            'against' =>
                $this->against === null
                    ? null
                    : [
                        'differences' => $this->against->differences,
                        'shift' => array_map(
                            fn (int $angle, array $d): array => [
                                'angle' => $angle,
                                'dL' => round($d[0], 2),
                                'da' => round($d[1], 2),
                                'db' => round($d[2], 2),
                            ],
                            array_keys($this->against->shift),
                            array_values($this->against->shift),
                        ),
                        'says' => $this->shiftSentence(),
                    ],
            'prediction' => $this->prediction(),
            'gate' => $this->gate,
            'place' => $this->place,
            'why' => $this->ranked?->why(),
            'clearlyOff' => $this->ranked?->isClearlyOff() ?? false,
        ];
    }

    /** @return ?array<string, mixed> how the card came out against what the advice said */
    private function prediction(): ?array
    {
        if ($this->sample->predicted === null || $this->sample->mean === null) {
            return null;
        }
        $gap = Comparison::of($this->sample->predicted, $this->sample->mean);

        return [
            'overall' => round($gap->overall(), 2),
            'sentence' => self::cameOut(
                $gap->overall() < 0.3,
                PainterWords::words($gap),
                'Came out as predicted.',
                'Against the prediction it came out {words}.',
            ),
        ];
    }

    /** What would change if this card's paint were sprayed like the plan. */
    private function shiftSentence(): Phrase
    {
        if ($this->against === null || $this->sample->mean === null || $this->against->isSprayedAlike()) {
            return Phrase::of('Sprayed like the plan.');
        }
        $panel = Measurement::ofLabs($this->against->onPanel);
        $shift = Comparison::of($this->sample->mean, $panel);

        return self::cameOut(
            $shift->worst()->de2000 < 0.3,
            PainterWords::words($shift),
            'Sprayed like the plan it would measure about the same.',
            'Sprayed like the plan the panel comes out {words}.',
        );
    }

    /** @param list<Phrase> $words */
    private static function cameOut(bool $alike, array $words, string $same, string $other): Phrase
    {
        return $alike || $words === [] ? Phrase::of($same) : Phrase::of($other, ['words' => $words]);
    }

    private static function rounded(?float $value, int $decimals): ?float
    {
        return $value === null ? null : round($value, $decimals);
    }
}
