<?php

declare(strict_types=1);

namespace Kalopsis\Spray;

use Kalopsis\Colour\CoatPath;
use Kalopsis\Colour\FlakeLobe;
use Kalopsis\Colour\Xyz;
use Kalopsis\Film\FlakeOrder;
use Kalopsis\Sequence\CoatKind;
use Kalopsis\Sight\Scene;
use Kalopsis\Sight\Signal;

/**
 * The layers at each place, and the colour that comes of them. Plain arrays: a plan is laid some forty times while
 * its shortest blend is looked
 * for. Verdicts on the fade take the old finish to lie under everything; what the primer does is a verdict of its own.
 */
final readonly class Colours
{
    /** Thinner than this is a few specks, um. */
    private const SPECKS_UM = 1e-4;

    /** Longer than any answer to an edge reaches at arm's length, mm. */
    private const LEVEL_MM = 400.0;

    private const LEVEL_PLACES = 11;

    private Film $film;

    private float $spread;

    private float $dryBelowUm;

    /**
     * @param list<Layer> $layers
     * @param list<Layer> $grounds below them; they count where the number of coats is part of the colour
     */
    public function __construct(
        private Finish $finish,
        private array $layers,
        private array $grounds,
        private Assumptions $assumed,
        private float $rate,
    ) {
        $this->film = $finish->film($assumed->hiding);
        $pigment = $finish->pigment;
        $this->spread = FlakeOrder::SPREAD * $pigment->tilt->factor * $assumed->flakes;
        $this->dryBelowUm = FlakeOrder::dryBelowUm($pigment->flakes) * $pigment->dryBelow->factor * $assumed->dryBelow;
    }

    /** What lies at each place. */
    public function laid(Places $places, float $blendMm, bool $byHand = true): LaidAt
    {
        $ground = $this->isLayered() ? $this->lay($this->grounds, $places, $blendMm, $byHand, null) : null;

        return $this->lay($this->layers, $places, $blendMm, $byHand, $ground);
    }

    /** Does the light go through the coats to a ground? */
    private function isLayered(): bool
    {
        return ! $this->assumed->opaque && $this->finish->layer !== null && $this->grounds !== [] && $this->layers !== [];
    }

    /** @param list<Layer> $layers */
    private function lay(array $layers, Places $places, float $blendMm, bool $byHand, ?LaidAt $ground): LaidAt
    {
        $reaches = $fades = [];
        foreach ($layers as $i => $layer) {
            $reaches[$i] = $layer->reachMm($blendMm, $byHand);
            $fades[$i] = $layer->fadeMm($blendMm, $byHand);
        }
        $films = $dryness = $swims = [];
        foreach ($places->mm as $x) {
            $film = $dry = $swim = [];
            $left = 0.0;
            foreach ($layers as $i => $layer) {
                $s = Layer::strength($x, $reaches[$i], $fades[$i]);
                $lands = $layer->volatileUm * $s;
                // What landed before may be wet still, and a bed keeps some open below all of them.
                $wet = $lands + $left + $layer->floorUm;
                if ($s > 0.0) {
                    $film[$i] = $layer->pigmentedUm * $s;
                    $dry[$i] = $this->assumed->landsWell ? 0.0 : FlakeOrder::dryness($wet, $this->rate, $this->dryBelowUm);
                    $swim[$i] = FlakeOrder::tooWet($wet);
                }
                $left = (1.0 - $layer->gone) * ($lands + $left);
            }
            [$films[], $dryness[], $swims[]] = [$film, $dry, $swim];
        }

        return new LaidAt($places, $films, $dryness, $swims, $ground);
    }

    public function scene(Places $places, float $blendMm, bool $byHand = true): Scene
    {
        $laid = $this->laid($places, $blendMm, $byHand);
        $signals = $standards = [];
        $weights = $this->finish->class->isEffect() ? $this->weights($laid) : [];
        foreach ($this->finish->angles() as $angle) {
            $old = $this->old($angle);
            $standards[$angle] = new Signal($old, $this->finish->viewing());
            $l = $c = $h = [];
            foreach ($this->at($angle, $laid, $weights, $old) as $xyz) {
                [$l[], $c[], $h[]] = $standards[$angle]->of($xyz);
            }
            $signals[$angle] = [$l, $c, $h];
        }

        return new Scene($places->fromMm, $places->stepMm, $signals, $standards, [], $this->finish->pigment->eye->factor);
    }

    /** A stretch of full colour up to 0: where a butt joint begins. */
    public function level(): Scene
    {
        $signals = $standards = [];
        foreach ($this->finish->angles() as $angle) {
            $standards[$angle] = new Signal($this->old($angle), $this->finish->viewing());
            [$l, $c, $h] = $standards[$angle]->of($this->finish->new[$angle]->xyz());
            $level = fn (float $v): array => array_fill(0, self::LEVEL_PLACES, $v);
            $signals[$angle] = [$level($l), $level($c), $level($h)];
        }

        $step = self::LEVEL_MM / (self::LEVEL_PLACES - 1);

        return new Scene(-self::LEVEL_MM, $step, $signals, $standards, [], $this->finish->pigment->eye->factor);
    }

    /**
     * The colour along the places at one angle, measured or not, over the old finish.
     *
     * @param int $angle aspecular, degrees
     * @return list<Xyz>
     */
    public function along(int $angle, LaidAt $laid): array
    {
        return $this->at($angle, $laid, $this->finish->class->isEffect() ? $this->weights($laid) : [], $this->old($angle));
    }

    /**
     * The share of what is below that is still seen, Y.
     *
     * @return list<float>
     */
    public function uncovered(LaidAt $laid): array
    {
        $out = [];
        foreach ($laid->films as $films) {
            $out[] = $this->throughY((float) array_sum($films));
        }

        return $out;
    }

    private function old(int $angle): Xyz
    {
        return $this->assumed->sameColour || $this->assumed->matched
            ? $this->finish->newAt($angle)
            : $this->finish->oldAt($angle);
    }

    private function throughY(float $um): float
    {
        if ($this->finish->class->isEffect()) {
            return $this->film->through($um)[1];
        }
        $white = $this->film->over(new Xyz(80.0, 80.0, 80.0), $um)->y;
        $black = $this->film->over(new Xyz(0.0, 0.0, 0.0), $um)->y;

        return max(0.0, ($white - $black) / 80.0);
    }

    /**
     * How much of each coat is seen at each place, and of what lies below them: from the top, what the films above
     * let through less what they
     * and this one let through.
     *
     * @return list<array{array<int, array{float, float, float}>, array{float, float, float}}>
     */
    private function weights(LaidAt $laid): array
    {
        $out = [];
        foreach ($laid->films as $films) {
            $above = 0.0;
            $through = [1.0, 1.0, 1.0];
            $each = [];
            for ($i = count($this->layers) - 1; $i >= 0; $i--) {
                $own = $films[$i] ?? 0.0;
                if ($own < self::SPECKS_UM) {
                    continue;
                }
                $above += $own;
                $next = $this->film->through($above);
                $each[$i] = [$through[0] - $next[0], $through[1] - $next[1], $through[2] - $next[2]];
                $through = $next;
            }
            $out[] = [$each, $through];
        }

        return $out;
    }

    /**
     * @param list<array{array<int, array{float, float, float}>, array{float, float, float}}> $weights
     * @return list<Xyz>
     */
    private function at(int $angle, LaidAt $laid, array $weights, Xyz $old): array
    {
        if ($laid->ground !== null && $this->finish->layer !== null) {
            return $this->layered($this->finish->layer, $angle, $laid, $laid->ground, $old);
        }
        if (! $this->finish->class->isEffect()) {
            // A solid is one film of all its coats over what is below, with this angle's colour and the finish's own scattering.
            $film = $this->film->coloured($this->finish->newAt($angle));

            return array_map(fn (array $films): Xyz => $film->over($old, (float) array_sum($films)), $laid->films);
        }
        $fit = $this->finish->fit;
        $rest = $fit->restAt($angle);
        $tilt = FlakeLobe::tilt($angle);
        $level = $this->finish->pigment->flakes->spreadDeg;
        $out = [];
        foreach ($weights as $n => [$each, $ground]) {
            [$x, $y, $z] = [$ground[0] * $old->x, $ground[1] * $old->y, $ground[2] * $old->z];
            foreach ($each as $i => $w) {
                $dry = $laid->dryness[$n][$i];
                $spread = $level * (1.0 + $this->spread * $dry);
                $g = FlakeLobe::weight($tilt, $level, $spread, $dry, $laid->swims[$n][$i]);
                $x += $w[0] * max(0.0, $fit->body->x + $g * $fit->flake->x + $rest->x);
                $y += $w[1] * max(0.0, $fit->body->y + $g * $fit->flake->y + $rest->y);
                $z += $w[2] * max(0.0, $fit->body->z + $g * $fit->flake->z + $rest->z);
            }
            $out[] = new Xyz($x, $y, $z);
        }

        return $out;
    }

    /**
     * A layer that lets light through, over its ground as far as that goes and over the old finish beyond. The flakes are in
     * the layer of a three-stage, and in the ground below a tinted clear.
     *
     * @return list<Xyz>
     */
    private function layered(EffectLayer $layer, int $angle, LaidAt $laid, LaidAt $below, Xyz $old): array
    {
        $towards = $layer->towards($angle, $this->finish->newAt($angle));
        [$ground, , $absorbs] = $towards;
        $inLayer = $this->flakesInLayer();
        $hides = $inLayer ? $this->finish->groundFilm() : $this->film;
        $whole = array_sum(array_map(fn (Layer $l): float => $l->pigmentedUm, $this->layers));
        $perUm = $layer->coats / max(self::SPECKS_UM, $whole);
        $out = [];
        foreach ($laid->films as $n => $films) {
            $coats = $perUm * (float) array_sum($films);
            $um = (float) array_sum($below->films[$n]);
            $left = $inLayer ? $hides->lets($um) : $hides->through($um);
            // As much as the layer covers, its own flakes count.
            $own = $inLayer ? 1.0 - exp(-2.0 * $absorbs->y * $coats) : 0.0;
            if ($this->assumed->sameColour) {
                // Only how the flakes lie is asked for.
                $covered = $inLayer ? $own : 1.0 - $left[1];
                $out[] = $old->times(1.0 + $covered * ($this->landed($angle, $inLayer ? $laid : $below, $n) - 1.0));

                continue;
            }
            $under = $inLayer ? $ground : $ground->times($this->landed($angle, $below, $n));
            $seen = CoatPath::over(
                $towards,
                new Xyz(
                    $under->x + $left[0] * ($old->x - $under->x),
                    $under->y + $left[1] * ($old->y - $under->y),
                    $under->z + $left[2] * ($old->z - $under->z),
                ),
                $coats,
            );
            $out[] = $own > 0.0 ? $seen->times(1.0 + $own * ($this->landed($angle, $laid, $n) - 1.0)) : $seen;
        }

        return $out;
    }

    private function flakesInLayer(): bool
    {
        foreach ($this->layers as $layer) {
            if ($layer->coat->kind() === CoatKind::TintedClear) {
                return false;
            }
        }

        return true;
    }

    /** How much brighter or darker the flakes make a finish at a place than if they lay well; 1 where none are. */
    private function landed(int $angle, LaidAt $laid, int $n): float
    {
        $um = (float) array_sum($laid->films[$n]);
        if ($um < self::SPECKS_UM) {
            return 1.0;
        }
        $fit = $this->finish->fit;
        $rest = $fit->body->y + $fit->restAt($angle)->y;
        $tilt = FlakeLobe::tilt($angle);
        $level = $this->finish->pigment->flakes->spreadDeg;
        $sum = 0.0;
        foreach ($laid->films[$n] as $i => $film) {
            $dry = $laid->dryness[$n][$i];
            $g = FlakeLobe::weight($tilt, $level, $level * (1.0 + $this->spread * $dry), $dry, $laid->swims[$n][$i]);
            $sum += ($film / $um) * max(0.0, $rest + $g * $fit->flake->y);
        }
        $well = $rest + FlakeLobe::weight($tilt, $level, $level, 0.0, 0.0) * $fit->flake->y;

        return $well > 0.0 ? $sum / $well : 1.0;
    }
}
