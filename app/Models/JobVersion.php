<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Casts\Attribute;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * @property int $number
 * @property string $kind
 * @property string $change
 * @property array<string, mixed> $document
 * @property object{stations: list<object>, verdict: object, severity: string} $summary
 * @property ?int $undo_to
 * @property ?int $redo_to
 * @property ?int $user_id
 * @property Carbon $created_at
 */
final class JobVersion extends Model
{
    use HasAuthor;

    public const UPDATED_AT = null;

    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['summary' => 'object', 'created_at' => 'datetime'];
    }

    /**
     * What was written down before paint systems had editions was planned with the first.
     *
     */
    protected function document(): Attribute
    {
        return Attribute::make(
            get: fn (string $json): array => ['paintEdition' => 1, ...(array) json_decode($json, true)],
            set: fn (array $document): string => json_encode($document, JSON_THROW_ON_ERROR),
        )->shouldCache();
    }
}
