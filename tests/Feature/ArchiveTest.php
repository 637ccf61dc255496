<?php

declare(strict_types=1);

use App\Models\BodyShapeRecord;
use App\Models\Happening;
use App\Models\JobFact;
use App\Models\PaintSystemRecord;
use App\Models\RepairJob;
use App\Models\Role;
use App\Models\ShopToner;
use App\Models\User;
use App\Models\Workshop;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Kalopsis\Tint\SolidModel;
use Kalopsis\Tint\TonerLibrary;
use Opis\JsonSchema\Validator;

function leadOf(Workshop $shop): User
{
    return User::factory()->create(['workshop_id' => $shop->id, 'role' => Role::Lead]);
}

/** @return array{User, string} a lead and the archive of a workshop with something of everything */
function archived(): array
{
    $job = test()->sprayed();
    $lead = leadOf($job->workshop);
    test()->actingAs($lead);
    $sheet = PaintSystemRecord::query()->where('key', 'northlight-s')->firstOrFail()->sheet;
    $sheet['products'][0]['dryFilmUm'] = 24;
    test()->putJson('/api/paint-systems/northlight-s', $sheet, ['If-Match' => '"1"'])->assertOk();
    $white = (new SolidModel(TonerLibrary::northlight()))->spectra(['white' => 1.0]);
    test()->postJson('/api/toners', ['name' => 'Dune white', 'kind' => 'white', 'cards' => [['share' => 100, 'spectra' => $white]]])->assertCreated();
    test()->postJson('/api/colours', [
        'name' => 'Fern Green', 'code' => 'FG-2', 'finish' => 'solid-dark', 'toners' => ['green' => 120.0, 'black' => 14.5],
    ])->assertCreated();
    $other = test()->open($lead, ['car' => ['plate' => 'MB 9 OLD', 'order' => 'A-1']]);
    test()->postJson("/api/jobs/{$other->id}/archive")->assertSuccessful();

    return [$lead, takenOut()];
}

/** @return Illuminate\Testing\TestResponse<Symfony\Component\HttpFoundation\Response> */
function broughtIn(string $archive): mixed
{
    $json = ['CONTENT_TYPE' => 'application/json', 'HTTP_ACCEPT' => 'application/json'];

    return test()->call('POST', '/api/workshop/archive', content: $archive, server: $json);
}

function takenOut(): string
{
    return (string) test()->get('/api/workshop/archive')->assertOk()->streamedContent();
}

/** @return array<string, mixed> without what differs by nature: when, who signs in, what was done since */
function lasting(string $archive): array
{
    $read = json_decode($archive, true, 512, JSON_THROW_ON_ERROR);
    unset($read['made'], $read['people'], $read['happenings'], $read['counts'], $read['workshop']['name']);
    // The equipment names them.
    unset($read['workshop']['booths']);

    return $read;
}

it('takes a workshop out whole and brings it into a new one, where it comes out the same', function (): void {
    [, $archive] = archived();
    $schema = json_decode((string) file_get_contents(base_path('docs/formats/workshop.schema.json')));
    expect((new Validator())->validate(json_decode($archive), $schema)->isValid())->toBeTrue();
    $new = leadOf(Workshop::factory()->create());
    PaintSystemRecord::query()->where('workshop_id', $new->workshop_id)->delete();
    BodyShapeRecord::query()->where('workshop_id', $new->workshop_id)->delete();
    $this->actingAs($new);
    $taken = broughtIn($archive)->assertCreated();
    expect($taken->json('jobs'))->toBe(2)
        ->and(lasting(takenOut()))->toEqual(lasting($archive))
        ->and(RepairJob::query()->where('workshop_id', $new->workshop_id)->whereNotNull('archived_at')->count())->toBe(1)
        ->and(ShopToner::query()->where('workshop_id', $new->workshop_id)->firstOrFail()->optics)->not->toBeNull();
    // Its cars are planned with the editions they had.
    $job = RepairJob::query()->where('workshop_id', $new->workshop_id)->whereNull('archived_at')->firstOrFail();
    expect($this->getJson("/api/jobs/{$job->id}")->json('document.paintEdition'))->toBe(1);
    // People come as names; a lead gives them a password.
    $people = User::query()->where('workshop_id', $new->workshop_id)->where('id', '<>', $new->id)->get();
    expect($people->every(fn (User $u): bool => $u->put_away_at !== null && $u->must_change))->toBeTrue();
});

it('takes nothing of an archive that is damaged, of another version or in the wrong place', function (callable $spoil, string $field): void {
    [, $archive] = archived();
    $new = leadOf(Workshop::factory()->create());
    $count = fn (): int => RepairJob::query()->where('workshop_id', $new->workshop_id)->count()
        + ShopToner::query()->where('workshop_id', $new->workshop_id)->count();
    $this->actingAs($new);
    broughtIn($spoil($archive))
        ->assertUnprocessable()
        ->assertJsonPath('errors.0.field', $field);
    expect($count())->toBe(0);
})->with([
    'not ours' => [fn (string $a): string => '{"format": "other"}', 'format'],
    'a newer version' => [fn (string $a): string => str_replace('"version":1,"made"', '"version":9,"made"', $a), 'version'],
    'a job taken out' => [function (string $a): string {
        $read = json_decode($a, true);
        array_pop($read['jobs']);

        return (string) json_encode($read);
    }, 'jobs'],
    'a toner of another kind' => [fn (string $a): string => str_replace('"kind":"white"', '"kind":"glitter"', $a), 'toners.0.kind'],
    'a sheet that cannot be' => [fn (string $a): string => str_replace('"dryFilmUm":24', '"dryFilmUm":-24', $a), 'paintSystems.0.sheet.products.0.dryFilmUm'],
    'a car that cannot be' => [fn (string $a): string => str_replace('"plate":"MB 9 OLD"', '"plate":9', $a), 'jobs.1.file.car.plate'],
]);

it('takes nothing of an archive whose end is missing', function (): void {
    [, $archive] = archived();
    $new = leadOf(Workshop::factory()->create());
    $this->actingAs($new);
    broughtIn(substr($archive, 0, (int) (strlen($archive) * 0.7)))->assertStatus(400);
    $file = (string) tempnam(sys_get_temp_dir(), 'archive');
    file_put_contents($file, substr($archive, 0, -40));
    expect(Artisan::call('workshop:bring-in', ['file' => $file, 'lead' => $new->email]))->toBe(1)
        ->and(Artisan::output())->toContain('its end is missing')
        ->and(RepairJob::query()->where('workshop_id', $new->workshop_id)->count())->toBe(0);
    unlink($file);
});

it('goes into no workshop that has cars, and is a lead\'s to carry', function (): void {
    [$lead, $archive] = archived();
    broughtIn($archive)
        ->assertUnprocessable()
        ->assertJsonPath('errors.0.field', 'archive');
    $this->actingAs($this->painter($lead->workshop))->getJson('/api/workshop/archive')->assertForbidden();
    $this->postJson('/api/workshop/archive', [])->assertForbidden();
    $file = (string) tempnam(sys_get_temp_dir(), 'archive');
    file_put_contents($file, $archive);
    $new = leadOf(Workshop::factory()->create());
    expect(Artisan::call('workshop:bring-in', ['file' => $file, 'lead' => $new->email]))->toBe(0)
        ->and(RepairJob::query()->where('workshop_id', $new->workshop_id)->count())->toBe(2)
        ->and(Artisan::call('workshop:bring-in', ['file' => $file, 'lead' => $new->email]))->toBe(1)
        ->and(Artisan::call('workshop:bring-in', ['file' => '/nowhere', 'lead' => $new->email]))->toBe(1);
    unlink($file);
});

it('deletes what is personal of somebody who left, and keeps what was done', function (): void {
    $shop = Workshop::factory()->stocked()->create();
    $lead = leadOf($shop);
    $tam = User::factory()->create(['workshop_id' => $shop->id, 'role' => Role::Painter, 'name' => 'Tam Reed', 'email' => 'tam@gull.example']);
    $job = $this->actingAs($tam)->open($tam, ['car' => ['painter' => 'Tam']]);
    // A name that came along with a file, of whoever had the same.
    DB::table('job_versions')->where('repair_job_id', $job->id)->update(['author' => 'Tam Reed']);
    $this->actingAs($lead)->postJson("/api/people/{$tam->id}/forget")->assertUnprocessable();
    $this->patchJson("/api/people/{$tam->id}", ['putAway' => true])->assertOk();
    foreach ([1, 2] as $_) {
        $this->postJson("/api/people/{$tam->id}/forget")->assertOk();
    }
    $whole = (string) $this->getJson('/api/people')->getContent()
        . $this->getJson("/api/jobs/{$job->id}")->getContent()
        . $this->getJson("/api/jobs/{$job->id}/history")->getContent()
        . $this->getJson('/api/logbook')->getContent()
        . $this->getJson('/api/happenings')->getContent()
        . takenOut();
    expect($whole)->not->toContain('Tam')->not->toContain('tam@gull')
        ->and($this->getJson("/api/jobs/{$job->id}")->json('changedBy'))->toBe("Somebody {$tam->id}")
        ->and($this->getJson("/api/jobs/{$job->id}")->json('document.car.painter'))->toBe("Somebody {$tam->id}")
        ->and(DB::table('job_versions')->where('author', 'Tam Reed')->exists())->toBeFalse()
        ->and(JobFact::query()->where('words', 'like', '%tam%')->exists())->toBeFalse()
        ->and(Happening::query()->where('kind', 'person-forgotten')->count())->toBe(1);
    $this->actingAs($this->painter($shop))->postJson("/api/people/{$lead->id}/forget")->assertForbidden();
});
