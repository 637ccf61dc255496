<?php

declare(strict_types=1);

namespace Database\Factories;

use App\Models\RepairJob;
use App\Models\Workshop;
use Illuminate\Database\Eloquent\Factories\Factory;

/** @extends Factory<RepairJob> */
final class RepairJobFactory extends Factory
{
    protected $model = RepairJob::class;

    /** @return array<string, mixed> */
    public function definition(): array
    {
        return [
            'workshop_id' => Workshop::factory(),
            'head' => 1,
            'label' => 'Quill 3',
            'plate' => 'MB 00 AAA',
            'colour' => 'Harbour Slate',
        ];
    }
}
