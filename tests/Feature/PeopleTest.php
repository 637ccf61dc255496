<?php

declare(strict_types=1);

use Illuminate\Support\Facades\DB;

it('signs in with the right password and says who it is', function (): void {
    $user = $this->lead();
    $this->postJson('/api/login', ['email' => $user->email, 'password' => 'harbour-light'])
        ->assertOk()
        ->assertJson(['role' => 'lead', 'units' => 'metric']);
    $this->getJson('/api/me')->assertOk()->assertJsonPath('workshop.town', 'Merrowby');
    $this->postJson('/api/logout')->assertNoContent();
});

it('refuses a wrong password at the field and gives no more away', function (): void {
    $user = $this->painter();
    foreach ([[$user->email, 'wrong'], ['nobody@example.test', 'harbour-light']] as [$email, $password]) {
        $this->postJson('/api/login', ['email' => $email, 'password' => $password])
            ->assertStatus(422)
            ->assertHeader('Content-Type', 'application/problem+json')
            ->assertJsonPath('errors.0', [
                'field' => 'email',
                'code' => 'invalid',
                'detail' => 'E-mail or password is not right.',
            ]);
    }
    $this->postJson('/api/login', ['email' => ['x'], 'password' => null])->assertStatus(422);
});

it('slows down guessing', function (): void {
    for ($i = 0; $i < 10; $i++) {
        $this->postJson('/api/login', ['email' => 'a@example.test', 'password' => 'x'])->assertStatus(422);
    }
    $this->postJson('/api/login', ['email' => 'a@example.test', 'password' => 'x'])
        ->assertStatus(429)
        ->assertJsonPath('code', 'too-many');
});

it('never slows down who types the right password, nor a colleague behind the same address', function (): void {
    [$bram, $ines] = [$this->painter(), $this->lead()];
    for ($i = 0; $i < 12; $i++) {
        $this->postJson('/api/login', ['email' => $bram->email, 'password' => 'harbour-light'])->assertOk();
    }
    for ($i = 0; $i < 9; $i++) {
        $this->postJson('/api/login', ['email' => strtoupper($bram->email), 'password' => 'x'])->assertStatus(422);
    }
    // The right one forgives what was mistyped before.
    $this->postJson('/api/login', ['email' => $bram->email, 'password' => 'harbour-light'])->assertOk();
    for ($i = 0; $i < 11; $i++) {
        $last = $this->postJson('/api/login', ['email' => $bram->email, 'password' => 'x']);
    }
    $last->assertStatus(429);
    $this->postJson('/api/login', ['email' => $ines->email, 'password' => 'harbour-light'])->assertOk();
});

it('slows down who tries one password account by account from one address', function (): void {
    $right = $this->painter();
    for ($i = 0; $i < 30; $i++) {
        $this->postJson('/api/login', ['email' => "a{$i}@example.test", 'password' => 'harbour-light'])->assertStatus(422);
    }
    $this->postJson('/api/login', ['email' => 'another@example.test', 'password' => 'harbour-light'])->assertStatus(429);
    $this->postJson('/api/login', ['email' => $right->email, 'password' => 'harbour-light'])->assertStatus(429);
    $this->travel(11)->minutes();
    $this->postJson('/api/login', ['email' => $right->email, 'password' => 'harbour-light'])->assertOk();
});

it('lets nobody hear from the time of an answer whether there is such an account', function (): void {
    config(['auth.patience' => 60_000]);
    $user = $this->painter();
    $seconds = function (string $email): float {
        $began = microtime(true);
        $this->postJson('/api/login', ['email' => $email, 'password' => 'wrong'])->assertStatus(422);

        return microtime(true) - $began;
    };
    expect($seconds($user->email))->toBeGreaterThan(0.06)->and($seconds('nobody@example.test'))->toBeGreaterThan(0.06);
});

it('asks for the password again after a month, however often somebody came back meanwhile', function (): void {
    $user = $this->painter();
    $this->postJson('/api/login', ['email' => $user->email, 'password' => 'harbour-light'])->assertOk()->assertCookieMissing('remember_web');
    $this->travel(29)->days();
    $this->getJson('/api/jobs')->assertOk();
    $this->travel(2)->days();
    $this->getJson('/api/jobs')->assertUnauthorized();
});

it('signs one device out and leaves the others', function (): void {
    $user = $this->painter();
    $this->actingAs($user);
    foreach (['iPad', 'Android'] as $i => $device) {
        DB::table('sessions')->insert([
            'id' => "session{$i}", 'user_id' => $user->id, 'user_agent' => $device, 'payload' => '', 'last_activity' => time() - $i,
        ]);
    }
    $neighbour = $this->painter();
    $keys = array_column($this->getJson('/api/me/devices')->json(), 'key', 'device');
    $this->actingAs($neighbour)->postJson("/api/me/devices/{$keys['iPad']}/sign-out")->assertNoContent();
    expect(DB::table('sessions')->where('user_id', $user->id)->count())->toBe(2);
    $this->actingAs($user)->postJson("/api/me/devices/{$keys['iPad']}/sign-out")->assertNoContent();
    expect(DB::table('sessions')->where('user_id', $user->id)->pluck('user_agent')->all())->toBe(['Android']);
});

it('says who is signed in without an error while nobody is', function (): void {
    $this->getJson('/api/session')->assertOk()->assertExactJson(['me' => null, 'fresh' => true]);
    $this->actingAs($this->lead())->getJson('/api/session')->assertOk()->assertJsonPath('me.role', 'lead');
});

it('keeps units and theme', function (): void {
    $user = $this->painter();
    $this->actingAs($user)
        ->patchJson('/api/me', ['units' => 'us', 'theme' => 'booth', 'weights' => 'oz'])
        ->assertOk()
        ->assertJson(['units' => 'us', 'theme' => 'booth', 'weights' => 'oz']);
    $this->actingAs($user)
        ->patchJson('/api/me', ['units' => 'cubits'])
        ->assertStatus(422)
        ->assertJsonPath('errors.0.field', 'units');
    expect($user->refresh()->units)->toBe('us');
});

it('answers nobody without a session', function (string $method, string $path): void {
    $this->json($method, $path)->assertStatus(401)->assertHeader('Content-Type', 'application/problem+json');
})->with([
    ['GET', '/api/me'],
    ['GET', '/api/jobs'],
    ['POST', '/api/jobs'],
    ['POST', '/api/jobs/import'],
    ['GET', '/api/shelf'],
    ['GET', '/api/bodies/quill-3'],
    ['POST', '/api/bodies'],
    ['GET', '/api/jobs/5a17a45b-0000-4000-8000-000000000001'],
    ['PUT', '/api/jobs/5a17a45b-0000-4000-8000-000000000001'],
]);

it('refuses in words to sign in from another address, or without saying from which', function (array $headers): void {
    $user = $this->painter();
    $this->withoutHeader('Origin')->withHeaders($headers);
    foreach (['/api/login', '/api/first-run'] as $door) {
        $this->postJson($door, ['email' => $user->email, 'password' => 'harbour-light'])
            ->assertForbidden()
            ->assertHeader('Content-Type', 'application/problem+json')
            ->assertJsonPath('code', 'other-address');
    }
})->with([[[]], [['Origin' => 'http://elsewhere.test']], [['Referer' => 'nonsense']]]);
