<?php

declare(strict_types=1);

namespace Kalopsis\Tint;

use Kalopsis\Colour\CoatPath;
use Kalopsis\Colour\Difference\Ciede2000;
use Kalopsis\Colour\Exception\CannotCompare;
use Kalopsis\Colour\Lab;
use Kalopsis\Colour\Measurement;
use Kalopsis\Colour\Spectrum;
use Kalopsis\Colour\Xyz;
use Kalopsis\Tint\Internal\AbsorptionPath;

/**
 * Fits the path of a coat-dependent colour and finds the number of coats nearest the car. For each angle, and for
 * each wavelength (or each of
 * X, Y, Z where only Lab is known): value = end + (ground - end) exp(-2 a coats), light crossing the layer twice
 * (Bouguer-Lambert-Beer). docs/model.md section 7.
 */
final class LetDownFit
{
    /** Two cards make a line, not a path. */
    public const LEAST_CARDS = 3;

    /** Matches, root mean square of CIEDE2000. Chosen here. */
    private const HIT = 0.8;

    /** Can be blended. Chosen here, after the ramps of docs/model.md section 9. */
    private const NEAR = 2.5;

    /** How far past the set the path is followed, coats. Chosen here. */
    private const BEYOND = 1.0;

    private const STEP = 0.05;

    /**
     * @param list<LetDownCard> $cards at least three different coat counts
     * @throws CannotCompare
     */
    public static function of(Measurement $car, array $cards): ?LetDown
    {
        $fit = self::fitted($car, $cards);
        if ($fit === null) {
            return null;
        }
        [$cards, $counts, $paths, $spectral] = $fit;
        $at = fn (float $coats): array => self::colours($paths, $coats, $spectral, $car);
        $nearest = self::nearest(
            $at,
            $car,
            max(0.0, $counts[0] - self::BEYOND),
            $counts[count($counts) - 1] + self::BEYOND,
        );

        return self::result($at, $car, $cards, $counts, $paths, $nearest, $spectral);
    }

    /**
     * What the car would measure with so many coats, by the fitted path; null while there are too few cards.
     *
     * @param list<LetDownCard> $cards
     * @throws CannotCompare
     */
    public static function at(Measurement $car, array $cards, float $coats): ?Measurement
    {
        $fit = self::fitted($car, $cards);

        return $fit === null ? null : Measurement::ofLabs(self::colours($fit[2], $coats, $fit[3], $car));
    }

    /**
     * The same path by X, Y and Z alone, for whoever lays the layer over something else than its ground.
     *
     * @param list<LetDownCard> $cards
     * @throws CannotCompare
     */
    public static function path(Measurement $car, array $cards): ?CoatPath
    {
        $fit = self::fitted($car, $cards, false);
        if ($fit === null) {
            return null;
        }
        $fitted = [];
        foreach ($fit[2] as $angle => [$x, $y, $z]) {
            $fitted[$angle] = [
                new Xyz(max(0.0, $x->end + $x->swing), max(0.0, $y->end + $y->swing), max(0.0, $z->end + $z->swing)),
                new Xyz($x->end, $y->end, $z->end),
                new Xyz($x->absorbs, $y->absorbs, $z->absorbs),
            ];
        }

        return new CoatPath($fitted);
    }

    /**
     * @param list<LetDownCard> $cards
     * @return ?array{list<LetDownCard>, list<float>, array<int, array<int, AbsorptionPath>>, bool} cards by their coats,
     *         their counts, a path for each angle and channel, and whether channels are wavelengths
     * @throws CannotCompare
     */
    private static function fitted(Measurement $car, array $cards, bool $spectral = true): ?array
    {
        usort($cards, fn (LetDownCard $a, LetDownCard $b): int => $a->coats <=> $b->coats);
        $counts = array_map(fn (LetDownCard $c): float => $c->coats, $cards);
        if (count(array_unique(array_map(strval(...), $counts))) < self::LEAST_CARDS) {
            return null;
        }
        $angles = $car->geometry->angles();
        foreach ($cards as $card) {
            if (! $card->measurement->viewing->is($car->viewing)) {
                throw CannotCompare::viewing($car->viewing, $card->measurement->viewing);
            }
            $angles = array_values(array_intersect($angles, $card->measurement->geometry->angles()));
            $spectral = $spectral && $card->measurement->hasSpectra();
        }
        if ($angles === []) {
            throw CannotCompare::angles();
        }
        $paths = [];
        foreach ($angles as $angle) {
            $series = [];
            foreach ($cards as $n => $card) {
                $xyz = $card->measurement->at($angle)->xyz();
                foreach (
                    $spectral ? $card->measurement->spectra[$angle]->values : [$xyz->x, $xyz->y, $xyz->z] as $channel => $value
                ) {
                    $series[$channel][$n] = $value;
                }
            }
            foreach ($series as $channel => $values) {
                $paths[$angle][$channel] = AbsorptionPath::fit($counts, array_values($values));
            }
        }

        return [$cards, $counts, $paths, $spectral];
    }

    /**
     * A coarse walk along the path, then golden section around its best step: the difference is smooth there and has one valley.
     *
     * @param callable(float): array<int, Lab> $at
     */
    private static function nearest(callable $at, Measurement $car, float $from, float $to): float
    {
        $best = $from;
        $least = INF;
        for ($c = $from; $c <= $to + 1e-9; $c += self::STEP) {
            $d = self::overall($at($c), $car);
            if ($d < $least) {
                [$best, $least] = [$c, $d];
            }
        }
        $a = max($from, $best - self::STEP);
        $b = min($to, $best + self::STEP);
        $ratio = (sqrt(5.0) - 1.0) / 2.0;
        for ($i = 0; $i < 20; $i++) {
            $c = $b - $ratio * ($b - $a);
            $d = $a + $ratio * ($b - $a);
            if (self::overall($at($c), $car) < self::overall($at($d), $car)) {
                $b = $d;
            } else {
                $a = $c;
            }
        }

        return ($a + $b) / 2.0;
    }

    /**
     * @param callable(float): array<int, Lab> $at
     * @param list<LetDownCard> $cards
     * @param list<float> $counts
     * @param array<int, array<int, AbsorptionPath>> $paths
     */
    private static function result(
        callable $at,
        Measurement $car,
        array $cards,
        array $counts,
        array $paths,
        float $coats,
        bool $spectral,
    ): LetDown {
        $colour = $at($coats);
        $overall = self::overall($colour, $car);
        $worstAngle = (int) array_key_first($colour);
        $worst = 0.0;
        foreach ($colour as $angle => $lab) {
            $d = Ciede2000::between($car->at($angle), $lab);
            if ($d >= $worst) {
                [$worst, $worstAngle] = [$d, $angle];
            }
        }
        $fit = 0.0;
        foreach ($cards as $card) {
            $fit += self::overall($at($card->coats), $card->measurement) ** 2;
        }
        $path = [];
        for ($c = $counts[0]; $c <= $counts[count($counts) - 1] + 1e-9; $c += 0.1) {
            $path[] = ['coats' => round($c, 2), 'overall' => round(self::overall($at($c), $car), 3)];
        }
        $last = $counts[count($counts) - 1];
        $verdict = match (true) {
            $overall <= self::HIT => LetDownVerdict::Hit,
            $overall <= self::NEAR => LetDownVerdict::Blendable,
            $coats > $last + self::BEYOND - 0.1 => LetDownVerdict::MoreCoats,
            $coats < $counts[0] - self::BEYOND + 0.1 && $coats > 0.1 => LetDownVerdict::FewerCoats,
            default => self::culprit($at, $car, $counts[0], $last),
        };

        return new LetDown(
            $coats,
            $overall,
            $worstAngle,
            $worst,
            $colour,
            self::sticker($paths, $coats, $spectral),
            sqrt($fit / count($cards)),
            $verdict,
            $path,
        );
    }

    /**
     * @param array<int, array<int, AbsorptionPath>> $paths
     * @return array<int, Lab>
     */
    private static function colours(array $paths, float $coats, bool $spectral, Measurement $car): array
    {
        $out = [];
        foreach ($paths as $angle => $channels) {
            $values = array_map(fn (AbsorptionPath $p): float => max(0.0, $p->at($coats)), $channels);
            $xyz = $spectral
                ? Spectrum::of(array_values($values))->xyz($car->viewing)
                : new Xyz($values[0], $values[1], $values[2]);
            $out[$angle] = $xyz->lab($car->viewing);
        }

        return $out;
    }

    /** @param array<int, Lab> $colours */
    private static function overall(array $colours, Measurement $other): float
    {
        $sum = 0.0;
        foreach ($colours as $angle => $lab) {
            $sum += Ciede2000::between($other->at($angle), $lab) ** 2;
        }

        return sqrt($sum / count($colours));
    }

    /**
     * A wrong ground changes how much light comes back at each angle, the same for all wavelengths; a wrong tint
     * changes how much of each
     * wavelength comes back, the same at all angles. Whichever brings the car nearer, at its best number of coats, is to blame.
     *
     * @param callable(float): array<int, Lab> $at
     */
    private static function culprit(callable $at, Measurement $car, float $from, float $to): LetDownVerdict
    {
        $ground = $tint = INF;
        for ($c = $from; $c <= $to + 1e-9; $c += 0.1) {
            $path = array_map(fn (Lab $lab): Xyz => $lab->xyz(), $at($c));
            $byAngle = $byChannel = [];
            foreach ($path as $angle => $xyz) {
                $there = $car->at($angle)->xyz();
                $s =
                    ($there->x * $xyz->x + $there->y * $xyz->y + $there->z * $xyz->z) /
                    ($xyz->x ** 2 + $xyz->y ** 2 + $xyz->z ** 2 + 1e-12);
                $byAngle[$angle] = $xyz->times($s)->lab($car->viewing);
            }
            $scale = [];
            foreach (['x', 'y', 'z'] as $channel) {
                $sum = $n = 0.0;
                foreach ($path as $angle => $xyz) {
                    $sum += log(max(0.01, $car->at($angle)->xyz()->{$channel}) / max(0.01, $xyz->{$channel}));
                    $n++;
                }
                $scale[$channel] = exp($sum / $n);
            }
            foreach ($path as $angle => $xyz) {
                $byChannel[$angle] = (new Xyz($xyz->x * $scale['x'], $xyz->y * $scale['y'], $xyz->z * $scale['z']))->lab(
                    $car->viewing,
                );
            }
            $ground = min($ground, self::overall($byAngle, $car));
            $tint = min($tint, self::overall($byChannel, $car));
        }

        return $ground < $tint ? LetDownVerdict::WrongGround : LetDownVerdict::WrongTint;
    }

    /**
     * What the layer leaves of a black and grey sticker's contrast: light crosses it twice, so exp(-2 a coats),
     * weighted by how much
     * each channel changes from card to card and so is known.
     *
     * @param array<int, array<int, AbsorptionPath>> $paths
     */
    private static function sticker(array $paths, float $coats, bool $spectral): float
    {
        $sum = $weight = 0.0;
        foreach ($paths as $channels) {
            foreach ($channels as $channel => $path) {
                // The eye reads the sticker by lightness: the middle of the spectrum, or Y.
                $w = $spectral ? exp(-((($channel * 10 + 400 - 555) / 60) ** 2)) : ($channel === 1 ? 1.0 : 0.0);
                $sum += $w * exp(-2.0 * $path->absorbs * $coats);
                $weight += $w;
            }
        }

        return $sum / $weight;
    }
}
