<?php

declare(strict_types=1);

namespace Kalopsis\Tests\Support;

use Kalopsis\Film\Air;
use Kalopsis\Film\PaintSystem;
use Kalopsis\Film\Reducer;
use Kalopsis\Film\ReducerGrade;
use Kalopsis\Input\Fields;
use Kalopsis\Input\Problems;
use Kalopsis\Sequence\CoatSequence;
use Kalopsis\Sequence\FinishClass;
use Kalopsis\Sequence\GunChoice;
use Kalopsis\Sequence\SequenceReader;
use Kalopsis\Spray\Assumptions;
use Kalopsis\Spray\Finish;
use Kalopsis\Spray\Simulation;

/** Sequences of the kind docs/model.md lists, without a car around them. */
final class Sprays
{
    public static function system(string $key = 'northlight-s'): PaintSystem
    {
        $system = (new Bodies())->paintSystem($key);
        assert($system !== null);

        return $system;
    }

    /**
     * Coats stepped out over a blend as the second model lists them: reach 0.1, 0.3, 0.5, fade 0.33, 0.37, 0.5 of it.
     *
     * @param array<string, mixed> $all what every colour coat has besides
     */
    public static function stepped(?string $bed = null, int $coats = 3, array $all = []): CoatSequence
    {
        $shape = [[0.1, 0.33], [0.3, 0.37], [0.5, 0.5]];
        $steps =
            $bed === null
                ? []
                : [['id' => 'bed', 'name' => 'Bed', 'kind' => 'wet-bed', 'extent' => ['kind' => 'whole-panel']]];
        foreach (array_slice($shape, 3 - $coats) as $i => [$reach, $fade]) {
            $steps[] = [
                'id' => "base-{$i}",
                'name' => "Base {$i}",
                'kind' => 'base',
                'landsIn' => $bed ?? 'dry',
                'extent' => ['kind' => 'past', 'reach' => $reach, 'fade' => $fade],
                ...$all,
            ];
        }

        return self::read($steps);
    }

    /** @param list<array<string, mixed>> $steps */
    public static function read(array $steps): CoatSequence
    {
        $problems = new Problems();
        $sequence = new CoatSequence(
            SequenceReader::steps(Fields::of(['steps' => $steps], $problems)->objects('steps', 24)),
        );
        $problems->stop();

        return $sequence;
    }

    public static function simulation(
        CoatSequence $sequence,
        Finish $finish,
        ?Air $air = null,
        ReducerGrade $grade = ReducerGrade::Standard,
        string $system = 'northlight-s',
    ): Simulation {
        $paint = self::system($system);

        return Simulation::of(
            $sequence->drawnOut(300.0, $paint, $finish->class, GunChoice::Standard, []),
            $paint,
            $finish,
            Reducer::of($grade),
            $air ?? new Air(22.0, 50.0),
        );
    }

    /** Visibility index of a difference of so many L*, drawn out over so many mm. */
    public static function index(FinishClass $class, float $dL, float $mm, ?string $bed = null, int $coats = 3): float
    {
        return self::simulation(self::stepped($bed, $coats), Finish::assumed($class, 3, $dL))->look(
            $mm,
            Assumptions::usual(),
            true,
            Simulation::FINE,
            true,
        )->worst;
    }
}
