<?php

declare(strict_types=1);

namespace Kalopsis\Findings;

use Kalopsis\Input\Fields;
use Kalopsis\Input\InvalidInput;
use Kalopsis\Input\Problems;
use Kalopsis\Why\Phrase;

/** Reads what causes defects, and how often beside each other (data/causes.json). */
final class CauseReader
{
    private const MOST = 100;

    /** A cause is at most so much more frequent than another. Chosen here. */
    private const MOST_OFTEN = 20.0;

    private const LONGEST_TEXT = 240;

    /**
     * @return list<Cause>
     * @throws InvalidInput
     */
    public static function read(mixed $json): array
    {
        $problems = new Problems();
        $file = Fields::of($json, $problems);
        $out = [];
        foreach ($file->objects('causes', self::MOST) as $f) {
            $of = [];
            foreach ($f->objects('of', self::MOST) as $one) {
                $of[$one->text('defect', 1, 40, 'The defect')] = $one->plain('often', 0.1, self::MOST_OFTEN, 'How often');
            }
            $deviation = Deviation::tryFrom($f->text('deviation', 1, 40, 'What was otherwise'));
            if ($deviation === null) {
                $problems->add($f->path('deviation'), 'choice', 'This is nothing that a run can be asked for.');
            }
            $out[] = new Cause(
                $f->text('key', 1, 40, 'The key'),
                Phrase::of($f->text('name', 1, 80, 'The name')),
                $deviation ?? Deviation::Unrecorded,
                $of,
                Phrase::of($f->text('cure', 1, self::LONGEST_TEXT, 'What to do otherwise')),
            );
        }
        $problems->stop();

        return $out;
    }
}
