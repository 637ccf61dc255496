<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;
use Kalopsis\Calibration\Calibration;

/**
 * What a workshop's tests said together at one time; the newest is in use.
 *
 * @property int $id
 * @property int $workshop_id
 * @property array<string, mixed> $found Calibration
 * @property list<array<string, mixed>> $groups how it was found, as Trials\GroupFit writes it
 * @property Carbon $created_at
 */
final class WorkshopCalibration extends Model
{
    public const UPDATED_AT = null;

    protected $table = 'calibrations';

    protected $guarded = [];

    protected $dateFormat = 'Y-m-d H:i:s.v';

    public static function newest(int $workshopId): ?self
    {
        $query = self::query()->where('workshop_id', $workshopId);
        $query->orderByDesc('id');

        return $query->first();
    }

    public static function inUse(int $workshopId): Calibration
    {
        $newest = self::newest($workshopId);

        return $newest === null ? new Calibration() : Calibration::kept($newest->found);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['found' => 'array', 'groups' => 'array', 'created_at' => 'datetime'];
    }
}
