<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Concerns\HasUuids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * A picture that somebody took of a car.
 *
 * @property string $id
 * @property string $repair_job_id
 * @property ?string $finding
 * @property string $name
 * @property string $mime
 * @property int $bytes
 * @property string $picture the file itself; LISTED leaves it where it is
 * @property ?Carbon $struck_at
 * @property Carbon $created_at
 */
final class JobPhoto extends Model
{
    use HasAuthor;
    use HasUuids;

    public const UPDATED_AT = null;

    /** What a browser shows without running anything in it. */
    public const MIMES = ['image/jpeg', 'image/png', 'image/webp'];

    /** What a list needs. */
    public const LISTED = ['id', 'repair_job_id', 'finding', 'user_id', 'author', 'name', 'mime', 'bytes', 'struck_at', 'created_at'];

    protected $guarded = [];

    protected $dateFormat = 'Y-m-d H:i:s.v';

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['struck_at' => 'datetime', 'created_at' => 'datetime'];
    }
}
