<?php

declare(strict_types=1);

namespace Kalopsis\Card;

use Kalopsis\Colour\FlakeLobe;
use Kalopsis\Colour\Measurement;
use Kalopsis\Film\Air;
use Kalopsis\Film\FlakeOrder;
use Kalopsis\Film\MixtureSpec;
use Kalopsis\Film\PaintSystem;
use Kalopsis\Film\Product;
use Kalopsis\Film\ProductRole;
use Kalopsis\Sequence\CoatKind;
use Kalopsis\Sequence\CoatSequence;
use Kalopsis\Sequence\CoatStep;
use Kalopsis\Sequence\Drying;
use Kalopsis\Sequence\Extent;
use Kalopsis\Sequence\FinishClass;
use Kalopsis\Sequence\GunChange;
use Kalopsis\Sequence\GunChoice;
use Kalopsis\Sequence\Hold;
use Kalopsis\Sequence\LandsIn;
use Kalopsis\Sequence\Strokes;
use Kalopsis\Sequence\Where;
use Kalopsis\Spray\Finish;
use Kalopsis\Spray\Pigment;
use Kalopsis\Spray\Places;
use Kalopsis\Spray\Simulation;

/**
 * How the flakes of the last colour coat come to lie when sprayed like this: a sequence without extents, sprayed by the
 * plan's own physics.
 */
final class Landing
{
    public static function lobe(
        Spraying $s,
        Product $product,
        PaintSystem $system,
        Air $air,
        Measurement $measured,
        Pigment $pigment,
    ): FlakeLobe {
        $class = $product->role === ProductRole::BaseEffect ? FinishClass::MetallicLight : FinishClass::SolidDark;
        $coats = self::sequence($s)->drawnOut(1.0, $system, $class, GunChoice::Standard, [
            $product->role->value => $s->ratio,
        ]);
        $simulation = Simulation::of(
            $coats,
            $system,
            Finish::measured($class, $s->undercoatShade, $measured, $measured, $pigment),
            $s->reducer,
            $air,
        );
        $laid = $simulation->colours()->laid(new Places(-1.0, 1.0, 1), 1.0);
        $top = count($simulation->layers) - 1;

        return FlakeOrder::lobe(
            $pigment->flakes,
            $laid->dryness[0][$top] ?? 0.0,
            $laid->swims[0][$top] ?? 0.0,
            $pigment->tilt->factor,
        );
    }

    /** A card has no edges: every coat covers all of it. */
    private static function sequence(Spraying $s): CoatSequence
    {
        $gun = new GunChange(Hold::Full, $s->gun->bar, $s->gun->distanceMm, $s->gun->overlapPercent);
        $steps = [];
        for ($i = 1; $i <= max(1, $s->fullCoats); $i++) {
            $steps[] = self::step("base-{$i}", CoatKind::Base, $gun, 1.0);
        }
        for ($i = 1; $i <= $s->halfCoats; $i++) {
            $steps[] = self::step("half-{$i}", CoatKind::Half, $gun, 0.5);
        }
        if ($s->controlCoat) {
            $steps[] = self::step('control', CoatKind::Control, new GunChange(Hold::Thin), 0.5);
        }

        return new CoatSequence($steps);
    }

    private static function step(string $id, CoatKind $kind, GunChange $gun, float $film): CoatStep
    {
        return new CoatStep(
            $id,
            $id,
            $kind,
            new MixtureSpec(),
            $gun,
            Extent::wholePanel(),
            Where::everywhere(),
            Strokes::Single,
            $film,
            LandsIn::Dry,
            Drying::Flash,
            '',
        );
    }
}
