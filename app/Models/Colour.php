<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * @property int $id
 * @property int $workshop_id
 * @property string $name
 * @property string $code
 * @property string $finish
 * @property ?int $undercoat_shade
 * @property ?float $hiding_um dry film that hides, um
 * @property string $note
 * @property ?Carbon $put_away_at
 * @property ?array{toners: array<string, float>, layer?: array<string, float>, variants?: list<array{name: string,
 *           toners: array<string, float>}>} $recipe
 * @property ?array{measurement: array<string, mixed>, shots: int, from: string, at: string} $reading mean of a file's shots of it
 */
final class Colour extends Model
{
    protected $guarded = [];

    protected $attributes = ['note' => '', 'put_away_at' => null, 'reading' => null, 'hiding_um' => null];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['recipe' => 'array', 'reading' => 'array', 'put_away_at' => 'datetime'];
    }
}
