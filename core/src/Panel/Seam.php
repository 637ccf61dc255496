<?php

declare(strict_types=1);

namespace Kalopsis\Panel;

/** Where two panels meet at a gap: the same stretch as it runs on either panel, walked in the same sense. */
final readonly class Seam
{
    private const SAMPLES = 9;

    public Motion $bOntoA;

    public function __construct(
        public string $panelA,
        public string $panelB,
        public float $gapMm,
        public Polyline $lineA,
        public Polyline $lineB,
        Outline $outlineA,
    ) {
        $this->bOntoA = self::unfold($lineA, $lineB, $gapMm, $outlineA);
    }

    public function other(string $panelId): string
    {
        return $panelId === $this->panelA ? $this->panelB : $this->panelA;
    }

    /** The seam as it runs on that panel. */
    public function lineOn(string $panelId): Polyline
    {
        return $panelId === $this->panelA ? $this->lineA : $this->lineB;
    }

    /** The motion that unfolds the *other* panel into this panel's plane, across the gap. */
    public function otherOnto(string $panelId): Motion
    {
        return $panelId === $this->panelA ? $this->bOntoA : $this->bOntoA->inverse();
    }

    /**
     * Panels drawn side by side on the sheet keep their places. Panels that meet along a fold (a bonnet and
     * a wing) lie apart on the sheet: the second is laid against the first along the seam, a gap away.
     */
    private static function unfold(Polyline $a, Polyline $b, float $gapMm, Outline $outlineA): Motion
    {
        $on = $a->evenly(self::SAMPLES);
        $from = $b->evenly(self::SAMPLES);
        $furthest = 0.0;
        foreach ($on as $i => $p) {
            $furthest = max($furthest, $p->distanceTo($from[$i]));
        }
        if ($furthest <= 2 * $gapMm) {
            return Motion::none();
        }
        $motion = Motion::fitting($from, $on);
        $first = $on[0];
        $last = $on[self::SAMPLES - 1];
        $length = max(1e-9, $first->distanceTo($last));
        $nx = -($last->y - $first->y) / $length;
        $ny = ($last->x - $first->x) / $length;
        $middle = $on[intdiv(self::SAMPLES, 2)];
        $outwards = $outlineA->contains($middle->x + 5 * $nx, $middle->y + 5 * $ny) ? -$gapMm : $gapMm;

        return $motion->shiftedBy($nx * $outwards, $ny * $outwards);
    }
}
