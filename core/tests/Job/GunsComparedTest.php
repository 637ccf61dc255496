<?php

declare(strict_types=1);

use Kalopsis\Job\GunsCompared;
use Kalopsis\Job\JobPlanner;
use Kalopsis\Job\JobReader;
use Kalopsis\Job\JobSpec;
use Kalopsis\Sequence\GunChoice;
use Kalopsis\Tests\Support\Bodies;

/** @param array<string, mixed> $change */
function chip(float $radius, array $change = [], string $panel = 'front-wing-left'): JobSpec
{
    return (new JobReader(new Bodies()))->read(Bodies::job($panel, $radius, $change));
}

/** @return array<string, array<string, mixed>> by gun */
function guns(JobSpec $job): array
{
    $json = json_decode((string) json_encode(GunsCompared::of($job, new JobPlanner(), null, null)), true);

    return array_column($json, null, 'gun');
}

it('lets a standard gun pull the neighbour in where a small one stays on the panel (common practice)', function (): void {
    $solid = ['colour' => ['name' => 'Lichen Green', 'code' => 'LG-02', 'finish' => 'solid-dark', 'undercoatShade' => 5]];
    $planner = new JobPlanner();
    $room = $planner->needFor(chip(8.0, $solid), null, null)->roomMm ?? 0.0;
    $guns = guns(chip(8.0, $solid));
    expect($room)
        ->toBeGreaterThan(0.0)
        ->and($guns['small']['need']['value'])
        ->toBeLessThanOrEqual($guns['standard']['need']['value'])
        ->and($guns['small']['held']['plain'])
        ->toContain('40 to 45 ml/min')
        ->and($guns['small']['largest']['value'])
        ->toBeGreaterThanOrEqual($guns['standard']['largest']['value']);
});

it('names the largest spot that stays: there it stays, two steps larger a neighbour is asked in', function (): void {
    $planner = new JobPlanner();
    $job = chip(10.0);
    foreach (GunChoice::cases() as $gun) {
        $largest = guns($job)[$gun->value]['largest']['value'];
        $with = $job->with($job->plan->with($gun));
        $tooLong = fn (float $radius): bool => $planner->needFor($with->resized('r1', $radius), null, null)->isTooLong();
        expect($tooLong($largest))->toBeFalse()->and($tooLong($largest + 10.0))->toBeTrue();
    }
});

it('says nothing of a largest spot where no repair is one', function (): void {
    $job = Bodies::job();
    $job['repairs'][0] = [
        'id' => 'r1',
        'panel' => 'front-door-left',
        'shape' => ['kind' => 'new-part'],
        'under' => ['kind' => 'new-primed-part'],
    ];
    $guns = guns((new JobReader(new Bodies()))->read($job));
    expect($guns['standard']['largest'])->toBeNull()->and($guns['small']['grows'])->toBeFalse();
});

it('sprays 40 to 45 ml/min from the small gun, and takes longer for as much film (common practice)', function (): void {
    $job = chip(30.0, panel: 'bonnet');
    $small = (new JobPlanner())->plan($job->with($job->plan->with(GunChoice::Small)));
    $standard = (new JobPlanner())->plan($job);
    foreach ($small->blend->coats as $i => $coat) {
        if ($coat->isColour()) {
            expect($coat->stroke->flowMlPerMin)
                ->toBeGreaterThanOrEqual(40.0)
                ->toBeLessThanOrEqual(45.0)
                // The film is the same: only the hand is slower.
                ->and($coat->filmShare)
                ->toEqualWithDelta($standard->blend->coats[$i]->filmShare, 1e-9);
        }
    }
});
