<?php

declare(strict_types=1);

namespace App\Colour;

use App\Models\ColourEvent;
use App\Models\ColourSample;
use App\Models\RepairJob;
use App\Models\User;
use Kalopsis\Job\Fingerprint;
use Kalopsis\Job\JobPlan;

/** Writes down what happened at the desk, with the version of the plan it happened for. */
final class DeskEvents
{
    /**
     * @param array<string, mixed> $body
     * @param ?JobPlan $plan what the gate was opened or closed for
     */
    public static function add(
        RepairJob $job,
        User $user,
        string $kind,
        ?ColourSample $sample,
        array $body,
        ?JobPlan $plan = null,
    ): ColourEvent {
        return $job->colourEvents()->create([
            'colour_sample_id' => $sample?->id,
            'kind' => $kind,
            'body' => $body,
            'job_version' => $job->head,
            'plan_print' => $plan === null ? '' : Fingerprint::of($plan),
            'user_id' => $user->id,
        ]);
    }
}
