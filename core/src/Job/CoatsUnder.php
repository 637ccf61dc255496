<?php

declare(strict_types=1);

namespace Kalopsis\Job;

use Kalopsis\Film\Mixture;
use Kalopsis\Film\MixtureSpec;
use Kalopsis\Film\PaintSystem;
use Kalopsis\Film\ProductRole;
use Kalopsis\Gun\GunSetUp;
use Kalopsis\Gun\Stroke;
use Kalopsis\Sequence\Coat;
use Kalopsis\Sequence\CoatKind;
use Kalopsis\Sequence\CoatStep;
use Kalopsis\Sequence\Drying;
use Kalopsis\Sequence\Extent;
use Kalopsis\Sequence\ExtentKind;
use Kalopsis\Sequence\LandsIn;

/** Coats as they come out under other conditions than they were planned for. */
final class CoatsUnder
{
    /**
     * @param list<Coat> $coats as planned
     * @return list<Coat>
     */
    public static function conditions(array $coats, PaintSystem $system, Conditions $c): array
    {
        $out = [];
        if ($c->addBed && $system->has(ProductRole::WetBed)) {
            $mixture = Mixture::of($system, ProductRole::WetBed, new MixtureSpec(), null);
            $step = CoatStep::plain('put-bed', 'Wet bed', CoatKind::WetBed, Extent::wholePanel(), '');
            $out[] = new Coat($step, $mixture, null, 0.0, 1.0, $mixture->product->gun, Stroke::full(), null);
        }
        $first = true;
        foreach ($coats as $coat) {
            if (! $coat->isColour()) {
                $out[] = $coat;

                continue;
            }
            $out[] = self::colour($coat, $c, $first);
            $first = false;
        }

        return $out;
    }

    private static function colour(Coat $coat, Conditions $c, bool $first): Coat
    {
        $landsIn = $coat->step->landsIn;
        if ($c->addBed && $landsIn === LandsIn::Dry) {
            $landsIn = $first ? LandsIn::WetBed : LandsIn::FlashedBed;
        }
        if ($c->bed !== null && $landsIn->bedOpen() > $c->bed->bedOpen()) {
            $landsIn = $c->bed;
        }
        $sheet = $coat->mixture->product->gun;
        $gun = $c->sheetGun && $coat->kind() !== CoatKind::Control ? $sheet : $coat->gun;
        $held = new GunSetUp(
            self::within($gun->bar + $c->barMore, GunSetUp::PRESSURE_BAR),
            self::within($gun->distanceMm + $c->furtherMm, GunSetUp::DISTANCE_MM),
            self::within($gun->overlapPercent + $c->overlapMore, [10.0, 95.0]),
            $coat->gun->fanMm,
        );

        // Whoever holds the gun otherwise sprays until it covers all the same: as much film, laid drier or in fewer strokes.
        return new Coat(
            $coat->step->changed(
                landsIn: $landsIn,
                drying: $c->wetInWet ? Drying::WetOnWet : null,
                extent: $c->longer === 1.0 ? null : self::drawnOut($coat, $c->longer),
            ),
            $coat->mixture,
            $coat->reachMm,
            $coat->fadeMm,
            $coat->filmShare * $c->film,
            $held,
            $coat->stroke,
            $coat->solvedMm,
            $coat->innerMm,
        );
    }

    /** The same coat ending so much further out; null where it covers the panel or a ring. */
    private static function drawnOut(Coat $coat, float $times): ?Extent
    {
        $extent = $coat->step->extent;

        return $coat->reachMm === null || $extent->kind !== ExtentKind::Past
            ? null
            : Extent::past($extent->reach, $extent->fade, $times * $coat->reachMm, $times * $coat->fadeMm);
    }

    /** @param array{float, float} $limits */
    private static function within(float $value, array $limits): float
    {
        return max($limits[0], min($limits[1], $value));
    }
}
