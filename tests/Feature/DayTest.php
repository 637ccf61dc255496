<?php

declare(strict_types=1);

use App\Models\DayMove;
use App\Models\User;
use App\Models\Workshop;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;
use Kalopsis\Tests\Support\Bodies;

const MONDAY = '2026-11-30T08:00';

/** @return list<string> ids of cars in the shop, due that day at these times */
function carsDue(string ...$times): array
{
    $ids = [];
    foreach ($times as $i => $time) {
        $document = Bodies::job('front-door-left', 40.0, ['car' => ['due' => "2026-11-30T{$time}", 'plate' => "DAY {$i}"]]);
        $ids[] = test()->postJson('/api/jobs', ['document' => $document])->assertCreated()->json('id');
    }

    return $ids;
}

function dayAt(string $at = MONDAY): TestResponse
{
    return test()->getJson("/api/day?at={$at}");
}

/** @return array<string, mixed> */
function blockOf(TestResponse $day, string $car, string $kind): array
{
    $blocks = collect($day->json('cars'))->keyBy('id')[$car]['blocks'];

    return collect($blocks)->keyBy('kind')[$kind];
}

it('lays the cars of the shop out from now on, in the hours it works', function (): void {
    $this->actingAs($this->lead());
    [$first, $then] = carsDue('16:00', '17:00');
    $day = dayAt()->assertOk();
    expectFits(json_decode((string) $day->getContent()), 'Day');
    expect(blockOf($day, $first, 'card')['start'])
        ->toEqual(480)
        ->and(blockOf($day, $first, 'prep')['start'])
        ->toBeGreaterThanOrEqual(blockOf($day, $first, 'card')['end'])
        ->and(blockOf($day, $first, 'booth')['start'])
        ->toBeGreaterThanOrEqual(blockOf($day, $first, 'dries')['end'])
        ->and(blockOf($day, $then, 'booth')['booth'])
        ->toBe('Booth 1');
    // The same cars seen at noon: nothing lies before now.
    $noon = dayAt('2026-11-30T12:00');
    expect(min(array_merge(...array_map(fn (array $c): array => array_column($c['blocks'], 'start'), $noon->json('cars')))))
        ->toBeGreaterThanOrEqual(720);
    // A Sunday is not worked.
    expect(blockOf(dayAt('2026-11-29T09:00'), $first, 'card')['start'])->toEqual(1440 + 480);
});

it('says who is late and what would cure it, and finds an order that is better', function (): void {
    $this->actingAs($this->lead());
    [$late, $early] = carsDue('17:25', '13:20');
    // The car that is due first is laid first; put last, it is late and says so.
    $keys = dayAt()->json('order');
    $of = fn (string $car): array => array_filter($keys, fn (string $k): bool => str_starts_with($k, $car));
    $worse = [...$of($late), ...$of($early)];
    $this->putJson('/api/day/order?at=' . MONDAY, ['order' => array_values($worse)])->assertOk();
    $before = dayAt();
    $best = $this->postJson('/api/day/best?at=' . MONDAY)->assertOk();
    expectFits(json_decode((string) $best->getContent()), 'BestDay');
    expect($best->json('day.lateness.value'))->toBeLessThanOrEqual($before->json('lateness.value'));
    if ($before->json('late') > 0) {
        expect(collect($before->json('cars'))->whereNotNull('cure')->first()['cure']['plain'])->toContain('late by');
    }
    $this->putJson('/api/day/order?at=' . MONDAY, ['order' => $best->json('order')])->assertOk();
    expect(dayAt()->json('lateness.value'))->toBe($best->json('day.lateness.value'));
    expect($best->json('explains.0.plain'))->not->toBe('');
});

it('puts a block where somebody wants it, says what it collides with, and plans the rest around it', function (): void {
    $this->actingAs($this->lead());
    [$one, $two] = carsDue('17:00', '17:00');
    $put = fn (string $car, string $time): TestResponse => $this->putJson("/api/day/jobs/{$car}?at=" . MONDAY, [
        'block' => 'booth',
        'starts' => "2026-11-30T{$time}",
        'booth' => 'Booth 1',
    ]);
    $put($one, '13:00')->assertOk();
    $day = $put($two, '13:10')->assertOk();
    expect(blockOf($day, $one, 'booth')['start'])
        ->toEqual(780)
        ->and(blockOf($day, $one, 'booth')['pinned'])
        ->toBeTrue()
        ->and(blockOf($day, $two, 'booth')['conflicts'][0]['plain'])
        ->toContain('Booth 1 holds')
        ->and(DayMove::query()->count())
        ->toBe(2);
    // Given back, nothing collides any more.
    $free = $this->putJson("/api/day/jobs/{$two}?at=" . MONDAY, ['block' => 'booth', 'starts' => null])->assertOk();
    expect(blockOf($free, $two, 'booth')['conflicts'])->toBe([])->and(blockOf($free, $two, 'booth')['pinned'])->toBeFalse();
    // Ticked off, it is gone.
    $done = $this->putJson("/api/day/jobs/{$one}?at=" . MONDAY, ['block' => 'card', 'done' => true])->assertOk();
    expect(collect(collect($done->json('cars'))->keyBy('id')[$one]['blocks'])->pluck('kind')->all())->not->toContain('card');
    $put($one, '25:00')->assertStatus(422)->assertJsonPath('errors.0.field', 'starts');
    $this->putJson("/api/day/jobs/{$one}", ['block' => 'lunch'])->assertStatus(422);
    $this->putJson("/api/day/jobs/{$one}", ['block' => 'booth', 'booth' => 'Booth 9'])->assertStatus(422)->assertJsonPath('errors.0.field', 'booth');
});

it('knows a car that is in the booth', function (): void {
    $job = boothOpened();
    begun($job)->assertCreated();
    $at = now()->format('Y-m-d\TH:i');
    $day = dayAt($at)->assertOk();
    $blocks = collect(collect($day->json('cars'))->keyBy('id')[$job->id]['blocks'])->pluck('kind')->all();
    expect($blocks)
        ->toBe(['booth', 'cool', 'finish'])
        ->and($day->json('booths.0.busy'))
        ->toBeTrue();
});

it('gives booth hours as iCalendar in wall-clock times', function (): void {
    $this->actingAs($this->lead());
    [$car] = carsDue('16:00');
    $this->putJson("/api/day/jobs/{$car}?at=" . MONDAY, ['block' => 'booth', 'starts' => '2026-11-30T13:30', 'booth' => 'Booth 1'])->assertOk();
    $answer = $this->get('/api/day/booths.ics?at=' . MONDAY)->assertOk();
    expect($answer->headers->get('Content-Type'))
        ->toContain('text/calendar')
        ->and((string) $answer->getContent())
        ->toContain("DTSTART:20261130T133000\r\n")
        ->toContain("UID:booth-{$car}@kalopsis");
});

it('lets a lead set hours and booths, and tells what is wrong at its field', function (): void {
    $this->actingAs($this->lead());
    $good = ['opens' => '07:30', 'closes' => '16:00', 'days' => ['1', '2', '6'], 'booths' => ['Front', 'Back']];
    expectFits(json_decode((string) $this->putJson('/api/shelf/hours', $good)->assertOk()->getContent()), 'ShopHours');
    expect(dayAt()->json('opens'))
        ->toBe(450)
        ->and(collect(dayAt()->json('booths'))->pluck('name')->all())
        ->toBe(['Front', 'Back']);
    foreach ([['opens' => '25:00'], ['closes' => '07:40'], ['days' => []], ['booths' => []], ['opens' => 7]] as $wrong) {
        $this->putJson('/api/shelf/hours', [...$good, ...$wrong])
            ->assertStatus(422)
            ->assertJsonPath('errors.0.field', array_key_first($wrong));
    }
    $this->actingAs($this->painter());
    $this->putJson('/api/shelf/hours', $good)->assertForbidden();
});

it('answers any time and body without breaking, and shows nobody else\'s cars', function (): void {
    $this->actingAs($this->lead());
    [$car] = carsDue('16:00');
    foreach (['now', '2026-13-40T99:99', '2026-11-30'] as $at) {
        $this->getJson('/api/day?at=' . urlencode($at))->assertStatus(422);
    }
    $this->getJson('/api/day?at[]=x')->assertStatus(400);
    $this->putJson('/api/day/order', ['order' => 'mine'])->assertStatus(422);
    $this->putJson('/api/day/order?at=' . MONDAY, ['order' => ['no such block']])->assertOk();
    $this->actingAs(User::factory()->for(Workshop::factory()->stocked())->create());
    expect(dayAt()->assertOk()->json('cars'))->toBe([]);
    $this->putJson("/api/day/jobs/{$car}", ['block' => 'booth'])->assertNotFound();
    $this->putJson('/api/day/jobs/' . Str::uuid(), ['block' => 'booth'])->assertNotFound();
});
