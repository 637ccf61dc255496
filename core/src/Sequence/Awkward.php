<?php

declare(strict_types=1);

namespace Kalopsis\Sequence;

use Kalopsis\Film\MixtureSpec;

/** What an awkward repair makes of a sequence, each a way of its own that painters were taught. Common practice throughout. */
final class Awkward
{
    /** A dusting coat, of a full one. */
    private const DUST = 0.35;

    /** Parts of blending clear to the rest of the last base: over-reduced, nearly transparent. */
    private const OVER_REDUCED = 1.5;

    /** A primer that is to lie flat at its edge is thinned so much more than its sheet says. */
    private const THINNED = 1.15;

    /** A spot of thinned primer ends so far past what was rubbed through, mm; a sealer takes half as much again. */
    private const SPOT_PRIMER_MM = 10.0;

    /**
     * On soft old paint: the whole area isolated first, then every base coat in two dry dusting coats with a long flash, and
     * nothing wet below them.
     */
    public static function isolated(CoatSequence $s): CoatSequence
    {
        $out = [
            CoatStep::plain(
                'isolate',
                'Isolating primer',
                CoatKind::Sealer,
                Extent::wholePanel(),
                'Over the whole old lacquer, edge to edge, so that no new solvent reaches it',
            ),
        ];
        foreach ($s->steps as $step) {
            if ($step->kind === CoatKind::WetBed || $step->kind === CoatKind::Sealer) {
                continue;
            }
            if ($step->kind !== CoatKind::Base) {
                $out[] = $step->kind->isColour() ? $step->changed(landsIn: LandsIn::Dry) : $step;

                continue;
            }
            foreach ([1, 2] as $n) {
                $out[] = $step->changed(
                    id: "{$step->id}-dust-{$n}",
                    name: "{$step->name}, dust {$n}",
                    strokes: Strokes::Single,
                    film: max(CoatStep::FILM[0], $step->film * $step->strokes->passes() / 2.0),
                    landsIn: LandsIn::Dry,
                    drying: Drying::LongFlash,
                    purpose: 'Dry and thin, a long flash after it',
                );
            }
        }

        return new CoatSequence($out);
    }

    public static function isIsolated(CoatSequence $s): bool
    {
        foreach ($s->steps as $step) {
            if ($step->kind === CoatKind::Sealer && ! $step->extent->fades()) {
                return true;
            }
        }

        return false;
    }

    /** Over wax or silicone that no wiping got out: a dust coat first, and time for it to bite. */
    public static function dustedFirst(CoatSequence $s): CoatSequence
    {
        $out = [];
        $done = false;
        foreach ($s->steps as $step) {
            if (! $done && $step->kind === CoatKind::Base) {
                $out[] = $step->changed(
                    id: 'dust-first',
                    name: 'Dust coat',
                    kind: CoatKind::Half,
                    strokes: Strokes::Single,
                    film: self::DUST,
                    landsIn: LandsIn::Dry,
                    purpose: 'Nearly dry, so that a crater has nothing to run in; craters are let flash, then dusted again',
                );
                $done = true;
            }
            $out[] = $step;
        }

        return new CoatSequence($out);
    }

    /** On a big flat panel: the fade over-reduced, so that its overspray is harmless, and the control coat sprayed twice. */
    public static function openMiddle(CoatSequence $s): CoatSequence
    {
        $last = null;
        foreach ($s->steps as $step) {
            $last = $step->kind === CoatKind::Base ? $step : $last;
        }
        $out = [];
        $controls = 0;
        foreach ($s->steps as $step) {
            if ($step->kind === CoatKind::Control) {
                $controls++;
                $out[] = $step->changed(strokes: Strokes::Cross, purpose: 'Twice, once along and once across: even flakes');

                continue;
            }
            $out[] = $step;
            if ($step === $last) {
                $out[] = $step->changed(
                    id: 'over-reduced',
                    name: 'Over-reduced coat',
                    kind: CoatKind::Effect,
                    mixture: new MixtureSpec($step->mixture->reducer, self::OVER_REDUCED),
                    extent: Extent::past(0.6, 0.4),
                    purpose: 'From the rest, nearly transparent: it melts the fade in the open middle',
                );
            }
        }
        if ($controls > 0 || $last === null) {
            return new CoatSequence($out);
        }
        $control = $last->changed(
            id: 'double-control',
            name: 'Double control coat',
            kind: CoatKind::Control,
            gun: new GunChange(Hold::Thin),
            extent: Extent::past(0.6, 0.4),
            strokes: Strokes::Cross,
            film: 0.5,
            purpose: 'Twice, once along and once across: even flakes',
        );

        return self::beforeClear(new CoatSequence($out), $control);
    }

    /** Nothing fades: all that hides goes to the edges of the panels. */
    public static function toTheEdge(CoatSequence $s): CoatSequence
    {
        return new CoatSequence(
            array_map(
                fn (CoatStep $c): CoatStep => $c->kind->hides() ? $c->changed(extent: Extent::wholePanel()) : $c,
                $s->steps,
            ),
        );
    }

    /**
     * A rub-through or chip on a panel that is to be blended: thinned primer on the spot alone instead of a sealer, whose edge
     * would take room from the blend.
     *
     * @param list<string> $repairs ids of the spots
     */
    public static function spotPrimed(CoatSequence $s, array $repairs): CoatSequence
    {
        $spot = CoatStep::plain(
            'spot-primer',
            'Thinned primer',
            CoatKind::Sealer,
            Extent::past(0.0, 0.0, self::SPOT_PRIMER_MM, self::SPOT_PRIMER_MM),
            'On the spot only, thinned by 15 per cent so that its edge lies flat',
        )->changed(mixture: new MixtureSpec(self::THINNED, reason: 'its edge lies flat'), where: Where::repairs($repairs));

        return new CoatSequence([$spot, ...$s->steps]);
    }

    private static function beforeClear(CoatSequence $s, CoatStep $new): CoatSequence
    {
        $out = [];
        $done = false;
        foreach ($s->steps as $step) {
            if (! $done && $step->kind === CoatKind::Clear) {
                $out[] = $new;
                $done = true;
            }
            $out[] = $step;
        }

        return new CoatSequence($done ? $out : [...$out, $new]);
    }
}
