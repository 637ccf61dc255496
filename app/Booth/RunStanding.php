<?php

declare(strict_types=1);

namespace App\Booth;

use App\Models\BoothRun;
use App\Models\RepairJob;
use Kalopsis\Blend\Severity;
use Kalopsis\Job\Station;
use Kalopsis\Why\Phrase;

/** What a car's runs mean for its station Booth. */
final class RunStanding
{
    /** Null where none was begun: the gate says it then. */
    public static function of(RepairJob $job): ?Station
    {
        $query = $job->runs()->with('events.user');
        $query->orderByDesc('created_at')->limit(1);
        $run = $query->get()->first();
        if (! $run instanceof BoothRun) {
            return null;
        }
        if ($run->finished_at !== null) {
            return new Station('booth', Phrase::of('sprayed'), Severity::Note, true);
        }
        $name = RunState::of($run)->step()->shown['name'] ?? null;
        $says = is_array($name) && ($name['values'] ?? []) === [] ? 'text' : 'plain';
        $text = is_array($name) && is_string($name[$says] ?? null) ? $name[$says] : '';

        return new Station(
            'booth',
            Phrase::of('in the booth: {step}', ['step' => Phrase::of($text)]),
            Severity::Note,
            false,
        );
    }
}
