<?php

declare(strict_types=1);

namespace Kalopsis\Booth;

use JsonSerializable;

/** What really happened at a run, step by step beside what was planned. */
final readonly class Record implements JsonSerializable
{
    public function __construct(private Run $run, private Replay $replay) {}

    /**
     * One line a step: planned and real minutes of the wait before it and of the work, who, and what was answered.
     *
     * @return list<array{step: string, kind: string, name: mixed, cup: mixed, reach: mixed, put: bool, waitPlanned: ?float,
     *     waited: ?float, minutesPlanned: float, minutes: ?float, begunMs: ?int, doneMs: ?int, by: string, answer: string}>
     */
    public function lines(): array
    {
        $planned = array_map(fn (RunStep $s): string => $s->id, $this->run->steps);
        $out = [];
        $coat = $before = null;
        foreach ($this->replay->steps as $step) {
            $real = $this->replay->done[$step->id] ?? null;
            $begun = $real['begunMs'] ?? null;
            $done = $real['doneMs'] ?? null;
            $since = $step->movement === null ? $before : $coat ?? $before;
            $out[] = [
                'step' => $step->id,
                'kind' => $step->kind->value,
                'name' => $step->shown['name'] ?? null,
                'cup' => $step->shown['cup'] ?? null,
                'reach' => $step->shown['reach'] ?? null,
                'put' => ! in_array($step->id, $planned, true),
                'waitPlanned' => $step->waitMin === null ? null : round($step->waitMin, 1),
                'waited' => $step->waitMin === null || $begun === null || $since === null ? null : self::minutes($since, $begun),
                'minutesPlanned' => round($step->minutes, 1),
                'minutes' => $begun === null || $done === null ? null : self::minutes($begun, $done),
                'begunMs' => $begun,
                'doneMs' => $done,
                'by' => $real['by'] ?? '',
                'answer' => $real['answer'] ?? '',
            ];
            $before = $done ?? $before;
            $coat = $step->kind === StepKind::Coat ? $done ?? $coat : $coat;
        }

        return $out;
    }

    /** @return array<string, mixed> */
    public function jsonSerialize(): array
    {
        $readings = $this->replay->climate;
        $range = function (string $name) use ($readings): ?array {
            $values = array_column($readings, $name);

            return $values === [] ? null : [round(min($values), 1), round(max($values), 1)];
        };

        return [
            'lines' => $this->lines(),
            'told' => $this->replay->told,
            'climate' => [
                'planned' => $this->run->climate,
                'readings' => count($readings),
                'temperatureC' => $range('temperatureC'),
                'humidityPercent' => $range('humidityPercent'),
                'airMPerS' => $range('airMPerS'),
            ],
            'begunMs' => $this->replay->begunMs,
            'finished' => $this->replay->isDone(),
            'minutes' => $this->totalMinutes(),
        ];
    }

    /** From the first step to the last that was done; null while none was. */
    public function totalMinutes(): ?float
    {
        $ends = [];
        foreach ($this->replay->done as $done) {
            if ($done['doneMs'] !== null) {
                $ends[] = $done['doneMs'];
            }
        }

        return $ends === [] || $this->replay->begunMs === null ? null : self::minutes($this->replay->begunMs, max($ends));
    }

    /** What the same steps and the waits between them were planned to take. */
    public function plannedMinutes(): float
    {
        $sum = 0.0;
        foreach ($this->lines() as $line) {
            $sum += $line['minutesPlanned'] + ($line['waitPlanned'] ?? 0.0);
        }

        return $sum;
    }

    private static function minutes(int $fromMs, int $toMs): float
    {
        return round(($toMs - $fromMs) / 60_000, 1);
    }
}
