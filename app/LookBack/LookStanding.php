<?php

declare(strict_types=1);

namespace App\LookBack;

use App\Models\RepairJob;
use Kalopsis\Blend\Severity;
use Kalopsis\Job\Station;

/** What was found of a sprayed car means for its station Look-back. */
final class LookStanding
{
    /** Null where nobody looked: the plan says it then. */
    public static function of(RepairJob $job): ?Station
    {
        $looks = LookState::of($job);
        if (! $looks->hasLooked() && $looks->delivered === null && $looks->followUps === []) {
            return null;
        }
        $open = $looks->findings !== [] && $looks->followUps === [] && $looks->delivered === null;

        return new Station('look-back', $looks->says(), $open ? Severity::LookOut : Severity::Note, ! $open);
    }
}
