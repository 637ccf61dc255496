<?php

declare(strict_types=1);

namespace Kalopsis\Panel;

use Kalopsis\Input\Fields;
use Kalopsis\Input\InvalidInput;
use Kalopsis\Input\Problem;
use Kalopsis\Input\Problems;
use Kalopsis\Why\Phrase;

/** Reads silhouettes (data/silhouettes.json): a drawing, which of its parts, what a tape is held to, and usual proportions. */
final class SilhouetteReader
{
    private const MOST = 60;

    /** Nothing on a car is longer. Chosen here. */
    public const LENGTH_MM = [50.0, 8000.0];

    /**
     * @param callable(string): BodyShape $drawing by key
     * @param ?string $only one of them; null: all
     * @return array<string, Silhouette> by key
     * @throws InvalidInput
     */
    public static function read(mixed $json, callable $drawing, ?string $only = null): array
    {
        $problems = new Problems();
        $file = Fields::of($json, $problems);
        $tapes = $file->object('tapes');
        $known = [];
        $once = function (string $key) use (&$known, $drawing): BodyShape {
            return $known[$key] ??= $drawing($key);
        };
        $out = [];
        foreach ($file->objects('silhouettes', self::MOST) as $f) {
            $key = $f->text('key', 1, 40, 'The key');
            $name = $f->text('name', 1, 80, 'The name');
            if ($only !== null && $key !== $only) {
                continue;
            }
            $body = self::named(
                self::parts($once($f->text('body', 1, 60, 'The drawing')), $f->texts('parts', self::MOST, 60, 'A part')),
                $f->plainValues('names'),
            );
            $own = array_map(
                fn (Fields $t): Tape => self::tape($t, $body),
                $tapes->objects($f->text('tapes', 1, 40, 'The tapes'), self::MOST),
            );
            $problems->stop();
            $drawn = new Silhouette($key, $name, $body, $own);
            $proportions = array_map(
                fn (mixed $mm): float => is_numeric($mm) ? (float) $mm : 0.0,
                $f->plainValues('proportions'),
            );
            foreach ($proportions === [] ? [] : $own as $tape) {
                // What is not said stays as it is drawn: another tail makes no smaller car.
                $proportions[$tape->key] ??= $tape->drawnMm();
            }
            $fitted = $proportions === [] ? $body : TapeFit::of($drawn, $proportions, $body->key, $body->name);
            // The tapes begin and end where the fitted drawing has its panels.
            $out[$key] = new Silhouette($key, $name, $fitted, array_map(
                fn (Tape $t): Tape => self::on($fitted, $t->key, $t->name, $t->how, $t->panel, $t->across),
                $own,
            ));
        }
        $problems->stop();

        return $out;
    }

    private static function tape(Fields $t, BodyShape $body): Tape
    {
        $panel = $t->text('panel', 1, 60, 'The panel');
        if (! $body->has($panel)) {
            throw new InvalidInput([new Problem($t->path('panel'), 'unknown', Phrase::of('The drawing has no such panel.'))]);
        }

        return self::on(
            $body,
            $t->text('key', 1, 40, 'The key'),
            Phrase::of($t->text('name', 1, 80, 'The name')),
            Phrase::of($t->text('how', 1, 200, 'Where the tape is held')),
            $panel,
            $t->isText('along', 'y'),
        );
    }

    private static function on(BodyShape $body, string $key, Phrase $name, Phrase $how, string $panel, bool $across): Tape
    {
        return Tape::over($body->panel($panel), $key, $name, $how, $across, TapeFit::hasTwoSides($body));
    }

    /** @param list<string> $parts none: all of it */
    private static function parts(BodyShape $body, array $parts): BodyShape
    {
        return $parts === []
            ? $body
            : new BodyShape($body->key, $body->name, 'part', array_intersect_key($body->panels, array_flip($parts)), []);
    }

    /** @param array<string, mixed> $names of panels, by their id */
    private static function named(BodyShape $body, array $names): BodyShape
    {
        $panels = [];
        foreach ($body->panels as $id => $p) {
            $name = $names[$id] ?? $p->name;
            $panels[$id] = new Panel(
                $p->id,
                is_string($name) ? $name : $p->name,
                $p->kind,
                $p->material,
                $p->orientation,
                $p->outline,
                $p->bodyLines,
                $p->freeEdges,
            );
        }

        return new BodyShape($body->key, $body->name, $body->style, $panels, $body->seams, $body->trim);
    }
}
