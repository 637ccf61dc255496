<?php

declare(strict_types=1);

namespace Kalopsis\Colour;

/**
 * Stands in for a measuring instrument: takes what a surface really is and gives what an instrument would say, with
 * the noise of a good hand-held
 * one (repeatability about 0.05 CIEDE2000 on a solid, several times that at the face of a metallic, where a
 * fraction of a degree of tilt counts) and with the faults people make. The same seed gives the same reading.
 */
final class SimulatedInstrument
{
    /** Relative noise of each wavelength and of the whole reading. Chosen here. */
    private const WAVELENGTH = 0.0008;

    private const WHOLE = 0.001;

    /** Degrees the instrument rocks on a curved panel. Chosen here. */
    private const ROCKS_DEG = 0.12;

    /** Haze of a dirty lens, of old chalky clear and of sanded paint, reflectance added. Chosen here. */
    private const HAZE = ['dirty-lens' => 0.012, 'unpolished' => 0.006, 'sanded' => 0.045];

    public static function read(Measurement $truth, InstrumentFault $fault, Random $chance): Measurement
    {
        $rocks = self::ROCKS_DEG * $chance->normal();
        $whole = 1.0 + self::WHOLE * $chance->normal();
        // Another panel, painted by somebody else: lighter or darker, warmer or colder, the same at all angles.
        $elsewhere =
            $fault === InstrumentFault::WrongSpot
                ? [0.1 + 0.05 * $chance->uniform(), 0.06 * $chance->normal()]
                : [0.0, 0.0];
        $spectra = [];
        foreach ($truth->spectra as $angle => $spectrum) {
            $slope = self::slope($truth, $angle);
            $values = [];
            foreach ($spectrum->values as $i => $v) {
                $v *= $whole * (1.0 + $slope * $rocks) * (1.0 + self::WAVELENGTH * $chance->normal());
                $v *= 1.0 + $elsewhere[0] + ($elsewhere[1] * ($i - 15)) / 15.0;
                // Matt or dirty: a part of the mirror light is seen at every angle, and flakes are dimmed.
                $haze = self::HAZE[$fault->value] ?? 0.0;
                $values[] = max(0.0, $v * (1.0 - 3.0 * $haze) + $haze);
            }
            $spectra[$angle] = Spectrum::of($values);
        }

        return Measurement::ofSpectra($spectra, $truth->viewing);
    }

    /** Relative change of light for each degree of tilt at this angle, from its neighbours. */
    private static function slope(Measurement $truth, int $angle): float
    {
        $angles = $truth->geometry->angles();
        $at = (int) array_search($angle, $angles, true);
        $next = $angles[min($at + 1, count($angles) - 1)];
        $before = $angles[max($at - 1, 0)];
        if ($next === $before) {
            return 0.0;
        }

        return log(max(0.01, $truth->at($next)->xyz()->y) / max(0.01, $truth->at($before)->xyz()->y)) / ($next - $before);
    }
}
