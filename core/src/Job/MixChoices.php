<?php

declare(strict_types=1);

namespace Kalopsis\Job;

use JsonSerializable;
use Kalopsis\Colour\Measurement;
use Kalopsis\Cups\CupPlanner;
use Kalopsis\Film\AirMovement;
use Kalopsis\Film\Carrier;
use Kalopsis\Film\HardenerSpeed;
use Kalopsis\Film\PaintSystem;
use Kalopsis\Film\ProductRole;
use Kalopsis\Sequence\CoatKind;
use Kalopsis\Spray\Pace;
use Kalopsis\Units\Quantity;
use Kalopsis\Why\Figure;
use Kalopsis\Why\Phrase;
use Kalopsis\Why\Reason;
use Kalopsis\Why\SourceKind;

/** What a shop picks between before it mixes: hardener, binder, and which of its clears; and which guns stand ready. */
final readonly class MixChoices implements JsonSerializable
{
    /** Warmer or colder than this is another day, K; looked ahead for what would turn the choice. Chosen here. */
    private const KELVIN = 15.0;

    /** @param list<PaintSystem> $systems of the shelf */
    public function __construct(
        private JobPlan $plan,
        private array $systems,
        private JobPlanner $planner,
        private ?Measurement $car,
        private ?Measurement $card,
    ) {}

    /** @return array<string, mixed> */
    public function jsonSerialize(): array
    {
        return [
            'hardener' => $this->hardener(),
            'binders' => $this->binders(),
            'clears' => $this->clears(),
            'guns' => GunsReady::of($this->plan),
        ];
    }

    /** Minutes once around everything that is cleared, the longest coat of it. */
    private function roundMin(JobPlan $plan): float
    {
        $pace = $this->pace($plan);
        $round = 0.0;
        foreach ($plan->blend->coats as $coat) {
            if ($coat->role() === ProductRole::Clear) {
                $round = max($round, $pace->spraying($coat, $plan->blend->areaOf($coat)->value()));
            }
        }

        return $round;
    }

    private function pace(JobPlan $plan): Pace
    {
        return new Pace($plan->job->system, $plan->job->reducer(), $plan->job->air());
    }

    /** @return array<string, mixed> */
    private function hardener(): array
    {
        $celsius = $this->plan->job->booth->temperatureC;
        $round = $this->roundMin($this->plan);
        $chosen = HardenerSpeed::for($round, $celsius);
        $cases = HardenerSpeed::cases();
        $at = (int) array_search($chosen, $cases, true);
        // A second best keeps the edge open; where the slowest is the choice, it is the next faster.
        $second = $cases[$at + 1] ?? HardenerSpeed::Standard;
        $turns = [];
        foreach ([1.0, -1.0] as $way) {
            for ($k = 1.0; $k <= self::KELVIN; $k++) {
                $other = HardenerSpeed::for($round, $celsius + $way * $k);
                if ($other !== $chosen) {
                    $turns[] = Phrase::of($way > 0.0 ? 'above {at}: {grade}' : 'below {at}: {grade}', [
                        'at' => Quantity::celsius($celsius + $way * ($k - 1.0)),
                        'grade' => Phrase::of($other->words()),
                    ]);

                    break;
                }
            }
        }

        return [
            'advised' => $chosen->value,
            'words' => $chosen->words(),
            'second' => $second->words(),
            'turns' => $turns,
            'holds' => $chosen->openAt($celsius) >= $round,
            'open' => Figure::of(
                Quantity::minutes($chosen->openAt($celsius)),
                Reason::of(
                    'The fastest hardener whose edge is still open when the round is done.',
                    SourceKind::Practice,
                    'Common practice: a fast one keeps two panels, three if quick. Twice as fast every 11 K. The sheet wins.',
                    ['once around' => Quantity::minutes($round), 'booth' => Quantity::celsius($celsius)],
                ),
            ),
            'round' => Quantity::minutes($round),
        ];
    }

    /** @return list<array<string, mixed>> the same plan from each system, quickest first */
    private function binders(): array
    {
        $job = $this->plan->job;
        $out = [];
        foreach ($this->systems as $system) {
            foreach ($job->plan->sequence->roles($job->colour->finish) as $role) {
                if (! $system->has($role)) {
                    continue 2;
                }
            }
            $own = $system->key === $job->system->key;
            $plan = $own ? $this->plan : $this->planner->plan($job->mixedFrom($system), $this->car, $this->card);
            $air = [];
            foreach ([AirMovement::Booth, AirMovement::Stand, AirMovement::HandBlower] as $movement) {
                $minutes = $this->minutes($plan, $movement);
                $air[] = [
                    'movement' => $movement->value,
                    'words' => $movement->words(),
                    'minutes' => $minutes === null ? null : Quantity::minutes($minutes),
                ];
            }
            $out[] = [
                'system' => $system->key,
                'name' => $system->name,
                'carrier' => $system->carrier->value,
                'own' => $own,
                'minutes' => Quantity::minutes($plan->boothMinutes()),
                'air' => $air,
                'says' => Phrase::of(
                    $system->carrier === Carrier::Solvent
                        ? 'Dries whatever the humidity.'
                        : 'Covers sooner, and waits for the air: {humidity} today.',
                    ['humidity' => Quantity::percent($job->booth->humidityPercent)],
                ),
            ];
        }
        usort($out, fn (array $a, array $b): int => $a['minutes']->value <=> $b['minutes']->value);

        return $out;
    }

    /** Minutes of colour when all of it flashes in such air; null where a coat does not dry in it. */
    private function minutes(JobPlan $plan, AirMovement $movement): ?float
    {
        $sum = 0.0;
        $pace = $this->pace($plan);
        foreach ($plan->blend->coats as $coat) {
            if ($coat->kind()->hides() || $coat->kind() === CoatKind::WetBed) {
                $wait = $pace->waitingIn($coat, $movement);
                if ($wait >= Pace::LONGEST_MINUTES) {
                    return null;
                }
                $sum += $wait + $pace->spraying($coat, $plan->blend->areaOf($coat)->value());
            }
        }

        return $sum;
    }

    /** @return list<array<string, mixed>> each of the shop's clears on this very job */
    private function clears(): array
    {
        $job = $this->plan->job;
        $out = [];
        foreach ($job->system->clears as $clear) {
            $grade = $clear->sheet->grade;
            $system = $grade === null ? null : $job->system->withClear($grade);
            if ($grade === null || $system === null) {
                continue;
            }
            $own = $job->system->product(ProductRole::Clear) === $clear;
            $plan = $own
                ? $this->plan
                : $this->planner->plan($job->mixedFrom($system)->with($job->plan->with(clear: $grade)), $this->car, $this->card);
            $pace = $this->pace($plan);
            $minutes = $build = 0.0;
            foreach ($plan->blend->coats as $coat) {
                if ($coat->role() === ProductRole::Clear) {
                    $minutes += $pace->spraying($coat, $plan->blend->areaOf($coat)->value()) + $pace->waiting($coat);
                    $build += $coat->mixture->added === null ? $clear->dryFilmUm * $coat->filmShare : 0.0;
                }
            }
            $ml = 0.0;
            $cost = 0.0;
            foreach ($plan->cups as $cup) {
                if ($cup->mixture->product->role === ProductRole::Clear) {
                    $ml += $cup->total->value();
                    $price = CupPlanner::cost($cup->mixture, $cup->total->value());
                    $cost = $cost === null || $price === null ? null : $cost + $price;
                }
            }
            $out[] = [
                'grade' => $grade->value,
                'name' => $clear->name,
                'words' => $grade->words(),
                'suits' => $grade->suits(),
                'own' => $own,
                'build' => Quantity::um($build),
                'minutes' => Quantity::minutes($minutes + ($clear->sheet->bakeMin ?? 0.0)),
                'polish' => $clear->sheet->polishHours === null ? null : Quantity::minutes(60.0 * $clear->sheet->polishHours),
                'paint' => Quantity::ml($ml),
                'cost' => $cost === null ? null : round($cost, 2),
            ];
        }

        return $out;
    }
}
