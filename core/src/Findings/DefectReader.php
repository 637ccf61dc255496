<?php

declare(strict_types=1);

namespace Kalopsis\Findings;

use Kalopsis\Booth\RunStep;
use Kalopsis\Booth\StepKind;
use Kalopsis\Input\Fields;
use Kalopsis\Input\InvalidInput;
use Kalopsis\Input\Problems;
use Kalopsis\Why\Phrase;

/** Reads what goes wrong in a booth and what is done about it (data/defects.json, docs/formats/defects.schema.json). */
final class DefectReader
{
    private const MOST = 60;

    private const MOST_STEPS = 12;

    /** Nobody waits longer in a booth, min. Chosen here. */
    private const LONGEST_MIN = 240.0;

    private const LONGEST_TEXT = 240;

    /**
     * @return list<Defect>
     * @throws InvalidInput
     */
    public static function read(mixed $json): array
    {
        $problems = new Problems();
        $file = Fields::of($json, $problems);
        $out = [];
        foreach ($file->objects('defects', self::MOST) as $f) {
            $remedies = [];
            foreach ($f->objects('remedies', self::MOST) as $r) {
                $remedies[] = new Remedy(
                    $r->text('key', 1, 40, 'The key'),
                    Phrase::of($r->text('name', 1, 80, 'The name')),
                    Phrase::of($r->text('says', 1, self::LONGEST_TEXT, 'What to do')),
                    array_map(self::step(...), $r->objects('steps', self::MOST_STEPS)),
                );
            }
            $out[] = new Defect(
                $f->text('key', 1, 40, 'The key'),
                Phrase::of($f->text('name', 1, 80, 'The name')),
                Phrase::of($f->text('looks', 1, self::LONGEST_TEXT, 'How it looks')),
                $f->text('picture', 1, 40, 'The picture'),
                $f->text('when', 1, 10, 'When it is seen'),
                $remedies,
                $f->has('after') ? Phrase::of($f->text('after', 1, self::LONGEST_TEXT, 'What to do after clear')) : null,
                array_map(
                    fn (Fields $p): Phrase => Phrase::of($p->text('says', 1, self::LONGEST_TEXT, 'How it is polished')),
                    $f->has('polish') ? $f->objects('polish', self::MOST_STEPS) : [],
                ),
                $f->has('reblend') && $f->flag('reblend', 'Whether it is sprayed again'),
                $f->plainValues('wrong'),
                $f->has('shown') ? self::form($f->object('shown')) : '',
                $f->maybe('shown')->has('angle') ? $f->object('shown')->whole('angle', 15, 110, 'The angle') : 45,
            );
        }
        $problems->stop();

        return $out;
    }

    private static function form(Fields $f): string
    {
        $form = $f->text('form', 1, 10, 'How it is drawn');
        if (! in_array($form, ['round', 'rows', 'clouds'], true)) {
            $f->problems->add($f->path('form'), 'choice', 'A defect is drawn round, in rows or as clouds.');
        }

        return $form;
    }

    private static function step(Fields $f): RunStep
    {
        $does = $f->text('do', 1, 20, 'What is done');
        $minutes = $f->has('minutes') ? $f->plain('minutes', 0.0, self::LONGEST_MIN, 'Minutes') : 0.0;
        $kind = match ($does) {
            'again', 'extra' => StepKind::Coat,
            // Wiping here is work, not the question that is asked before clear.
            'tack' => StepKind::Mend,
            default => StepKind::tryFrom($does),
        };
        if ($kind === null) {
            $f->problems->add($f->path('do'), 'choice', 'A remedy can wait, sand, tack, mend, look at the card, or spray again.');
        }
        $shown = [];
        if ($f->has('name')) {
            $shown['name'] = Phrase::of($f->text('name', 1, 80, 'The name'));
        }
        if ($f->has('says')) {
            $shown['says'] = [Phrase::of($f->text('says', 1, self::LONGEST_TEXT, 'What to look for'))];
        }
        if ($f->has('asks')) {
            $shown['asks'] = Phrase::of($f->text('asks', 1, self::LONGEST_TEXT, 'What is asked'));
        }
        if ($does === 'again') {
            $shown['repeats'] = true;
        }
        if ($does === 'extra') {
            $shown['extra'] = $f->text('coat', 1, 40, 'Which coat');
        }
        $waits = $does === 'wait';

        return new RunStep('', $kind ?? StepKind::Mend, $waits ? 0.0 : $minutes, $waits ? $minutes : null, null, $shown);
    }
}
