<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Support\Carbon;

/**
 * A paint system on the shelf, in its newest edition; those before are kept for the plans that were made with them.
 *
 * @property int $id
 * @property int $workshop_id
 * @property string $key
 * @property string $name
 * @property array<string, mixed> $sheet
 * @property int $edition
 * @property ?int $user_id who typed the newest
 * @property ?Carbon $put_away_at
 * @property Carbon $updated_at
 * @property-read Collection<int, PaintEdition> $editions
 */
final class PaintSystemRecord extends Model
{
    use HasAuthor;

    protected $table = 'paint_systems';

    protected $guarded = [];

    /** @var array<string, mixed> */
    protected $attributes = ['edition' => 1, 'put_away_at' => null, 'user_id' => null, 'author' => null];

    /** @return HasMany<PaintEdition, $this> all but the newest */
    public function editions(): HasMany
    {
        return $this->hasMany(PaintEdition::class, 'paint_system_id');
    }

    public static function of(int $workshopId, string $key): ?self
    {
        return self::query()->where('workshop_id', $workshopId)->where('key', $key)->first();
    }

    /** @return ?array<string, mixed> its sheet in an edition, the newest where none is named; null: it never had that one */
    public function sheetAt(?int $edition): ?array
    {
        return $edition === null || $edition === $this->edition
            ? $this->sheet
            : $this->editions()->where('number', $edition)->first()?->sheet;
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['sheet' => 'array', 'put_away_at' => 'datetime', 'updated_at' => 'datetime'];
    }
}
