<?php

declare(strict_types=1);

namespace App\Models;

use App\Day\ShopHours;
use Database\Factories\WorkshopFactory;
use Illuminate\Database\Eloquent\Factories\HasFactory;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Kalopsis\Cups\Scale;
use Kalopsis\Input\Fields;
use Kalopsis\Input\Problems;
use Kalopsis\Job\BlendLimits;
use Kalopsis\Job\Equipment;

/**
 * @property int $id
 * @property string $name
 * @property string $town
 * @property ?array<string, int|bool> $blend_limits
 * @property bool $is_demo
 * @property bool $shipped_toners do the invented toners stand on its bench?
 * @property string $paper A4 or letter
 * @property float $scale_readability_g
 * @property ?list<string> $booths
 * @property ?array{opens?: int, closes?: int, days?: list<int>} $hours
 * @property ?list<string> $day_order
 * @property ?array<string, mixed> $equipment
 */
final class Workshop extends Model
{
    /** @use HasFactory<WorkshopFactory> */
    use HasFactory;

    protected $guarded = [];

    protected $attributes = ['paper' => 'A4', 'equipment' => null, 'shipped_toners' => false];

    /** What the search for the smallest blend may do in this shop. */
    public function blendLimits(): BlendLimits
    {
        $problems = new Problems();
        $kept = $this->blend_limits;
        $limits = $kept === null ? null : BlendLimits::read(Fields::of($kept, $problems));

        return $limits === null || $problems->any() ? BlendLimits::usual() : $limits;
    }

    /** What it works with; a booth that only has a name is a usual one. */
    public function equipment(): Equipment
    {
        $kept = is_array($this->equipment) ? $this->equipment : [];
        $known = array_column(is_array($kept['booths'] ?? null) ? $kept['booths'] : [], null, 'name');
        $names = ShopHours::of($this)->booths;
        $problems = new Problems();
        $booths = array_map(fn (string $n): array => $known[$n] ?? ['name' => $n], $names);
        $read = Equipment::read(Fields::of([...$kept, 'booths' => $booths], $problems));

        return $problems->any() ? Equipment::usual($names) : $read;
    }

    /** The scale on its mixing bench. */
    public function scale(): Scale
    {
        return new Scale($this->scale_readability_g);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'blend_limits' => 'array',
            'is_demo' => 'boolean',
            'shipped_toners' => 'boolean',
            'scale_readability_g' => 'float',
            'booths' => 'array',
            'equipment' => 'array',
            'hours' => 'array',
            'day_order' => 'array',
        ];
    }

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
