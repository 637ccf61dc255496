<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * Something that happened at the colour desk; only ever added.
 *
 * @property int $id
 * @property string $repair_job_id
 * @property ?string $colour_sample_id
 * @property string $kind
 * @property array<string, mixed> $body
 * @property int $job_version
 * @property string $plan_print
 * @property Carbon $created_at
 */
final class ColourEvent extends Model
{
    use HasAuthor;

    public const UPDATED_AT = null;

    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['body' => 'array', 'created_at' => 'datetime'];
    }
}
