<?php

declare(strict_types=1);

namespace App\Models;

use Database\Factories\UserFactory;
use Illuminate\Database\Eloquent\Factories\HasFactory;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Foundation\Auth\User as Authenticatable;
use Illuminate\Support\Carbon;
use Laravel\Sanctum\HasApiTokens;

/**
 * @property int $id
 * @property int $workshop_id
 * @property string $name
 * @property string $email
 * @property string $password
 * @property Role $role
 * @property string $units
 * @property string $theme
 * @property string $weights g or oz
 * @property bool $must_change the password was given by a lead
 * @property ?Carbon $put_away_at
 * @property Workshop $workshop
 */
final class User extends Authenticatable
{
    use HasApiTokens;

    /** @use HasFactory<UserFactory> */
    use HasFactory;

    protected $guarded = [];

    protected $attributes = ['units' => 'metric', 'theme' => 'light', 'weights' => 'g', 'must_change' => false, 'put_away_at' => null];

    protected $hidden = ['password', 'remember_token'];

    /** @return BelongsTo<Workshop, $this> */
    public function workshop(): BelongsTo
    {
        return $this->belongsTo(Workshop::class);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['password' => 'hashed', 'role' => Role::class, 'must_change' => 'boolean', 'put_away_at' => 'datetime'];
    }
}
