<?php

declare(strict_types=1);

namespace Tests;

use App\Models\RepairJob;
use App\Models\User;
use App\Models\Workshop;
use Illuminate\Contracts\Auth\Authenticatable;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Foundation\Testing\TestCase as BaseTestCase;
use Illuminate\Testing\TestResponse;
use Kalopsis\Tests\Support\Bodies;

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
}
