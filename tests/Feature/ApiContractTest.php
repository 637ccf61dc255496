<?php

declare(strict_types=1);

use App\Models\Workshop;
use App\Support\OpenApiDocument;
use Illuminate\Routing\Route as Registered;
use Illuminate\Support\Facades\Route;
use Kalopsis\Tests\Support\Bodies;
use Opis\JsonSchema\Errors\ErrorFormatter;
use Opis\JsonSchema\Validator;

/** The document as JSON Schema understands it: OpenAPI 3.0 says `nullable` where JSON Schema has a type. */
function apiSchema(string $name): object
{
    $components = json_decode(OpenApiDocument::json(), false, 512, JSON_THROW_ON_ERROR)->components;
    $walk = function (mixed $node) use (&$walk): mixed {
        if (is_object($node)) {
            foreach (get_object_vars($node) as $key => $value) {
                $node->{$key} = $walk($value);
            }
            if (isset($node->nullable)) {
                unset($node->nullable);
                $node = (object) ['anyOf' => [$node, (object) ['type' => 'null']]];
            }
        } elseif (is_array($node)) {
            $node = array_map($walk, $node);
        }

        return $node;
    };

    return (object) ['$ref' => "#/components/schemas/{$name}", 'components' => $walk($components)];
}

function expectFits(mixed $json, string $name): void
{
    $result = (new Validator())->validate(json_decode((string) json_encode($json)), apiSchema($name));
    $error = $result->error();
    expect($result->isValid())->toBeTrue(
        $error === null ? '' : (string) json_encode((new ErrorFormatter())->format($error)),
    );
}

it('is written down as it is', function (): void {
    expect(file_get_contents(base_path('docs/formats/openapi.json')))->toBe(
        OpenApiDocument::json(),
        'Run: php artisan openapi:write && npm run types',
    );
    expect(file_get_contents(base_path('app/Http/fields.generated.php')))->toBe(OpenApiDocument::fields());
});

it('refuses what a body has beside its description, at that field', function (): void {
    $lead = $this->lead(Workshop::factory()->stocked()->create());
    $this->actingAs($lead);
    $this->patchJson('/api/me', ['units' => 'us', 'colour' => 'red'])
        ->assertUnprocessable()
        ->assertJsonPath('errors.*.field', ['colour'])
        ->assertJsonPath('errors.0.detail', 'Nobody knows this field. Take it out.');
    expect($lead->refresh()->units)->toBe('metric');
    $this->postJson('/api/people', ['name' => 'Petra', 'nme' => 1, 'mail' => null])
        ->assertJsonPath('errors.*.field', ['nme', 'mail']);
    $this->postJson('/api/jobs', ['document' => Bodies::job(), 'docment' => []])->assertJsonPath('errors.0.field', 'docment');
    $this->postJson('/api/login', ['email' => 'a@b.example', 'password' => 'x', 'remember' => true])
        ->assertJsonPath('errors.0.field', 'remember');
    $this->postJson('/api/jobs/import', [...Bodies::job(), 'later' => 1])->assertJsonPath('errors.0.field', 'later');
    $sheet = json_decode((string) file_get_contents(base_path('data/paint-systems/northlight-w.json')), true);
    $this->postJson('/api/paint-systems/check', [...$sheet, 'later' => 1])->assertJsonPath('errors.*.field', ['later']);
});

it('describes every route, and no other', function (): void {
    $described = [];
    foreach (json_decode(OpenApiDocument::json(), true)['paths'] as $path => $methods) {
        foreach (array_keys($methods) as $method) {
            $described[] = strtoupper((string) $method) . " {$path}";
        }
    }
    $served = [];
    foreach (Route::getRoutes()->getRoutes() as $route) {
        assert($route instanceof Registered);
        if (str_starts_with($route->uri(), 'api/')) {
            $served[] = $route->methods()[0] . ' /' . $route->uri();
        }
    }
    sort($described);
    sort($served);
    expect($described)->toBe($served);
});

it('answers as described', function (): void {
    $user = $this->lead(Workshop::factory()->stocked()->create());
    $this->actingAs($user);
    expectFits($this->getJson('/api/me')->json(), 'Me');
    $bench = $this->postJson('/api/jobs', [
        'document' => Bodies::job(
            change: ['repairs' => [['shape' => ['kind' => 'new-part'], 'under' => ['kind' => 'new-primed-part']]]],
        ),
    ]);
    expectFits(json_decode((string) $bench->getContent()), 'Bench');
    expectFits(
        json_decode(
            (string) $this->postJson('/api/jobs', ['document' => [...Bodies::job(), 'repairs' => []]])->getContent(),
        ),
        'Bench',
    );
    expectFits(json_decode((string) $this->getJson('/api/shelf')->getContent()), 'Shelf');
    expectFits(json_decode((string) $this->getJson('/api/bodies/hallam-ox')->getContent()), 'BodyShape');
    expectFits(json_decode((string) $this->postJson('/api/jobs', ['document' => []])->getContent()), 'Problem');
    foreach (json_decode((string) $this->getJson('/api/jobs')->getContent()) as $row) {
        expectFits($row, 'JobRow');
    }
    foreach ($this->getJson('/api/jobs/' . $bench->json('id') . '/history')->json() as $version) {
        expectFits($version, 'Version');
    }
});

it('puts a drawing on the shelf for a lead, once', function (): void {
    $lead = $this->lead();
    $svg = str_replace(
        ['data-key="quill-3"', 'data-name="Quill 3"'],
        ['data-key="quill-5"', 'data-name="Quill 5"'],
        Bodies::svg('quill-3'),
    );
    $this->actingAs($this->painter($lead->workshop))
        ->postJson('/api/bodies', ['svg' => $svg])
        ->assertStatus(403);
    $this->actingAs($lead)
        ->postJson('/api/bodies', ['svg' => $svg])
        ->assertCreated()
        ->assertJsonPath('name', 'Quill 5');
    $this->actingAs($lead)
        ->postJson('/api/bodies', ['svg' => $svg])
        ->assertStatus(422)
        ->assertJsonPath('errors.0.field', 'svg');
    $this->actingAs($lead)
        ->get('/api/bodies/quill-5/svg')
        ->assertOk()
        ->assertHeader('Content-Type', 'image/svg+xml')
        ->assertSee('Quill 5');
    $this->actingAs($this->painter())->get('/api/bodies/quill-5/svg')->assertStatus(404);
});

it('loads the demo again without doubling it', function (): void {
    $this->seed(Database\Seeders\DemoSeeder::class);
    $this->seed(Database\Seeders\DemoSeeder::class);
    $this->postJson('/api/login', ['email' => 'bram@saltmarsh.example', 'password' => 'harbour-light'])->assertOk();
    $this->getJson('/api/jobs')->assertOk()->assertJsonCount(11);
});
