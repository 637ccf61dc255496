<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * A paint system as it was before somebody typed a newer sheet. Only ever added.
 *
 * @property int $number
 * @property array<string, mixed> $sheet
 * @property ?int $user_id
 * @property Carbon $created_at
 */
final class PaintEdition extends Model
{
    use HasAuthor;

    public const UPDATED_AT = null;

    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['sheet' => 'array', 'created_at' => 'datetime'];
    }
}
