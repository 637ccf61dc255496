<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Concerns\HasUuids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Support\Carbon;

/**
 * A car in the booth. What it was begun from stays as it was; what happened are its events.
 *
 * @property string $id
 * @property string $repair_job_id
 * @property int $job_version
 * @property array<string, mixed> $begun
 * @property ?array<string, mixed> $climate
 * @property ?Carbon $finished_at
 * @property Carbon $created_at
 * @property RepairJob $job
 * @property Collection<int, BoothRunEvent> $events
 */
final class BoothRun extends Model
{
    use HasAuthor;
    use HasUuids;

    public const UPDATED_AT = null;

    protected $guarded = [];

    protected $dateFormat = 'Y-m-d H:i:s.v';

    /** @return BelongsTo<RepairJob, $this> */
    public function job(): BelongsTo
    {
        return $this->belongsTo(RepairJob::class, 'repair_job_id');
    }

    /** @return HasMany<BoothRunEvent, $this> */
    public function events(): HasMany
    {
        $events = $this->hasMany(BoothRunEvent::class);
        $events->orderBy('id');

        return $events;
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['begun' => 'array', 'climate' => 'array', 'finished_at' => 'datetime', 'created_at' => 'datetime'];
    }
}
