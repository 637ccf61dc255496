<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * What somebody put somewhere in the day, or ticked off.
 *
 * @property string $repair_job_id
 * @property string $block
 * @property ?string $starts by the clock on the shop's wall, 2026-11-28T14:10
 * @property ?string $booth
 * @property ?string $person
 * @property bool $done
 */
final class DayMove extends Model
{
    protected $guarded = [];

    protected $dateFormat = 'Y-m-d H:i:s.v';

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['done' => 'boolean'];
    }
}
