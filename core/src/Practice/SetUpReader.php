<?php

declare(strict_types=1);

namespace Kalopsis\Practice;

use Kalopsis\Film\Air;
use Kalopsis\Film\BadRatio;
use Kalopsis\Film\MixRatio;
use Kalopsis\Film\Reducer;
use Kalopsis\Film\ReducerGrade;
use Kalopsis\Input\Fields;
use Kalopsis\Input\InvalidInput;
use Kalopsis\Input\Problems;
use Kalopsis\Job\BoothSpec;
use Kalopsis\Job\Catalogue;
use Kalopsis\Panel\Repair;
use Kalopsis\Sequence\FinishClass;
use Kalopsis\Sequence\LandsIn;
use Kalopsis\Spray\Simulation;
use Kalopsis\Tint\Exception\BadFormula;
use Kalopsis\Tint\Formula;
use Kalopsis\Tint\TonerLibrary;
use Kalopsis\Units\Unit;

/** Reads a set-up from its plain values, as scenarios, choices and the sandbox write them. */
final readonly class SetUpReader
{
    /** What a set-up is where nobody says otherwise. */
    public const USUAL = [
        'finish' => 'metallic-light',
        'system' => 'northlight-s',
        'reducer' => 'standard',
        'temperatureC' => 22,
        'humidityPercent' => 50,
        'shade' => 3,
        'spotMm' => 60,
        'blendMm' => 250,
    ];

    /** A blend as long as that is a whole panel. */
    private const BLEND_MM = [20.0, Simulation::LONGEST_MM];

    public function __construct(private Catalogue $catalogue) {}

    /**
     * What the usual is with some values otherwise.
     *
     * @param array<string, mixed> $values
     * @param string $what whose they are, for faults
     * @throws InvalidInput
     */
    public function of(array $values, string $what): SetUp
    {
        $problems = new Problems();
        $is = $this->read(Fields::of([...self::USUAL, ...$values], $problems, $what));
        $problems->stop();
        assert($is !== null);

        return $is;
    }

    /** Faults go to the fields' problems; null where it cannot be sprayed at all. */
    public function read(Fields $f): ?SetUp
    {
        $key = $f->text('system', 1, 60, 'The paint system');
        $system = $this->catalogue->paintSystem($key);
        if ($system === null && $key !== '') {
            $f->problems->add($f->path('system'), 'unknown', "There is no paint system \"{$key}\".");
        }
        $key = $f->text('school', 1, 60, 'The way to spray');
        $school = $this->catalogue->school($key);
        if ($school === null && $key !== '') {
            $f->problems->add($f->path('school'), 'unknown', "There is no school \"{$key}\".");
        }
        $key = $f->text('reducer', 1, 30, 'The reducer');
        $reducer = Reducer::fromKey($key);
        if ($reducer === null && $key !== '') {
            $f->problems->add($f->path('reducer'), 'unknown', "There is no reducer \"{$key}\".");
        }
        $number = fn (string $name, float $usual, float $least, float $most): float => $f->has($name)
            ? $f->plain($name, $least, $most, $name)
            : $usual;
        $off = $f->has('off') ? $f->numbers('off', 3, 'How far the colour is off') : [0.0, 0.0, 0.0];
        $read = [
            $f->choice('finish', FinishClass::class, 'The finish'),
            $reducer ?? Reducer::of(ReducerGrade::Standard),
            new Air(
                $f->number('temperatureC', ...[...BoothSpec::TEMPERATURE_C, Unit::Celsius, 'The booth']),
                $f->number('humidityPercent', 1.0, 100.0, Unit::Percent, 'Humidity'),
            ),
            $f->whole('shade', Repair::GREY_SHADES[0], Repair::GREY_SHADES[1], 'The grey shade'),
            $f->number('spotMm', 5.0, 400.0, Unit::Millimetre, 'The primer'),
            $f->has('roomMm') ? $f->number('roomMm', 20.0, 3000.0, Unit::Millimetre, 'The room') : null,
            $f->number('blendMm', ...[...self::BLEND_MM, Unit::Millimetre, 'The blend']),
            self::ratio($f),
            $off === [] ? [0.0, 0.0, 0.0] : $off,
            $number('flop', 0.0, -20.0, 20.0),
            self::formula($f, 'formula'),
            self::formula($f, 'target'),
            $f->has('bed') ? $f->choice('bed', LandsIn::class, 'The bed') : null,
            $f->has('hurried') && $f->flag('hurried', 'Hurried'),
            $number('film', 1.0, 0.05, 4.0),
            $number('furtherMm', 0.0, -150.0, 350.0),
            $number('barMore', 0.0, -2.0, 2.0),
            $number('overlapMore', 0.0, -70.0, 40.0),
            $number('minutes', 0.0, -120.0, 480.0),
        ];

        return $system === null || $school === null
            ? null
            : new SetUp($read[0], $system, $school, ...array_slice($read, 1));
    }

    private static function ratio(Fields $f): ?MixRatio
    {
        if (! $f->has('ratio')) {
            return null;
        }

        try {
            return MixRatio::parse($f->text('ratio', 1, 30, 'The ratio'));
        } catch (BadRatio $bad) {
            $f->problems->add($f->path('ratio'), 'bad-ratio', $bad->getMessage());

            return null;
        }
    }

    private static function formula(Fields $f, string $name): ?Formula
    {
        if (! $f->has($name)) {
            return null;
        }
        $library = TonerLibrary::northlight();
        $lines = $f->object($name);
        $grams = [];
        foreach ($lines->names() as $toner) {
            if (! $library->has($toner)) {
                $lines->problems->add($lines->path($toner), 'unknown', "There is no toner \"{$toner}\".");

                continue;
            }
            $grams[$toner] = $lines->plain($toner, 0.0, 5000.0, 'The amount');
        }

        try {
            return Formula::of($grams);
        } catch (BadFormula) {
            $lines->problems->add($lines->path(''), 'missing', 'A formula has at least one toner.');

            return null;
        }
    }
}
