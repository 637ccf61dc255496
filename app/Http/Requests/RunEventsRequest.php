<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Str;
use Kalopsis\Booth\RunEvent;
use Kalopsis\Input\Fields;
use Kalopsis\Input\InvalidInput;
use Kalopsis\Input\Problems;
use Kalopsis\Units\Unit;

/** What a tablet saw of a run, in one go. */
final class RunEventsRequest extends FormRequest
{
    /** A tablet that was away for a day sends more than once. */
    private const MOST = 400;

    /** Clocks from 2020 to 2100, ms. */
    private const CLOCK_MS = [1_577_836_800_000, 4_102_444_800_000];

    /** What an event may say, in words. */
    private const TEXTS = ['step' => 80, 'answer' => 20, 'reason' => 240, 'text' => 500, 'defect' => 40, 'remedy' => 40, 'cup' => 60];

    public function clockMs(): int
    {
        $problems = new Problems();
        $clock = $this->fields($problems)->whole('clockMs', self::CLOCK_MS[0], self::CLOCK_MS[1], 'The clock');
        $problems->stop();

        return $clock;
    }

    /**
     * @return list<RunEvent>
     * @throws InvalidInput
     */
    public function events(): array
    {
        $problems = new Problems();
        $all = $this->fields($problems);
        $device = $all->text('device', 1, 40, 'The device');
        $out = [];
        foreach ($all->objects('events', self::MOST) as $f) {
            $key = $f->text('key', 36, 36, 'The key');
            if (! Str::isUuid($key)) {
                $problems->add($f->path('key'), 'format', 'A key is a UUID.');
            }
            $kind = $f->text('kind', 1, 10, 'What happened');
            if (! in_array($kind, RunEvent::KINDS, true)) {
                $problems->add($f->path('kind'), 'choice', 'What happened is one of: ' . implode(', ', RunEvent::KINDS) . '.');
            }
            $out[] = new RunEvent(
                strtolower($key),
                $kind,
                $f->whole('occurredMs', self::CLOCK_MS[0], self::CLOCK_MS[1], 'When it happened'),
                $device,
                $f->whole('seq', 0, 1_000_000, 'The count'),
                self::body($f->maybe('body')),
            );
        }
        $problems->stop();

        return $out;
    }

    private function fields(Problems $problems): Fields
    {
        return Fields::of(json_decode($this->getContent(), true), $problems);
    }

    /** @return array<string, string|float> */
    private static function body(Fields $f): array
    {
        $body = [];
        foreach (self::TEXTS as $name => $most) {
            if ($f->has($name)) {
                $body[$name] = $f->text($name, 0, $most, 'This');
            }
        }
        if ($f->has('minutes')) {
            $body['minutes'] = $f->plain('minutes', 0.0, 600.0, 'Minutes');
        }
        if ($f->has('ml')) {
            $body['ml'] = $f->plain('ml', 0.0, 20_000.0, 'Paint in ml');
        }
        if ($f->has('temperatureC')) {
            $body['temperatureC'] = $f->number('temperatureC', -20.0, 80.0, Unit::Celsius, 'The temperature');
        }
        if ($f->has('humidityPercent')) {
            $body['humidityPercent'] = $f->plain('humidityPercent', 0.0, 100.0, 'The humidity in %');
        }
        if ($f->has('airMPerS')) {
            $body['airMPerS'] = $f->plain('airMPerS', 0.0, 20.0, 'The air in m/s');
        }

        return $body;
    }
}
