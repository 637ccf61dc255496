<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * Something that was done in the workshop beside its cars: people, sheets, colours. Only ever added.
 *
 * @property int $workshop_id
 * @property string $kind
 * @property string $about whom or what
 * @property Carbon $created_at
 */
final class Happening extends Model
{
    use HasAuthor;

    public const UPDATED_AT = null;

    protected $guarded = [];

    public static function add(User $by, string $kind, string $about): void
    {
        self::query()->create([
            'workshop_id' => $by->workshop_id,
            'user_id' => $by->id,
            'kind' => $kind,
            'about' => mb_substr($about, 0, 160),
        ]);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['created_at' => 'datetime'];
    }
}
