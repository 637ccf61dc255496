<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * Something that happened to a mix; only ever added, and each only once.
 *
 * @property int $id
 * @property string $kind
 * @property array<string, mixed> $body
 * @property Carbon $created_at
 */
final class MixEvent extends Model
{
    use HasAuthor;

    public const UPDATED_AT = null;

    protected $guarded = [];

    protected $dateFormat = 'Y-m-d H:i:s.v';

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['body' => 'array', 'created_at' => 'datetime'];
    }
}
