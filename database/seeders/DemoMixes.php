<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Actions\BeginMix;
use App\Actions\RecordMix;
use App\Mixing\MixState;
use App\Models\Mix;
use App\Models\RepairJob;
use App\Models\User;
use Illuminate\Support\Str;

/** Two cups of the demo's first car that were weighed already, one of them with a drop too much. Safe to repeat. */
final readonly class DemoMixes
{
    public function __construct(private BeginMix $begin, private RecordMix $record) {}

    public function __invoke(User $user, RepairJob $job, int $number): void
    {
        if ($number !== 1 || $job->mixes()->exists()) {
            return;
        }
        $toners = ($this->begin)($user, $job, (string) Str::uuid(), 'base-effect', 'formula', 'T-0412', 30.0);
        $this->weigh($user, $toners, 1.0);
        $clear = ($this->begin)($user, $job, (string) Str::uuid(), 'clear', 'cup', '', 0.0);
        $this->weigh($user, $clear, 1.06);
    }

    /** @param float $first times of the first portion that went in */
    private function weigh(User $user, Mix $mix, float $first): void
    {
        $does = fn (string $kind, ?float $grams = null) => ($this->record)($user, $mix, $kind, (string) Str::uuid(), $grams);
        $does('take', $first * MixState::of($mix)->targetG());
        if ($first > 1.0) {
            $does('recover');
        }
        for ($state = MixState::of($mix->refresh()); $state->current() !== null; $state = MixState::of($mix->refresh())) {
            $does('take', $state->targetG());
        }
        $does('finish');
    }
}
