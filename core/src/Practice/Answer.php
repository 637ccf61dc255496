<?php

declare(strict_types=1);

namespace Kalopsis\Practice;

use Kalopsis\Input\Fields;
use Kalopsis\Input\InvalidInput;

/** A scenario as somebody decided it, and as it really is. */
final readonly class Answer
{
    /** What nobody decides: there the truth is above whatever was told. */
    private const WEATHER = ['temperatureC' => 0, 'humidityPercent' => 0];

    /** @param array<string, string> $chosen option by ask */
    public function __construct(public Scenario $scenario, public array $chosen) {}

    /**
     * @param Fields $f of "choices": {ask: option}
     * @throws InvalidInput where something was not decided
     */
    public static function read(Scenario $scenario, Fields $f): self
    {
        $chosen = [];
        $choices = $f->maybe('choices');
        foreach ($scenario->asks as $ask) {
            $option = $choices->has($ask->key) ? $choices->text($ask->key, 1, 60, 'The choice') : '';
            if ($ask->option($option) === null) {
                $f->problems->add($f->path("choices.{$ask->key}"), 'missing', 'Decide this first.');
            }
            $chosen[$ask->key] = $option;
        }
        $f->problems->stop();

        return new self($scenario, $chosen);
    }

    /** The same but for one decision. */
    public function with(string $ask, string $option): self
    {
        return new self($this->scenario, [...$this->chosen, $ask => $option]);
    }

    /** What was shown, what was decided, and what is true of either. */
    public function setUp(SetUpReader $reader): SetUp
    {
        $values = $this->scenario->shown;
        foreach ($this->chosen as $ask => $option) {
            $values = [...$values, ...$this->scenario->ask($ask)?->option($option)->does ?? []];
        }
        // The truth lies beneath what was decided.
        $truth = $this->scenario->truth;
        $values = [...$truth, ...SetUpReader::USUAL, ...$values, ...array_intersect_key($truth, self::WEATHER)];

        return $reader->of($values, $this->scenario->key);
    }
}
