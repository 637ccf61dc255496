<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Concerns\HasUuids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * A scenario that a lead made of one of the workshop's jobs.
 *
 * @property string $id
 * @property int $workshop_id
 * @property array<string, mixed> $scenario
 * @property ?Carbon $put_away_at
 */
final class PracticeScenario extends Model
{
    use HasUuids;

    public const UPDATED_AT = null;

    protected $guarded = [];

    protected $dateFormat = 'Y-m-d H:i:s.v';

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['scenario' => 'array', 'put_away_at' => 'datetime'];
    }
}
