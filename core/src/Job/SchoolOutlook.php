<?php

declare(strict_types=1);

namespace Kalopsis\Job;

use JsonSerializable;
use Kalopsis\Blend\BlendRequest;
use Kalopsis\Blend\School;
use Kalopsis\Blend\WetBedChoice;
use Kalopsis\Colour\Measurement;
use Kalopsis\Units\Quantity;
use Kalopsis\Why\Phrase;

/** One school sprayed on this very repair: seen or not and from where, what it takes, what goes wrong with it first. */
final readonly class SchoolOutlook implements JsonSerializable
{
    private function __construct(private School $school, private JobPlan $plan, private Spray $spray) {}

    public static function of(JobSpec $job, School $school, JobPlanner $planner, ?Measurement $car, ?Measurement $card): self
    {
        $plan = $planner->plan(self::with($job, $school, []));

        return new self($school, $plan, Spray::of($plan, $car, $card, false));
    }

    /** The job exactly as it is: a shop's own way. */
    public static function asIs(JobSpec $job, JobPlanner $planner, ?Measurement $car, ?Measurement $card): self
    {
        $plan = $planner->plan($job);

        return new self($job->plan->school, $plan, Spray::of($plan, $car, $card, false));
    }

    /**
     * The job as this school does it, with reaches of its own.
     *
     * @param array<string, float> $reaches mm by coat id
     */
    public static function with(JobSpec $job, School $school, array $reaches): JobSpec
    {
        $p = $job->plan;

        return new JobSpec($job->car, $job->colour, $job->booth, $job->body, $job->system, $job->repairs, new PlanSpec($school, $p->gun, WetBedChoice::Auto, $reaches, $p->sides, $p->ratios, $p->remainderMl));
    }

    /** The longest way colour goes in this school's plan, mm. */
    private function reachMm(): float
    {
        $most = 0.0;
        foreach ($this->plan->blend->coats as $coat) {
            $most = max($most, $coat->kind->isColour() ? ($coat->limitMm() ?? 0.0) : 0.0);
        }

        return min($most, BlendRequest::LONGEST_REACH_MM);
    }

    /** @return array<string, mixed> */
    public function jsonSerialize(): array
    {
        $outlook = $this->spray->outlook;
        $ml = 0.0;
        foreach ($this->plan->cups as $cup) {
            $ml += $cup->total->value();
        }
        $reach = $this->reachMm();
        $thumb = $this->plan->blend->roomNeeded->value();

        return [
            'key' => $this->school->value,
            'name' => $this->school->words(),
            'how' => $this->school->how(),
            'risk' => $this->school->risk(),
            'seen' => $outlook->isSeen(),
            'index' => round($outlook->index(), 2),
            'says' => $outlook->says(),
            'certainty' => $outlook->certainty->value,
            'panels' => count($this->plan->blend->panels),
            'reach' => Quantity::mm($reach),
            'paint' => Quantity::ml($ml),
            'minutes' => Quantity::minutes($outlook->boothMinutes),
            'thumb' => $this->school === School::EdgeToEdge
                ? Phrase::of('Rule of thumb: only with a butt match.')
                : Phrase::of('Rule of thumb: {thumb}.', ['thumb' => Quantity::mm($thumb)]),
        ];
    }
}
