<?php

declare(strict_types=1);

namespace Tests;

use App\Models\BoothRun;
use App\Models\RepairJob;
use App\Models\User;
use App\Models\Workshop;
use Illuminate\Contracts\Auth\Authenticatable;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Foundation\Testing\TestCase as BaseTestCase;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;
use Kalopsis\Tests\Support\Bodies;
use Opis\JsonSchema\Validator;

abstract class TestCase extends BaseTestCase
{
    use RefreshDatabase;

    protected function setUp(): void
    {
        parent::setUp();
        config(['sanctum.stateful' => ['shop.test']]);
        $this->withHeaders(['Accept' => 'application/json', 'Origin' => 'http://shop.test']);
    }

    /** Somebody else sits down: the session of whoever was there before is gone. */
    public function actingAs(Authenticatable $user, $guard = null): static
    {
        $this->flushSession();
        auth()->forgetGuards();

        return parent::actingAs($user, $guard ?? 'web');
    }

    protected function painter(?Workshop $workshop = null): User
    {
        return User::factory()
            ->for($workshop ?? Workshop::factory()->stocked()->create())
            ->create();
    }

    protected function lead(?Workshop $workshop = null): User
    {
        return User::factory()
            ->lead()
            ->for($workshop ?? Workshop::factory()->stocked()->create())
            ->create();
    }

    /** @param array<string, mixed> $change */
    protected function open(User $user, array $change = []): RepairJob
    {
        $response = $this->actingAs($user)
            ->postJson('/api/jobs', ['document' => Bodies::job(change: $change)])
            ->assertCreated();

        return RepairJob::query()->findOrFail($response->json('id'));
    }

    /**
     * @param array<string, mixed> $change
     * @return TestResponse<\Symfony\Component\HttpFoundation\Response>
     */
    protected function save(RepairJob $job, array $change, int $on, string $what = 'Changed'): TestResponse
    {
        return $this->withHeaders(['If-Match' => "\"{$on}\""])->putJson("/api/jobs/{$job->id}", [
            'document' => Bodies::job(change: $change),
            'change' => $what,
        ]);
    }

    /** A car that left the booth, its bed waited for far too long. */
    protected function sprayed(): RepairJob
    {
        $job = $this->open($this->lead());
        $this->postJson("/api/jobs/{$job->id}/colour/override", ['reason' => 'Seen outdoors.'])->assertSuccessful();
        $run = $this->postJson("/api/jobs/{$job->id}/runs", ['id' => (string) Str::uuid()])->assertCreated();
        $now = (int) round(microtime(true) * 1000);
        $ms = $now - 7_200_000;
        $events = [];
        foreach ($run->json('run.steps') as $i => $step) {
            // Half an hour goes by between the bed and the first colour.
            $ms += $step['id'] === 'base-1' ? 1_800_000 : 1000 * (int) round(60 * ($step['waitMin'] ?? 0));
            foreach (['begin', 'done'] as $k => $kind) {
                $events[] = [
                    'key' => (string) Str::uuid(),
                    'kind' => $kind,
                    'occurredMs' => $ms,
                    'seq' => 2 * $i + $k,
                    'body' => [
                        'step' => $step['id'],
                        ...$kind === 'done' && $step['answers'] !== [] ? ['answer' => $step['answers'][0]] : [],
                    ],
                ];
            }
        }
        $this->postJson("/api/jobs/{$job->id}/runs/{$run->json('id')}/events", ['device' => 'a', 'clockMs' => $now, 'events' => $events])->assertOk();
        expect(BoothRun::query()->firstOrFail()->finished_at)->not->toBeNull();

        return $job->refresh();
    }

    /**
     * Does a job's file fit the published schema?
     *
     * @param array<string, mixed> $file
     */
    protected function fitsSchema(array $file): bool
    {
        $schema = fn (string $name): string => base_path("docs/formats/{$name}.schema.json");
        $validator = new Validator();
        $validator->resolver()?->registerFile('https://kalopsis.example/formats/school.schema.json', $schema('school'));
        $job = json_decode((string) file_get_contents($schema('job')), false, 512, JSON_THROW_ON_ERROR);
        assert(is_object($job));

        return $validator->validate(json_decode((string) json_encode($file)), $job)->isValid();
    }
}
