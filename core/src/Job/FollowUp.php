<?php

declare(strict_types=1);

namespace Kalopsis\Job;

use Kalopsis\Blend\SideChoice;
use Kalopsis\Findings\Finding;
use Kalopsis\Panel\Spot;
use Kalopsis\Panel\Under;
use Kalopsis\Sequence\CoatKind;
use Kalopsis\Sequence\School;
use Kalopsis\Units\Quantity;
use Kalopsis\Why\Phrase;

/** The job that makes good what was seen: the same car, planned again with what went wrong put right. */
final readonly class FollowUp
{
    /** What is sanded goes so far past the mark, mm. Common practice. */
    private const PAST_MARK_MM = 20.0;

    /** A spot larger than this is the panel, mm. Chosen here. */
    private const LARGEST_SPOT_MM = 400.0;

    /** Where a ring is to be expected when nobody marked it, as a share of the furthest colour. Chosen here. */
    private const RING = 0.8;

    /**
     * @param array<array-key, mixed> $document
     * @param list<Phrase> $says what is otherwise
     */
    private function __construct(public array $document, public array $says) {}

    /**
     * Sanded out to the mark, and blended wider from there.
     *
     * @param array<array-key, mixed> $document of the job, newest version
     * @param list<School> $schools that can be taken, the usual first
     */
    public static function wider(array $document, JobPlan $plan, Finding $finding, array $schools): self
    {
        return self::again($document, $plan, $finding, $schools, false);
    }

    /**
     * The whole panel again, and colour led into the panels beside it: what the trade does when a colour is off.
     *
     * @param array<array-key, mixed> $document of the job, newest version
     * @param list<School> $schools that can be taken, the usual first
     */
    public static function nextPanel(array $document, JobPlan $plan, Finding $finding, array $schools): self
    {
        return self::again($document, $plan, $finding, $schools, true);
    }

    /**
     * @param array<array-key, mixed> $document
     * @param list<School> $schools
     */
    private static function again(array $document, JobPlan $plan, Finding $finding, array $schools, bool $next): self
    {
        $says = [];
        $panel = isset($plan->blend->panels[$finding->panel ?? ''])
            ? (string) $finding->panel
            : $plan->job->repairs[0]->panelId ?? '';
        $mm = self::markMm($plan, $panel, $finding);
        $repairs = [];
        $before = is_array($document['repairs'] ?? null) ? $document['repairs'] : [];
        $only = self::marked($plan, $panel, $finding);
        foreach ($plan->job->repairs as $i => $repair) {
            if ($only !== null && $repair->id !== $only) {
                // Nothing is seen of it: it stays as it is.
                continue;
            }
            $kept = is_array($before[$i] ?? null) ? $before[$i] : [];
            $spotMm = $repair->shape instanceof Spot ? $repair->shape->radiusMm : INF;
            if ($repair->panelId === $panel && ($next || is_finite($spotMm))) {
                $radius = $next ? INF : round($spotMm + $mm + self::PAST_MARK_MM);
                $spot = is_array($kept['shape'] ?? null) ? $kept['shape'] : [];
                $kept['shape'] = $radius > self::LARGEST_SPOT_MM ? ['kind' => 'new-part'] : [...$spot, 'radiusMm' => $radius];
                // What is sanded now is fresh two-pack, not the primer.
                $kept['under'] = ['kind' => Under::OldTwoPack->value];
                $says[] = $radius > self::LARGEST_SPOT_MM
                    ? Phrase::of('The whole of {panel} is sanded and sprayed.', [
                        'panel' => Phrase::of($plan->blend->panels[$panel]->panel->name),
                    ])
                    : Phrase::of('Sanded out to {mm} from the middle of the repair, past what is seen.', ['mm' => Quantity::mm($radius)]);
            }
            // A panel that is sprayed whole is sprayed once.
            $key = ($kept['shape'] ?? null) === ['kind' => 'new-part'] ? "whole {$repair->panelId}" : $repair->id;
            $repairs[$key] ??= $kept;
        }
        $document['repairs'] = array_values($repairs);
        $own = is_array($document['plan'] ?? null) ? $document['plan'] : [];
        // Everything is solved again: what was set by hand belonged to the job before.
        unset($own['sequence'], $own['sides'], $own['reducer'], $own['ratios'], $own['certainty'], $own['letDown'], $own['cups']);
        $bed = $plan->blend->hasBed() || self::isLayered($plan) ? null : self::withBed($plan, $schools);
        if ($bed !== null) {
            $own['school'] = $bed->key;
            $says[] = Phrase::of('With a wet bed, out past everything.');
        }
        $says[] = Phrase::of('Blended as far as it must to be sure, with the reducer the air asks for.');
        $sides = [];
        if ($next) {
            foreach ($plan->blend->sides as $side) {
                if ($side->panelId === $panel) {
                    $sides[] = ['panel' => $panel, 'neighbour' => $side->neighbourId, 'choice' => SideChoice::Join->value];
                    $says[] = Phrase::of('Colour goes on into {panel}.', ['panel' => $side->neighbourName]);
                }
            }
        }
        $document['plan'] = [...$own, ...$sides === [] ? [] : ['sides' => $sides]];
        if (is_array($document['car'] ?? null)) {
            unset($document['car']['due']);
        }

        return new self($document, $says);
    }

    /**
     * The first way to spray this finish that has a bed, for a plan that had none.
     *
     * @param list<School> $schools
     */
    private static function withBed(JobPlan $plan, array $schools): ?School
    {
        foreach ($schools as $school) {
            $sequence = $school->sequence($plan->job->colour->finish);
            if ($sequence->has(CoatKind::WetBed) && ! $sequence->has(CoatKind::TintedClear)) {
                return $school;
            }
        }

        return null;
    }

    private static function isLayered(JobPlan $plan): bool
    {
        foreach ($plan->blend->coats as $coat) {
            if ($coat->kind() === CoatKind::TintedClear || $coat->kind() === CoatKind::Ground) {
                return true;
            }
        }

        return false;
    }

    /** The repair whose ring was marked, the nearest; null where nobody marked a place. */
    private static function marked(JobPlan $plan, string $panel, Finding $finding): ?string
    {
        if ($finding->xMm === null || $finding->yMm === null || $finding->panel !== $panel) {
            return null;
        }
        $near = null;
        $least = INF;
        foreach ($plan->blend->panels[$panel]->footprints ?? [] as $footprint) {
            $mm = $footprint->distanceFrom($finding->xMm, $finding->yMm);
            if ($mm < $least) {
                [$least, $near] = [$mm, $footprint->repair->id];
            }
        }

        return $near;
    }

    /** How far past the primer the mark lies. */
    private static function markMm(JobPlan $plan, string $panel, Finding $finding): float
    {
        $planned = $plan->blend->panels[$panel] ?? null;
        if ($planned !== null && $finding->xMm !== null && $finding->yMm !== null && $finding->panel === $panel) {
            return max(0.0, $planned->distanceFrom($finding->xMm, $finding->yMm) ?? 0.0);
        }
        $furthest = 0.0;
        foreach ($plan->blend->coats as $coat) {
            $furthest = max($furthest, $coat->isColour() ? $coat->limitMm() ?? 0.0 : 0.0);
        }

        return self::RING * $furthest;
    }
}
