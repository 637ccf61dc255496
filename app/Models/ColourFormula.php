<?php

declare(strict_types=1);

namespace App\Models;

use App\Colour\Bench;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;
use Kalopsis\Colour\Flakes;
use Kalopsis\Tint\Formula;

/**
 * One version of a colour's formula in a workshop.
 *
 * @property int $number
 * @property array{toners: array<string, float>, layer?: array<string, float>} $recipe
 * @property string $note
 * @property ?Carbon $created_at null where it is the shelf's
 */
final class ColourFormula extends Model
{
    use HasAuthor;

    public const UPDATED_AT = null;

    protected $guarded = [];

    /** The newest version for a colour; where nothing was tinted yet the shelf's recipe is the first. Looking writes nothing. */
    public static function newest(int $workshopId, string $colour, string $code): ?self
    {
        $query = self::query()->where(['workshop_id' => $workshopId, 'colour' => $colour, 'code' => $code]);
        $query->orderByDesc('number');

        return $query->first() ?? self::shelf($workshopId, $colour, $code);
    }

    /** The shelf's recipe as the first version, not kept; null where the shelf has none. */
    public static function shelf(int $workshopId, string $colour, string $code): ?self
    {
        $recipe = Colour::query()
            ->where(['workshop_id' => $workshopId, 'name' => $colour, 'code' => $code])
            ->first()?->recipe;

        return $recipe === null
            ? null
            : self::query()->make([
                'workshop_id' => $workshopId,
                'colour' => $colour,
                'code' => $code,
                'number' => 1,
                'recipe' => array_filter(
                    ['toners' => $recipe['toners'], 'layer' => $recipe['layer'] ?? null],
                    fn (?array $v): bool => $v !== null,
                ),
                'note' => 'From the shelf',
            ]);
    }

    /** The flakes that lie on top: those of the effect layer where there is one. */
    public function flakes(): ?Flakes
    {
        $library = Bench::of((int) $this->getAttribute('workshop_id'));
        foreach ([$this->recipe['layer'] ?? [], $this->recipe['toners']] as $grams) {
            $known = array_filter($grams, fn (string $toner): bool => $library->has($toner), ARRAY_FILTER_USE_KEY);
            $flakes = array_sum($known) > 0.0 ? Formula::of($known)->flakes($library) : null;
            if ($flakes !== null) {
                return $flakes;
            }
        }

        return null;
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['recipe' => 'array', 'created_at' => 'datetime'];
    }
}
