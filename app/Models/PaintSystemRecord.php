<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * @property int $workshop_id
 * @property string $key
 * @property string $name
 * @property array<string, mixed> $sheet
 */
final class PaintSystemRecord extends Model
{
    protected $table = 'paint_systems';

    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['sheet' => 'array'];
    }
}
