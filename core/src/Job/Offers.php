<?php

declare(strict_types=1);

namespace Kalopsis\Job;

use JsonSerializable;
use Kalopsis\Colour\Measurement;
use Kalopsis\Film\Carrier;
use Kalopsis\Film\PaintSystem;
use Kalopsis\Panel\Orientation;
use Kalopsis\Panel\Repair;
use Kalopsis\Panel\Under;
use Kalopsis\Sequence\Awkward;
use Kalopsis\Sequence\CoatKind;
use Kalopsis\Sequence\CoatSequence;
use Kalopsis\Sequence\School;
use Kalopsis\Units\Quantity;
use Kalopsis\Why\Phrase;

/**
 * Other ways that this very repair suggests, each planned and sprayed in the model beside the plan as it is: what a painter
 * weighs before the first cup is mixed. Nothing is decided here.
 */
final readonly class Offers implements JsonSerializable
{
    /** @param list<array{string, Phrase, Phrase, JobPlan}> $offers key, title, why, and what comes of it */
    private function __construct(private JobPlan $now, private array $offers) {}

    /**
     * @param list<School> $schools of the shelf
     * @param list<PaintSystem> $systems of the shelf
     */
    public static function of(
        JobSpec $job,
        array $schools,
        array $systems,
        JobPlanner $planner,
        ?Measurement $car,
        ?Measurement $card,
    ): self {
        $plan = fn (JobSpec $j): JobPlan => $planner->plan($j, $car, $card);
        $out = [];
        if ($job->repairs !== []) {
            foreach (self::sequences($job) as $key => [$title, $why, $sequence]) {
                $changed = $job->plan->sprayed($job->plan->school, $sequence, $job->plan->usual, true);
                $out[] = [$key, Phrase::of($title), Phrase::of($why), $plan($job->with($changed))];
            }
            array_push($out, ...self::quickest($job, $schools, $planner, $car, $card));
            foreach ($systems as $system) {
                if ($system->carrier !== $job->system->carrier && self::canMix($job->plan->sequence, $system, $job)) {
                    $out[] = [
                        "binder-{$system->key}",
                        Phrase::of($system->name),
                        self::binder($system),
                        $plan($job->mixedFrom($system)),
                    ];
                }
            }
        }

        return new self($plan($job), $out);
    }

    /** @return array<string, array{string, string, CoatSequence}> */
    private static function sequences(JobSpec $job): array
    {
        $s = $job->plan->sequence;
        $has = fn (Under $under): bool => self::which($job, $under) !== [];
        $flat = array_filter(
            $job->repairs,
            fn (Repair $r): bool => $job->body->panel($r->panelId)->orientation === Orientation::Flat,
        );
        $out = [];
        if (($has(Under::ThermoplasticLacquer) || $has(Under::OldUntested)) && ! Awkward::isIsolated($s)) {
            $out['isolate'] = [
                'Isolate and dust on',
                'Old lacquer softens in any solvent: primer over all of it, then base in dry dusting coats.',
                Awkward::isolated($s),
            ];
        }
        if ($job->car->waxed && ! self::hasStep($s, 'dust-first')) {
            $out['dust-first'] = [
                'A dust coat first',
                'Over wax or silicone a first coat nearly dry has nothing to run back from.',
                Awkward::dustedFirst($s),
            ];
        }
        $spots = self::which($job, Under::SandThrough);
        if ($spots !== [] && ! self::hasStep($s, 'spot-primer')) {
            $out['spot-primer'] = [
                'Thinned primer on the spot',
                'Its edge lies flatter than a sealer\'s and takes less of the blend.',
                Awkward::spotPrimed($s, $spots),
            ];
        }
        if ($flat !== [] && $s->fades() && ! $s->isTinted() && ! self::hasStep($s, 'over-reduced')) {
            $out['open-middle'] = [
                'Blend in the open middle',
                'Over-reduced into the panel, and the control coat twice.',
                Awkward::openMiddle($s),
            ];
        }
        if ($s->fades() && ($flat !== [] || $s->isTinted() || $s->has(CoatKind::Ground))) {
            $out['to-the-edge'] = [
                'Colour the whole panel',
                'Nothing fades where nothing would hide it; the card has to match at the gaps.',
                Awkward::toTheEdge($s),
            ];
        }

        return $out;
    }

    /**
     * The trade job: of all ways that nobody sees the one that leaves the booth first.
     *
     * @param list<School> $schools
     * @return list<array{string, Phrase, Phrase, JobPlan}>
     */
    private static function quickest(
        JobSpec $job,
        array $schools,
        JobPlanner $planner,
        ?Measurement $car,
        ?Measurement $card,
    ): array {
        $quickest = null;
        foreach (WayOutlook::all($job, $schools, $planner, $car, $card) as $way) {
            if ($way->holds() && ($quickest === null || $way->plan->boothMinutes() < $quickest->plan->boothMinutes())) {
                $quickest = $way;
            }
        }

        return $quickest === null
            ? []
            : [
                [
                    'quick',
                    Phrase::of('The quick trade job'),
                    Phrase::of('{school}: of all ways that nobody sees the one with the fewest minutes. Two guns ready, filled before the first coat.', [
                        'school' => Phrase::of($quickest->school->name),
                    ]),
                    $quickest->plan,
                ],
            ];
    }

    private static function binder(PaintSystem $system): Phrase
    {
        return $system->carrier === Carrier::Solvent
            ? Phrase::of('Solvent binder: it dries whatever the humidity. For the whole job or not at all, never both in one build-up.')
            : Phrase::of('Waterborne binder: it covers sooner, and waits for the air. For the whole job or not at all, never both in one build-up.');
    }

    private static function canMix(CoatSequence $s, PaintSystem $system, JobSpec $job): bool
    {
        foreach ($s->roles($job->colour->finish) as $role) {
            if (! $system->has($role)) {
                return false;
            }
        }

        return true;
    }

    private static function hasStep(CoatSequence $s, string $id): bool
    {
        foreach ($s->steps as $step) {
            if ($step->id === $id) {
                return true;
            }
        }

        return false;
    }

    /** @return list<string> ids of the repairs over this */
    private static function which(JobSpec $job, Under $under): array
    {
        return array_values(
            array_map(
                fn (Repair $r): string => $r->id,
                array_filter($job->repairs, fn (Repair $r): bool => $r->under === $under),
            ),
        );
    }

    /** @return array<string, mixed> */
    public function jsonSerialize(): array
    {
        return [
            'now' => self::figures($this->now),
            'offers' => array_map(
                fn (array $o): array => [
                    'key' => $o[0],
                    'title' => $o[1],
                    'why' => $o[2],
                    ...self::figures($o[3]),
                    'school' => $o[3]->job->plan->school,
                    'usual' => $o[3]->job->plan->usual,
                    'edited' => $o[3]->job->plan->edited,
                    'sequence' => $o[3]->job->plan->sequence,
                    'paintSystem' => $o[3]->job->system->key,
                ],
                $this->offers,
            ),
        ];
    }

    /** @return array<string, mixed> */
    private static function figures(JobPlan $plan): array
    {
        $outlook = SprayedPlan::of($plan)->outlook();

        return [
            'verdict' => $plan->blend->verdict,
            'severity' => $plan->blend->severity->value,
            'seen' => $outlook->isSeen(),
            'says' => $outlook->says(),
            'need' => $plan->blend->need->figure(),
            'panels' => count($plan->blend->panels),
            'paint' => Quantity::ml($plan->millilitres()),
            'minutes' => Quantity::minutes($plan->boothMinutes()),
        ];
    }
}
