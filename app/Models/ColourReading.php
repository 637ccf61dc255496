<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;
use Kalopsis\Card\Surface;

/**
 * One shot. Never changed; it can be left out of the mean.
 *
 * @property int $id
 * @property string $colour_sample_id
 * @property string $spot
 * @property Surface $surface
 * @property string $source
 * @property string $instrument what it was read with; empty: nobody said
 * @property array<string, mixed> $measurement
 * @property ?Carbon $excluded_at
 * @property Carbon $created_at
 */
final class ColourReading extends Model
{
    use HasAuthor;

    public const UPDATED_AT = null;

    protected $guarded = [];

    protected $attributes = ['instrument' => ''];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['measurement' => 'array', 'excluded_at' => 'datetime', 'created_at' => 'datetime', 'surface' => Surface::class];
    }
}
