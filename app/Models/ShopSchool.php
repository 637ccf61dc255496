<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Concerns\HasUuids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;
use Kalopsis\Job\Catalogue;
use Kalopsis\Sequence\School;
use Kalopsis\Sequence\SchoolReader;

/**
 * A school the shop made its own.
 *
 * @property string $id
 * @property int $workshop_id
 * @property string $name
 * @property ?array<string, mixed> $school
 * @property ?array<string, mixed> $plan
 * @property ?Carbon $put_away_at
 */
final class ShopSchool extends Model
{
    use HasUuids;

    protected $guarded = [];

    public function key(): string
    {
        return "own-{$this->id}";
    }

    /**
     * The recipe under the shop's own key and name; one that was kept before schools were files is the trade's it was
     * made from.
     */
    public function asSchool(Catalogue $catalogue): School
    {
        $from = is_string($this->plan['school'] ?? null) ? $this->plan['school'] : '';
        $school =
            $this->school === null
                ? $catalogue->school($from) ?? $catalogue->school('inside-out-wet-bed')
                : SchoolReader::read($this->school);
        assert($school !== null);

        return new School($this->key(), $this->name, $school->how, $school->risk, $school->usual, $school->steps);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['plan' => 'array', 'school' => 'array', 'put_away_at' => 'datetime'];
    }
}
