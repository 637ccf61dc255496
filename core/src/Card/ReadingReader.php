<?php

declare(strict_types=1);

namespace Kalopsis\Card;

use Kalopsis\Colour\Exception\ColourException;
use Kalopsis\Colour\Geometry;
use Kalopsis\Colour\Lab;
use Kalopsis\Colour\Measurement;
use Kalopsis\Colour\Spectrum;
use Kalopsis\Colour\Viewing;
use Kalopsis\Input\Fields;

/** Reads one shot as typed, as a device sends it, or as we kept it. */
final class ReadingReader
{
    /**
     * {geometry, viewing, labs: {"15": [L, a, b], ...}} or with spectra: {"15": [31 numbers], ...}. Faults go to the
     * fields' problems; null when there were any.
     */
    public static function read(Fields $f): ?Measurement
    {
        $geometry = $f->choice('geometry', Geometry::class, 'The angles');
        $viewing = self::viewing($f);
        if ($viewing === null) {
            return null;
        }
        $spectral = $f->has('spectra') && $f->maybe('spectra')->names() !== [];
        $by = $f->maybe($spectral ? 'spectra' : 'labs');
        $labs = $spectra = [];
        foreach ($geometry->angles() as $angle) {
            try {
                if ($spectral) {
                    $spectra[$angle] = Spectrum::of(
                        $by->numbers((string) $angle, Spectrum::COUNT, "The spectrum at {$angle}°"),
                    );
                } else {
                    $numbers = $by->numbers((string) $angle, 3, "L*, a* and b* at {$angle}°");
                    if (count($numbers) === 3) {
                        $labs[$angle] = Lab::measured($numbers[0], $numbers[1], $numbers[2], $viewing);
                    }
                }
            } catch (ColourException $bad) {
                $f->problems->add($by->path((string) $angle), 'no-colour', $bad->getMessage());
            }
        }
        $all = count($geometry->angles());

        return match (true) {
            count($spectra) === $all => Measurement::ofSpectra($spectra, $viewing),
            count($labs) === $all => Measurement::ofLabs($labs),
            default => null,
        };
    }

    /** The light and the observer under "viewing"; null when it is none we know, which is told at the field. */
    public static function viewing(Fields $f): ?Viewing
    {
        $named = $f->text('viewing', 1, 20, 'Light and observer');
        $viewing = Viewing::parse($named);
        if ($viewing === null && $named !== '') {
            $f->problems->add(
                $f->path('viewing'),
                'unknown',
                'Light and observer must be D65, D50 or A with 2 or 10 degrees, like D65/10.',
            );
        }

        return $viewing;
    }
}
