<?php

declare(strict_types=1);

namespace Kalopsis\Practice;

use JsonSerializable;
use Kalopsis\Colour\Screen;
use Kalopsis\Gun\Stroke;
use Kalopsis\Input\Fields;
use Kalopsis\Input\Problems;
use Kalopsis\Units\Quantity;
use Kalopsis\Why\Phrase;

/** A scenario as a trainee gets it: nothing of what is true, or of what a choice does, is in it. */
final readonly class Told implements JsonSerializable
{
    /** Angles that a card is held at: face, straight on, along. */
    private const HELD = [15, 45, 110];

    public function __construct(private Scenario $scenario, private SetUpReader $reader) {}

    /** @return array<string, mixed> */
    public function jsonSerialize(): array
    {
        $s = $this->scenario;
        $gun = $s->spray ? Bay::sheetGun($this->shown()) : null;

        return [
            'key' => $s->key,
            'skill' => $s->skill->value,
            'skillWords' => Phrase::of($s->skill->words()),
            'level' => $s->level,
            'title' => $s->title,
            'brief' => $s->brief,
            'facts' => $this->facts(),
            'asks' => array_map(
                fn (Ask $ask): array => [
                    'key' => $ask->key,
                    'text' => $ask->text,
                    'asLength' => $ask->asLength,
                    'options' => array_map(
                        fn (Option $o): array => [
                            'key' => $o->key,
                            'text' => $o->text,
                            'held' => $s->swatches ? $this->held($ask, $o) : null,
                        ],
                        $ask->options,
                    ),
                ],
                $s->asks,
            ),
            'spray' => $gun === null
                ? null
                : [
                    'widthMm' => Hand::PANEL_MM[0],
                    'heightMm' => Hand::PANEL_MM[1],
                    'distanceMm' => $gun->distanceMm,
                    'overlapPercent' => $gun->overlapPercent,
                    'fanShare' => Stroke::fanMm($gun) / $gun->distanceMm,
                    'mmPerS' => Stroke::full()->speedMmPerS,
                ],
        ];
    }

    /** The set-up as it is told, with the first of each choice. */
    public function shown(): SetUp
    {
        $values = [...SetUpReader::USUAL, ...$this->firstChoices(), ...$this->scenario->shown];
        $problems = new Problems();
        $is = $this->reader->read(Fields::of($values, $problems, $this->scenario->key));
        $problems->stop();
        assert($is !== null);

        return $is;
    }

    /** @return array<string, mixed> stand-ins for what is still to be decided */
    private function firstChoices(): array
    {
        $out = [];
        foreach ($this->scenario->asks as $ask) {
            $out = [...$out, ...$ask->options[0]->does];
        }

        return $out;
    }

    /** @return list<Phrase> */
    private function facts(): array
    {
        $is = $this->shown();
        $shown = [...SetUpReader::USUAL, ...$this->scenario->shown];
        $decided = [];
        foreach ($this->scenario->asks as $ask) {
            foreach ($ask->options as $option) {
                $decided += $option->does;
            }
        }
        $told = fn (string $key): bool => isset($shown[$key]) && ! isset($decided[$key]);

        return [
            Phrase::of('{finish}, {system}', ['finish' => Phrase::of($is->finish->words()), 'system' => $is->system->name]),
            Phrase::of('Primer grey {shade}, {mm} around its middle', [
                'shade' => (string) $is->shade,
                'mm' => Quantity::mm($is->spotMm),
            ]),
            Phrase::of('Booth: {celsius}, {percent}', [
                'celsius' => Quantity::celsius($is->air->temperatureC),
                'percent' => Quantity::percent($is->air->humidityPercent),
            ]),
            ...$is->roomMm !== null && $told('roomMm')
                ? [Phrase::of('{mm} to the next panel', ['mm' => Quantity::mm($is->roomMm)])]
                : [],
            ...$told('school') ? [Phrase::of('Sprayed: {way}', ['way' => Phrase::of($is->school->name)])] : [],
            ...$told('blendMm') ? [Phrase::of('Colour goes {mm} past the primer', ['mm' => Quantity::mm($is->blendMm)])] : [],
            ...$told('reducer') ? [Phrase::of('Reducer: {reducer}', ['reducer' => $is->reducer->says()])] : [],
        ];
    }

    /**
     * Car and card side by side, where that card is in the hand already: what has to be sprayed first nobody sees yet.
     *
     * @return ?list<array{angle: int, car: string, card: string}>
     */
    private function held(Ask $ask, Option $option): ?array
    {
        if (isset($option->does['minutes'])) {
            return null;
        }
        $chosen = array_map(fn (Ask $a): string => $a->options[0]->key, $this->scenario->asks);
        $chosen = array_combine(array_map(fn (Ask $a): string => $a->key, $this->scenario->asks), $chosen);
        $bay = new Bay((new Answer($this->scenario, [...$chosen, $ask->key => $option->key]))->setUp($this->reader));
        $out = [];
        foreach (self::HELD as $angle) {
            $old = $bay->finish->oldAt($angle);
            $new = $bay->finish->newAt($angle);
            $exposure = 100.0 / max(100.0, $old->y, $new->y);
            $viewing = $bay->finish->viewing();
            $out[] = [
                'angle' => $angle,
                'car' => Screen::ofLight($old, $viewing, $exposure),
                'card' => Screen::ofLight($new, $viewing, $exposure),
            ];
        }

        return $out;
    }
}
