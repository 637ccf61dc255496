<?php

declare(strict_types=1);

namespace Kalopsis\Sequence;

use Kalopsis\Input\Fields;
use Kalopsis\Input\InvalidInput;
use Kalopsis\Input\Problems;

/** Reads a school from decoded JSON (docs/formats/school.schema.json); every fault is told at its field. */
final class SchoolReader
{
    /** Shorter or longer than this beside the usual blend is another school. Chosen here. */
    private const USUAL = [0.2, 2.0];

    /** @throws InvalidInput */
    public static function read(mixed $json, string $at = ''): School
    {
        $problems = new Problems();
        $f = Fields::of($json, $problems, $at);
        if (! $f->isText('format', School::FORMAT)) {
            $problems->add($f->path('format'), 'format', 'This is not a Kalopsis school.');
        } elseif ($f->whole('version', 1, School::VERSION, 'The version') !== School::VERSION) {
            $problems->add($f->path('version'), 'version', 'This school was written by another version.');
        }
        $key = $f->text('key', 1, 60, 'The key');
        if ($key !== '' && preg_match('/^[a-z0-9]+(-[a-z0-9]+)*$/', $key) !== 1) {
            $problems->add($f->path('key'), 'format', 'A key takes lower-case letters, digits and dashes.');
        }
        $name = $f->text('name', 1, 60, 'The name');
        $how = $f->has('how') ? $f->text('how', 0, 300, 'How it is done') : '';
        $risk = $f->has('risk') ? $f->text('risk', 0, 200, 'The risk') : '';
        $usual = $f->has('usual') ? $f->plain('usual', self::USUAL[0], self::USUAL[1], 'The usual length') : 1.0;
        $steps = [];
        foreach ($f->objects('steps', 3 * CoatSequence::MOST_STEPS) as $entry) {
            $steps[] = new SchoolStep(SequenceReader::step($entry), self::finishes($entry));
        }
        foreach ($steps === [] ? [] : FinishClass::cases() as $finish) {
            self::twice(array_filter($steps, fn (SchoolStep $s): bool => $s->isFor($finish)), $f);
        }
        if ($steps === []) {
            $problems->add($f->path('steps'), 'missing', 'A school has at least one step.');
        }
        $problems->stop();

        return new School($key, $name, $how, $risk, $usual, $steps);
    }

    /** @return list<FinishClass> */
    private static function finishes(Fields $f): array
    {
        $out = [];
        foreach ($f->has('for') ? $f->texts('for', 10, 30, 'A finish') : [] as $name) {
            $finish = FinishClass::tryFrom($name);
            if ($finish === null) {
                $f->problems->add($f->path('for'), 'unknown', "There is no finish \"{$name}\".");
            } else {
                $out[] = $finish;
            }
        }

        return $out;
    }

    /** @param array<SchoolStep> $steps */
    private static function twice(array $steps, Fields $f): void
    {
        $ids = array_map(fn (SchoolStep $s): string => $s->step->id, $steps);
        if (count($ids) !== count(array_unique($ids))) {
            $f->problems->add($f->path('steps'), 'taken', 'Two steps for the same finish have the same id.');
        }
    }
}
