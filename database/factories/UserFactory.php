<?php

declare(strict_types=1);

namespace Database\Factories;

use App\Models\Role;
use App\Models\User;
use App\Models\Workshop;
use Illuminate\Database\Eloquent\Factories\Factory;
use Illuminate\Support\Str;

/** @extends Factory<User> */
final class UserFactory extends Factory
{
    protected $model = User::class;

    /** @return array<string, mixed> */
    public function definition(): array
    {
        return [
            'workshop_id' => Workshop::factory(),
            'name' => 'Person ' . Str::random(6),
            'email' => Str::lower(Str::random(10)) . '@example.test',
            'password' => 'harbour-light',
            'role' => Role::Painter,
        ];
    }

    public function lead(): self
    {
        return $this->state(['role' => Role::Lead]);
    }
}
