<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * @property int $workshop_id
 * @property string $key
 * @property string $name
 * @property string $style
 * @property string $svg
 * @property ?Carbon $put_away_at came with a job and stays with it
 * @property ?array{silhouette: string, lengths: array<string, float>} $tape
 */
final class BodyShapeRecord extends Model
{
    protected $table = 'body_shapes';

    protected $guarded = [];

    protected $attributes = ['put_away_at' => null];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['tape' => 'array', 'put_away_at' => 'datetime'];
    }
}
