<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;
use Kalopsis\Booth\RunEvent;

/**
 * Something that happened at a run; only ever added, and each only once, however often a tablet sends it.
 *
 * @property int $id
 * @property string $key
 * @property string $kind
 * @property string $device
 * @property int $seq
 * @property int $occurred_ms the tablet's clock put right
 * @property int $device_ms as the tablet had it
 * @property array<string, mixed> $body
 * @property Carbon $recorded_at
 */
final class BoothRunEvent extends Model
{
    use HasAuthor;

    public const CREATED_AT = 'recorded_at';

    public const UPDATED_AT = null;

    protected $guarded = [];

    protected $dateFormat = 'Y-m-d H:i:s.v';

    public function event(): RunEvent
    {
        return new RunEvent(
            $this->key,
            $this->kind,
            $this->occurred_ms,
            $this->device,
            $this->seq,
            $this->body,
            $this->by() ?? '',
        );
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['body' => 'array', 'recorded_at' => 'datetime'];
    }
}
