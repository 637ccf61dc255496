<?php

declare(strict_types=1);

namespace Kalopsis\Job;

use Kalopsis\Sequence\CoatKind;
use Kalopsis\Sequence\CoatStep;
use Kalopsis\Sequence\FinishClass;
use Kalopsis\Sequence\School;

/**
 * Brings a job document of an earlier version to the newest. Version 1 named a school, switched the wet bed on or off
 * and kept moved reaches by
 * coat; version 2 keeps the steps themselves, once anything of them is the painter's own.
 */
final readonly class Upgrade
{
    public function __construct(private Catalogue $catalogue) {}

    /**
     * @param array<array-key, mixed> $document
     * @return array<array-key, mixed>
     */
    public function newest(array $document): array
    {
        $plan = $document['plan'] ?? null;
        $old =
            ($document['version'] ?? null) === 1 || (is_array($plan) && (isset($plan['coats']) || isset($plan['wetBed'])));
        if (! $old) {
            return $document;
        }
        $document['version'] = JobSpec::VERSION;
        if (! is_array($plan)) {
            return $document;
        }
        $finish =
            is_array($document['colour'] ?? null) && is_string($document['colour']['finish'] ?? null)
                ? FinishClass::tryFrom($document['colour']['finish'])
                : null;
        $school = is_string($plan['school'] ?? null) ? $this->catalogue->school($plan['school']) : null;
        $steps =
            $school === null || $finish === null || isset($plan['sequence']) ? null : $this->steps($school, $finish, $plan);
        unset($plan['coats'], $plan['wetBed']);
        if ($steps !== null) {
            $plan['sequence'] = $steps;
        }
        $document['plan'] = $plan;

        return $document;
    }

    /**
     * @param array<array-key, mixed> $plan
     * @return ?list<array<array-key, mixed>> null when the school does all that was asked
     */
    private function steps(School $school, FinishClass $finish, array $plan): ?array
    {
        $steps = $school->sequence($finish)->steps;
        $bed = $plan['wetBed'] ?? 'auto';
        $has = array_filter($steps, fn (CoatStep $s): bool => $s->kind === CoatKind::WetBed) !== [];
        $changed = false;
        if ($bed === 'off' && $has) {
            $steps = array_values(array_filter($steps, fn (CoatStep $s): bool => $s->kind !== CoatKind::WetBed));
            $changed = true;
        }
        $out = array_map(fn (CoatStep $s): array => (array) json_decode((string) json_encode($s), true), $steps);
        if ($bed === 'on' && ! $has) {
            $out = [
                [
                    'id' => 'wet-bed',
                    'name' => 'Wet bed',
                    'kind' => 'wet-bed',
                    'extent' => ['kind' => 'whole-panel'],
                    'purpose' => 'A wet, level landing for stray flakes',
                ],
                ...$out,
            ];
            foreach ($out as $i => $step) {
                if (
                    ($step['landsIn'] ?? null) === 'dry' &&
                    in_array($step['kind'] ?? null, ['base', 'control', 'half', 'effect'], true)
                ) {
                    $out[$i]['landsIn'] = 'flashed-bed';
                }
            }
            $changed = true;
        }
        foreach (is_array($plan['coats'] ?? null) ? $plan['coats'] : [] as $id => $moved) {
            foreach ($out as $i => $step) {
                if (
                    $step['id'] === $id &&
                    is_array($moved) &&
                    isset($moved['reachMm']) &&
                    is_array($step['extent']) &&
                    $step['extent']['kind'] !== 'whole-panel'
                ) {
                    $out[$i]['extent'] = [...$step['extent'], 'reachMm' => $moved['reachMm']];
                    $changed = true;
                }
            }
        }

        return $changed ? $out : null;
    }
}
