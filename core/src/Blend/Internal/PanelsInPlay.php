<?php

declare(strict_types=1);

namespace Kalopsis\Blend\Internal;

use Closure;
use Kalopsis\Blend\BlendRequest;
use Kalopsis\Blend\Side;
use Kalopsis\Blend\SideChoice;
use Kalopsis\Blend\SideOption;
use Kalopsis\Panel\BlendRoom;
use Kalopsis\Panel\Footprint;
use Kalopsis\Panel\NamedLine;
use Kalopsis\Panel\Panel;
use Kalopsis\Panel\PanelKind;
use Kalopsis\Panel\Point;
use Kalopsis\Panel\Room;
use Kalopsis\Panel\Seam;
use Kalopsis\Panel\Spot;
use Kalopsis\Sequence\CoatSequence;
use Kalopsis\Sequence\GunChoice;
use Kalopsis\Units\Quantity;
use Kalopsis\Why\Figure;
use Kalopsis\Why\Phrase;
use Kalopsis\Why\Reason;
use Kalopsis\Why\SourceKind;

/**
 * Walks outwards from the repairs, seam by seam, to find the panels that colour gets onto. Once colour dust
 * reaches a neighbour's edge the neighbour takes part, unless the painter stops it there.
 */
final class PanelsInPlay
{
    /** A repair no larger than this can be kept tiny with a small gun; area of a 60 mm spot, mm2. Common practice. */
    private const TINY_MM2 = M_PI * 60.0 * 60.0;

    /** Colour is never carried further than this many seams from a repair. */
    private const FURTHEST = 2;

    private const SEAM_SAMPLES = 33;

    /** Nearer than this is the same place, mm. */
    private const SAME_MM = 0.5;

    /** As far as any panel goes, mm. */
    private const WHOLE_MM = 1400.0;

    /** @var array<string, InPlay> by panel id */
    public array $panels = [];

    /** @var list<Side> */
    public array $sides = [];

    /** @var array<string, true> */
    private array $walked = [];

    private float $blendMm = 0.0;

    private float $neededMm = 0.0;

    /** @var Closure(): float */
    private Closure $small;

    private ?float $neededSmallMm = null;

    private function __construct(private readonly BlendRequest $request)
    {
        $this->small = fn (): float => 0.0;
    }

    /** The panels that carry repairs; colour is not let run yet. */
    public static function around(BlendRequest $request): self
    {
        $self = new self($request);
        foreach ($request->repairs as $repair) {
            $panel = $request->body->panel($repair->panelId);
            $self->panels[$panel->id] ??= new InPlay(
                $panel,
                0,
                Reason::of('The repair is on this panel.', SourceKind::Geometry, 'Where the repair was placed.'),
            );
            $self->panels[$panel->id]->footprints[] = Footprint::at($repair, $panel);
        }

        return $self;
    }

    /** Towards the tightest side that colour may run on over, mm; null when there is none. */
    public function tightestMm(): ?float
    {
        $tightest = null;
        foreach ($this->panels as $from) {
            if (! $this->fadesOn($from)) {
                continue;
            }
            foreach ($this->request->body->seamsOf($from->panel->id) as $seam) {
                $next = $this->request->body->panel($seam->other($from->panel->id));
                if (! isset($this->panels[$next->id]) && $this->choice($from, $next, $seam)[0] === SideChoice::Join) {
                    $tightest = min($tightest ?? INF, $this->roomTowards($from, $seam, $next)->mm);
                }
            }
        }

        return $tightest;
    }

    /**
     * Lets colour run as far as it goes in a blend so long.
     *
     * @param Closure(): float $small what the small gun would need, mm: asked once, and only where a side is short
     */
    public function run(float $blendMm, float $neededMm, Closure $small): void
    {
        [$this->blendMm, $this->neededMm, $this->small] = [$blendMm, $neededMm, $small];
        $round = array_keys($this->panels);
        for ($away = 0; $away < self::FURTHEST && $round !== []; $away++) {
            $before = array_keys($this->panels);
            foreach ($round as $id) {
                foreach ($this->request->body->seamsOf($id) as $seam) {
                    $this->walk($this->panels[$id], $seam);
                }
            }
            $round = array_values(array_diff(array_keys($this->panels), $before));
        }
    }

    /** What is sprayed on a panel, for the repairs it carries or sees. */
    public function sequenceOn(InPlay $on): CoatSequence
    {
        return $this->request->sequence->on(
            $on->panel->id,
            array_map(fn (Footprint $f): string => $f->repair->id, $on->footprints),
        );
    }

    private function fadesOn(InPlay $on): bool
    {
        return $this->sequenceOn($on)->fades();
    }

    /** Where the last dust lands on a panel, mm past the primer. */
    private function limitOn(InPlay $on): float
    {
        $limit = 0.0;
        foreach ($this->sequenceOn($on)->colour() as $step) {
            $limit = max(
                $limit,
                $step->extent->fades()
                    ? $step->extent->reachIn($this->blendMm) + $step->extent->fadeIn($this->blendMm)
                    : self::WHOLE_MM,
            );
        }

        return $limit;
    }

    /** @return array{SideChoice, bool, bool} the choice, whether somebody made it, and whether the line hides a step */
    private function choice(InPlay $from, Panel $next, Seam $seam): array
    {
        $folds = $this->hidesAStep($from->panel, $next, $seam);
        $chosen = $this->request->sides[BlendRequest::sideKey($from->panel->id, $next->id)] ?? null;
        $trim = $this->isTrim($next) || $this->isTrim($from->panel);

        return [
            $chosen ??
            match (true) {
                ! $this->fadesOn($from) => SideChoice::Butt,
                // The same on both sides of a seam: between trim and body colour is not carried by default.
                $trim, $from->away > 0 && $folds => SideChoice::StopAtLine,
                default => SideChoice::Join,
            },
            $chosen !== null,
            $folds,
        ];
    }

    private function walk(InPlay $from, Seam $seam): void
    {
        $next = $this->request->body->panel($seam->other($from->panel->id));
        $key = BlendRequest::sideKey($from->panel->id, $next->id);
        $back = isset($this->walked[$key]);
        if ($back && $from->away > 0) {
            return;
        }
        $this->walked[$key] = true;
        $room = $this->roomTowards($from, $seam, $next);
        $reached = $this->limitOn($from) > $room->mm + self::SAME_MM;
        if (! $reached && ($from->away > 0 || $room->mm >= $this->neededMm)) {
            if ($from->away === 0) {
                $this->sides[] = $this->side($from, $next, $room, false, null, false, []);
            }

            return;
        }
        [$choice, $byYou, $folds] = $this->choice($from, $next, $seam);
        $line = $this->bodyLineBetween($from->panel, $room);
        $this->sides[] = $this->side(
            $from,
            $next,
            $room,
            $reached,
            $choice,
            $byYou,
            $this->options($from->panel, $next, $room, $line, $folds),
            $folds,
        );
        if ($choice === SideChoice::StopAtLine && $line !== null && ! $this->isTrim($next)) {
            $from->stops[] = [$line->line, $this->inside($from)];
        }
        if ($choice === SideChoice::Join && $reached) {
            $this->join($from, $next, $seam, $room);
        }
    }

    private function join(InPlay $from, Panel $next, Seam $seam, Room $room): void
    {
        $this->panels[$next->id] ??= new InPlay(
            $next,
            $from->away + 1,
            Reason::of(
                Phrase::of('Colour reaches {limit} past the primer; the gap to {panel} is only {room} away.', [
                    'limit' => Quantity::mm($this->limitOn($from)),
                    'panel' => $next->name,
                    'room' => self::told($room),
                ]),
                SourceKind::Practice,
                'Common practice: once colour dust reaches the neighbour, the neighbour takes part.',
                ['room' => self::told($room), 'last dust' => Quantity::mm($this->limitOn($from))],
            ),
        );
        $across = $seam->otherOnto($next->id);
        foreach ($from->footprints as $footprint) {
            // Only repairs that lie on that panel itself are unfolded: one seam, one motion.
            if ($footprint->repair->panelId === $from->panel->id) {
                $this->panels[$next->id]->footprints[] = Footprint::seenAcross($footprint->repair, $from->panel, $across);
            } elseif ($from->away > 0 && $footprint->repair->panelId !== $next->id) {
                $this->panels[$next->id]->footprints[] = $footprint->carried($across);
            }
        }
    }

    private function roomTowards(InPlay $from, Seam $seam, Panel $next): Room
    {
        $line = $seam->lineOn($from->panel->id);
        $best = null;
        foreach ($from->footprints as $footprint) {
            $room =
                $footprint->repair->panelId === $from->panel->id
                    ? BlendRoom::to($footprint->repair, $from->panel, $line, $next->id, $next->name)
                    : $this->sampled($footprint, $from->panel, $seam, $next);
            if ($best === null || $room->mm < $best->mm) {
                $best = $room;
            }
        }
        assert($best !== null);

        return $best;
    }

    private function sampled(Footprint $footprint, Panel $panel, Seam $seam, Panel $next): Room
    {
        $best = INF;
        $at = null;
        foreach ($seam->lineOn($panel->id)->evenly(self::SEAM_SAMPLES) as $point) {
            $d = $footprint->distanceFrom($point->x, $point->y);
            if ($d < $best) {
                [$best, $at] = [$d, $point];
            }
        }
        assert($at !== null);

        return new Room($footprint->repair->id, $panel->id, $next->id, $next->name, max(0.0, $best), $at, $at);
    }

    /** @return list<SideOption> */
    private function options(Panel $panel, Panel $next, Room $room, ?NamedLine $line, bool $folds): array
    {
        $tiny = true;
        foreach ($this->request->repairs as $repair) {
            $tiny =
                $tiny &&
                ($repair->shape instanceof Spot
                    ? M_PI * $repair->shape->radiusMm ** 2
                    : $repair->shape->outlineOn($this->request->body->panel($repair->panelId))->areaMm2()) <=
                    self::TINY_MM2 + 1.0;
        }
        $needsSmall = $this->neededSmallMm ??= ($this->small)();
        $values = [
            'panel' => $panel->name,
            'next' => $next->name,
            'room' => self::told($room),
            'small' => Quantity::mm($needsSmall),
        ];
        $fitsSmall = $room->mm >= $needsSmall;

        return [
            new SideOption(
                SideChoice::Join,
                true,
                Phrase::of(
                    'Let the colour run into {next} and blend there. Surest; one panel more to prepare and clear.',
                    $values,
                ),
            ),
            new SideOption(
                SideChoice::SmallGun,
                $tiny && $fitsSmall && $this->request->gun === GunChoice::Standard,
                Phrase::of(
                    match (true) {
                        $this->request->gun === GunChoice::Small
                            => 'The small gun is already chosen and still needs {small}.',
                        ! $tiny => 'Keep it tiny with a small gun: this repair is too large for that.',
                        ! $fitsSmall => 'Keep it tiny with a small gun: even that needs {small}, there is {room}.',
                        default => 'Keep it tiny with a small gun at low pressure: needs {small}, has {room}.',
                    },
                    $values,
                ),
            ),
            new SideOption(
                SideChoice::StopAtLine,
                $line !== null || $folds,
                Phrase::of(
                    match (true) {
                        $line !== null && ! $this->isTrim($next)
                            => 'Stop at the {line}: a sharp line hides a little of a step.',
                        $folds
                            => 'Stop at the gap: {next} lies in another plane or is another material, which hides a '
                                . 'little of a step.',
                        default => 'Stop at a body line: there is none between the repair and {next}.',
                    },
                    ['line' => $line !== null ? $line->name : '', ...$values],
                ),
            ),
            new SideOption(
                SideChoice::Butt,
                true,
                Phrase::of('Stop at the gap and butt: only with a card that matches edge to edge at every angle.', $values),
            ),
        ];
    }

    /** Rounded down, wherever it is told: what is said to have room must have it. */
    private static function told(Room $room): Quantity
    {
        return Quantity::mm(floor($room->mm));
    }

    /** @param list<SideOption> $options */
    private function side(
        InPlay $from,
        Panel $next,
        Room $room,
        bool $reached,
        ?SideChoice $choice,
        bool $byYou,
        array $options,
        bool $folds = false,
    ): Side {
        return new Side(
            $from->panel->id,
            $next->id,
            $next->name,
            Figure::of(
                self::told($room),
                Reason::of(
                    Phrase::of('The shortest way from the primer to the gap towards {next}.', ['next' => $next->name]),
                    SourceKind::Geometry,
                    'Measured on the unrolled body.',
                    ['repair' => $room->repairId],
                ),
            ),
            $this->neededMm,
            $reached,
            $choice,
            $byYou,
            $options,
            $room->from,
            $room->to,
            $folds,
        );
    }

    /** Sills and bumpers: another plane, often another material, low down. Colour is not carried onto them by default. */
    private function isTrim(Panel $panel): bool
    {
        return $panel->kind === PanelKind::Sill || $panel->kind === PanelKind::Bumper;
    }

    private function hidesAStep(Panel $panel, Panel $next, Seam $seam): bool
    {
        return $this->isTrim($next) ||
            $this->isTrim($panel) ||
            $panel->material !== $next->material ||
            $panel->orientation !== $next->orientation ||
            ! $seam->bOntoA->isNone();
    }

    private function bodyLineBetween(Panel $panel, Room $room): ?NamedLine
    {
        foreach ($panel->bodyLines as $named) {
            for ($i = 1, $n = count($named->line->xs); $i < $n; $i++) {
                if (
                    self::crosses(
                        $room->from,
                        $room->to,
                        new Point($named->line->xs[$i - 1], $named->line->ys[$i - 1]),
                        new Point($named->line->xs[$i], $named->line->ys[$i]),
                    )
                ) {
                    return $named;
                }
            }
        }

        return null;
    }

    private static function crosses(Point $a, Point $b, Point $c, Point $d): bool
    {
        $side = fn (Point $p, Point $q, Point $r): float => ($q->x - $p->x) * ($r->y - $p->y) -
            ($q->y - $p->y) * ($r->x - $p->x);

        return $side($a, $b, $c) * $side($a, $b, $d) < 0.0 && $side($c, $d, $a) * $side($c, $d, $b) < 0.0;
    }

    private function inside(InPlay $from): Point
    {
        return $from->footprints[0]->outline->centroid();
    }
}
