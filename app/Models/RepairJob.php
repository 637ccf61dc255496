<?php

declare(strict_types=1);

namespace App\Models;

use Database\Factories\RepairJobFactory;
use Illuminate\Database\Eloquent\Concerns\HasUuids;
use Illuminate\Database\Eloquent\Factories\HasFactory;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Database\Eloquent\Relations\HasOne;
use Illuminate\Support\Carbon;

/**
 * One car to repair. Its document lives in versions that are only ever added; `head` is the newest.
 *
 * @property string $id
 * @property int $workshop_id
 * @property int $head
 * @property string $label
 * @property string $plate
 * @property string $colour
 * @property ?Carbon $archived_at
 * @property Carbon $created_at
 * @property Carbon $updated_at
 * @property Workshop $workshop
 * @property \Illuminate\Database\Eloquent\Collection<int, DayMove> $dayMoves
 * @property \Illuminate\Database\Eloquent\Collection<int, BoothRun> $runs
 * @property ?JobVersion $headVersion
 * @property ?object{stations?: list<object>, verdict?: object, severity?: string, paint?: ?string, work?: object} $standing
 */
final class RepairJob extends Model
{
    /** @use HasFactory<RepairJobFactory> */
    use HasFactory;
    use HasUuids;

    protected $guarded = [];

    /** @return BelongsTo<Workshop, $this> */
    public function workshop(): BelongsTo
    {
        return $this->belongsTo(Workshop::class);
    }

    /** @return HasMany<JobVersion, $this> */
    public function versions(): HasMany
    {
        return $this->hasMany(JobVersion::class);
    }

    /** Sorts by when the car is due; after every date where nobody said. */
    public function getDueFirstAttribute(): string
    {
        return $this->headVersion->document['car']['due'] ?? '9999';
    }

    /** @return HasOne<JobVersion, $this> */
    public function headVersion(): HasOne
    {
        return $this->hasOne(JobVersion::class)->ofMany('number', 'max');
    }

    /** @return HasMany<ColourSample, $this> */
    public function samples(): HasMany
    {
        return $this->hasMany(ColourSample::class);
    }

    /** @return HasMany<ColourEvent, $this> */
    public function colourEvents(): HasMany
    {
        return $this->hasMany(ColourEvent::class);
    }

    /** @return HasMany<Mix, $this> */
    public function mixes(): HasMany
    {
        return $this->hasMany(Mix::class);
    }

    /** @return HasMany<BoothRun, $this> */
    public function runs(): HasMany
    {
        return $this->hasMany(BoothRun::class);
    }

    /** @return HasMany<JobLook, $this> */
    public function looks(): HasMany
    {
        $looks = $this->hasMany(JobLook::class);
        $looks->orderBy('id');

        return $looks;
    }

    /** @return HasMany<JobPhoto, $this> */
    public function photos(): HasMany
    {
        return $this->hasMany(JobPhoto::class);
    }

    /** @return HasMany<DayMove, $this> */
    public function dayMoves(): HasMany
    {
        return $this->hasMany(DayMove::class);
    }

    /** The job, held until the transaction ends, so that two edits cannot both be the next version. */
    public static function held(string $id): ?self
    {
        $query = self::query();
        $query->lockForUpdate();

        return $query->find($id);
    }

    public function at(int $number): JobVersion
    {
        return $this->versions()->where('number', $number)->firstOrFail();
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['archived_at' => 'datetime', 'standing' => 'object'];
    }
}
