<?php

declare(strict_types=1);

namespace Kalopsis\Job;

use JsonSerializable;
use Kalopsis\Colour\Difference\Ciede2000;
use Kalopsis\Colour\Xyz;
use Kalopsis\Panel\Point;
use Kalopsis\Sight\Eye;
use Kalopsis\Sight\Scene;
use Kalopsis\Sight\Signal;
use Kalopsis\Spray\Finish;
use Kalopsis\Spray\Pace;
use Kalopsis\Spray\Places;
use Kalopsis\Spray\Simulation;
use Kalopsis\Units\Quantity;

/**
 * The section along a straight line over the car: films, what shows through, and what the eye is left with from one
 * angle and distance. Where the line crosses a gap, a fold or a body line that ends the colour it is judged as the
 * verdict judges it: a step that the line takes something off. Past the car's edge there is nothing to compare with.
 */
final readonly class CrossCut implements JsonSerializable
{
    /** Longer than this is not on one car. */
    private const MOST_PLACES = 900;

    private const STEP_MM = 5.0;

    /** Two panels this far apart have a gap between them, further ones an opening, mm. Chosen here. */
    private const GAP_MM = 30.0;

    private const SPECKS_UM = 1e-4;

    /**
     * @param list<Simulation> $ways whose coats appear
     * @param list<?string> $panels
     * @param list<?float> $mm from the primer; null where there is no colour
     * @param array<string, list<float>> $films um, by coat
     * @param list<float> $uncovered
     * @param list<?float> $dry percent
     * @param list<?float> $dE CIEDE2000; null off the car
     * @param list<?float> $index
     * @param list<array{atMm: float, kind: string, index: float}> $lines
     */
    private function __construct(
        private JobPlan $plan,
        private array $ways,
        private int $angle,
        private float $distanceM,
        private float $lengthMm,
        private float $stepMm,
        private array $panels,
        private array $mm,
        private array $films,
        private array $uncovered,
        private array $dry,
        private array $dE,
        private array $index,
        private array $lines,
    ) {}

    /**
     * @param array<string, Simulation> $ways by panel
     * @param int $angle one the finish was measured at, else its first
     */
    public static function of(JobPlan $plan, array $ways, Point $from, Point $to, int $angle, float $distanceM): self
    {
        $finish = $plan->blend->request->finish;
        $angle = isset($finish->old[$angle]) ? $angle : $finish->angles()[0] ?? 45;
        $length = hypot($to->x - $from->x, $to->y - $from->y);
        $n = max(2, min(self::MOST_PLACES, (int) round($length / self::STEP_MM) + 1));
        $step = max(1e-6, $length / ($n - 1));
        $panels = $mm = [];
        for ($i = 0; $i < $n; $i++) {
            $share = $i / ($n - 1);
            [$panels[], $mm[]] = self::at(
                $plan,
                $from->x + $share * ($to->x - $from->x),
                $from->y + $share * ($to->y - $from->y),
            );
        }
        $used = [];
        foreach ($panels as $i => $panel) {
            $way = $panel === null || $mm[$i] === null ? null : $ways[$panel] ?? null;
            if ($way !== null) {
                $used[spl_object_id($way)] = $way;
            }
        }
        $laid = self::laid($plan, array_values($used), $ways, $panels, $mm, $angle);
        $old = $finish->old[$angle];
        $dE = [];
        foreach ($laid['xyz'] as $i => $xyz) {
            $dE[] = $panels[$i] === null ? null : round(Ciede2000::between($old, $xyz->lab($old->viewing)), 2);
        }
        [$index, $lines] = self::seen($plan, $panels, $mm, $laid['xyz'], $finish, $angle, $distanceM, $step);

        return new self(
            $plan,
            array_values($used),
            $angle,
            $distanceM,
            $length,
            $step,
            $panels,
            $mm,
            $laid['films'],
            $laid['uncovered'],
            $laid['dry'],
            $dE,
            $index,
            $lines,
        );
    }

    /** @return array{?string, ?float} the panel there, and how far from the primer where colour may lie */
    private static function at(JobPlan $plan, float $x, float $y): array
    {
        foreach ($plan->job->body->panels as $panel) {
            if ($panel->outline->contains($x, $y)) {
                return [$panel->id, ($plan->blend->panels[$panel->id] ?? null)?->distanceFrom($x, $y)];
            }
        }

        return [null, null];
    }

    /**
     * What lies at each place: places that are sprayed alike together.
     *
     * @param list<Simulation> $used
     * @param array<string, Simulation> $ways
     * @param list<?string> $panels
     * @param list<?float> $mm
     * @return array{xyz: list<Xyz>, films: array<string, list<float>>, uncovered: list<float>, dry: list<?float>}
     */
    private static function laid(JobPlan $plan, array $used, array $ways, array $panels, array $mm, int $angle): array
    {
        $n = count($mm);
        $blend = $plan->blend->need->blendMm;
        $xyz = array_fill(0, $n, $plan->blend->request->finish->old[$angle]->xyz());
        $uncovered = array_fill(0, $n, 1.0);
        $dry = array_fill(0, $n, null);
        $films = [];
        foreach ($used as $way) {
            foreach ($way->layers as $layer) {
                $films[$layer->coat->id()] ??= array_fill(0, $n, 0.0);
            }
            $here = $there = [];
            foreach ($mm as $i => $x) {
                if ($x !== null && ($ways[$panels[$i] ?? ''] ?? null) === $way) {
                    [$here[], $there[]] = [$i, $x];
                }
            }
            $colours = $way->colours();
            $laid = $colours->laid(Places::along($there, self::STEP_MM), $blend);
            $seen = $colours->along($angle, $laid);
            $left = $colours->uncovered($laid);
            foreach ($here as $k => $i) {
                [$xyz[$i], $uncovered[$i]] = [$seen[$k], round($left[$k], 3)];
                foreach ($way->layers as $l => $layer) {
                    $film = $laid->films[$k][$l] ?? 0.0;
                    $films[$layer->coat->id()][$i] = round($film, 2);
                    $dry[$i] = $film > self::SPECKS_UM ? round(100.0 * $laid->dryness[$k][$l]) : $dry[$i];
                }
            }
        }

        return [
            'xyz' => array_values($xyz),
            'films' => array_map(array_values(...), $films),
            'uncovered' => array_values($uncovered),
            'dry' => array_values($dry),
        ];
    }

    /**
     * Stretch by stretch between the car's edges.
     *
     * @param list<?string> $panels
     * @param list<?float> $mm
     * @param list<Xyz> $xyz
     * @return array{list<?float>, list<array{atMm: float, kind: string, index: float}>}
     */
    private static function seen(
        JobPlan $plan,
        array $panels,
        array $mm,
        array $xyz,
        Finish $finish,
        int $angle,
        float $distanceM,
        float $step,
    ): array {
        $signal = new Signal($finish->old[$angle]->xyz(), $finish->viewing());
        $gain = $finish->pigment->eye->factor;
        $index = array_fill(0, count($panels), null);
        $out = [];
        foreach (self::stretches($panels, $step) as $places) {
            $channels = [[], [], []];
            $lines = $kinds = [];
            foreach ($places as $k => $i) {
                [$channels[0][], $channels[1][], $channels[2][]] = $signal->of($xyz[$i]);
                $before = $places[$k - 1] ?? null;
                $kind = $before === null ? null : self::between($plan, $panels, $mm, $before, $i);
                if ($kind === null) {
                    continue;
                }
                $kinds[$k - 1] = $kind;
                if (self::differ($channels, $k)) {
                    $lines[$k - 1] = match ($kind) {
                        'fold' => Simulation::FOLD,
                        'body-line' => Simulation::BODY_LINE,
                        default => Simulation::GAP,
                    };
                }
            }
            $scene = new Scene(0.0, $step, [$angle => $channels], [$angle => $signal], $lines, $gain);
            foreach (Eye::along($scene, $angle, $distanceM) as $k => $v) {
                $index[$places[$k]] = round($v, 2);
            }
            foreach ($kinds as $k => $kind) {
                $out[] = [
                    'atMm' => round(($places[$k] + $places[$k + 1]) / 2.0 * $step, 1),
                    'kind' => $kind,
                    'index' => isset($lines[$k]) ? round(Eye::atLine($scene, $k, $angle, $distanceM), 2) : 0.0,
                ];
            }
        }

        return [array_values($index), $out];
    }

    /**
     * Places on the car that belong together; a gap between two panels does not part them, an opening does.
     *
     * @param list<?string> $panels
     * @return list<list<int>>
     */
    private static function stretches(array $panels, float $step): array
    {
        $out = [];
        $last = null;
        foreach ($panels as $i => $panel) {
            if ($panel === null) {
                continue;
            }
            if ($last === null || ($i - $last - 1) * $step > self::GAP_MM) {
                $out[] = [];
            }
            $out[count($out) - 1][] = $i;
            $last = $i;
        }

        return array_values(array_map(array_values(...), $out));
    }

    /**
     * What lies between two neighbouring places, if anything does.
     *
     * @param list<?string> $panels
     * @param list<?float> $mm
     */
    private static function between(JobPlan $plan, array $panels, array $mm, int $one, int $other): ?string
    {
        if ($panels[$one] === $panels[$other]) {
            return ($mm[$one] === null) === ($mm[$other] === null) ? null : 'body-line';
        }
        $both = [$panels[$one], $panels[$other]];
        foreach ($plan->blend->sides as $side) {
            if ($side->folds && in_array($side->panelId, $both, true) && in_array($side->neighbourId, $both, true)) {
                return 'fold';
            }
        }

        return 'gap';
    }

    /** @param array<int, list<float>> $channels */
    private static function differ(array $channels, int $k): bool
    {
        foreach ($channels as $y) {
            if (abs($y[$k] - $y[$k - 1]) > 1e-9) {
                return true;
            }
        }

        return false;
    }

    /**
     * @param list<Simulation> $ways
     * @return list<array{id: string, name: string, dry: Quantity, volatile: Quantity, flash: Quantity}>
     */
    public static function coats(JobPlan $plan, array $ways): array
    {
        $pace = new Pace($plan->job->system, $plan->job->reducer(), $plan->job->air());
        $out = [];
        foreach ($ways as $way) {
            foreach ($way->layers as $layer) {
                $out[$layer->coat->id()] ??= [
                    'id' => $layer->coat->id(),
                    'name' => $layer->coat->name(),
                    'dry' => Quantity::um($layer->pigmentedUm),
                    'volatile' => Quantity::um($layer->volatileUm),
                    'flash' => Quantity::minutes($pace->waiting($layer->coat)),
                ];
            }
        }

        return array_values($out);
    }

    /** The largest index along the line. */
    public function worst(): float
    {
        return max([0.0, ...array_map(fn (?float $v): float => $v ?? 0.0, $this->index), ...array_column($this->lines, 'index')]);
    }

    /** @return array<string, mixed> */
    public function jsonSerialize(): array
    {
        return [
            'coats' => self::coats($this->plan, $this->ways),
            'angle' => $this->angle,
            'distanceM' => $this->distanceM,
            'lengthMm' => round($this->lengthMm, 1),
            'stepMm' => round($this->stepMm, 3),
            'panels' => $this->panels,
            'mm' => array_map(fn (?float $x): ?float => $x === null ? null : round($x, 1), $this->mm),
            'films' => array_values($this->films),
            'uncovered' => $this->uncovered,
            'dryPercent' => $this->dry,
            'dE' => $this->dE,
            'index' => $this->index,
            'lines' => $this->lines,
        ];
    }
}
