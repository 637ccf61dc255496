<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * @property int $number
 * @property string $kind
 * @property string $change
 * @property array<string, mixed> $document
 * @property object{stations: list<object>, verdict: object, severity: string} $summary
 * @property ?int $undo_to
 * @property ?int $redo_to
 * @property ?int $user_id
 * @property Carbon $created_at
 */
final class JobVersion extends Model
{
    use HasAuthor;

    public const UPDATED_AT = null;

    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['document' => 'array', 'summary' => 'object', 'created_at' => 'datetime'];
    }
}
