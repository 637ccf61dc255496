<?php

declare(strict_types=1);

namespace Kalopsis\Spray;

use Kalopsis\Colour\EffectFit;
use Kalopsis\Colour\FlakeLobe;
use Kalopsis\Colour\Viewing;
use Kalopsis\Colour\Xyz;
use Kalopsis\Film\FlakeOrder;

/**
 * Lays the coats of a plan over each other along the distance from the primer: film, hiding, wetness at landing, flake order, and the colour that
 * comes of it at any angle. Own model, docs/model.md section 10. Plain arrays: whole plans are simulated many times.
 */
final readonly class LayerStack
{
    /** Thinner than this is a few specks, um. */
    private const SPECKS_UM = 1e-4;

    /** L* of mottle in a film that swims. Chosen here. */
    public const MOTTLE_L = 4.0;

    /** @var list<array<int, float>> pigmented film by node, by coat index */
    public array $films;

    /** @var list<array<int, float>> dryness of each coat's flakes, by node, by coat index */
    public array $dryness;

    /** @var list<array<int, float>> too-wet share, by node, by coat index */
    public array $swims;

    /** @var list<float> share of what lies below that is still seen, by node */
    public array $uncovered;

    private float $k;

    private float $spreadDeg;

    /**
     * @param list<StackCoat> $coats colour coats in spraying order
     * @param float $bedVolatileUm volatile that a wet bed lands with
     * @param float $bedFromMm the bed lies from here outwards
     * @param float $rate drying rate of the booth, um/min
     * @param list<float> $xs distances from the primer, mm, in the order they are looked at
     * @param float $stepMm how far apart those places lie
     * @param float $h98Um pigmented dry film that hides (contrast ratio 0.98, ASTM D2805)
     */
    public function __construct(
        public array $coats,
        private Bed $bed,
        private float $bedVolatileUm,
        private float $bedFromMm,
        private float $rate,
        float $h98Um,
        Assumptions $assumed,
        public array $xs,
        public float $stepMm,
    ) {
        // Uncovered share exp(-k h) falls to 2 % at h98: Poisson cover.
        $this->k = log(50.0) / ($h98Um * $assumed->hiding);
        $this->spreadDeg = $assumed->spreadDeg();
        $dryBelow = $assumed->dryBelowUm();
        $films = $dryness = $swims = $uncovered = [];
        foreach ($xs as $x) {
            [$films[], $dryness[], $swims[], $uncovered[]] = $this->at($x, $dryBelow);
        }
        [$this->films, $this->dryness, $this->swims, $this->uncovered] = [$films, $dryness, $swims, $uncovered];
    }

    /**
     * @return array{array<int, float>, array<int, float>, array<int, float>, float}
     */
    private function at(float $x, float $dryBelow): array
    {
        $films = $dryness = $swims = [];
        $left = 0.0;
        $uncovered = 1.0;
        $floor = $x >= $this->bedFromMm ? $this->bed->open() * $this->bedVolatileUm : 0.0;
        foreach ($this->coats as $i => $coat) {
            $s = $coat->strength($x);
            $lands = $coat->volatileUm * $s;
            // What landed already is wet under the next; a bed keeps some open below all of them, a fresh one before each coat the most.
            $wet = $lands + $left + $floor;
            if ($s > 0.0) {
                $films[$i] = $coat->pigmentedUm * $s;
                $dryness[$i] = FlakeOrder::dryness($wet, $this->rate, $dryBelow);
                $swims[$i] = FlakeOrder::tooWet($wet);
                $uncovered *= exp(-$this->k * $films[$i]);
            }
            $left = max(0.0, $lands + $left - $coat->flashedUm);
        }

        return [$films, $dryness, $swims, $uncovered];
    }

    /**
     * The colour along the line at one angle.
     *
     * @param EffectFit $new the colour that is sprayed
     * @param Xyz $old the car's finish at this angle
     * @param Xyz $primer what lies inside the repair
     * @return list<Xyz>
     */
    public function colours(int $angle, EffectFit $new, Xyz $old, Xyz $primer): array
    {
        $out = [];
        $rest = $new->rest[$angle] ?? new Xyz(0.0, 0.0, 0.0);
        foreach ($this->xs as $n => $x) {
            $remaining = 1.0;
            $px = $py = $pz = 0.0;
            for ($i = count($this->coats) - 1; $i >= 0; $i--) {
                $film = $this->films[$n][$i] ?? 0.0;
                if ($film < self::SPECKS_UM) {
                    continue;
                }
                $weight = (1.0 - exp(-$this->k * $film)) * $remaining;
                $lobe = new FlakeLobe(FlakeLobe::LEVEL_DEG + $this->spreadDeg * $this->dryness[$n][$i], $this->dryness[$n][$i], $this->swims[$n][$i]);
                // EffectFit::at, without an object for each coat and node.
                $g = $lobe->at($angle);
                $px += $weight * max(0.0, $new->body->x + $g * $new->flake->x + $rest->x);
                $py += $weight * max(0.0, $new->body->y + $g * $new->flake->y + $rest->y);
                $pz += $weight * max(0.0, $new->body->z + $g * $new->flake->z + $rest->z);
                $remaining *= exp(-$this->k * $film);
            }
            $below = $x < 0.0 ? $primer : $old;
            $out[] = new Xyz($px + $remaining * $below->x, $py + $remaining * $below->y, $pz + $remaining * $below->z);
        }

        return $out;
    }

    /** Where the old finish is seen through by this share, mm past the primer: 0.1 and 0.9 are the real reach of colour. */
    public function reachOf(float $share): float
    {
        foreach ($this->xs as $n => $x) {
            if ($x >= 0.0 && $this->uncovered[$n] >= $share) {
                return $x;
            }
        }

        return $this->xs[count($this->xs) - 1];
    }

    /** The worst share of the primer that shines through inside the repair. */
    public function primerShows(): float
    {
        $worst = 0.0;
        foreach ($this->xs as $n => $x) {
            if ($x < 0.0) {
                $worst = max($worst, $this->uncovered[$n]);
            }
        }

        return $worst;
    }

    /**
     * Overlap shows where one coat lands wetter and drier in turns: half the swing of L* at 45 degrees between (1 +- ripple/2) of each coat's own
     * wetness, weighted by what of that coat is on top, at its worst along the line. The pitch of the strokes comes with it.
     *
     * @return array{float, float} half amplitude L*, pitch mm
     */
    public function banding(EffectFit $new): array
    {
        $worst = [0.0, 70.0];
        foreach ($this->xs as $n => $x) {
            $above = 1.0;
            for ($i = count($this->coats) - 1; $i >= 0; $i--) {
                $film = $this->films[$n][$i] ?? 0.0;
                if ($film < self::SPECKS_UM) {
                    continue;
                }
                $coat = $this->coats[$i];
                $dry = $this->dryness[$n][$i];
                // dryness = exp(-V/Vc): a share of the coat's own V more or less is a power of it.
                $own = $dry ** (min(1.0, $coat->volatileUm * $coat->strength($x) / max(1e-6, $coat->volatileUm)) * $coat->ripple / 2.0);
                $l = fn (float $d): float => $new->at(45, new FlakeLobe(FlakeLobe::LEVEL_DEG + $this->spreadDeg * $d, $d))->lab(Viewing::paint())->l;
                $half = abs($l(min(1.0, $dry / max(1e-9, $own))) - $l($dry * $own)) / 2.0 * (1.0 - exp(-$this->k * $film)) * $above;
                if ($half > $worst[0]) {
                    $worst = [$half, $coat->pitchMm];
                }
                $above *= exp(-$this->k * $film);
            }
        }

        return $worst;
    }

    /** The most the top coat swims anywhere, 0 to 1. */
    public function swimming(): float
    {
        $worst = 0.0;
        $top = count($this->coats) - 1;
        foreach ($this->swims as $node) {
            $worst = max($worst, $node[$top] ?? 0.0);
        }

        return $worst;
    }
}
