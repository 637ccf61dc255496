<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Actions\AddReadings;
use App\Actions\AddSample;
use App\Colour\ColourDesk;
use App\Colour\DeskEvents;
use App\Devices\Instrument;
use App\Models\Colour;
use App\Models\ColourSample;
use App\Models\RepairJob;
use App\Models\User;
use Kalopsis\Card\SampleKind;
use Kalopsis\Card\Surface;
use Kalopsis\Colour\Geometry;
use Kalopsis\Colour\InstrumentFault;

/**
 * Cars read and cards shot for the demo's jobs, with the simulated instrument. Safe to repeat: a desk that has samples
 * is left alone.
 */
final readonly class DemoColours
{
    public function __construct(
        private AddSample $add,
        private AddReadings $read,
        private Instrument $instrument,
        private ColourDesk $desk,
    ) {}

    public function __invoke(User $user, RepairJob $job, int $number): void
    {
        if ($job->samples()->exists()) {
            return;
        }
        match ($number) {
            1 => $this->silver($user, $job),
            2 => $this->green($user, $job),
            6, 9 => $this->copper($user, $job),
            default => null,
        };
        $this->desk->remember($job);
    }

    private function silver(User $user, RepairJob $job): void
    {
        $this->car($user, $job, Geometry::Five);
        $recipe = Colour::query()
            ->where(['workshop_id' => $job->workshop_id, 'name' => 'Saltmist Silver'])
            ->first()?->recipe;
        foreach ($recipe['variants'] ?? [] as $variant) {
            $sample = ($this->add)($user, $job, null, SampleKind::Variant, $variant['name'], [
                'formula' => ['toners' => $variant['toners']],
            ]);
            $this->measure($user, $job, $sample, Geometry::Five, ['chip' => 3]);
        }
        $card = $this->card(
            $user,
            $job,
            'Card 1',
            ['controlCoat' => false, 'bar' => 2.4, 'distanceMm' => 320.0, 'reducer' => 'fast'],
            Geometry::Five,
        );
        DeskEvents::add($job, $user, 'eye', $card, [
            'light' => 'daylight-lamp',
            'from' => 'face',
            'verdict' => 'blendable',
        ]);
        DeskEvents::add($job, $user, 'eye', $card, ['light' => 'shade', 'from' => 'flop', 'verdict' => 'off']);
        $this->card($user, $job, 'Card 2', [], Geometry::Five);
    }

    private function green(User $user, RepairJob $job): void
    {
        $this->car($user, $job, Geometry::FortyFiveZero);
        $this->card($user, $job, 'Card 1', [], Geometry::FortyFiveZero);
    }

    private function copper(User $user, RepairJob $job): void
    {
        $this->car($user, $job, Geometry::Five);
        foreach ([1.0, 1.5, 2.0, 2.5, 3.0] as $coats) {
            $this->card($user, $job, "{$coats} coats", [], Geometry::Five, $coats);
        }
    }

    private function car(User $user, RepairJob $job, Geometry $geometry): void
    {
        $this->measure($user, $job, ($this->add)($user, $job, null, SampleKind::Car, 'The car', []), $geometry, [
            'wing, polished' => 3,
            'rear door' => 3,
            'bonnet edge' => 3,
        ]);
    }

    /** @param array<string, mixed> $otherwise what was done otherwise than the plan says */
    private function card(
        User $user,
        RepairJob $job,
        string $name,
        array $otherwise,
        Geometry $geometry,
        ?float $coats = null,
    ): ColourSample {
        $plan = $this->desk->of($job)->spraying?->jsonSerialize() ?? [];
        $sample = ($this->add)(
            $user,
            $job,
            null,
            SampleKind::Card,
            $name,
            array_filter(
                [
                    'spraying' => [...$plan, ...$otherwise],
                    'sprayedAt' => now()->subDays(2)->toIso8601String(),
                    'dried' => 'lamp',
                    'letDownCoats' => $coats,
                ],
                fn (mixed $v): bool => $v !== null,
            ),
        );
        $this->measure($user, $job, $sample, $geometry, ['middle' => 3, 'corner' => 2]);

        return $sample;
    }

    /** @param array<string, int> $spots shots by spot */
    private function measure(User $user, RepairJob $job, ColourSample $sample, Geometry $geometry, array $spots): void
    {
        $shots = [];
        foreach ($spots as $spot => $n) {
            foreach ($this->instrument->measure($job, $sample, $geometry, $n, count($shots), InstrumentFault::None) as $m) {
                $shots[] = ['spot' => $spot, 'measurement' => $m];
            }
        }
        ($this->read)($user, $sample, $shots, Surface::Polished, $this->instrument->source());
    }
}
