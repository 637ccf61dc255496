<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Actions\CreateJob;
use App\Colour\ColourDesk;
use App\Models\JobLook;
use App\Models\RepairJob;
use App\Models\User;
use App\Support\Planning;
use Illuminate\Support\Carbon;
use Illuminate\Support\Str;

/** Cars that left long ago, looked back on and put away, so that the logbook has something to tell. Safe to repeat. */
final readonly class DemoPast
{
    /**
     * Days ago, car by its place in the demo's jobs, plate, painter, school, and what was found and said: an event a line.
     */
    private const CARS = [
        [212, 0, 'MB 20 PST', 'Bram', 'no-wet-bed', [
            ['finding', [
                'defect' => 'halo', 'light' => 'low-sun', 'distanceM' => 3, 'panel' => 'front-door-left', 'xMm' => 1640, 'yMm' => 1770,
                'note' => 'From the rear, crouching.',
            ]],
            ['delivered', []],
            ['asked', ['again' => true, 'customer' => 'noticed', 'note' => 'Sees a ring in the evening sun.']],
            ['lesson', ['text' => 'Never this silver without a wet bed.']],
        ]],
        [160, 0, 'MB 21 PST', 'Bram', 'inside-out-wet-bed', [
            ['clean', ['light' => 'low-sun', 'distanceM' => 3]],
            ['delivered', []],
            ['asked', ['again' => false, 'customer' => 'happy', 'note' => '']],
            ['lesson', ['text' => 'Variant B, bed twice in summer.']],
        ]],
        [118, 2, 'MB 22 PST', 'Petra', 'inside-out-wet-bed', [
            ['clean', ['light' => 'shade', 'distanceM' => 2]],
            ['delivered', []],
            ['asked', ['again' => false, 'customer' => 'happy', 'note' => '']],
        ]],
        [74, 1, 'MB 25 PST', 'Col', 'edge-to-edge', [
            ['finding', ['defect' => 'see-through', 'light' => 'shade', 'distanceM' => 1, 'panel' => 'quarter-left']],
            ['lesson', ['text' => 'This green wants grey 5 and a third coat.']],
            ['delivered', []],
            ['asked', ['again' => true, 'customer' => 'complained', 'note' => '']],
        ]],
        [41, 0, 'MB 26 PST', 'Petra', 'inside-out-wet-bed', [
            ['clean', ['light' => 'daylight-lamp', 'distanceM' => 2]],
            ['delivered', []],
        ]],
        [19, 7, 'MB 27 PST', 'Bram', 'inside-out-wet-bed', [
            ['clean', ['light' => 'low-sun', 'distanceM' => 3]],
            ['delivered', []],
        ]],
    ];

    public function __construct(private CreateJob $create, private ColourDesk $desk, private Planning $planning) {}

    /**
     * The steps as far out as the trade usually goes, whatever they need: how it was done before anybody computed it.
     *
     * @param array<string, mixed> $document
     * @return list<array<string, mixed>>
     */
    private function asUsual(array $document, int $workshop): array
    {
        $plan = $this->planning->plan($document, $workshop);
        $usual = $plan->blend->need->usualMm;
        $steps = [];
        foreach ($plan->job->plan->sequence->steps as $step) {
            $own = (array) json_decode((string) json_encode($step), true);
            if ($step->kind->isColour() && $step->extent->fades()) {
                $own['extent'] = [
                    'kind' => 'past',
                    'reach' => $step->extent->reach,
                    'fade' => $step->extent->fade,
                    'reachMm' => round($step->extent->reach * $usual),
                    'fadeMm' => round($step->extent->fade * $usual),
                ];
            }
            $steps[] = $own;
        }

        return $steps;
    }

    /** @param list<array<string, mixed>> $jobs documents of the demo */
    public function __invoke(User $user, array $jobs): void
    {
        foreach (self::CARS as $i => [$days, $of, $plate, $painter, $school, $events]) {
            $document = array_replace_recursive($jobs[$of], ['car' => ['plate' => $plate, 'painter' => $painter]]);
            $document['plan'] = ['school' => $school];
            if ($school === 'no-wet-bed') {
                $document['plan']['sequence'] = $this->asUsual($document, $user->workshop_id);
            }
            $job = ($this->create)($user, $document, sprintf('5a17a45b-0000-4000-8000-%012d', 101 + $i));
            if ($job->archived_at !== null) {
                continue;
            }
            $opened = Carbon::now()->subDays($days);
            foreach ($events as $k => [$kind, $body]) {
                JobLook::query()->create([
                    'repair_job_id' => $job->id,
                    'key' => (string) Str::uuid(),
                    'kind' => $kind,
                    'body' => $body,
                    'user_id' => $user->id,
                    // The owner is asked a fortnight after the car left.
                    'recorded_at' => $opened->copy()->addDays($kind === 'asked' ? 17 : 2)->addMinutes($k),
                ]);
            }
            $job->created_at = $opened;
            $job->archived_at = $opened->copy()->addDays(3);
            $job->save();
            $this->desk->remember(RepairJob::query()->findOrFail($job->id));
        }
    }
}
