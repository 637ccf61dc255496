<?php

declare(strict_types=1);

namespace Kalopsis\Sequence;

use Kalopsis\Film\MixtureSpec;

/**
 * Spot work: the clear ends inside a panel or pillar where no break is within reach. Clear 1 over the base only, clear 2
 * further, two thinned ones further still, then fade-out solvent on the edge, all inside the scuffed area. The order is
 * common practice; the distances are chosen here, so that the tape stands back as far as painters set it.
 */
final class ClearFade
{
    /** The tape's soft edge, or a folded false edge, stands so far back from the end of what is scuffed, mm. Common practice. */
    public const SET_BACK_MM = 60.0;

    /** Past where the blend ends, mm: bed, clear 1 to 4 and where the fade-out solvent begins. Chosen here. */
    private const BED_MM = 10.0;

    private const BED_FADE_MM = 20.0;

    private const CLEARS_MM = [20.0, 60.0, 90.0, 110.0];

    /** From full to nothing, mm: the further out, the softer. Chosen here. */
    private const FADES_MM = [40.0, 40.0, 50.0, 70.0];

    private const SOLVENT_FROM_MM = 80.0;

    /** Light coats of solvent melt, a wet one runs: the share of a full coat. Chosen here. */
    private const SOLVENT_FILM = 0.6;

    /** Where the scuffed area ends for a clear that ends there, mm past the primer. */
    public static function scuffedMm(float $clearEndsMm): float
    {
        return $clearEndsMm + self::SET_BACK_MM;
    }

    /** The clear ends inside the panel; the bed with it. */
    public static function of(CoatSequence $s): CoatSequence
    {
        $clears = array_values(array_filter($s->steps, fn (CoatStep $c): bool => $c->kind === CoatKind::Clear));
        $steps = [];
        foreach ($s->steps as $step) {
            if ($step->kind === CoatKind::WetBed && ! $step->extent->fades()) {
                $steps[] = $step->changed(extent: Extent::beyond(self::BED_MM, self::BED_FADE_MM));
            } elseif ($step->kind !== CoatKind::Clear && $step->kind !== CoatKind::FadeSolvent) {
                $steps[] = $step;
            }
        }
        $where = $clears[0]->where ?? Where::everywhere();
        $films = [1.0, 1.0, 0.5, 0.35];
        $thinned = [0.0, 0.0, 0.5, 1.0];
        $says = [
            'Over the base only, medium',
            'A little further out, full and wet',
            'Thinned with fade-out solvent, further out',
            'Thinned by half, to the soft edge of the tape',
        ];
        foreach (self::CLEARS_MM as $i => $mm) {
            $extent = Extent::beyond($mm, self::FADES_MM[$i]);
            if ($i < 2 && isset($clears[$i])) {
                $steps[] = $clears[$i]->changed(extent: $extent, purpose: $says[$i]);

                continue;
            }
            $id = 'clear-' . ($i + 1);
            $steps[] = CoatStep::plain($id, 'Clear ' . ($i + 1), CoatKind::Clear, $extent, $says[$i])->changed(
                mixture: new MixtureSpec(fadeSolvent: $thinned[$i]),
                where: $where,
                film: $films[$i],
            );
        }
        $last = self::CLEARS_MM[3] + self::FADES_MM[3];
        $steps[] = CoatStep::plain(
            'fade-solvent',
            'Fade-out solvent',
            CoatKind::FadeSolvent,
            Extent::ring(self::SOLVENT_FROM_MM, $last + self::SET_BACK_MM - Extent::EDGE_MM, Extent::EDGE_MM),
            'Light coats on the edge of the clear only, never past the scuffed area',
        )->changed(where: $where, film: self::SOLVENT_FILM);

        return new CoatSequence($steps);
    }

    /** Bed and clear over the whole panel again, as most painters spray them. */
    public static function whole(CoatSequence $s): CoatSequence
    {
        $steps = [];
        $clears = 0;
        foreach ($s->steps as $step) {
            if ($step->kind === CoatKind::FadeSolvent) {
                continue;
            }
            if ($step->kind === CoatKind::Clear && (++$clears > 2 || $step->mixture->fadeSolvent > 0.0)) {
                continue;
            }
            $steps[] = match ($step->kind) {
                CoatKind::WetBed => $step->changed(extent: Extent::wholePanel()),
                CoatKind::Clear => $step->changed(
                    extent: Extent::wholePanel(),
                    purpose: $clears === 1 ? 'Medium, not heavy' : 'Full and wet',
                ),
                default => $step,
            };
        }

        return new CoatSequence($steps);
    }
}
