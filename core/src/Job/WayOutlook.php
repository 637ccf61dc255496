<?php

declare(strict_types=1);

namespace Kalopsis\Job;

use JsonSerializable;
use Kalopsis\Blend\Severity;
use Kalopsis\Colour\Measurement;
use Kalopsis\Sequence\School;
use Kalopsis\Spray\Outlook;
use Kalopsis\Units\Quantity;
use Kalopsis\Why\Phrase;

/** One way sprayed on this very repair: seen or not and from where, what it takes, what goes wrong with it first. */
final readonly class WayOutlook implements JsonSerializable
{
    private function __construct(public School $school, public JobPlan $plan, public Outlook $outlook) {}

    /**
     * @param float $usual length as a share of the trade's usual blend; the school's own, unless it is to be drawn in
     */
    public static function of(
        JobSpec $job,
        School $school,
        JobPlanner $planner,
        ?Measurement $car,
        ?Measurement $card,
        ?float $usual = null,
    ): self {
        $as = $job->plan->sprayed($school->key, $school->sequence($job->colour->finish), $usual ?? $school->usual);

        return self::planned($school, $planner->plan($job->with($as), $car, $card));
    }

    /** A plan that began as this school. */
    public static function planned(School $school, JobPlan $plan): self
    {
        return new self($school, $plan, SprayedPlan::of($plan)->outlook());
    }

    /**
     * Every way on this repair, the best first: nothing seen, then the fewest panels, the least paint, the least time.
     *
     * @param list<School> $schools
     * @return list<self>
     */
    public static function all(
        JobSpec $job,
        array $schools,
        JobPlanner $planner,
        ?Measurement $car,
        ?Measurement $card,
    ): array {
        $all = array_map(fn (School $s): self => self::of($job, $s, $planner, $car, $card), $schools);
        usort($all, fn (self $a, self $b): int => $a->rank() <=> $b->rank());

        return $all;
    }

    /** Nothing is seen of it, and nothing about it says stop. */
    public function holds(): bool
    {
        return ! $this->outlook->isSeen() && $this->plan->blend->severity !== Severity::Stop;
    }

    /** @return array{int, int, float, float} the smaller the better */
    public function rank(): array
    {
        return [
            $this->holds() ? 0 : 1,
            count($this->plan->blend->panels),
            $this->millilitres(),
            $this->plan->boothMinutes(),
        ];
    }

    public function millilitres(): float
    {
        return $this->plan->millilitres();
    }

    /** @return array<string, mixed> */
    public function jsonSerialize(): array
    {
        $need = $this->plan->blend->need;

        return [
            'key' => $this->school->key,
            'name' => $this->school->name,
            'how' => $this->school->how,
            'rank' => array_map(fn (int|float $v): float => round($v, 3), $this->rank()),
            'risk' => $this->school->risk,
            'seen' => $this->outlook->isSeen(),
            'index' => round($this->outlook->index(), 2),
            'says' => $this->outlook->says(),
            'certainty' => $this->outlook->certainty()->value,
            'panels' => count($this->plan->blend->panels),
            'reach' => Quantity::mm($this->plan->blend->limitMm() ?? 0.0),
            'paint' => Quantity::ml($this->millilitres()),
            'minutes' => Quantity::minutes($this->plan->boothMinutes()),
            'thumb' => match (true) {
                ! $need->fades => Phrase::of('Rule of thumb: only with a butt match.'),
                $need->mm() === null => Phrase::of('No length does; rule of thumb {thumb}.', [
                    'thumb' => Quantity::mm($need->usualMm),
                ]),
                default => Phrase::of('Needs {need}; rule of thumb {thumb}.', [
                    'need' => Quantity::mm($need->mm()),
                    'thumb' => Quantity::mm($need->usualMm),
                ]),
            },
        ];
    }
}
