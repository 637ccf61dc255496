<?php

declare(strict_types=1);

namespace App\Models;

use Database\Factories\WorkshopFactory;
use Illuminate\Database\Eloquent\Factories\HasFactory;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * @property int $id
 * @property string $name
 * @property string $town
 */
final class Workshop extends Model
{
    /** @use HasFactory<WorkshopFactory> */
    use HasFactory;

    protected $guarded = [];

    /** @return HasMany<RepairJob, $this> */
    public function jobs(): HasMany
    {
        return $this->hasMany(RepairJob::class);
    }

    /** @return HasMany<BodyShapeRecord, $this> */
    public function bodyShapes(): HasMany
    {
        return $this->hasMany(BodyShapeRecord::class);
    }

    /** @return HasMany<PaintSystemRecord, $this> */
    public function paintSystems(): HasMany
    {
        return $this->hasMany(PaintSystemRecord::class);
    }

    /** @return HasMany<Colour, $this> */
    public function colours(): HasMany
    {
        return $this->hasMany(Colour::class);
    }
}
