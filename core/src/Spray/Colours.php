<?php

declare(strict_types=1);

namespace Kalopsis\Spray;

use Kalopsis\Colour\FlakeLobe;
use Kalopsis\Colour\Xyz;
use Kalopsis\Film\FlakeOrder;
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

    /** @param list<Layer> $layers */
    public function __construct(
        private Finish $finish,
        private array $layers,
        private Assumptions $assumed,
        private float $rate,
    ) {
        $this->film = $finish->film($assumed->hiding);
        $this->spread = FlakeOrder::SPREAD * $assumed->flakes;
        $this->dryBelowUm = FlakeOrder::dryBelowUm($finish->pigment->flakes) * $assumed->dryBelow;
    }

    /** What lies at each place. */
    public function laid(Places $places, float $blendMm, bool $byHand = true): LaidAt
    {
        $reaches = $fades = [];
        foreach ($this->layers as $i => $layer) {
            $reaches[$i] = $layer->reachMm($blendMm, $byHand);
            $fades[$i] = $layer->fadeMm($blendMm, $byHand);
        }
        $films = $dryness = $swims = [];
        foreach ($places->mm as $x) {
            $film = $dry = $swim = [];
            $left = 0.0;
            foreach ($this->layers as $i => $layer) {
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

        return new LaidAt($places, $films, $dryness, $swims);
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

        return new Scene($places->fromMm, $places->stepMm, $signals, $standards);
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

        return new Scene(-self::LEVEL_MM, self::LEVEL_MM / (self::LEVEL_PLACES - 1), $signals, $standards);
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
        return $this->assumed->sameColour ? $this->finish->newAt($angle) : $this->finish->oldAt($angle);
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
}
