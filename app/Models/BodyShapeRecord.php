<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * @property int $workshop_id
 * @property string $key
 * @property string $name
 * @property string $style
 * @property string $svg
 * @property ?array{silhouette: string, lengths: array<string, float>} $tape
 */
final class BodyShapeRecord extends Model
{
    protected $table = 'body_shapes';

    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['tape' => 'array'];
    }
}
