<?php

declare(strict_types=1);

namespace Kalopsis\Film;

use Kalopsis\Units\Quantity;
use Kalopsis\Why\Phrase;
use Kalopsis\Why\Reason;
use Kalopsis\Why\SourceKind;

/** How fast a reducer leaves. Picked for temperature and for the size of the area. */
enum ReducerGrade: string
{
    case Fast = 'fast';
    case Standard = 'standard';
    case Slow = 'slow';
    case ExtraSlow = 'extra-slow';

    /** Up to this temperature (deg C) this grade. Common practice. */
    private const BY_TEMPERATURE = [[18.0, 0], [25.0, 1], [30.0, 2], [99.0, 3]];

    /** Above this much colour (m2) a slower grade keeps the wet edge. Common practice. */
    private const LARGE_AREA_M2 = 2.5;

    public function words(): string
    {
        return match ($this) {
            self::Fast => 'fast',
            self::Standard => 'standard',
            self::Slow => 'slow',
            self::ExtraSlow => 'extra slow',
        };
    }

    public static function advised(float $temperatureC, float $colourAreaM2, bool $critical): self
    {
        $grade = 0;
        foreach (self::BY_TEMPERATURE as [$upTo, $index]) {
            $grade = $index;
            if ($temperatureC < $upTo) {
                break;
            }
        }
        $grade += ($critical ? 1 : 0) + ($colourAreaM2 > self::LARGE_AREA_M2 ? 1 : 0);

        return self::cases()[min(3, $grade)];
    }

    public function because(float $temperatureC, float $colourAreaM2, bool $critical): Reason
    {
        return Reason::of(
            Phrase::of(
                match (true) {
                    $critical && $colourAreaM2 > self::LARGE_AREA_M2
                        => 'A light effect colour and a large area: slower than the thermometer says.',
                    $critical => 'A light effect colour: one grade slower than the thermometer says.',
                    $colourAreaM2 > self::LARGE_AREA_M2 => 'A large area: one grade slower than the thermometer says.',
                    default => 'Picked for the temperature of the booth.',
                },
            ),
            SourceKind::Practice,
            'Common practice; the data sheet wins.',
            ['booth' => Quantity::celsius($temperatureC), 'colour on' => Quantity::squareMetres($colourAreaM2)],
        );
    }
}
