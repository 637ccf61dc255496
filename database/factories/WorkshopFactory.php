<?php

declare(strict_types=1);

namespace Database\Factories;

use App\Models\Workshop;
use Database\Seeders\ShelfSeeder;
use Illuminate\Database\Eloquent\Factories\Factory;
use Illuminate\Support\Str;

/** @extends Factory<Workshop> */
final class WorkshopFactory extends Factory
{
    protected $model = Workshop::class;

    /** @return array<string, mixed> */
    public function definition(): array
    {
        return ['name' => 'Workshop ' . Str::random(6), 'town' => 'Merrowby', 'is_demo' => true];
    }

    /** With the shipped body shapes, paint systems and colours on its shelf. */
    public function stocked(): self
    {
        return $this->afterCreating(fn (Workshop $workshop) => (new ShelfSeeder())->stock($workshop));
    }
}
