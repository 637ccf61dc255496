<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Concerns\HasUuids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * A file of readings that was brought in, as it came, until somebody says what its samples are.
 *
 * @property string $id
 * @property string $repair_job_id
 * @property string $name
 * @property string $body gzip
 * @property ?Carbon $taken_at
 */
final class ReadingImport extends Model
{
    use HasUuids;

    public const UPDATED_AT = null;

    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['taken_at' => 'datetime'];
    }
}
