<?php

declare(strict_types=1);

namespace Kalopsis\Blend;

use Kalopsis\Blend\Internal\PanelsInPlay;
use Kalopsis\Blend\Internal\Regions;
use Kalopsis\Blend\Internal\Verdict;
use Kalopsis\Blend\Internal\Warnings;
use Kalopsis\Panel\Repair;
use Kalopsis\Panel\Under;
use Kalopsis\Sequence\CoatKind;
use Kalopsis\Sequence\CoatSequence;
use Kalopsis\Sequence\CoatStep;
use Kalopsis\Sequence\Extent;
use Kalopsis\Sequence\GunChoice;
use Kalopsis\Sequence\Where;
use Kalopsis\Spray\Certainty;
use Kalopsis\Spray\Part;
use Kalopsis\Spray\Simulation;
use Kalopsis\Spray\Sprayed;

/**
 * Plans a repair: how long the blend must be so that nobody sees it, which panels must take part for that, what each
 * coat covers, the zones and
 * their preparation. One need and one verdict, docs/model.md sections 3 and 12.
 */
final readonly class Planner
{
    /** A sealer's edge stays inside the colour, mm past the primer. Common practice. */
    private const SEALER_MM = 15.0;

    /** Where there is room to choose, the last dust lands this much short of a gap, mm. Chosen here. */
    private const SHORT_OF_GAP_MM = 5.0;

    public function __construct(private NeedMemory $memory = new NeedsOfThisRun()) {}

    public function plan(BlendRequest $request): BlendPlan
    {
        $request = self::sealed($request);
        $play = PanelsInPlay::around($request);
        $need = $this->need($request, $play);
        $coats = $request->drawnOut($request->sequence, $need->blendMm);
        $play->run($need->blendMm, $need->mm() ?? $need->usualMm, fn (): float => $this->small($request, $need));
        $panels = Regions::of($request, $coats, $play);
        $zones = Regions::zones($request, $coats, $panels);
        $warnings = Warnings::of($request, $coats, $play, $panels, $need);
        [$verdict, $severity] = Verdict::of($play, $panels, $warnings, $need);

        return new BlendPlan($coats, $panels, $zones, $play->sides, $warnings, $need, $verdict, $severity, $request);
    }

    /** How long this would have to be, without planning the rest. */
    public function needFor(BlendRequest $request): Need
    {
        return $this->need($request, PanelsInPlay::around($request));
    }

    /** How well a sharp edge of the new colour at a gap would be seen, 1 = just noticed. */
    public function buttIndex(BlendRequest $request): float
    {
        $edge = Simulation::of([], $request->system, $request->finish, $request->reducer, $request->air);

        return $this->memory->index($edge->key($request->certainty), $edge->buttIndex(...));
    }

    /** Does a repair want sealer over it before colour? */
    public static function wantsSealer(Repair $repair, ?int $undercoatShade): bool
    {
        return match ($repair->under) {
            Under::NewPrimedPart, Under::BareMetal, Under::BarePlastic, Under::ThermoplasticLacquer => true,
            Under::OldTwoPack, Under::OldUntested, Under::SandThrough => false,
            Under::Primer => $undercoatShade !== null &&
                $repair->greyShade !== null &&
                abs($undercoatShade - $repair->greyShade) >= 2,
        };
    }

    /** @return list<CoatSequence> each different set of steps that is sprayed on some panel */
    public static function ways(BlendRequest $request): array
    {
        $ways = [];
        foreach ($request->repairs as $repair) {
            $way = $request->sequence->on($repair->panelId, [$repair->id]);
            $ways[implode(' ', array_map(fn (CoatStep $s): string => $s->id, $way->colour()))] = $way;
        }

        return array_values($ways);
    }

    /** The least length that does on every panel, what room there is for it, and what is taken of it. */
    private function need(BlendRequest $request, PanelsInPlay $play): Need
    {
        $share = Trade::share($request->repairsOnPanels(), $request->gun);
        // The trade's least stands in for what nobody here has tested.
        $tested = $request->finish->pigment->isTested($request->finish->class);
        $least = $tested ? Simulation::SHORTEST_MM : Trade::leastMm($share);
        $usual = $request->usualMm();
        [$simulated, $stays, $fades] = $this->simulated($request, $request->gun, $usual);
        $room = $play->tightestMm();
        $mm = $simulated === null ? null : max(Need::rounded($simulated), $least);
        $blend = match (true) {
            $mm === null => $usual,
            $room !== null && $mm <= $room => max($mm, min($usual, floor($room) - self::SHORT_OF_GAP_MM)),
            default => max($mm, $usual),
        };

        return new Need(
            $request->certainty,
            $fades,
            $simulated,
            $least,
            $usual,
            $blend,
            $room,
            $stays,
            $request->finish->measured,
            $request->finish->pigment->reasons(),
        );
    }

    /** @return array{?float, ?Part, bool} the length, what stays visible when none does, and whether anything fades */
    private function simulated(BlendRequest $request, GunChoice $gun, float $usualMm): array
    {
        $need = null;
        $fades = false;
        foreach (self::ways($request) as $way) {
            if (! $way->fades()) {
                continue;
            }
            $fades = true;
            $simulation = Simulation::of(
                $request->drawnOut($way, $usualMm, $gun),
                $request->system,
                $request->finish,
                $request->reducer,
                $request->air,
            );
            [$mm, $stays] = $this->memory->remember(
                $simulation->key($request->certainty),
                fn (): array => self::found($simulation, $request->certainty),
            );
            if ($mm === null) {
                return [null, $stays, true];
            }
            $need = max($need, $mm);
        }

        return [$need, null, $fades];
    }

    /** @return array{?float, ?Part} */
    private static function found(Simulation $simulation, Certainty $certainty): array
    {
        $mm = $simulation->needMm($certainty);
        if ($mm !== null) {
            return [$mm, null];
        }

        return [null, Sprayed::outlook($simulation, Simulation::LONGEST_MM, [])->stays()];
    }

    /** What the small gun would need. */
    private function small(BlendRequest $request, Need $need): float
    {
        if ($request->gun === GunChoice::Small) {
            return $need->mm() ?? $need->usualMm;
        }
        [$mm] = $this->simulated($request, GunChoice::Small, $need->usualMm);

        return $mm === null
            ? $need->usualMm
            : max(Need::rounded($mm), Trade::leastMm(Trade::share($request->repairsOnPanels(), GunChoice::Small)));
    }

    /** With a sealer in front where a repair wants one and the plan has none. */
    private static function sealed(BlendRequest $r): BlendRequest
    {
        $wants = array_filter($r->repairs, fn (Repair $repair): bool => self::wantsSealer($repair, $r->undercoatShade));
        if ($wants === [] || $r->sequence->has(CoatKind::Sealer)) {
            return $r;
        }
        $sealer = CoatStep::plain(
            'sealer',
            'Sealer',
            CoatKind::Sealer,
            Extent::past(0.0, 0.0, self::SEALER_MM, self::SEALER_MM),
            'One colour under everything; only on the repair, its edge soft and inside the colour',
        );

        return $r->withSteps($r->sequence->after($sealer));
    }
}
