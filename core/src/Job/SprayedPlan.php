<?php

declare(strict_types=1);

namespace Kalopsis\Job;

use JsonSerializable;
use Kalopsis\Blend\PlannedPanel;
use Kalopsis\Blend\SideChoice;
use Kalopsis\Colour\Geometry;
use Kalopsis\Panel\Point;
use Kalopsis\Sight\Eye;
use Kalopsis\Sight\Sighting;
use Kalopsis\Spray\Finish;
use Kalopsis\Spray\Outlook;
use Kalopsis\Spray\Part;
use Kalopsis\Spray\Simulation;
use Kalopsis\Spray\Sprayed;
use Kalopsis\Units\Quantity;

/**
 * A plan sprayed in the model and looked at: what the light walk, the cross-cut and the table of ways show. Panels
 * that are sprayed in different
 * ways are looked at one by one. Whoever asks for a part of it pays for that part.
 */
final readonly class SprayedPlan implements JsonSerializable
{
    private const WHOLE_MM = 1400.0;

    /** @param array<string, Simulation> $ways by panel, those with repairs of their own first */
    private function __construct(private JobPlan $plan, private array $ways) {}

    /** @param ?Finish $finish another card's than the one it was planned for */
    public static function of(JobPlan $plan, ?Finish $finish = null): self
    {
        $request = $plan->blend->request;
        $ways = $known = [];
        foreach ($plan->blend->panels as $id => $planned) {
            $coats = $request->drawnOut($planned->sequence, $plan->blend->need->blendMm);
            $key = implode(' ', array_map(fn ($c): string => $c->id(), $coats));
            $ways[$id] = $known[$key] ??= Simulation::of(
                $coats,
                $request->system,
                $finish ?? $request->finish,
                $request->reducer,
                $request->air,
            );
        }

        return new self($plan, $ways);
    }

    /**
     * Where colour ends on a panel instead of fading out, as Sprayed::outlook takes it.
     *
     * @return array<string, array{float, float}>
     */
    public function linesOn(string $panel): array
    {
        return isset($this->ways[$panel]) ? $this->lines($this->ways[$panel], [$panel]) : [];
    }

    public function finish(): Finish
    {
        return $this->plan->blend->request->finish;
    }

    /** The worst of all panels. */
    public function outlook(): Outlook
    {
        $blend = $this->plan->blend->need->blendMm;
        $worst = null;
        foreach ($this->byWay() as [$way, $panels]) {
            $outlook = Sprayed::outlook($way, $blend, $this->lines($way, $panels));
            $worst = $worst === null || $outlook->index() > $worst->index() ? $outlook : $worst;
        }

        return $worst ?? Sprayed::nothing($this->finish());
    }

    /**
     * What is left to be seen where colour stops instead of fading out, by the side's name.
     *
     * @return array<string, float>
     */
    public function ends(): array
    {
        $blend = $this->plan->blend->need->blendMm;
        $ends = [];
        foreach ($this->byWay() as [$way, $panels]) {
            foreach ($this->lines($way, $panels) as $name => [$mm, $hides]) {
                $ends[$name] = max($ends[$name] ?? 0.0, $way->lookAtLine($blend, $mm, $hides)->worst);
            }
        }

        return $ends;
    }

    /** How far off the colour is side by side: what a butt joint would show. */
    public function buttIndex(): float
    {
        foreach ($this->ways as $way) {
            return $way->buttIndex();
        }

        return 0.0;
    }

    /**
     * Each way to spray with the panels it is used on; a neighbour that colour only runs onto is judged with the
     * panel it comes from.
     *
     * @return list<array{Simulation, list<string>}>
     */
    private function byWay(): array
    {
        $out = [];
        foreach ($this->ways as $id => $way) {
            $planned = $this->plan->blend->panels[$id];
            if (! self::hasOwn($planned)) {
                continue;
            }
            $key = spl_object_id($way);
            $out[$key] ??= [$way, []];
            $out[$key][1][] = $id;
        }

        return array_values($out);
    }

    private static function hasOwn(PlannedPanel $planned): bool
    {
        foreach ($planned->footprints as $footprint) {
            if ($footprint->repair->panelId === $planned->panel->id) {
                return true;
            }
        }

        return false;
    }

    /**
     * Where colour ends at a gap, a body line or a fold instead of fading out: how far from the primer, and what that
     * takes off a step.
     *
     * @param list<string> $panels
     * @return array<string, array{float, float}>
     */
    private function lines(Simulation $way, array $panels): array
    {
        $limit = $way->limitMm($this->plan->blend->need->blendMm) ?? self::WHOLE_MM;
        $out = [];
        foreach ($this->plan->blend->sides as $side) {
            $room = $side->room->value();
            if (
                ! in_array($side->panelId, $panels, true) ||
                $side->choice === null ||
                $side->choice === SideChoice::Join ||
                $room >= $limit
            ) {
                continue;
            }
            $hides = match (true) {
                $side->folds => Simulation::FOLD,
                $side->choice === SideChoice::StopAtLine => Simulation::BODY_LINE,
                default => Simulation::GAP,
            };
            if ($room < ($out[$side->neighbourName][0] ?? INF)) {
                $out[$side->neighbourName] = [max(1.0, $room), $hides];
            }
        }

        return $out;
    }

    /** The section along a straight line over the car, as it looks from one angle and distance. */
    public function cut(Point $from, Point $to, int $angle, float $distanceM): CrossCut
    {
        return CrossCut::of($this->plan, $this->ways, $from, $to, $angle, $distanceM);
    }

    /** @return array<string, mixed> */
    public function jsonSerialize(): array
    {
        $o = $this->outlook();
        $worst = $o->worst();
        $way = array_values($this->ways)[0] ?? null;
        $coats = $o->hiding->coats();

        return [
            'seen' => $o->isSeen(),
            'index' => round($o->index(), 2),
            'says' => $o->says(),
            'certainty' => $o->certainty()->value,
            'low' => round($o->low(), 2),
            'high' => round($o->high(), 2),
            'worst' => [
                'angle' => $worst->angle,
                'from' => Geometry::standing($worst->angle),
                'distanceM' => $worst->distanceM,
                'at' => Quantity::mm($worst->atMm),
            ],
            'parts' => array_map(
                fn (Part $p): array => [
                    'part' => $p->value,
                    'words' => $p->words(),
                    'index' => round($o->parts[$p->value], 2),
                ],
                // Only where coats let light through is there an edge of them.
                array_values(
                    array_filter(
                        Part::cases(),
                        fn (Part $p): bool => $p !== Part::Coats || $this->finish()->layer !== null,
                    ),
                ),
            ),
            'fault' => $o->fault()?->value,
            'hiding' => ['coats' => $coats === null ? null : round($coats, 1), 'bestShade' => $o->hiding->bestShade()],
            'need' => $this->plan->blend->need->figure(),
            'boothMinutes' => Quantity::minutes($this->plan->boothMinutes()),
            'measured' => $this->finish()->measured,
            'table' => $this->table($o->free),
            'sides' => array_map(
                fn (string $name, Sighting $s): array => [
                    'name' => $name,
                    'index' => round($s->worst, 2),
                    'angle' => $s->angle,
                    'distanceM' => $s->distanceM,
                ],
                array_keys($o->lines),
                array_values($o->lines),
            ),
            'coats' => $way === null ? [] : CrossCut::coats($this->plan, [$way]),
            'layer' => CoatsOff::of($this->plan),
            'angles' => $this->finish()->angles(),
            'standing' => array_map(Geometry::standing(...), $this->finish()->angles()),
            'distances' => Eye::DISTANCES_M,
        ];
    }

    /** What a walk around the car looks up; dearer than the verdict, so only for who walks. */
    public function walk(): Walk
    {
        return Walk::of($this->plan, $this->ways, $this->finish());
    }

    /** @return list<array{angle: int, indices: list<float>}> */
    private function table(Sighting $s): array
    {
        $out = [];
        foreach ($this->finish()->angles() as $angle) {
            $row = $s->table[$angle] ?? [];
            $out[] = [
                'angle' => $angle,
                'indices' => array_map(fn (float $m): float => round($row[(string) $m] ?? 0.0, 2), Eye::DISTANCES_M),
            ];
        }

        return $out;
    }
}
