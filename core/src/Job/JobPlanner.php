<?php

declare(strict_types=1);

namespace Kalopsis\Job;

use Kalopsis\Blend\BlendPlan;
use Kalopsis\Blend\Planner;
use Kalopsis\Blend\Severity;
use Kalopsis\Blend\ZoneKind;
use Kalopsis\Caution\Cautions;
use Kalopsis\Cups\CoatNeed;
use Kalopsis\Cups\Cup;
use Kalopsis\Cups\CupPlanner;
use Kalopsis\Film\FlashGuide;
use Kalopsis\Film\MixRatio;
use Kalopsis\Film\ReducerGrade;
use Kalopsis\Panel\BlendRoom;
use Kalopsis\Panel\Material;
use Kalopsis\Sequence\CoatKind;
use Kalopsis\Units\Quantity;
use Kalopsis\Why\Phrase;

/** From a job as entered to everything a painter needs: the blend, the cups, the cautions. */
final readonly class JobPlanner
{
    public function __construct(private Planner $planner = new Planner()) {}

    public function plan(JobSpec $job): JobPlan
    {
        $blend = $this->planner->plan($job->blendRequest());
        $rooms = [];
        foreach ($job->repairs as $repair) {
            if (! $repair->isWholePanel()) {
                array_push($rooms, ...BlendRoom::of($repair, $job->body));
            }
        }
        $needs = $coats = [];
        foreach ($blend->coats as $coat) {
            $coats[$coat->id] = $coat->role->value;
            $needs[] = new CoatNeed($coat->id, $coat->name, $coat->role, $blend->areaOf($coat)->value(), $coat->filmShare, $coat->gun);
        }
        $cups = $blend->panels === [] ? [] : CupPlanner::plan($needs, $job->system, $this->ratios($job, $blend), $job->plan->remainderMl);
        $mixes = [];
        foreach ($cups as $cup) {
            $mixes[$cup->product->role->value] = $cup->mix;
        }
        $plastic = false;
        foreach ($blend->panels as $planned) {
            $plastic = $plastic || $planned->panel->material === Material::Plastic;
        }
        $zones = array_values(array_unique(array_map(fn ($zone): string => $zone->kind->value, $blend->zones)));
        $critical = $job->colour->finish->isCritical();
        $grade = ReducerGrade::advised($job->booth->temperatureC, $blend->colouredM2(), $critical);

        return new JobPlan(
            $job,
            $blend,
            $rooms,
            $cups,
            $grade,
            $grade->because($job->booth->temperatureC, $blend->colouredM2(), $critical),
            FlashGuide::betweenBaseCoats($job->system->carrier, $job->booth->temperatureC, $job->booth->humidityPercent),
            $blend->panels === [] ? [] : Cautions::of($coats, $mixes, $zones, $job->system->carrier, in_array(ZoneKind::ColourBlend->value, $zones, true), $plastic),
            $this->stations($job, $blend, $cups),
        );
    }

    /**
     * What the painter chose, else the data sheet's mix as the school reduces it.
     *
     * @return array<string, MixRatio>
     */
    private function ratios(JobSpec $job, BlendPlan $blend): array
    {
        $ratios = $job->plan->ratios;
        foreach ($blend->coats as $coat) {
            if ($coat->reduction !== 1.0 && ! isset($job->plan->ratios[$coat->role->value])) {
                $ratios[$coat->role->value] = $job->system->product($coat->role)->ratio->reduced($coat->reduction);
            }
        }

        return $ratios;
    }

    /**
     * @param list<Cup> $cups
     * @return list<Station>
     */
    private function stations(JobSpec $job, BlendPlan $blend, array $cups): array
    {
        $repairs = count($job->repairs);
        $none = $repairs === 0;
        $ml = array_sum(array_map(fn (Cup $cup): float => $cup->total->value(), $cups));
        $joining = count($blend->panels) - count(array_unique(array_map(fn ($repair): string => $repair->panelId, $job->repairs)));
        $colours = count(array_filter($blend->coats, fn ($coat): bool => $coat->kind->isColour() && $coat->kind !== CoatKind::Control));

        return [
            new Station('car', $none ? Phrase::of('no repair yet') : Phrase::of($repairs === 1 ? '{n} repair' : '{n} repairs', ['n' => $repairs]), Severity::Note, ! $none),
            new Station('colour', Phrase::of('no card yet'), Severity::Note, false),
            new Station('blend', match (true) {
                $none => Phrase::of('waits for a repair'),
                $blend->severity === Severity::Stop => Phrase::of('stop and look'),
                $joining > 0 => Phrase::of($joining === 1 ? '{n} panel joins' : '{n} panels join', ['n' => $joining]),
                $blend->severity === Severity::LookOut => Phrase::of('look out'),
                default => Phrase::of('fits, {n} coats', ['n' => $colours]),
            }, $none ? Severity::Note : $blend->severity, ! $none && $blend->severity !== Severity::Stop),
            new Station('cups', $none ? Phrase::of('waits for a plan') : Phrase::of('{n} cups, {ml}', ['n' => count($cups), 'ml' => Quantity::ml($ml)]), Severity::Note, ! $none),
            new Station('booth', Phrase::of('locked: no card'), Severity::Note, false),
            new Station('look-back', Phrase::of('after the job'), Severity::Note, false),
        ];
    }
}
