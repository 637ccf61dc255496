<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * One try at a scenario: what was decided, and how it was marked.
 *
 * @property int $id
 * @property string $key
 * @property int $workshop_id
 * @property int $user_id
 * @property string $scenario
 * @property string $skill
 * @property array<string, mixed> $answer
 * @property int $score
 * @property Carbon $created_at
 */
final class PracticeTry extends Model
{
    public const UPDATED_AT = null;

    protected $guarded = [];

    protected $dateFormat = 'Y-m-d H:i:s.v';

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['answer' => 'array', 'created_at' => 'datetime'];
    }
}
