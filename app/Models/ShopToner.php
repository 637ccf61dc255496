<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;
use Kalopsis\Colour\FlakeGrade;
use Kalopsis\Tint\Toner;
use Kalopsis\Tint\TonerKind;

/**
 * A toner of a shop's own mixing bench.
 *
 * @property int $id
 * @property int $workshop_id
 * @property string $key
 * @property string $name
 * @property TonerKind $kind
 * @property ?string $system key of the paint system it belongs to; null: to any
 * @property list<array<string, mixed>> $cards its drawdowns as they were read
 * @property ?array{k: list<float>, s: list<float>, area: float, grade: ?string, strength: float, tint: list<float>,
 *     areaKnown: bool, residuals: list<array{card: string, dE: float}>} $optics what they say; null: nobody made any
 * @property ?int $user_id
 * @property ?Carbon $put_away_at
 */
final class ShopToner extends Model
{
    use HasAuthor;

    protected $table = 'toners';

    protected $guarded = [];

    /** @var array<string, mixed> */
    protected $attributes = ['system' => null, 'cards' => '[]', 'optics' => null, 'author' => null, 'put_away_at' => null];

    public function asToner(): Toner
    {
        $o = $this->optics;

        return $o === null
            ? Toner::unmeasured($this->key, $this->name, $this->kind, null, $this->system)
            : new Toner(
                $this->key,
                $this->name,
                $this->kind,
                $o['k'],
                $o['s'],
                $o['area'],
                FlakeGrade::tryFrom($o['grade'] ?? ''),
                $o['strength'],
                $o['tint'],
                true,
                $this->system,
            );
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['kind' => TonerKind::class, 'cards' => 'array', 'optics' => 'array', 'put_away_at' => 'datetime'];
    }
}
