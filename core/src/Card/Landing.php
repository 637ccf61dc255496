<?php

declare(strict_types=1);

namespace Kalopsis\Card;

use Kalopsis\Colour\FlakeLobe;
use Kalopsis\Film\Air;
use Kalopsis\Film\AirMovement;
use Kalopsis\Film\Carrier;
use Kalopsis\Film\FlakeOrder;
use Kalopsis\Film\FlashOff;
use Kalopsis\Film\Laid;
use Kalopsis\Film\Product;
use Kalopsis\Film\Volatile;
use Kalopsis\Gun\GunSetUp;
use Kalopsis\Gun\Stroke;

/** How the flakes of the last colour coat come to lie when sprayed like this. */
final class Landing
{
    /** A control coat's gun: lower pressure, further away, tight overlap, less paint and a faster hand. docs/model.md section 3. */
    private const CONTROL = [0.95, 300.0, 85.0];

    /** What lands on a wet full coat under a control coat finds about this share of that coat's volatile still there. Chosen here. */
    private const STILL_WET = 0.15;

    public static function lobe(Spraying $s, Product $product, Carrier $carrier, Air $air): FlakeLobe
    {
        $volatile = Volatile::of($carrier, $s->reducer);
        $rate = FlashOff::rate($volatile, $air, AirMovement::Booth);
        $solids = $product->mixedAt($s->ratio)->volumeSolids();
        // The data sheet's film at the data sheet's set-up; another set-up of the same gun lays more or less.
        $wet = $product->wetFilmUm() * Stroke::change($product->gun, $s->gun);
        $full = Laid::of($wet, $solids, 1.0, $s->gun, $volatile, $air)->volatileUm();
        $landing = $full;
        if ($s->controlCoat) {
            $gun = new GunSetUp(...self::CONTROL);
            $thin = Laid::of(Stroke::control()->wetUm($gun), $solids, 1.0, $gun, $volatile, $air)->volatileUm();
            $landing = $thin + self::STILL_WET * $full;
        }

        return FlakeOrder::lobe(FlakeOrder::dryness($landing, $rate), FlakeOrder::tooWet($landing));
    }
}
