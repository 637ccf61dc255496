<?php

declare(strict_types=1);

namespace Kalopsis\Job;

use JsonSerializable;
use Kalopsis\Colour\Difference\Ciede2000;
use Kalopsis\Colour\Lab;
use Kalopsis\Colour\Measurement;
use Kalopsis\Colour\Screen;
use Kalopsis\Colour\Viewing;
use Kalopsis\Film\Air;
use Kalopsis\Panel\DistanceField;
use Kalopsis\Panel\Point;
use Kalopsis\Sight\Eye;
use Kalopsis\Spray\Assumptions;
use Kalopsis\Spray\Bed;
use Kalopsis\Spray\Finish;
use Kalopsis\Spray\LayerStack;
use Kalopsis\Spray\Outlook;
use Kalopsis\Spray\Profile;
use Kalopsis\Spray\Simulator;
use Kalopsis\Spray\StackBuilder;
use Kalopsis\Units\Quantity;

/** A plan sprayed in the model and looked at: what the light walk, the cross-cut and the table of schools show. */
final readonly class Spray implements JsonSerializable
{
    /** How much the light walk can exaggerate. */
    private const EXAGGERATED = 4.0;

    /** A cross-cut longer than this is not on one car. */
    private const MOST_NODES = 900;

    private function __construct(
        private JobPlan $plan,
        private StackBuilder $builder,
        private Bed $bed,
        public Finish $finish,
        public Outlook $outlook,
    ) {}

    /**
     * @param ?Measurement $car null while it has not been read: a finish of its class is taken
     * @param ?Measurement $card the best card; null: a colour 2 L* off
     */
    public static function of(JobPlan $plan, ?Measurement $car = null, ?Measurement $card = null, bool $withNeed = true): self
    {
        $builder = self::builder($plan);
        $colour = $plan->job->colour;
        $finish = $car !== null && $card !== null && $car->viewing->is($card->viewing) && $car->anglesWith($card) !== []
            ? Finish::measured($colour->finish, $colour->undercoatShade, $car, $card)
            : Finish::assumed($colour->finish, $colour->undercoatShade);
        $areas = [];
        foreach ($plan->blend->coats as $coat) {
            $areas[$coat->id] = $plan->blend->areaOf($coat)->value();
        }

        return new self($plan, $builder, self::bed($plan), $finish, Simulator::of($builder, $plan->blend->coats, self::bed($plan), $finish, $plan->blend->sides, $areas, 1, $withNeed));
    }

    public static function builder(JobPlan $plan): StackBuilder
    {
        $booth = $plan->job->booth;

        return new StackBuilder($plan->job->system, $plan->job->plan->ratios, $plan->reducer, new Air($booth->temperatureC, $booth->humidityPercent));
    }

    public static function bed(JobPlan $plan): Bed
    {
        $bed = $plan->job->plan->school->bed();

        return $plan->blend->wetBed ? ($bed === Bed::None ? Bed::Flashed : $bed) : Bed::None;
    }

    /**
     * The section along a straight line over the car, from every angle and distance at once.
     *
     * @return array<string, mixed>
     */
    public function cut(Point $from, Point $to): array
    {
        $length = hypot($to->x - $from->x, $to->y - $from->y);
        $step = max(Simulator::STEP_MM, $length / self::MOST_NODES);
        $n = max(2, (int) round($length / $step) + 1);
        $xs = $names = [];
        for ($i = 0; $i < $n; $i++) {
            $share = $i / ($n - 1);
            [$xs[], $names[]] = $this->distanceAt($from->x + $share * ($to->x - $from->x), $from->y + $share * ($to->y - $from->y));
        }
        $stack = $this->builder->stack($this->plan->blend->coats, $this->bed, $this->finish->h98Um, new Assumptions(), $step, 1.0, null, $xs);

        return ['coats' => $this->coats($stack), 'angles' => $this->finish->angles(), 'lengthMm' => round($length, 1), 'stepMm' => round($step, 3), 'panels' => $names, ...$this->section($stack)];
    }

    /** @return array<string, mixed> */
    public function jsonSerialize(): array
    {
        $o = $this->outlook;
        $worst = $o->worst();

        return [
            'seen' => $o->isSeen(),
            'index' => round($o->index(), 2),
            'says' => $o->says(),
            'certainty' => $o->certainty->value,
            'low' => round($o->spreadLow, 2),
            'high' => round($o->spreadHigh, 2),
            'worst' => ['angle' => $worst->angle, 'distanceM' => $worst->distanceM, 'at' => Quantity::mm($worst->atMm)],
            'mottle' => round($o->mottle, 2),
            'banding' => round($o->banding, 2),
            'primerShows' => Quantity::percent(100.0 * $o->primerShows),
            'need' => $o->need,
            'boothMinutes' => Quantity::minutes($o->boothMinutes),
            'measured' => $this->finish->measured,
            'reach10' => Quantity::mm($o->stack->reachOf(0.1)),
            'reach90' => Quantity::mm($o->stack->reachOf(0.9)),
            'table' => self::table($o->free),
            'sides' => array_map(fn (string $name, Profile $p): array => ['name' => $name, 'index' => round($p->worst, 2), 'angle' => $p->angle, 'distanceM' => $p->distanceM], array_keys($o->sides), array_values($o->sides)),
            'coats' => $this->coats($o->stack),
            'angles' => $this->finish->angles(),
            'distances' => Eye::DISTANCES_M,
            'profile' => ['fromMm' => $o->stack->xs[0], 'stepMm' => $o->stack->stepMm, ...$this->section($o->stack)],
        ];
    }

    /**
     * Distances from the primer over the panels that take part, for painting the map.
     *
     * @return list<array<string, mixed>>
     */
    public function field(): array
    {
        $most = 60.0 + $this->outlook->stack->xs[count($this->outlook->stack->xs) - 1];
        $levels = range(-100.0, $most, 25.0);
        $out = [];
        foreach ($this->plan->blend->panels as $id => $planned) {
            $out[] = ['panel' => $id, ...(new DistanceField($planned->panel, $planned->footprints, $levels, $planned->stops))->raster($most)];
        }

        return $out;
    }

    /** @return array{float, ?string} far away where nothing is sprayed */
    private function distanceAt(float $x, float $y): array
    {
        foreach ($this->plan->blend->panels as $id => $planned) {
            if ($planned->panel->outline->contains($x, $y)) {
                $d = 1e4;
                foreach ($planned->footprints as $footprint) {
                    $d = min($d, $footprint->distanceFrom($x, $y));
                }

                return [$d, $id];
            }
        }

        return [1e4, null];
    }

    /** @return list<array{id: string, name: string, dry: Quantity, volatile: Quantity, flash: Quantity}> */
    private function coats(LayerStack $stack): array
    {
        $names = [];
        foreach ($this->plan->blend->coats as $coat) {
            $names[$coat->id] = $coat->name;
        }
        $out = [];
        foreach ($stack->coats as $coat) {
            $out[] = ['id' => $coat->id, 'name' => $names[$coat->id] ?? $coat->id, 'dry' => Quantity::um($coat->pigmentedUm), 'volatile' => Quantity::um($coat->volatileUm), 'flash' => Quantity::minutes($coat->minutes)];
        }

        return $out;
    }

    /** @return array<string, mixed> */
    private function section(LayerStack $stack): array
    {
        $eye = new Eye();
        $byAngle = [];
        foreach ($this->finish->angles() as $angle) {
            $old = $this->finish->old[$angle];
            $colours = $stack->colours($angle, $this->finish->fit, $old->xyz(), $this->finish->primer);
            // Dimmed for each angle on its own: the eye is adapted to what it looks at.
            $exposure = Screen::exposure([$old, $this->finish->new[$angle]]);
            $de = $hex = $hex4 = [];
            foreach ($colours as $xyz) {
                $lab = $xyz->lab($old->viewing);
                $de[] = round(Ciede2000::between($old, $lab), 2);
                $hex[] = Screen::ofLight($xyz, $old->viewing, $exposure);
                $hex4[] = Screen::hex(self::exaggerated($old, $lab), $exposure);
            }
            $seen = Eye::seen($colours, $old);
            $index = [];
            foreach (Eye::DISTANCES_M as $m) {
                $index[] = array_map(fn (float $v): float => round($v / Eye::rarer($angle), 2), $eye->along($seen, $stack->stepMm, $m));
            }
            $byAngle[] = ['angle' => $angle, 'dE' => $de, 'hex' => $hex, 'hex4' => $hex4, 'index' => $index];
        }
        $films = array_fill(0, count($stack->coats), []);
        $spread = [];
        foreach ($stack->xs as $n => $x) {
            $top = null;
            foreach ($stack->coats as $i => $coat) {
                $film = $stack->films[$n][$i] ?? 0.0;
                $films[$i][] = round($film, 2);
                $top = $film > 1e-4 ? $stack->dryness[$n][$i] : $top;
            }
            $spread[] = $top === null ? null : round(100.0 * $top);
        }

        return [
            'mm' => array_map(fn (float $x): ?float => $x > 9e3 ? null : round($x, 1), $stack->xs),
            'films' => $films,
            'uncovered' => array_map(fn (float $v): float => round($v, 3), $stack->uncovered),
            'dryPercent' => $spread,
            'byAngle' => $byAngle,
        ];
    }

    private static function exaggerated(Lab $old, Lab $lab): Lab
    {
        $by = self::EXAGGERATED - 1.0;
        $clamp = fn (float $v): float => max(-150.0, min(150.0, $v));

        return Lab::of(max(0.0, min(240.0, $lab->l + $by * ($lab->l - $old->l))), $clamp($lab->a + $by * ($lab->a - $old->a)), $clamp($lab->b + $by * ($lab->b - $old->b)), Viewing::of($old->viewing->illuminant, $old->viewing->observer));
    }

    /** @return list<array{angle: int, indices: list<float>}> */
    private static function table(Profile $p): array
    {
        $out = [];
        foreach ($p->table as $angle => $row) {
            $out[] = ['angle' => $angle, 'indices' => array_map(fn (float $v): float => round($v, 2), $row)];
        }

        return $out;
    }
}
