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
 * A cup on the scale. What it was begun from stays as it was; what happened to it are its events.
 *
 * @property string $id
 * @property string $repair_job_id
 * @property int $job_version
 * @property string $cup
 * @property string $kind
 * @property string $name
 * @property string $batch
 * @property array<string, mixed> $begun
 * @property ?array<string, mixed> $scale
 * @property ?Carbon $finished_at
 * @property ?Carbon $discarded_at
 * @property Carbon $created_at
 * @property RepairJob $job
 * @property Collection<int, MixEvent> $events in the order they happened
 */
final class Mix extends Model
{
    use HasAuthor;
    use HasUuids;

    public const UPDATED_AT = null;

    protected $guarded = [];

    protected $table = 'mixes';

    protected $dateFormat = 'Y-m-d H:i:s.v';

    /** @return BelongsTo<RepairJob, $this> */
    public function job(): BelongsTo
    {
        return $this->belongsTo(RepairJob::class, 'repair_job_id');
    }

    /** @return HasMany<MixEvent, $this> */
    public function events(): HasMany
    {
        $events = $this->hasMany(MixEvent::class);
        $events->orderBy('id');

        return $events;
    }

    public function isOpen(): bool
    {
        return $this->finished_at === null && $this->discarded_at === null;
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'begun' => 'array',
            'scale' => 'array',
            'finished_at' => 'datetime',
            'discarded_at' => 'datetime',
            'created_at' => 'datetime',
        ];
    }
}
