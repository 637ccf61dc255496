<?php

declare(strict_types=1);

namespace Kalopsis\Exchange\Internal;

use Kalopsis\Colour\Exception\ColourException;
use Kalopsis\Colour\Exception\NotAColour;
use Kalopsis\Colour\Geometry;
use Kalopsis\Colour\Lab;
use Kalopsis\Colour\Measurement;
use Kalopsis\Colour\Spectrum;
use Kalopsis\Colour\Viewing;
use Kalopsis\Exchange\Fault;
use Kalopsis\Exchange\Row;

/** From the numbers of one shot to a row, or to the reason why not. */
final class RowBuilder
{
    private const KINDS = ['car', 'card', 'variant'];

    private const LONGEST_NAME = 80;

    /**
     * @param array<int, list<?float>> $labs by angle: L, a, b
     * @param array<int, array<int, ?float>> $spectra by angle, then by nm
     */
    public static function build(
        int $line,
        string $sample,
        string $kind,
        string $spot,
        string $shot,
        ?Viewing $viewing,
        array $labs,
        array $spectra,
    ): Row|Fault {
        $sample = trim($sample);
        if ($sample === '' || mb_strlen($sample) > self::LONGEST_NAME || ! mb_check_encoding($sample, 'UTF-8')) {
            return Fault::leftOut($line, 'The sample has no readable name of up to 80 characters.');
        }
        if ($viewing === null) {
            return Fault::leftOut(
                $line,
                'The light and observer are not said, or none we know: D65, D50 or A, 2 or 10 degrees.',
            );
        }
        $kind = strtolower(trim($kind));
        $where = fn (string $text, string $else): string => mb_substr(trim($text) === '' ? $else : trim($text), 0, 40);

        try {
            return new Row(
                $line,
                $sample,
                in_array($kind, self::KINDS, true) ? $kind : '',
                $where($spot, 'spot 1'),
                $where($shot, '1'),
                self::measurement($viewing, $labs, $spectra),
            );
        } catch (ColourException $bad) {
            return Fault::leftOut($line, $bad->getMessage());
        }
    }

    /**
     * @param array<int, list<?float>> $labs
     * @param array<int, array<int, ?float>> $spectra
     * @throws ColourException
     */
    private static function measurement(Viewing $viewing, array $labs, array $spectra): Measurement
    {
        if ($spectra !== []) {
            $made = [];
            foreach ($spectra as $angle => $byNm) {
                ksort($byNm);
                $values = [];
                foreach ($byNm as $nm => $v) {
                    if ($nm < Spectrum::FIRST_NM || $nm > Spectrum::LAST_NM) {
                        continue;
                    }
                    if ($v === null) {
                        throw NotAColour::spectrum("The reflectance at {$nm} nm, {$angle}°, is missing or no number.");
                    }
                    $values[] = $v;
                }
                $made[$angle] = Spectrum::of($values);
                if (array_keys($spectra) === [45] && $made[$angle]->glows()) {
                    throw NotAColour::spectrum(
                        'The spectrum gives back more light than it gets (fluorescence, or percent read as shares). '
                            . 'Read it with the UV filter, as shares of 1.',
                    );
                }
            }

            return Measurement::ofSpectra($made, $viewing);
        }
        $made = [];
        foreach ($labs as $angle => $lab) {
            if (count($lab) !== 3 || in_array(null, $lab, true)) {
                throw NotAColour::spectrum(
                    $angle === 45 && count($labs) === 1
                        ? 'L*, a* or b* is missing or no number.'
                        : "L*, a* or b* at {$angle}° is missing or no number.",
                );
            }
            $made[$angle] = Lab::measured($lab[0], $lab[1], $lab[2], $viewing);
        }
        if ($made !== [] && Geometry::ofAngles(array_keys($made)) === Geometry::FortyFiveZero && $made[45]->l > 100.5) {
            throw NotAColour::lightness($made[45]->l);
        }

        return Measurement::ofLabs($made);
    }
}
