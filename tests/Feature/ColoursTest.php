<?php

declare(strict_types=1);

use App\Models\Colour;
use App\Models\ColourFormula;
use App\Models\RepairJob;
use App\Models\Role;
use App\Models\User;
use App\Models\Workshop;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;
use Kalopsis\Tests\Support\Bodies;

/** @return array<string, mixed> */
function fernGreen(array $change = []): array
{
    return [
        'name' => 'Fern Green',
        'code' => 'FG-2',
        'finish' => 'solid-dark',
        'undercoatShade' => 5,
        'note' => 'From the mixer\'s printout',
        'toners' => ['green' => 120.0, 'black' => 14.5],
        ...$change,
    ];
}

function readCar(RepairJob $job, array $lab): void
{
    $id = (string) Str::uuid();
    test()->postJson("/api/jobs/{$job->id}/colour/samples", ['id' => $id, 'kind' => 'car', 'name' => 'The car'])->assertCreated();
    test()
        ->postJson("/api/jobs/{$job->id}/colour/samples/{$id}/readings", [
            'readings' => array_fill(0, 3, ['geometry' => '45/0', 'viewing' => 'D65/10', 'labs' => ['45' => $lab]]),
        ])
        ->assertCreated();
}

it('puts a colour with its formula on the shelf once, and a job in it can be tinted and poured', function (): void {
    $this->actingAs($this->painter(Workshop::factory()->stocked()->create()));
    foreach ([1, 2] as $_) {
        $kept = $this->postJson('/api/colours', fernGreen())->assertCreated();
        expectFits(json_decode((string) $kept->getContent()), 'ShopColour');
    }
    expectFits(json_decode((string) $this->getJson('/api/colours')->getContent()), 'ShopColours');
    expect(Colour::query()->where('name', 'Fern Green')->count())->toBe(1);
    $job = $this->open(User::query()->firstOrFail(), ['colour' => ['name' => 'Fern Green', 'code' => 'FG-2', 'finish' => 'solid-dark']]);
    $desk = $this->getJson("/api/jobs/{$job->id}/colour")->assertOk();
    expect($desk->json('formula.number'))
        ->toBe(1)
        ->and(array_column($desk->json('formula.toners'), 'grams', 'key'))
        ->toEqual(['green' => 120, 'black' => 14.5]);
    // Poured in the printout's own proportions, whatever the cup needs.
    $rows = array_column($this->postJson("/api/jobs/{$job->id}/formula", ['cup' => 'base-solid'])->assertOk()->json('rows'), 'grams', 'key');
    expect($rows['green'] / $rows['black'])->toEqualWithDelta(120.0 / 14.5, 0.05);
});

it('keeps the formula before as a version when another is typed', function (): void {
    $this->actingAs($this->lead());
    $id = $this->postJson('/api/colours', fernGreen())->json('id');
    $this->putJson("/api/colours/{$id}", fernGreen(['note' => 'Other note']))->assertOk();
    expect(ColourFormula::query()->where('colour', 'Fern Green')->count())->toBe(0);
    $this->putJson("/api/colours/{$id}", fernGreen(['toners' => ['green' => 118.0, 'black' => 17.0]]))->assertOk();
    expect(ColourFormula::query()->where('colour', 'Fern Green')->orderBy('number')->pluck('recipe', 'number')->all())
        ->toEqual([
            1 => ['toners' => ['green' => 120, 'black' => 14.5]],
            2 => ['toners' => ['green' => 118, 'black' => 17]],
        ]);
});

it('puts a colour away and back, and never has two of one name and code', function (): void {
    $lead = $this->lead();
    $this->actingAs($lead);
    $id = $this->postJson('/api/colours', fernGreen())->json('id');
    $this->postJson('/api/colours', fernGreen(['toners' => ['green' => 1]]))
        ->assertUnprocessable()
        ->assertJsonPath('errors.0.field', 'name');
    $this->postJson("/api/colours/{$id}/put-away")->assertOk()->assertJsonPath('putAway', true);
    $onShelf = fn (): array => array_column($this->getJson('/api/shelf')->json('colours'), 'name');
    expect($onShelf())->not->toContain('Fern Green');
    $this->postJson('/api/colours', fernGreen())
        ->assertUnprocessable()
        ->assertJsonPath('errors.0.detail', 'This colour with this code was put away. Bring it back.');
    $this->postJson("/api/colours/{$id}/restore")->assertOk();
    expect($onShelf())->toContain('Fern Green');
    $this->actingAs($this->lead(Workshop::factory()->create()))->postJson("/api/colours/{$id}/put-away")->assertNotFound();
    $wren = User::factory()->for($lead->workshop)->create(['role' => Role::Apprentice]);
    $this->actingAs($wren)->postJson('/api/colours', fernGreen(['code' => 'X']))->assertForbidden();
});

it('says at the field what is wrong with a colour', function (array $change, string $field): void {
    $this->actingAs($this->painter());
    $this->postJson('/api/colours', fernGreen($change))->assertUnprocessable()->assertJsonPath('errors.0.field', $field);
})->with([
    [['name' => ''], 'name'],
    [['finish' => 'matt'], 'finish'],
    [['undercoatShade' => 9], 'undercoatShade'],
    [['toners' => ['moss' => 3]], 'toners.moss'],
    [['toners' => ['green' => -1]], 'toners.green'],
    [['toners' => ['green' => 'much']], 'toners.green'],
    [['toners' => [], 'layer' => ['green' => 3]], 'toners'],
    [['variants' => [['name' => 'Darker', 'toners' => []]]], 'variants.0.toners'],
]);

it('finds which of ours is nearest to a car: by cars read before, else by the formula', function (): void {
    $user = $this->painter(Workshop::factory()->create());
    $svg = Bodies::svg('marlo-tern');
    $user->workshop->bodyShapes()->create(['key' => 'marlo-tern', 'name' => 'M', 'style' => 's', 'svg' => $svg]);
    $sheet = json_decode((string) file_get_contents(base_path('data/paint-systems/northlight-s.json')), true);
    $user->workshop->update(['shipped_toners' => true]);
    $user->workshop->paintSystems()->create(['key' => 'northlight-s', 'name' => 'N', 'sheet' => $sheet]);
    $this->actingAs($user);
    $this->postJson('/api/colours', fernGreen())->assertCreated();
    $this->postJson('/api/colours', fernGreen(['name' => 'Old Rose', 'code' => '', 'toners' => []]))->assertCreated();
    $this->postJson('/api/colours', fernGreen(['name' => 'White', 'code' => 'W', 'finish' => 'solid-light', 'toners' => ['white' => 300.0]]))->assertCreated();
    readCar($this->open($user, ['colour' => ['name' => 'Old Rose', 'code' => '', 'finish' => 'solid-dark']]), [45.0, 40.0, 12.0]);
    $job = $this->open($user, ['colour' => ['name' => 'Unknown', 'code' => '', 'finish' => 'solid-dark']]);
    expect($this->getJson("/api/jobs/{$job->id}/colour/nearest")->assertOk()->json())->toBe([]);
    readCar($job, [45.5, 40.0, 12.0]);
    $near = $this->getJson("/api/jobs/{$job->id}/colour/nearest")->assertOk();
    expectFits(json_decode((string) $near->getContent())[0], 'NearColour');
    // Neither green nor white is near a rose; which is further does not matter.
    expect($near->json('0.name'))
        ->toBe('Old Rose')
        ->and(array_column($near->json(), 'from'))
        ->toBe(['car', 'formula', 'formula'])
        ->and($near->json('1.dE'))
        ->toBeGreaterThan(20.0)
        // A plain step of 0.5 in lightness near L* 45 (CIE 142:2001: SL = 1.07).
        ->and($near->json('0.dE'))
        ->toBeGreaterThan(0.45)
        ->toBeLessThan(0.5);
    // A car is not its own neighbour: the other one in this colour is, half a step of lightness away.
    $again = $this->open($user, ['colour' => ['name' => 'Old Rose', 'code' => '', 'finish' => 'solid-dark']]);
    readCar($again, [45.5, 40.0, 12.0]);
    expect($this->getJson("/api/jobs/{$again->id}/colour/nearest")->json('0'))->toMatchArray(['name' => 'Old Rose', 'dE' => $near->json('0.dE')]);
});

it('takes colours in from a table and gives the same back, naming toners nobody had', function (): void {
    $this->actingAs($this->painter(Workshop::factory()->stocked()->create()));
    $before = (string) $this->get('/api/colours.csv')->assertOk()->getContent();
    $again = $this->postJson('/api/colours/import', ['text' => $before])->assertCreated();
    expect($again->json('added'))->toBe(0)
        ->and((string) $this->get('/api/colours.csv')->getContent())->toBe($before);
    $table = "colour;code;finish;grey;hiding;note;part;toner;grams\r\n"
        . "Brick;B-1;solid-dark;5;12,5;;;Rust red;250,5\r\n;;;;;;;black;4\r\n;;;;;;lighter;Rust red;200\r\n"
        . "Sand;S-2;solid-light;;;Plain;;;\r\n";
    $read = $this->postJson('/api/colours/import', ['text' => $table])->assertCreated();
    expect($read->json())->toBe(['added' => 2, 'changed' => 0, 'toners' => 1]);
    $brick = Colour::query()->where('name', 'Brick')->firstOrFail();
    expect($brick->hiding_um)->toBe(12.5)
        ->and($brick->recipe['toners'])->toBe(['own-rust-red' => 250.5, 'black' => 4])
        ->and($brick->recipe['variants'][0]['name'])->toBe('lighter')
        ->and(Colour::query()->where('name', 'Sand')->firstOrFail()->recipe)->toBeNull();
});

it('takes nothing of a table with a fault, and says which line', function (string $table, string $says): void {
    $this->actingAs($this->painter(Workshop::factory()->stocked()->create()));
    $count = Colour::query()->count();
    $answer = $this->postJson('/api/colours/import', ['text' => $table])->assertUnprocessable();
    expect((string) $answer->getContent())->toContain($says)->and(Colour::query()->count())->toBe($count);
})->with([
    'an unknown finish' => ["colour,finish\nBrick,solid-dark\nSand,glitter\n", 'Line 3, finish'],
    'a film nobody sprays' => ["colour,finish,hiding\nBrick,solid-dark,900\n", 'Line 2, hidingUm'],
    'a shade there is not' => ["colour,finish,grey\nBrick,solid-dark,9\n", 'Line 2, undercoatShade'],
    'no grams' => ["colour,finish,toner,grams\nBrick,solid-dark,black,some\n", 'Line 2'],
    'a column nobody knows' => ["colour,finish,price\nBrick,solid-dark,9\n", 'price'],
    'no colour' => ["colour,finish,toner,grams\n,,black,1\n", 'Line 2 belongs to no colour'],
    'nothing' => ['', 'no lines'],
]);

function readColours(string $text, bool $add = false): TestResponse
{
    return test()->call(
        'POST',
        '/api/colours/readings?name=deck.csv' . ($add ? '&add=true' : ''),
        server: [
            'CONTENT_TYPE' => 'application/octet-stream',
            'HTTP_ACCEPT' => 'application/json',
            'HTTP_ORIGIN' => 'http://shop.test',
        ],
        content: $text,
    );
}

it('reads colours out of a file by name or code, and makes colours of what is none of ours when asked', function (): void {
    $shop = Workshop::factory()->stocked()->create();
    $this->actingAs($user = $this->painter($shop));
    $this->postJson('/api/colours', fernGreen(['name' => 'Fern', 'code' => 'F 1']))->assertCreated();
    $this->postJson('/api/colours', fernGreen(['name' => 'Twin', 'code' => 'T1']))->assertCreated();
    $this->postJson('/api/colours', fernGreen(['name' => 'Twin', 'code' => 'T2']))->assertCreated();
    $file = "sample,spot,shot,viewing,L15,a15,b15,L45,a45,b45,L110,a110,b110\n"
        . "fern,a,1,D65/10,40,-20,10,38,-19,9,37,-18,9\nfern,a,2,D65/10,42,-20,10,40,-19,9,39,-18,9\n"
        . "T2,a,1,D65/10,50,0,0,50,0,0,50,0,0\n"
        // Which of the two is not said.
        . "Twin,a,1,D65/10,50,0,0,50,0,0,50,0,0\n"
        . "Night Tide,a,1,D65/10,90,0,-5,40,0,-9,20,0,-4\n"
        . "Night Tide,a,2,D65/10,nothing,0,-5,40,0,-9,20,0,-4\n";
    $looked = readColours($file)->assertCreated();
    expectFits(json_decode((string) $looked->getContent()), 'ColoursRead');
    expect(array_column($looked->json('taken'), 'code'))->toBe(['F 1', 'T2'])
        ->and($looked->json('unknown'))->toBe(['Twin', 'Night Tide'])
        ->and($looked->json('faults.0.line'))->toBe(7);
    $fern = Colour::query()->where('name', 'Fern')->firstOrFail();
    // Light adds up, not lightness: of L* 38 and 40 the mean is 116 ((54^3 + 56^3) / 2 / 116^3)^(1/3) - 16 = 39.018 (CIE 15).
    expect($fern->reading['measurement']['labs']['45'][0])->toEqualWithDelta(39.018, 0.005)
        ->and($fern->reading['shots'])->toBe(2);
    $added = readColours($file, true)->assertCreated()->json('added');
    expect(array_column($added, 'name'))->toBe(['Twin', 'Night Tide']);
    $tide = Colour::query()->where('name', 'Night Tide')->firstOrFail();
    // Flop index by Alman 1987 of 90, 40, 20: 2.69 (90 - 20)^1.11 / 40^0.86 = 12.6: an effect, and darker than 50.
    expect($tide->finish)->toBe('metallic-dark');
    // What goes out comes in again, to the same colours.
    $out = (string) $this->get('/api/colours/readings')->assertOk()->getContent();
    $again = readColours($out)->assertCreated()->json();
    expect(array_column($again['taken'], 'name'))->toContain('Fern', 'Night Tide')->and($again['unknown'])->toBe([]);
    // And a car is looked for by it before all else.
    $job = $this->open($user, ['colour' => ['name' => 'Unknown', 'code' => '', 'finish' => 'solid-dark']]);
    readCar($job, [39.2, -19.0, 9.0]);
    $near = $this->getJson("/api/jobs/{$job->id}/colour/nearest")->assertOk()->json('0');
    expect($near['name'])->toBe('Fern')->and($near['from'])->toBe('reading')->and($near['dE'])->toBeLessThan(0.25);
    $gone = $this->deleteJson("/api/colours/{$fern->id}/reading")->assertOk();
    expectFits(json_decode((string) $gone->getContent()), 'ShopColour');
    expect($gone->json('reading'))->toBeNull();
});

it('takes nothing of a file that holds no readings', function (string $text, int $status): void {
    $this->actingAs($this->painter(Workshop::factory()->stocked()->create()));
    readColours($text, true)->assertStatus($status);
    expect(Colour::query()->whereNotNull('reading')->count())->toBe(0);
})->with([
    'no text' => ["\x00\x01", 422],
    'nothing' => ['', 422],
    'no readings' => ["sample,price\nX,12\n", 422],
]);
