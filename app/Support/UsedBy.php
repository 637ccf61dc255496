<?php

declare(strict_types=1);

namespace App\Support;

use App\Models\JobVersion;
use App\Models\RepairJob;
use Illuminate\Database\Eloquent\Builder;

/** Which cars stand on a thing of the shelf: what they use is neither changed under them nor thrown away. */
final class UsedBy
{
    private const MOST = 5;

    /** @return list<string> plates or names of cars that are planned on a body shape, the newest first */
    public static function bodyShape(int $workshopId, string $key): array
    {
        return self::jobs($workshopId, 'document->car->bodyShape', $key);
    }

    /** @return list<string> plates or names of cars on the bench that are mixed from a paint system, the newest first */
    public static function paintSystem(int $workshopId, string $key): array
    {
        $jobs = RepairJob::query();
        $jobs->where('workshop_id', $workshopId)->whereNull('archived_at');
        $jobs->whereHas('headVersion', fn (Builder $v): Builder => $v->where('document->paintSystem', $key));

        return self::names($jobs);
    }

    /** @return list<string> */
    private static function jobs(int $workshopId, string $field, string $key): array
    {
        $versions = JobVersion::query();
        $versions->where($field, $key);
        $jobs = RepairJob::query();
        $jobs->where('workshop_id', $workshopId)->whereIn('id', $versions->select('repair_job_id'));

        return self::names($jobs);
    }

    /**
     * @param Builder<RepairJob> $jobs
     * @return list<string>
     */
    private static function names(Builder $jobs): array
    {
        $jobs->orderByDesc('created_at')->limit(self::MOST);

        return array_values($jobs->get()->map(fn (RepairJob $j): string => $j->plate === '' ? $j->label : $j->plate)->all());
    }
}
