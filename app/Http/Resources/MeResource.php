<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\User;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;

/** @property-read User $resource */
final class MeResource extends JsonResource
{
    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        $user = $this->resource;

        return [
            'name' => $user->name,
            'email' => $user->email,
            'role' => $user->role->value,
            'workshop' => ['name' => $user->workshop->name, 'town' => $user->workshop->town],
            'units' => $user->units,
            'theme' => $user->theme,
            'weights' => $user->weights,
            'paper' => $user->workshop->paper,
            'mustChange' => $user->must_change,
        ];
    }
}
