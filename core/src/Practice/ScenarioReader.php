<?php

declare(strict_types=1);

namespace Kalopsis\Practice;

use Kalopsis\Film\Reducer;
use Kalopsis\Input\Fields;
use Kalopsis\Input\InvalidInput;
use Kalopsis\Input\Problems;
use Kalopsis\Job\Catalogue;
use Kalopsis\Units\Quantity;
use Kalopsis\Units\Unit;
use Kalopsis\Why\Phrase;

/** Reads scenarios (data/practice.json, and those that a lead makes of jobs). */
final readonly class ScenarioReader
{
    private const MOST = 200;

    private const MOST_OPTIONS = 40;

    private const LONGEST_TEXT = 400;

    private const LEVELS = [1, 6];

    public function __construct(private Catalogue $catalogue) {}

    /**
     * @return array<string, Scenario> by key, the easy ones first
     * @throws InvalidInput
     */
    public function all(mixed $json): array
    {
        $problems = new Problems();
        $out = [];
        foreach (Fields::of($json, $problems)->objects('scenarios', self::MOST) as $f) {
            $scenario = $this->one($f);
            $out[$scenario->key] = $scenario;
        }
        $problems->stop();
        uasort($out, fn (Scenario $a, Scenario $b): int => $a->level <=> $b->level);

        return $out;
    }

    /** @throws InvalidInput */
    public function read(mixed $json): Scenario
    {
        $problems = new Problems();
        $scenario = $this->one(Fields::of($json, $problems));
        $problems->stop();

        return $scenario;
    }

    private function one(Fields $f): Scenario
    {
        $asks = [];
        foreach ($f->objects('asks', 8) as $ask) {
            $asks[] = $this->ask($ask);
        }

        return new Scenario(
            $f->text('key', 1, 60, 'The key'),
            $f->choice('skill', Skill::class, 'The skill'),
            $f->whole('level', self::LEVELS[0], self::LEVELS[1], 'The level'),
            Phrase::of($f->text('title', 1, 80, 'The title')),
            Phrase::of($f->text('brief', 1, self::LONGEST_TEXT, 'What the trainee is told')),
            $f->plainValues('shown'),
            $f->plainValues('truth'),
            $asks,
            $f->has('spray') && $f->flag('spray', 'Sprayed by hand'),
            $f->has('swatches') && $f->flag('swatches', 'Judged by eye'),
        );
    }

    private function ask(Fields $f): Ask
    {
        $key = $f->text('key', 1, 40, 'The key');
        $text = Phrase::of($f->text('text', 1, 120, 'The question'));
        if ($f->has('length')) {
            return new Ask($key, $text, self::lengths($f->object('length')), true);
        }
        $options = [];
        foreach ($f->has('schools') ? $f->texts('schools', self::MOST_OPTIONS, 60, 'A school') : [] as $school) {
            $name = $this->catalogue->school($school)->name ?? $school;
            $options[] = new Option($school, Phrase::of($name), ['school' => $school]);
        }
        foreach ($f->has('reducers') ? $f->texts('reducers', self::MOST_OPTIONS, 30, 'A reducer') : [] as $reducer) {
            $says = Reducer::fromKey($reducer)?->says() ?? Phrase::of($reducer);
            $options[] = new Option($reducer, $says, ['reducer' => $reducer]);
        }
        foreach ($f->has('ratios') ? $f->texts('ratios', self::MOST_OPTIONS, 30, 'A ratio') : [] as $ratio) {
            $options[] = new Option($ratio, Phrase::of('{ratio}', ['ratio' => $ratio]), ['ratio' => $ratio]);
        }
        foreach ($f->has('options') ? $f->objects('options', self::MOST_OPTIONS) : [] as $o) {
            $options[] = new Option(
                $o->text('key', 1, 40, 'The key'),
                Phrase::of($o->text('text', 1, 160, 'The choice')),
                $o->plainValues('does'),
            );
        }
        if (count($options) < 2) {
            $f->problems->add($f->path('options'), 'missing', 'Something to decide has two choices at least.');
        }

        return new Ask($key, $text, $options);
    }

    /** @return list<Option> */
    private static function lengths(Fields $f): array
    {
        $from = $f->number('from', 20.0, 900.0, Unit::Millimetre, 'The shortest');
        $to = $f->number('to', $from, 900.0, Unit::Millimetre, 'The longest');
        $step = $f->number('step', 5.0, 200.0, Unit::Millimetre, 'The step');
        $out = [];
        for ($mm = $from; $mm <= $to + 1e-9 && count($out) < self::MOST_OPTIONS; $mm += $step) {
            $out[] = new Option((string) round($mm), Phrase::of('{mm}', ['mm' => Quantity::mm($mm)]), ['blendMm' => $mm]);
        }

        return $out;
    }
}
