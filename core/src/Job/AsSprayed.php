<?php

declare(strict_types=1);

namespace Kalopsis\Job;

use Kalopsis\Film\Mixture;
use Kalopsis\Film\MixtureSpec;
use Kalopsis\Film\ProductRole;
use Kalopsis\Gun\GunSetUp;
use Kalopsis\Gun\Stroke;
use Kalopsis\Sequence\Coat;
use Kalopsis\Sequence\CoatKind;
use Kalopsis\Sequence\CoatStep;
use Kalopsis\Sequence\Drying;
use Kalopsis\Sequence\Extent;
use Kalopsis\Sequence\ExtentKind;
use Kalopsis\Sequence\LandsIn;
use Kalopsis\Spray\Assumptions;
use Kalopsis\Spray\Finish;
use Kalopsis\Spray\Simulation;
use Kalopsis\Spray\Sprayed;

/** The coats of one panel sprayed again in the model, as they were planned or under other conditions. */
final readonly class AsSprayed
{
    /**
     * @param list<Coat> $coats as planned
     * @param array<string, array{float, float}> $lines where colour ends on the panel
     */
    private function __construct(private JobPlan $plan, private string $panel, private array $coats, private array $lines) {}

    /** @param ?string $panel where something was seen; null or one that takes no part: the first with a repair */
    public static function on(JobPlan $plan, ?string $panel): ?self
    {
        $panels = $plan->blend->panels;
        if ($panel === null || ! isset($panels[$panel])) {
            $panel = $plan->job->repairs[0]->panelId ?? '';
        }
        if (! isset($panels[$panel])) {
            return null;
        }
        $coats = $plan->blend->request->drawnOut($panels[$panel]->sequence, $plan->blend->need->blendMm);

        return new self($plan, $panel, $coats, SprayedPlan::of($plan)->linesOn($panel));
    }

    /** As it was planned. */
    public function planned(): Conditions
    {
        return new Conditions($this->plan->blend->request->reducer, $this->plan->blend->request->air, shade: $this->grey());
    }

    /** Grey shade that the colour really lies on: a sealer's as the colour wants it, else the primer's; null: nobody said. */
    public function grey(): ?int
    {
        foreach ($this->coats as $coat) {
            if ($coat->kind() === CoatKind::Sealer) {
                return $this->finish()->greyShade;
            }
        }
        foreach ($this->plan->job->repairs as $repair) {
            if ($repair->panelId === $this->panel) {
                return $repair->under->hasGreyShade() ? $repair->greyShade : null;
            }
        }

        return null;
    }

    /** @return list<Coat> */
    public function coats(): array
    {
        return $this->coats;
    }

    public function finish(): Finish
    {
        return $this->plan->blend->request->finish;
    }

    /**
     * What would be seen.
     *
     * @return array{parts: array<string, float>, fade: float, atMm: float, angle: int, distanceM: float, coats: ?float,
     *     shade: int} visibility index by part and of the whole fade, where that is worst, what hides
     */
    public function seen(Conditions $c): array
    {
        $request = $this->plan->blend->request;
        $blend = $this->plan->blend->need->blendMm;
        $finish = $this->finish()->lighter($c->lighter);
        $finish = $c->shade === null ? $finish : $finish->over($c->shade);
        $way = Simulation::of($this->changed($c), $request->system, $finish, $c->reducer, $c->air);
        $hiding = Sprayed::hiding($way);
        $parts = Sprayed::parts($way, $blend, $this->lines, $hiding);
        $fade = $way->look($blend, Assumptions::usual());

        return [
            'parts' => $parts,
            'fade' => $fade->worst,
            'atMm' => $fade->atMm,
            'angle' => $fade->angle,
            'distanceM' => $fade->distanceM,
            'coats' => $hiding->coats(),
            'shade' => $hiding->bestShade(),
        ];
    }

    /** @return list<Coat> */
    private function changed(Conditions $c): array
    {
        $system = $this->plan->blend->request->system;
        $out = [];
        if ($c->addBed && $system->has(ProductRole::WetBed)) {
            $mixture = Mixture::of($system, ProductRole::WetBed, new MixtureSpec(), null);
            $step = CoatStep::plain('put-bed', 'Wet bed', CoatKind::WetBed, Extent::wholePanel(), '');
            $out[] = new Coat($step, $mixture, null, 0.0, 1.0, $mixture->product->gun, Stroke::full(), null);
        }
        $first = true;
        foreach ($this->coats as $coat) {
            if (! $coat->isColour()) {
                $out[] = $coat;

                continue;
            }
            $out[] = $this->colour($coat, $c, $first);
            $first = false;
        }

        return $out;
    }

    private function colour(Coat $coat, Conditions $c, bool $first): Coat
    {
        $landsIn = $coat->step->landsIn;
        if ($c->addBed && $landsIn === LandsIn::Dry) {
            $landsIn = $first ? LandsIn::WetBed : LandsIn::FlashedBed;
        }
        if ($c->bed !== null && $landsIn->bedOpen() > $c->bed->bedOpen()) {
            $landsIn = $c->bed;
        }
        $sheet = $coat->mixture->product->gun;
        $gun = $c->sheetGun && $coat->kind() !== CoatKind::Control ? $sheet : $coat->gun;
        $held = new GunSetUp(
            self::within($gun->bar + $c->barMore, GunSetUp::PRESSURE_BAR),
            self::within($gun->distanceMm + $c->furtherMm, GunSetUp::DISTANCE_MM),
            self::within($gun->overlapPercent + $c->overlapMore, [10.0, 95.0]),
        );

        // Whoever holds the gun otherwise sprays until it covers all the same: as much film, laid drier or in fewer strokes.
        return new Coat(
            $coat->step->changed(
                landsIn: $landsIn,
                drying: $c->wetInWet ? Drying::WetOnWet : null,
                extent: $c->longer === 1.0 ? null : self::drawnOut($coat, $c->longer),
            ),
            $coat->mixture,
            $coat->reachMm,
            $coat->fadeMm,
            $coat->filmShare * $c->film,
            $held,
            $coat->stroke,
            $coat->solvedMm,
            $coat->innerMm,
        );
    }

    /** The same coat ending so much further out; null where it covers the panel or a ring. */
    private static function drawnOut(Coat $coat, float $times): ?Extent
    {
        $extent = $coat->step->extent;

        return $coat->reachMm === null || $extent->kind !== ExtentKind::Past
            ? null
            : Extent::past($extent->reach, $extent->fade, $times * $coat->reachMm, $times * $coat->fadeMm);
    }

    /** @param array{float, float} $limits */
    private static function within(float $value, array $limits): float
    {
        return max($limits[0], min($limits[1], $value));
    }
}
