<?php

declare(strict_types=1);

namespace Kalopsis\Booth;

/**
 * Where a run stands after what happened, and what really happened at each step. The same for any order and any repetition of
 * the same events. The browser does the same without a network: web/src/run/replay.ts, on the cases of
 * core/tests/fixtures/runs.json.
 */
final class Replay
{
    /** @var list<RunStep> what is done and what is to be done */
    public array $steps;

    /** The step that is on now; the number of steps when all is done. */
    public int $at = 0;

    /** @var array<string, array{begunMs: ?int, doneMs: ?int, by: string, answer: string, extraMin: float}> by step */
    public array $done = [];

    /**
     * To be told in the record.
     *
     * @var list<array{ms: int, kind: string, by: string, step: string, body: array<array-key, mixed>}>
     */
    public array $told = [];

    /** @var list<array{ms: int, temperatureC: float, humidityPercent: float, airMPerS: float}> */
    public array $climate = [];

    public ?int $begunMs = null;

    public ?int $pausedMs = null;

    private function __construct(private readonly Run $run)
    {
        $this->steps = $run->steps;
    }

    /** @param list<RunEvent> $events in any order, each any number of times */
    public static function of(Run $run, array $events): self
    {
        $self = new self($run);
        foreach (RunEvent::ordered($events) as [$ms, $event]) {
            $self->happened($ms, $event);
        }

        return $self;
    }

    public function isDone(): bool
    {
        return $this->at >= count($this->steps);
    }

    public function step(): ?RunStep
    {
        return $this->steps[$this->at] ?? null;
    }

    /** Where the wait for a step runs from: a film dries from when its coat was on, a clock from the step before. */
    public function waitsSinceMs(): ?int
    {
        $film = $this->step()?->movement !== null;
        for ($i = $this->at - 1; $i >= 0; $i--) {
            if (! $film || $this->steps[$i]->kind === StepKind::Coat) {
                return $this->done[$this->steps[$i]->id]['doneMs'] ?? null;
            }
        }

        return $this->begunMs;
    }

    /**
     * Minutes still to wait at `$nowMs` in the air as it is by then; 0 when it should be so far. What was waited in other air
     * counts as much as it dried.
     */
    public function leftMin(int $nowMs): float
    {
        $step = $this->step();
        $since = $this->waitsSinceMs();
        if ($step === null || $step->waitMin === null || $since === null) {
            return 0.0;
        }
        $gone = 0.0;
        $air = $this->run->climate;
        $from = $since;
        foreach ($this->climate as $reading) {
            if ($reading['ms'] > $from && $reading['ms'] < $nowMs) {
                $gone += ($reading['ms'] - $from) / 60_000 * $this->rate($step, $air);
                $from = $reading['ms'];
            }
            $air = $reading['ms'] < $nowMs ? $reading : $air;
        }
        $rate = $this->rate($step, $air);
        $gone += max(0, $nowMs - $from) / 60_000 * $rate;
        $left = $step->waitMin - $gone;
        $extra = $this->done[$step->id]['extraMin'] ?? 0.0;
        $inThisAir = $rate > 0.0 ? $left / $rate : ($left > 0.0 ? INF : 0.0);

        return max(0.0, $inThisAir + $extra);
    }

    /** @param array{temperatureC: float, humidityPercent: float, airMPerS: float} $air */
    private function rate(RunStep $step, array $air): float
    {
        $table = $this->run->drying[$step->text('dries')] ?? null;

        return $step->movement === null || $table === null
            ? 1.0
            : $table->rate($step->movement, $air['temperatureC'], $air['humidityPercent'], $air['airMPerS']);
    }

    private function happened(int $ms, RunEvent $event): void
    {
        $step = $this->step();
        $mine = $step !== null && $event->text('step') === $step->id;
        switch ($event->kind) {
            case 'begin':
                if ($mine && $this->entry($step)['begunMs'] === null) {
                    $this->begunMs ??= $ms;
                    $this->done[$step->id] = [...$this->entry($step), 'begunMs' => $ms, 'by' => $event->by];
                }
                break;
            case 'done':
                $this->done($ms, $event, $mine ? $step : null);
                break;
            case 'wait':
                if ($mine) {
                    $extra = $this->entry($step)['extraMin'] + max(0.0, $event->number('minutes') ?? 0.0);
                    $this->done[$step->id] = [...$this->entry($step), 'extraMin' => $extra];
                    $this->tell($ms, $event);
                }
                break;
            case 'back':
                $this->back($ms, $event);
                break;
            case 'wrong':
                $this->wrong($ms, $event);
                break;
            case 'climate':
                $this->climate[] = [
                    'ms' => $ms,
                    'temperatureC' => $event->number('temperatureC') ?? $this->run->climate['temperatureC'],
                    'humidityPercent' => $event->number('humidityPercent') ?? $this->run->climate['humidityPercent'],
                    'airMPerS' => $event->number('airMPerS') ?? $this->run->climate['airMPerS'],
                ];
                break;
            case 'pause':
                $this->pausedMs ??= $ms;
                $this->tell($ms, $event);
                break;
            case 'resume':
                $this->pausedMs = null;
                $this->tell($ms, $event);
                break;
            case 'note':
            case 'amount':
                $this->tell($ms, $event);
                break;
            default:
        }
    }

    private function done(int $ms, RunEvent $event, ?RunStep $step): void
    {
        if ($step === null) {
            return;
        }
        $passes = $step->kind->passes();
        $answer = $event->text('answer');
        if ($passes !== null && $answer !== $passes) {
            // A question answered the other way is kept, and the step stays on.
            $this->done[$step->id] = [...$this->entry($step), 'answer' => $answer];
            $this->tell($ms, $event);

            return;
        }
        $entry = $this->entry($step);
        $this->begunMs ??= $ms;
        $this->done[$step->id] = [
            ...$entry,
            'begunMs' => $entry['begunMs'] ?? $ms,
            'doneMs' => $ms,
            'by' => $event->by,
            'answer' => $answer,
        ];
        $this->pausedMs = null;
        $this->at++;
    }

    private function back(int $ms, RunEvent $event): void
    {
        $before = $this->steps[$this->at - 1] ?? null;
        if ($before === null || $event->text('step') !== $before->id) {
            return;
        }
        $this->at--;
        $current = $this->steps[$this->at + 1] ?? null;
        foreach ([$before, $current] as $undone) {
            if ($undone !== null) {
                unset($this->done[$undone->id]);
            }
        }
        $this->tell($ms, $event);
    }

    private function wrong(int $ms, RunEvent $event): void
    {
        $this->tell($ms, $event);
        $template = $this->run->remedies[$event->text('defect')][$event->text('remedy')] ?? [];
        $now = $this->step();
        if ($template !== [] && $now?->kind === StepKind::Coat && $this->entry($now)['begunMs'] !== null) {
            // Stopped in the middle of a coat: what is on is on.
            $this->done[$now->id] = [...$this->entry($now), 'doneMs' => $ms, 'answer' => 'stopped'];
            $this->at++;
        }
        $last = null;
        for ($i = $this->at - 1; $i >= 0 && $last === null; $i--) {
            $last = $this->steps[$i]->kind === StepKind::Coat ? $this->steps[$i] : null;
        }
        $put = [];
        foreach ($template as $n => $step) {
            $id = "{$event->key}-{$n}";
            // "Again" stands for the coat that was on when it went wrong.
            if (($step->shown['repeats'] ?? false) === true) {
                if ($last !== null) {
                    $put[] = $last->again($id, $put === [], $step->shown['says'] ?? null);
                }
            } else {
                $put[] = $step->named($id);
            }
        }
        array_splice($this->steps, $this->at, 0, $put);
    }

    /** @return array{begunMs: ?int, doneMs: ?int, by: string, answer: string, extraMin: float} */
    private function entry(RunStep $step): array
    {
        return $this->done[$step->id] ?? ['begunMs' => null, 'doneMs' => null, 'by' => '', 'answer' => '', 'extraMin' => 0.0];
    }

    private function tell(int $ms, RunEvent $event): void
    {
        $this->told[] = [
            'ms' => $ms,
            'kind' => $event->kind,
            'by' => $event->by,
            'step' => $event->text('step'),
            'body' => $event->body,
        ];
    }
}
