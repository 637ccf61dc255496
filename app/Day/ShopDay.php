<?php

declare(strict_types=1);

namespace App\Day;

use App\Booth\RunState;
use App\Models\BoothRun;
use App\Models\DayMove;
use App\Models\RepairJob;
use App\Models\Role;
use App\Models\User;
use App\Models\Workshop;
use DateTimeImmutable;
use Kalopsis\Booth\Block;
use Kalopsis\Booth\BlockKind;
use Kalopsis\Booth\Car;
use Kalopsis\Booth\DayPlan;
use Kalopsis\Booth\Hours;
use Kalopsis\Booth\Shop;
use Kalopsis\Job\CarSpec;

/**
 * The day of a workshop from what its jobs still need, what runs in the booths, and what somebody put somewhere. Times are those
 * of the clock on the shop's wall, which only its browsers know.
 */
final readonly class ShopDay
{
    /** @param DateTimeImmutable $at now, as the wall clock shows it */
    public function __construct(private Workshop $workshop, private DateTimeImmutable $at) {}

    public function plan(): DayPlan
    {
        $hours = ShopHours::of($this->workshop);
        $people = [];
        foreach (User::query()->where('workshop_id', $this->workshop->id)->orderBy('id')->get() as $user) {
            $people[explode(' ', $user->name)[0]] = $user->role !== Role::Apprentice;
        }
        $shop = new Shop(
            $hours->booths,
            $people,
            new Hours($hours->opens, $hours->closes, $hours->days, (int) $this->at->format('N')),
            $this->minute($this->at),
        );
        $cars = $names = [];
        $query = RepairJob::query()->with(['headVersion', 'dayMoves', 'runs.events.user']);
        $query->where('workshop_id', $this->workshop->id)->whereNull('archived_at')->orderBy('created_at')->orderBy('id');
        foreach ($query->get() as $job) {
            $cars[] = $this->car($job, $hours->booths[0]);
            $names[$job->id] = trim("{$job->label} {$job->plate}");
        }
        $chosen = array_values(array_filter($this->workshop->day_order ?? [], is_string(...)));

        return new DayPlan($shop, $cars, $names, DayPlan::ordered($cars, $chosen));
    }

    private function car(RepairJob $job, string $booth): Car
    {
        $due = $job->headVersion->document['car']['due'] ?? null;
        $painter = $job->headVersion->document['car']['painter'] ?? '';
        $read = is_string($due) && CarSpec::isDue($due) ? DateTimeImmutable::createFromFormat('!' . CarSpec::DUE, $due) : false;

        return new Car(
            $job->id,
            $this->blocks($job, $booth),
            $read === false ? null : $this->minute($read),
            is_string($painter) ? $painter : '',
        );
    }

    /** @return list<Block> what the car still needs */
    private function blocks(RepairJob $job, string $booth): array
    {
        $work = (array) ($job->standing->work ?? []);
        if (array_sum(array_filter($work, is_numeric(...))) <= 0) {
            return [];
        }
        $moves = $job->dayMoves->keyBy('block');
        $run = $job->runs->sortByDesc('created_at')->first();
        $blocks = [];
        foreach (BlockKind::cases() as $kind) {
            $move = $moves->get($kind->value);
            if ($this->isDone($job, $kind, $move, $run)) {
                continue;
            }
            if ($kind === BlockKind::Booth && $run instanceof BoothRun && $run->finished_at === null) {
                [$since, $minutes, $hands] = $this->running($run);
                $blocks[] = new Block($job->id, $kind, $minutes, $hands, $since, $move->booth ?? $booth, $move?->person);

                continue;
            }
            $block = Block::planned($job->id, $kind, $work);
            if ($block !== null) {
                $blocks[] = $block->put($this->pinned($move), $move?->booth, $move?->person);
            }
        }

        return $blocks;
    }

    private function isDone(RepairJob $job, BlockKind $kind, ?DayMove $move, ?BoothRun $run): bool
    {
        if ($move?->done === true) {
            return true;
        }
        $ready = false;
        foreach ($job->standing->stations ?? [] as $station) {
            $ready = $ready || (($station->id ?? '') === 'colour' && ($station->ready ?? false) === true);
        }

        return match ($kind) {
            BlockKind::Card, BlockKind::Dries => $ready || $run !== null,
            BlockKind::Prep => $run !== null,
            BlockKind::Booth, BlockKind::Cool => $run?->finished_at !== null,
            BlockKind::Finish => false,
        };
    }

    private function pinned(?DayMove $move): ?float
    {
        $starts = $move?->starts;
        $read = $starts === null ? false : DateTimeImmutable::createFromFormat('!' . CarSpec::DUE, $starts);

        return $read === false ? null : $this->minute($read);
    }

    /**
     * A run that is on: since when, how long in all by what is left of it, and so long with hands.
     *
     * @return array{float, float, float}
     */
    private function running(BoothRun $run): array
    {
        $state = RunState::of($run);
        $left = 0.0;
        $hands = 0.0;
        foreach (array_slice($state->steps, $state->at) as $step) {
            $left += ($step->waitMin ?? 0.0) + $step->minutes;
            $hands = $step->kind->value === 'bake' || $step->kind->value === 'unmask' ? $hands : $left;
        }
        $now = $this->minute($this->at);
        $gone = max(0.0, (now()->getTimestampMs() - ($state->begunMs ?? $run->created_at->getTimestampMs())) / 60_000);

        return [$now - $gone, $gone + $left, $gone + $hands];
    }

    /** Minutes from the midnight that begins today. */
    private function minute(DateTimeImmutable $time): float
    {
        $midnight = $this->at->setTime(0, 0);
        // Wall clocks, not moments: a day has 24 hours here.
        $days = (int) $midnight->diff($time->setTime(0, 0))->format('%r%a');

        return 1440.0 * $days + 60.0 * (int) $time->format('G') + (int) $time->format('i');
    }
}
