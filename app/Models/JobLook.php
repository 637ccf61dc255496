<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;
use Kalopsis\Findings\LookEvent;

/**
 * Something found or said of a sprayed car; only ever added, and each only once.
 *
 * @property int $id
 * @property string $repair_job_id
 * @property string $key
 * @property string $kind
 * @property array<string, mixed> $body
 * @property Carbon $recorded_at
 */
final class JobLook extends Model
{
    use HasAuthor;

    public const CREATED_AT = 'recorded_at';

    public const UPDATED_AT = null;

    protected $guarded = [];

    protected $dateFormat = 'Y-m-d H:i:s.v';

    public function event(): LookEvent
    {
        return new LookEvent(
            $this->key,
            $this->kind,
            $this->body,
            $this->recorded_at->toIso8601ZuluString('millisecond'),
            $this->by() ?? '',
        );
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['body' => 'array', 'recorded_at' => 'datetime'];
    }
}
