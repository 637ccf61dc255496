<?php

declare(strict_types=1);

namespace Kalopsis\Film;

use Kalopsis\Units\Quantity;
use Kalopsis\Why\Phrase;
use Kalopsis\Why\Reason;
use Kalopsis\Why\SourceKind;

/** What painters expect to wait between base coats. A look at the film decides: ready is evenly dull. */
final class FlashGuide
{
    /** Solvent base: up to this panel temperature (deg C), minutes from and to. Common practice. */
    private const SOLVENT = [[18.0, 8, 15], [24.0, 5, 10], [28.0, 4, 7], [99.0, 3, 5]];

    /** Waterborne base, with a hand blower: up to this relative humidity (%), minutes. Common practice. */
    private const WATERBORNE = [[60.0, 2, 5], [75.0, 4, 8], [101.0, 8, 15]];

    public static function betweenBaseCoats(Carrier $carrier, float $temperatureC, float $humidityPercent): Reason
    {
        $table = $carrier === Carrier::Solvent ? self::SOLVENT : self::WATERBORNE;
        $at = $carrier === Carrier::Solvent ? $temperatureC : $humidityPercent;
        [, $from, $to] = $table[0];
        foreach ($table as [$upTo, $least, $most]) {
            [$from, $to] = [$least, $most];
            if ($at < $upTo) {
                break;
            }
        }
        $text = $carrier === Carrier::Solvent
            ? 'Wait until evenly dull, usually {from} to {to}.'
            : 'Wait until all gloss has gone, usually {from} to {to} under a hand blower.';

        return Reason::of(
            Phrase::of($text, ['from' => Quantity::minutes($from), 'to' => Quantity::minutes($to)]),
            SourceKind::Practice,
            'Common practice; the data sheet wins.',
            ['booth' => Quantity::celsius($temperatureC), 'humidity' => Quantity::percent($humidityPercent)],
        );
    }
}
