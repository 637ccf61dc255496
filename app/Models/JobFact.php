<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * A line of the logbook: what is looked up of a job.
 *
 * @property string $repair_job_id
 * @property int $workshop_id
 * @property string $label
 * @property string $plate
 * @property string $colour
 * @property string $code
 * @property string $painter
 * @property string $school
 * @property ?float $need_mm
 * @property float $blend_mm
 * @property float $ml
 * @property ?float $wasted_ml
 * @property ?int $formula
 * @property ?float $cost
 * @property ?float $minutes_planned
 * @property ?float $minutes_real
 * @property bool $card_passed
 * @property string $looked '', 'clean' or 'seen'
 * @property string $defects keys, with commas
 * @property string $lesson the newest
 * @property string $words what is looked for
 * @property Carbon $opened_at
 * @property ?Carbon $delivered_at
 * @property ?Carbon $asked_at
 * @property bool $redo
 */
final class JobFact extends Model
{
    public $timestamps = false;

    public $incrementing = false;

    protected $primaryKey = 'repair_job_id';

    protected $keyType = 'string';

    protected $guarded = [];

    /** As it is looked for: small letters, one after another. */
    public static function words(string ...$texts): string
    {
        return mb_substr(mb_strtolower(implode(' ', $texts)), 0, 700);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'need_mm' => 'float',
            'blend_mm' => 'float',
            'ml' => 'float',
            'wasted_ml' => 'float',
            'cost' => 'float',
            'minutes_planned' => 'float',
            'minutes_real' => 'float',
            'card_passed' => 'boolean',
            'redo' => 'boolean',
            'opened_at' => 'datetime',
            'delivered_at' => 'datetime',
            'asked_at' => 'datetime',
        ];
    }
}
