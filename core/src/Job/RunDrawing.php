<?php

declare(strict_types=1);

namespace Kalopsis\Job;

use JsonSerializable;
use Kalopsis\Blend\PlannedPanel;
use Kalopsis\Blend\ZoneKind;
use Kalopsis\Panel\Region;

/** The panels of a plan with each coat's reach, for a screen that has nothing else at hand. Sheet coordinates, mm. */
final readonly class RunDrawing implements JsonSerializable
{
    public function __construct(private JobPlan $plan) {}

    /** @return array<string, mixed> */
    public function jsonSerialize(): array
    {
        $panels = array_values($this->plan->blend->panels);
        $coats = [];
        foreach ($this->plan->blend->coats as $coat) {
            $coats[$coat->id()] = [
                'reach' => $this->rings($panels, fn (PlannedPanel $p): ?Region => $p->reach[$coat->id()] ?? null),
                'limit' => $this->rings($panels, fn (PlannedPanel $p): ?Region => $p->limit[$coat->id()] ?? null),
            ];
        }
        $repairs = [];
        foreach ($this->plan->blend->zones as $zone) {
            if ($zone->kind === ZoneKind::Repair) {
                array_push($repairs, ...$zone->region->jsonSerialize());
            }
        }

        return [
            'box' => $this->plan->job->body->box(),
            'panels' => array_map(
                fn (PlannedPanel $p): array => [
                    'id' => $p->panel->id,
                    'name' => $p->panel->name,
                    'kind' => $p->panel->kind->value,
                    'outline' => $p->panel->outline,
                ],
                $panels,
            ),
            'repairs' => $repairs,
            'coats' => (object) $coats,
        ];
    }

    /**
     * @param list<PlannedPanel> $panels
     * @param callable(PlannedPanel): ?Region $of
     * @return list<mixed>
     */
    private function rings(array $panels, callable $of): array
    {
        $out = [];
        foreach ($panels as $panel) {
            $region = $of($panel);
            if ($region !== null && ! $region->isEmpty()) {
                array_push($out, ...$region->jsonSerialize());
            }
        }

        return $out;
    }
}
