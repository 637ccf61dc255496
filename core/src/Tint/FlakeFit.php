<?php

declare(strict_types=1);

namespace Kalopsis\Tint;

use Kalopsis\Colour\Difference\Ciede2000;
use Kalopsis\Colour\FlakeGrade;
use Kalopsis\Colour\FlakeLobe;
use Kalopsis\Colour\Measurement;
use Kalopsis\Colour\Spectrum;
use Kalopsis\Tint\Exception\BadDrawdowns;

/**
 * A flake toner from sprayed panels read at several angles: alone it shows its lobe and its body, with a known black how much
 * a gram of it covers. Own model, docs/model.md section 7, turned round.
 */
final readonly class FlakeFit
{
    /** Scattering of flakes' rims for each unit of area, where no panel with black tells it. Chosen here. */
    private const RIM_S = 0.055;

    /** So many times that, down and up, is looked at. Chosen here. */
    private const RIM_TIMES = 4.0;

    /** A gram covers between a twentieth and eight times what the medium aluminium does. Chosen here. */
    private const AREA = [0.05, 8.0];

    /** Fineness of the search over the area, and over the rims. Finer finds the same. */
    private const STEPS = 40;

    private const HALVINGS = 16;

    /** The strongest flakes throw some four times a perfect reflector towards the face. Chosen here. */
    private const STRONGEST = 20.0;

    /** Pearls throw the opposite colour into the body: EffectModel. */
    private const OPPOSITE = 0.1;

    /** @param list<array{panel: string, dE: float}> $residuals CIEDE2000, the mean of the angles */
    private function __construct(public Toner $toner, public bool $areaKnown, public array $residuals) {}

    /**
     * @param TonerKind $kind aluminium or pearl
     * @param Measurement $alone spectra at three angles or more
     * @param ?array{grams: float, blackGrams: float, black: Toner, panel: Measurement} $mixed with black; null: its area is taken
     *     to be that of the medium aluminium, 1
     * @param ?string $system of paint
     * @throws BadDrawdowns
     */
    public static function of(
        string $key,
        string $name,
        TonerKind $kind,
        Measurement $alone,
        ?array $mixed = null,
        ?string $system = null,
    ): self {
        if (! $kind->isFlake()) {
            throw BadDrawdowns::because('Only aluminiums and pearls are read as flakes.');
        }
        if (! $alone->hasSpectra() || count($alone->spectra) < 3) {
            throw BadDrawdowns::because('A panel of flakes is read at three angles or more, with spectra.');
        }
        if ($mixed !== null && array_keys($mixed['panel']->spectra) !== array_keys($alone->spectra)) {
            throw BadDrawdowns::because('Both panels are read at the same angles.');
        }
        $grades = $kind === TonerKind::Pearl
            ? [FlakeGrade::Pearl]
            : [FlakeGrade::Coarse, FlakeGrade::Medium, FlakeGrade::Fine];
        $best = null;
        $least = INF;
        foreach ($grades as $grade) {
            $toner = self::lobe($key, $name, $kind, $grade, $alone, $system);
            $error = self::squares($toner, [], [$key => 1.0], $alone);
            if ($error < $least) {
                [$best, $least] = [$toner, $error];
            }
        }
        assert($best !== null);
        $library = $mixed === null ? [] : [$mixed['black']];
        if ($mixed !== null) {
            $grams = [$key => $mixed['grams'], $mixed['black']->key => $mixed['blackGrams']];
            $best = self::covering($best, fn (Toner $t): float => self::squares($t, $library, $grams, $mixed['panel']));
        }
        $residuals = [['panel' => 'alone', 'dE' => self::apart($best, [], [$key => 1.0], $alone)]];
        if ($mixed !== null) {
            $residuals[] = ['panel' => 'with black', 'dE' => self::apart($best, $library, $grams, $mixed['panel'])];
        }

        return new self($best, $mixed !== null, $residuals);
    }

    /** Body and height of the lobe for each wavelength: a straight line over the angles. */
    private static function lobe(
        string $key,
        string $name,
        TonerKind $kind,
        FlakeGrade $grade,
        Measurement $alone,
        ?string $system,
    ): Toner {
        $heights = $bodies = [];
        $most = 0.0;
        for ($i = 0; $i < Spectrum::COUNT; $i++) {
            $n = (float) count($alone->spectra);
            $sx = $sy = $sxx = $sxy = 0.0;
            foreach ($alone->spectra as $angle => $spectrum) {
                $x = exp(-(FlakeLobe::tilt($angle) ** 2) / (2.0 * $grade->spreadDeg() ** 2));
                $y = $spectrum->values[$i];
                $sx += $x;
                $sy += $y;
                $sxx += $x * $x;
                $sxy += $x * $y;
            }
            $height = max(0.0, ($n * $sxy - $sx * $sy) / ($n * $sxx - $sx * $sx));
            $heights[] = $height;
            $most = max($most, $height);
            $bodies[] = max(1e-4, ($sy - $height * $sx) / $n);
        }
        $strength = min(self::STRONGEST, $most);
        if ($strength <= 0.0) {
            throw BadDrawdowns::because('This panel does not shine: are these flakes, and which angle is which?');
        }
        $tint = array_map(fn (float $h): float => min(1.0, $h / $strength), $heights);
        $opposite = $kind === TonerKind::Pearl ? self::OPPOSITE : 0.0;
        $k = array_map(
            fn (float $body, float $tint): float => self::RIM_S * KubelkaMunk::ratio(
                max(1e-4, min(0.9999, Surface::inside(max(1e-4, $body - $opposite * (1.0 - $tint))))),
            ),
            $bodies,
            $tint,
        );

        return new Toner(
            $key,
            $name,
            $kind,
            $k,
            array_fill(0, Spectrum::COUNT, self::RIM_S),
            1.0,
            $grade,
            $strength,
            $tint,
            true,
            $system,
        );
    }

    /**
     * The area with which it meets the panel with black best, and the scattering of its rims: black takes the shine by the one
     * and darkens the body by the other.
     *
     * @param callable(Toner): float $error
     */
    private static function covering(Toner $toner, callable $error): Toner
    {
        $area = fn (float $rims): float => self::least(
            self::AREA[0],
            self::AREA[1],
            self::STEPS,
            fn (float $a): float => $error(self::scattering($toner, $rims)->stronger($a)),
        );
        $rims = self::least(
            1.0 / self::RIM_TIMES,
            self::RIM_TIMES,
            intdiv(self::STEPS, 4),
            fn (float $rims): float => $error(self::scattering($toner, $rims)->stronger($area($rims))),
        );

        return self::scattering($toner, $rims)->stronger($area($rims));
    }

    /**
     * Where a function is least: tried on a logarithmic scale, then the bracket is thirded.
     *
     * @param callable(float): float $of
     */
    private static function least(float $from, float $to, int $steps, callable $of): float
    {
        $ratio = ($to / $from) ** (1.0 / $steps);
        [$best, $least] = [$from, INF];
        for ($i = 0; $i <= $steps; $i++) {
            $here = $of($from * $ratio ** $i);
            if ($here < $least) {
                [$best, $least] = [$from * $ratio ** $i, $here];
            }
        }
        [$low, $high] = [$best / $ratio, $best * $ratio];
        for ($i = 0; $i < self::HALVINGS; $i++) {
            $one = $low * ($high / $low) ** (1.0 / 3.0);
            $two = $low * ($high / $low) ** (2.0 / 3.0);
            if ($of($one) < $of($two)) {
                $high = $two;
            } else {
                $low = $one;
            }
        }

        return sqrt($low * $high);
    }

    /** The same flake whose rims scatter more, and absorb as much more: alone it looks the same. */
    private static function scattering(Toner $toner, float $times): Toner
    {
        return new Toner(
            $toner->key,
            $toner->name,
            $toner->kind,
            array_map(fn (float $v): float => $v * $times, $toner->k),
            array_map(fn (float $v): float => $v * $times, $toner->s),
            $toner->area,
            $toner->grade,
            $toner->strength,
            $toner->tint,
            true,
            $toner->system,
        );
    }

    /**
     * Squared misfit, relative to what is read so that the flop counts as the face does.
     *
     * @param list<Toner> $others
     * @param array<string, float> $grams
     */
    private static function squares(Toner $toner, array $others, array $grams, Measurement $panel): float
    {
        $sum = 0.0;
        foreach (self::said($toner, $others, $grams, $panel) as $angle => $values) {
            foreach ($panel->spectra[$angle]->values as $i => $read) {
                $sum += (($values[$i] - $read) / ($read + 0.02)) ** 2;
            }
        }

        return $sum;
    }

    /**
     * @param list<Toner> $others
     * @param array<string, float> $grams
     */
    private static function apart(Toner $toner, array $others, array $grams, Measurement $panel): float
    {
        $sum = 0.0;
        $said = self::said($toner, $others, $grams, $panel);
        foreach ($said as $angle => $values) {
            $sum += Ciede2000::between(Spectrum::of($values)->lab($panel->viewing), $panel->labs[$angle]);
        }

        return $sum / count($said);
    }

    /**
     * @param list<Toner> $others
     * @param array<string, float> $grams
     * @return array<int, list<float>>
     */
    private static function said(Toner $toner, array $others, array $grams, Measurement $panel): array
    {
        $model = new EffectModel(TonerLibrary::of([$toner, ...$others]), $panel->geometry);

        return array_intersect_key($model->spectra($grams), $panel->spectra);
    }
}
