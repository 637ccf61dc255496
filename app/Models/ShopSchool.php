<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Concerns\HasUuids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * A school of the trade as this shop does it.
 *
 * @property string $id
 * @property string $name
 * @property array<string, mixed> $plan
 * @property ?Carbon $put_away_at
 */
final class ShopSchool extends Model
{
    use HasUuids;

    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['plan' => 'array', 'put_away_at' => 'datetime'];
    }
}
