<?php

declare(strict_types=1);

namespace Kalopsis\Spray;

use Kalopsis\Film\Air;
use Kalopsis\Film\AirMovement;
use Kalopsis\Film\FlashOff;
use Kalopsis\Film\Laid;
use Kalopsis\Film\PaintSystem;
use Kalopsis\Film\Reducer;
use Kalopsis\Film\Volatile;
use Kalopsis\Gun\GunSetUp;
use Kalopsis\Gun\Stroke;
use Kalopsis\Sequence\Coat;
use Kalopsis\Sequence\CoatKind;
use Kalopsis\Sequence\Drying;
use Kalopsis\Sequence\LandsIn;
use Kalopsis\Sight\Eye;
use Kalopsis\Sight\Scene;
use Kalopsis\Sight\Sighting;

/**
 * Sprays a sequence of coats in the model and looks at it: films, wetness at landing, how the flakes lie, what hides,
 * and what of that is seen.
 * Own model, docs/model.md sections 8 to 12. A blend's length is asked for, not kept: the same coats are looked at
 * drawn out in many ways.
 */
final readonly class Simulation
{
    /** Longer than this nobody blends, and shorter no wrist can fade, mm. Common practice. */
    public const LONGEST_MM = 900.0;

    public const SHORTEST_MM = 30.0;

    /** So much before a line is looked at at least, mm: the answer to an edge reaches that far. */
    private const BEFORE_LINE_MM = 200.0;

    /** Where the spread is looked at first, mm. */
    private const TYPICAL_MM = 200.0;

    /** A short change is worst from near, a long one from here on, m. Docs/model.md section 9. */
    private const TELLING_M = [1.0, 2.0, 5.0];

    /** Places along a blend while the shortest is looked for, and where it is judged. Their indices differ by some 1 to 2 %. */
    private const COARSE = 48;

    /** Places of a first look at where the change begins. */
    private const FIRST_LOOK = 13;

    public const FINE = 96;

    /**
     * A line takes off lightness of a step: a gap (Boynton, Hayhoe and MacLeod 1977 leave colour alone), a body line,
     * another plane. Chosen here.
     */
    public const GAP = 1.5;

    public const BODY_LINE = 1.2;

    public const FOLD = 3.0;

    /**
     * @param list<Layer> $layers colour coats in spraying order
     * @param list<Layer> $grounds ground coats below them
     */
    private function __construct(
        public Finish $finish,
        public array $layers,
        private float $rate,
        public array $grounds = [],
    ) {}

    /** @param list<Coat> $coats all of a sequence, in spraying order */
    public static function of(array $coats, PaintSystem $system, Finish $finish, Reducer $reducer, Air $air): self
    {
        $volatile = Volatile::of($system->carrier, $reducer);
        $layers = $grounds = [];
        $bed = 0.0;
        foreach ($coats as $i => $coat) {
            $laid = self::laid($coat, $volatile, $air);
            if ($coat->kind() === CoatKind::WetBed) {
                $bed = $laid->volatileUm();
            }
            if (! $coat->kind()->hides()) {
                continue;
            }
            $next = $coats[$i + 1] ?? null;
            $wetInWet = $next !== null && $next->isColour() && $next->step->landsIn === LandsIn::WetCoat;
            $layer = new Layer(
                $coat,
                $laid->pigmentedUm,
                $laid->volatileUm(),
                $wetInWet ? Drying::WetOnWet->gone() : $coat->step->drying->gone(),
                $coat->step->landsIn->bedOpen() * $bed,
                self::ripple($coat->gun),
                Stroke::fanMm($coat->gun) * (1.0 - $coat->gun->overlapPercent / 100.0),
            );
            if ($coat->isColour()) {
                $layers[] = $layer;
            } else {
                $grounds[] = $layer;
            }
        }

        return new self($finish, $layers, FlashOff::rate($volatile, $air, AirMovement::Booth), $grounds);
    }

    /** One coat at full strength: the hand lays as much wet paint whatever is in it; more reducer, less film. */
    public static function laid(Coat $coat, Volatile $volatile, Air $air): Laid
    {
        return Laid::of(
            $coat->mixture->product->wetFilmUm() * $coat->filmShare,
            $coat->mixture->volumeSolids(),
            $coat->kind()->hides() ? $coat->mixture->pigmentShare() : 0.0,
            $coat->gun,
            $volatile,
            $air,
        );
    }

    /**
     * What colour changes with along a blend: a ground that is sealed in by a colour which hides changes no fade.
     *
     * @return list<Layer>
     */
    private function changing(): array
    {
        return $this->finish->layer === null ? $this->layers : [...$this->layers, ...$this->grounds];
    }

    /** Pigmented dry film of the ground coats at full strength, um. */
    public function groundUm(): float
    {
        return (float) array_sum(array_map(fn (Layer $l): float => $l->pigmentedUm, $this->grounds));
    }

    public function fades(): bool
    {
        foreach ($this->layers as $layer) {
            if ($layer->coat->step->extent->fades()) {
                return true;
            }
        }

        return false;
    }

    /** Where the outermost colour of a blend so long ends, mm past the primer; null where colour covers whole panels. */
    public function limitMm(float $blendMm, bool $byHand = true): ?float
    {
        $limit = null;
        foreach ($this->layers as $layer) {
            $reach = $layer->reachMm($blendMm, $byHand);
            if ($reach === null) {
                return null;
            }
            $limit = max($limit ?? 0.0, $reach + $layer->fadeMm($blendMm, $byHand));
        }

        return $limit;
    }

    /**
     * A blend of this length, fading freely.
     *
     * @param bool $byHand reaches set by hand stay where they are
     */
    public function look(
        float $blendMm,
        Assumptions $assumed,
        bool $byHand = true,
        int $places = self::COARSE,
        bool $fromEverywhere = false,
    ): Sighting {
        $limit = $this->limitMm($blendMm, $byHand);
        if ($limit === null || $this->layers === []) {
            return Sighting::nothing($this->finish->angles());
        }
        $from = $limit;
        foreach ($this->changing() as $layer) {
            $from = min($from, $layer->reachMm($blendMm, $byHand) ?? $from);
        }
        // Where nothing changes yet no places are wasted.
        $first = new Places($from, ($limit - $from) / (self::FIRST_LOOK - 1), self::FIRST_LOOK);
        $from = $this->scene($first, $blendMm, $assumed, $byHand)->levelUpToMm();
        $step = max(0.2, ($limit - $from) / ($places - 1));

        return Eye::look(
            $this->scene(new Places($from, $step, $places), $blendMm, $assumed, $byHand),
            $fromEverywhere ? Eye::DISTANCES_M : self::TELLING_M,
        );
    }

    /** Where a line ends the colour: what is left there is a step, exactly at the line. */
    public function lookAtLine(
        float $blendMm,
        float $lineMm,
        float $hides,
        bool $fromEverywhere = true,
        ?Assumptions $assumed = null,
    ): Sighting {
        $from = $lineMm;
        foreach ($this->changing() as $layer) {
            $from = min($from, $layer->reachMm($blendMm, true) ?? $from);
        }
        $from = max(min($from, $lineMm - self::BEFORE_LINE_MM), $lineMm - 2000.0);
        $step = ($lineMm - $from) / (self::COARSE - 1);
        $scene = $this->scene(new Places($from, $step, self::COARSE), $blendMm, $assumed ?? Assumptions::usual(), true);

        return Eye::look(
            $scene->endingAt($hides),
            $fromEverywhere ? Eye::DISTANCES_M : self::TELLING_M,
        );
    }

    /** The whole difference side by side at a gap: what a butt joint shows. */
    public function buttIndex(): float
    {
        $colours = new Colours($this->finish, [], [], Assumptions::usual(), $this->rate);

        return Eye::look($colours->level()->endingAt(self::GAP))->worst;
    }

    /** What the eye is shown along a line of places, mm from the primer. */
    public function scene(Places $places, float $blendMm, Assumptions $assumed, bool $byHand = true): Scene
    {
        return $this->colours($assumed)->scene($places, $blendMm, $byHand);
    }

    public function colours(?Assumptions $assumed = null): Colours
    {
        return new Colours($this->finish, $this->layers, $this->grounds, $assumed ?? Assumptions::usual(), $this->rate);
    }

    /** Standard deviation of ln V of a blend so long: what may be off, and the eye. */
    public function spread(float $blendMm, bool $byHand = true): float
    {
        $usual = $this->look($blendMm, Assumptions::usual(), $byHand)->worst;
        $sum = $this->finish->pigment->eye->spread ** 2;
        if ($usual > 1e-3) {
            foreach (Assumptions::further($this->finish->pigment) as $off) {
                $sum += log(max(1e-6, $this->look($blendMm, $off, $byHand)->worst) / $usual) ** 2;
            }
        }

        return sqrt($sum);
    }

    /** The same for two simulations that need the same at a certainty: reaches set by hand do not count. */
    public function key(Certainty $certainty): string
    {
        $finish = [$this->finish->class, $this->finish->old, $this->finish->new, $this->finish->layer, $this->finish->pigment];
        $layers = [count($this->layers), self::told($this->changing())];

        return hash('xxh128', serialize([$certainty, $finish, $layers, $this->rate]));
    }

    /**
     * @param list<Layer> $layers
     * @return list<list<float|bool>>
     */
    private static function told(array $layers): array
    {
        return array_map(
            fn (Layer $l): array => [
                $l->pigmentedUm,
                $l->volatileUm,
                $l->gone,
                $l->floorUm,
                $l->coat->step->extent->fades(),
                $l->coat->step->extent->reach,
                $l->coat->step->extent->fade,
            ],
            $layers,
        );
    }

    /**
     * The shortest blend, all coats drawn out alike, of which nobody notices anything at a certainty, mm; null when
     * none does. The index falls as
     * a blend is drawn out (docs/model.md section 12), so halving finds where it passes 1.
     */
    public function needMm(Certainty $certainty): ?float
    {
        if (! $this->fades()) {
            return null;
        }
        $allow = fn (float $mm): float => exp(-$certainty->quantile() * $this->spread($mm, false));
        $most = log($allow(self::TYPICAL_MM));
        $over = fn (float $mm): float => log(max(1e-9, $this->look($mm, Assumptions::usual(), false)->worst)) - $most;
        $mm = self::falls($over, log(self::SHORTEST_MM), log(self::LONGEST_MM));
        // A few distances and places tell which length; all of them and the spread at that length have the last word.
        for ($i = 0; $i < 12 && $mm !== null && $mm <= self::LONGEST_MM; $i++) {
            $over = log(max(1e-9, $this->look($mm, Assumptions::usual(), false, self::FINE, true)->worst) / $allow($mm));
            if ($over <= 0.0) {
                return $mm;
            }
            $mm *= max(1.01, exp($over));
        }

        return null;
    }

    /**
     * Where a function of ln mm falls through nought, to one in a hundred: false position with the Illinois step,
     * since ln V over ln mm is nearly
     * straight. Null when it is above nought at the end, the beginning when it is below there.
     *
     * @param callable(float): float $over
     */
    private static function falls(callable $over, float $from, float $to): ?float
    {
        [$a, $b] = [$over(exp($from)), $over(exp($to))];
        if ($b > 0.0) {
            return null;
        }
        if ($a <= 0.0) {
            return exp($from);
        }
        for ($i = 0; $i < 20 && $to - $from > 0.01; $i++) {
            $at = ($from * $b - $to * $a) / ($b - $a);
            $v = $over(exp($at));
            if (abs($v) < 0.005) {
                return exp($at);
            }
            if ($v > 0.0) {
                [$from, $a, $b] = [$at, $v, $b / 2.0];
            } else {
                [$to, $b, $a] = [$at, $v, $a / 2.0];
            }
        }

        return exp($to);
    }

    /**
     * Peak to peak over the mean of parabolic strokes side by side: 1.5 (1 - overlap)^2, exact at overlaps of 1 - 1/n.
     * Docs/model.md section 8.
     */
    public static function ripple(GunSetUp $gun): float
    {
        return 1.5 * (1.0 - $gun->overlapPercent / 100.0) ** 2;
    }
}
