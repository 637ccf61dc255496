<?php

declare(strict_types=1);

namespace App\Booth;

use App\Models\BoothRun;
use App\Models\RepairJob;
use App\Models\WorkshopCalibration;
use Kalopsis\Calibration\Calibration;
use Kalopsis\Calibration\Constant;
use Kalopsis\Trials\TrialKind;
use Ramsey\Uuid\Uuid;

/** How long coats really took to dull, as finished runs recorded it: tests of the booth that made themselves. */
final class RunWaits
{
    private const NEWEST_RUNS = 20;

    /** Nobody looked at a coat for so long, or went on before it could be dull: minutes that say nothing of the booth. */
    private const TELLS = [0.4, 2.5];

    /** Namespace of the tests' keys, made for this. */
    private const KEYS = '0d1f6f0e-5c1e-4d4a-9a57-3a1f6f2b8c10';

    /** @return array<string, array<string, mixed>> by key, as Trials\TrialReader takes them */
    public static function of(int $workshopId): array
    {
        $query = BoothRun::query()->with(['job', 'events']);
        $query
            ->whereIn('repair_job_id', RepairJob::query()->where('workshop_id', $workshopId)->select('id'))
            ->orderByDesc('created_at')
            ->limit(self::NEWEST_RUNS);
        $out = [];
        foreach ($query->get() as $run) {
            $dries = self::driesThen($run, $workshopId);
            foreach (RunState::record($run)->lines() as $line) {
                $planned = ($line['waitPlanned'] ?? 0.0) * $dries;
                $share = $planned > 0.0 ? ($line['waited'] ?? 0.0) / $planned : 0.0;
                if ($line['kind'] === 'coat' && $share > self::TELLS[0] && $share < self::TELLS[1] && $planned >= 0.5) {
                    $out[Uuid::uuid5(self::KEYS, "{$run->id} {$line['step']}")->toString()] = [
                        'kind' => TrialKind::FlashTime->value,
                        'on' => $run->created_at->toDateString(),
                        'of' => "{$run->job->label} {$line['step']}",
                        'minutes' => max(0.5, $line['waited'] ?? 0.5),
                        'plannedMinutes' => $planned,
                    ];
                }
            }
        }

        return $out;
    }

    /** What the plan of a run took the booth for: waits are told for the model itself. */
    private static function driesThen(BoothRun $run, int $workshopId): float
    {
        $query = WorkshopCalibration::query()->where('workshop_id', $workshopId);
        $query->where('created_at', '<=', $run->created_at)->orderByDesc('id');

        return Calibration::kept($query->first()->found ?? [])->about(Constant::Flash)->factor;
    }
}
