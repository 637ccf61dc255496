<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * @property int $id
 * @property int $workshop_id
 * @property string $name
 * @property string $code
 * @property string $finish
 * @property ?int $undercoat_shade
 */
final class Colour extends Model
{
    protected $guarded = [];
}
