<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\User;
use App\People\Devices;

final class PersonResource
{
    /** @return array<string, mixed> */
    public static function of(User $user, string $here): array
    {
        return [
            'id' => $user->id,
            'name' => $user->name,
            'email' => $user->email,
            'role' => $user->role->value,
            'putAway' => $user->put_away_at !== null,
            'mustChange' => $user->must_change,
            'devices' => Devices::of($user, $here),
        ];
    }
}
