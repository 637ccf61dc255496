<?php

declare(strict_types=1);

namespace Kalopsis\Job;

use JsonSerializable;
use Kalopsis\Blend\PlannedPanel;
use Kalopsis\Colour\Measurement;
use Kalopsis\Panel\Spot;
use Kalopsis\Sequence\Coat;
use Kalopsis\Sequence\CoatKind;
use Kalopsis\Sequence\GunChoice;
use Kalopsis\Units\Quantity;
use Kalopsis\Why\Figure;
use Kalopsis\Why\Phrase;
use Kalopsis\Why\Reason;
use Kalopsis\Why\SourceKind;

/**
 * The same repair with a standard gun and with a small one, side by side: what each needs, which panels it pulls in, and up to
 * which size of spot it stays on the panel. On a tiny repair a standard gun makes the work grow (common practice).
 */
final readonly class GunsCompared implements JsonSerializable
{
    /** Spots are sought between these radii, mm, and told in steps that a painter sees. */
    private const RADII_MM = [5.0, 300.0];

    private const STEP_MM = 5.0;

    /** Halvings: 295 mm comes down to about a millimetre. */
    private const HALVINGS = 8;

    /** @param list<array{GunChoice, JobPlan, ?float}> $guns with the largest spot, mm; null where none stays */
    private function __construct(private array $guns, private bool $hasSpot) {}

    public static function of(JobSpec $job, JobPlanner $planner, ?Measurement $car, ?Measurement $card): self
    {
        $spot = null;
        foreach ($job->repairs as $repair) {
            $spot ??= $repair->shape instanceof Spot ? $repair->id : null;
        }
        $guns = [];
        foreach (GunChoice::cases() as $gun) {
            $with = $job->with($job->plan->with($gun));
            $guns[] = [
                $gun,
                $planner->plan($with, $car, $card),
                $spot === null ? null : self::largest($with, $spot, $planner, $car, $card),
            ];
        }

        return new self($guns, $spot !== null);
    }

    /** Largest radius of a spot that stays on its panel, mm; null when not even a chip does. */
    private static function largest(
        JobSpec $job,
        string $spot,
        JobPlanner $planner,
        ?Measurement $car,
        ?Measurement $card,
    ): ?float {
        $stays = fn (float $radius): bool => ! $planner->needFor($job->resized($spot, $radius), $car, $card)->isTooLong();
        [$least, $most] = self::RADII_MM;
        if (! $stays($least)) {
            return null;
        }
        if ($stays($most)) {
            return $most;
        }
        for ($i = 0; $i < self::HALVINGS; $i++) {
            $middle = ($least + $most) / 2.0;
            if ($stays($middle)) {
                $least = $middle;
            } else {
                $most = $middle;
            }
        }

        return max(self::RADII_MM[0], floor($least / self::STEP_MM) * self::STEP_MM);
    }

    /** @return list<array<string, mixed>> */
    public function jsonSerialize(): array
    {
        return array_map(fn (array $g): array => $this->gun($g[0], $g[1], $g[2]), $this->guns);
    }

    /** @return array<string, mixed> */
    private function gun(GunChoice $gun, JobPlan $plan, ?float $largest): array
    {
        $own = array_map(fn ($repair): string => $repair->panelId, $plan->job->repairs);
        $joins = array_values(
            array_map(
                fn (PlannedPanel $p): string => $p->panel->name,
                array_filter($plan->blend->panels, fn (PlannedPanel $p): bool => ! in_array($p->panel->id, $own, true)),
            ),
        );
        $outlook = SprayedPlan::of($plan)->outlook();

        return [
            'gun' => $gun->value,
            'held' => self::held($gun, $plan),
            'need' => $plan->blend->need->figure(),
            'joins' => $joins,
            'seen' => $outlook->isSeen(),
            'says' => $outlook->says(),
            'paint' => Quantity::ml($plan->millilitres()),
            'minutes' => Quantity::minutes($plan->boothMinutes()),
            'largest' =>
                $largest === null
                    ? null
                    : Figure::of(
                        Quantity::mm($largest),
                        Reason::of(
                            'The largest spot here, by its radius, whose blend stays on the panel with this gun.',
                            SourceKind::Estimate,
                            'The need against the room, tried for one size after another; model notes, section 3.',
                        ),
                    ),
            'grows' => $this->hasSpot && $joins !== [],
        ];
    }

    /** What is set: nozzle and flow, pressure from the first coat to the last, and the advice that goes with it. */
    private static function held(GunChoice $gun, JobPlan $plan): Phrase
    {
        $base = array_values(array_filter($plan->blend->coats, fn (Coat $c): bool => $c->kind() === CoatKind::Base));
        $first = $base[0] ?? null;

        $own = $plan->job->equipment->guns->of($gun);
        $values = [
            'nozzle' => $own->nozzleMm === null
                ? Phrase::of($gun === GunChoice::Small ? '1.0 mm' : '1.2 to 1.4 mm')
                : Phrase::of('{mm} mm', ['mm' => sprintf('%.1f', $own->nozzleMm)]),
            'flow' => $own->flowMlPerMin === null
                ? Phrase::of($gun === GunChoice::Small ? '40 to 45 ml/min' : 'about 160 ml/min')
                : Phrase::of('{ml} ml/min', ['ml' => sprintf('%.0f', $own->flowMlPerMin)]),
        ];

        return $gun === GunChoice::Small
            ? Phrase::of(
                '{nozzle} nozzle, {flow}, {from} down to {to} at the very edge; keep colour off the neighbour.',
                [...$values, 'from' => Quantity::bar(1.5), 'to' => Quantity::bar(0.5)],
            )
            : Phrase::of('{nozzle} nozzle, {flow}, {bar}.', [
                ...$values,
                'bar' => $first === null ? '' : Quantity::bar($first->gun->bar),
            ]);
    }
}
