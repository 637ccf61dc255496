<?php

declare(strict_types=1);

namespace Kalopsis\Sequence;

/** As many coats of a colour's own layer as a let-down set says: full ones, and a thin one for the rest. */
final class LayerCoats
{
    /** A hand lays a coat in twentieths at the finest. Chosen here. */
    private const PARTS = 20;

    /**
     * The coats go where those they take the place of went; a sequence without a layer stays as it is.
     *
     * @param float $coats at least a twentieth
     */
    public static function of(CoatSequence $s, float $coats): CoatSequence
    {
        $old = array_values(array_filter($s->steps, fn (CoatStep $c): bool => $c->kind->isLayer()));
        if ($old === []) {
            return $s;
        }
        $parts = max(1, (int) round($coats * self::PARTS));
        $full = intdiv($parts, self::PARTS);
        $fresh = [];
        for ($i = 0; $i < $full; $i++) {
            $like = $old[min($i, count($old) - 1)];
            $fresh[] = self::coat($like, self::full($like->kind), 'effect-' . ($i + 1), 'Effect ' . ($i + 1), 1.0);
        }
        $rest = ($parts % self::PARTS) / self::PARTS;
        if ($rest > 0.0) {
            $last = $old[count($old) - 1];
            $kind = $last->kind === CoatKind::TintedClear ? $last->kind : CoatKind::Half;
            $fresh[] = self::coat($last, $kind, 'effect-part', "Effect, {$rest} of a coat", $rest);
        }
        $out = [];
        foreach ($s->steps as $step) {
            if ($step === $old[0]) {
                array_push($out, ...$fresh);
            }
            if (! $step->kind->isLayer()) {
                $out[] = $step;
            }
        }

        return new CoatSequence($out);
    }

    private static function full(CoatKind $kind): CoatKind
    {
        return $kind === CoatKind::TintedClear ? $kind : CoatKind::Base;
    }

    private static function coat(CoatStep $like, CoatKind $kind, string $id, string $name, float $film): CoatStep
    {
        return $like->changed($id, $name, $kind, strokes: Strokes::Single, film: $film);
    }
}
