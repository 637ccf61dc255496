<?php

declare(strict_types=1);

namespace Kalopsis\Job;

use Kalopsis\Sequence\Coat;
use Kalopsis\Sequence\CoatKind;
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
        $coats = CoatsUnder::conditions($this->coats, $request->system, $c);
        $way = Simulation::of($coats, $request->system, $finish, $c->reducer, $c->air);
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
}
