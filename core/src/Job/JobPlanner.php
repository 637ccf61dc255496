<?php

declare(strict_types=1);

namespace Kalopsis\Job;

use Kalopsis\Blend\BlendPlan;
use Kalopsis\Blend\Need;
use Kalopsis\Blend\Planner;
use Kalopsis\Blend\Severity;
use Kalopsis\Blend\Warning;
use Kalopsis\Blend\ZoneKind;
use Kalopsis\Calibration\Constant;
use Kalopsis\Card\EyeVerdict;
use Kalopsis\Caution\Cautions;
use Kalopsis\Colour\Measurement;
use Kalopsis\Cups\CoatNeed;
use Kalopsis\Cups\Cup;
use Kalopsis\Cups\CupPlanner;
use Kalopsis\Panel\BlendRoom;
use Kalopsis\Panel\Material;
use Kalopsis\Sequence\Coat;
use Kalopsis\Sequence\CoatKind;
use Kalopsis\Spray\Finish;
use Kalopsis\Units\Quantity;
use Kalopsis\Why\Phrase;

/** From a job as entered to everything a painter needs: the blend, the cups, the cautions. */
final readonly class JobPlanner
{
    public function __construct(private Planner $planner = new Planner()) {}

    /**
     * @param ?Measurement $car null while it has not been read: a finish of its class is taken
     * @param ?Measurement $card the best card; null: a colour 2 L* off
     * @param ?EyeVerdict $seen what the strictest look says of a card that nobody has read
     */
    public function plan(
        JobSpec $job,
        ?Measurement $car = null,
        ?Measurement $card = null,
        ?EyeVerdict $seen = null,
    ): JobPlan {
        $blend = $this->planner->plan($job->blendRequest(self::finish($job, $car, $card, $seen)));
        $rooms = [];
        foreach ($job->repairs as $repair) {
            if (! $repair->isWholePanel()) {
                array_push($rooms, ...BlendRoom::of($repair, $job->body));
            }
        }
        $needs = $coats = [];
        foreach ($blend->coats as $coat) {
            $coats[$coat->id()] = $coat->role()->value;
            $needs[] = new CoatNeed(
                $coat->id(),
                $coat->name(),
                $coat->mixture,
                $blend->areaOf($coat)->value(),
                $coat->filmShare,
                $coat->gun,
                $job->shop->about(Constant::Transfer),
            );
        }
        $cups = $blend->panels === [] ? [] : CupPlanner::plan(
            $needs,
            $job->plan->remainderMl,
            $job->plan->cups,
            $job->air(),
            $job->equipment->cups,
        );
        $mixes = [];
        foreach ($cups as $cup) {
            $mixes[$cup->mixture->product->role->value] = $cup->mixture->base;
        }
        $plastic = false;
        foreach ($blend->panels as $planned) {
            $plastic = $plastic || $planned->panel->material === Material::Plastic;
        }
        $zones = array_values(array_unique(array_map(fn ($zone): string => $zone->kind->value, $blend->zones)));
        $old = in_array(ZoneKind::ColourBlend->value, $zones, true);

        return new JobPlan(
            $job,
            $blend,
            $rooms,
            $cups,
            $blend->panels === [] ? [] : Cautions::of($coats, $mixes, $zones, $job->system->carrier, $old, $plastic),
            $this->stations($job, $blend, $cups),
        );
    }

    /** How long the blend of a job would have to be, without planning the rest. */
    public function needFor(JobSpec $job, ?Measurement $car, ?Measurement $card): Need
    {
        return $this->planner->needFor($job->blendRequest(self::finish($job, $car, $card, null)));
    }

    private static function finish(JobSpec $job, ?Measurement $car, ?Measurement $card, ?EyeVerdict $seen): Finish
    {
        $colour = $job->colour;

        return $car !== null && $card !== null && $car->viewing->is($card->viewing) && $car->anglesWith($card) !== []
                ? $job->finish($car, $card)
                : Finish::assumed(
                    $colour->finish,
                    $colour->undercoatShade,
                    $seen?->letsThroughL() ?? Finish::ASSUMED_DL,
                    $job->pigment(),
                );
    }

    /**
     * @param list<Cup> $cups
     * @return list<Station>
     */
    private function stations(JobSpec $job, BlendPlan $blend, array $cups): array
    {
        $repairs = count($job->repairs);
        $none = $repairs === 0;
        $outside = array_filter(
            $blend->warnings,
            fn (Warning $w): bool => $w->code === Warning::OUTSIDE_WINDOW && $w->severity === Severity::LookOut,
        ) !== [];
        $ml = array_sum(array_map(fn (Cup $cup): float => $cup->total->value(), $cups));
        $joining =
            count($blend->panels) - count(array_unique(array_map(fn ($repair): string => $repair->panelId, $job->repairs)));
        $colours = count(
            array_filter($blend->coats, fn (Coat $coat): bool => $coat->isColour() && $coat->kind() !== CoatKind::Control),
        );

        return [
            new Station(
                'car',
                $none
                    ? Phrase::of('no repair yet')
                    : Phrase::of('{n, plural, one {# repair} other {# repairs}}', ['n' => $repairs]),
                Severity::Note,
                ! $none,
            ),
            new Station('colour', Phrase::of('no card yet'), Severity::Note, false),
            new Station(
                'blend',
                match (true) {
                    $none => Phrase::of('waits for a repair'),
                    $blend->severity === Severity::Stop => Phrase::of('stop and look'),
                    $joining > 0 => Phrase::of('{n, plural, one {# panel joins} other {# panels join}}', ['n' => $joining]),
                    $blend->need->fades && $blend->need->mm() === null => Phrase::of('seen at any length'),
                    $blend->severity === Severity::LookOut => Phrase::of('look out'),
                    default => Phrase::of('fits, {n, plural, one {# coat} other {# coats}}', ['n' => $colours]),
                },
                $none ? Severity::Note : $blend->severity,
                ! $none && $blend->severity !== Severity::Stop,
            ),
            new Station(
                'cups',
                match (true) {
                    $none => Phrase::of('waits for a plan'),
                    $outside => Phrase::of('outside its data sheet'),
                    default => Phrase::of('{n, plural, one {# cup} other {# cups}}, {ml}', [
                        'n' => count($cups),
                        'ml' => Quantity::ml($ml),
                    ]),
                },
                $outside ? Severity::LookOut : Severity::Note,
                ! $none,
            ),
            new Station('booth', Phrase::of('locked: no card'), Severity::Note, false),
            new Station('look-back', Phrase::of('after the job'), Severity::Note, false),
        ];
    }
}
