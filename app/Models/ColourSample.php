<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Concerns\HasUuids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Support\Carbon;
use Kalopsis\Card\SampleKind;

/**
 * The car, a spray-out card or a variant, with the mean of its readings.
 *
 * @property string $id
 * @property string $repair_job_id
 * @property int $number
 * @property SampleKind $kind
 * @property string $name
 * @property array<string, mixed> $details
 * @property ?array{measurement: array<string, mixed>, shots: int, spots: int, outliers: list<string>, spread: float,
 *           sources?: list<string>,
 *           surfaces: list<string>,
 *           instruments?: list<string>} $mean
 * @property ?Carbon $struck_at
 * @property Carbon $created_at
 */
final class ColourSample extends Model
{
    use HasAuthor;
    use HasUuids;

    protected $guarded = [];

    /** @return HasMany<ColourReading, $this> */
    public function readings(): HasMany
    {
        return $this->hasMany(ColourReading::class);
    }

    /** @return HasMany<ColourEvent, $this> */
    public function events(): HasMany
    {
        return $this->hasMany(ColourEvent::class);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['details' => 'array', 'mean' => 'array', 'struck_at' => 'datetime', 'kind' => SampleKind::class];
    }
}
