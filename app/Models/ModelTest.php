<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * A simple test of a number of the model, as it was typed; put away, never thrown away.
 *
 * @property int $id
 * @property int $workshop_id
 * @property string $key
 * @property string $kind
 * @property array<string, mixed> $body
 * @property ?Carbon $put_away_at
 * @property Carbon $created_at
 * @property ?User $user
 */
final class ModelTest extends Model
{
    public const UPDATED_AT = null;

    protected $guarded = [];

    protected $dateFormat = 'Y-m-d H:i:s.v';

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['body' => 'array', 'put_away_at' => 'datetime', 'created_at' => 'datetime'];
    }
}
