<?php

declare(strict_types=1);

use App\Models\ColourReading;
use App\Models\ColourSample;
use App\Models\ReadingImport;
use App\Models\RepairJob;
use Illuminate\Testing\TestResponse;

function bringIn(RepairJob $job, string $text, string $name = 'file.csv'): TestResponse
{
    return test()->call(
        'POST',
        "/api/jobs/{$job->id}/colour/imports?name={$name}",
        server: [
            'CONTENT_TYPE' => 'application/octet-stream',
            'HTTP_ACCEPT' => 'application/json',
            'HTTP_ORIGIN' => 'http://shop.test',
        ],
        content: $text,
    );
}

/**
 * @param array<string, string> $as
 * @return list<array<string, mixed>>
 */
function takeIn(RepairJob $job, string $import, array $as): array
{
    $answer = test()
        ->postJson("/api/jobs/{$job->id}/colour/imports/{$import}/take", ['as' => $as])
        ->assertOk();

    return array_map(
        fn (string $line): array => json_decode($line, true),
        array_filter(explode("\n", $answer->streamedContent())),
    );
}

function csvOf(int $shots, int $samples = 1): string
{
    $lines = ['sample,kind,spot,shot,viewing,L15,a15,b15,L45,a45,b45,L110,a110,b110'];
    for ($s = 1; $s <= $samples; $s++) {
        for ($i = 1; $i <= $shots; $i++) {
            $lines[] = sprintf(
                'sample %d,,spot,%d,D65/10,%.2f,0,0,%.2f,0,0,%.2f,0,0',
                $s,
                $i,
                120 + 0.05 * ($i % 7),
                60 + 0.03 * ($i % 5),
                38 + 0.02 * ($i % 3),
            );
        }
    }

    return implode("\r\n", $lines);
}

it('looks first, takes then: nothing is on the desk before somebody said what it is', function (): void {
    $job = $this->open($this->painter());
    $found = bringIn($job, csvOf(4, 3) . "\r\nbroken,line")->assertCreated();
    expect($found->json('rows'))
        ->toBe(12)
        ->and($found->json('leftOut'))
        ->toBe(1)
        ->and($found->json('samples'))
        ->toHaveCount(3)
        ->and($found->json('faults.0.line'))
        ->toBe(14)
        ->and(ColourSample::query()->count())
        ->toBe(0);
    $steps = takeIn($job, $found->json('id'), ['sample 1' => 'car', 'sample 2' => 'variant']);
    expect(end($steps))->toMatchArray(['done' => 12, 'of' => 12, 'taken' => 8]);
    $desk = $this->getJson("/api/jobs/{$job->id}/colour")->json('samples');
    expect(array_column($desk, 'kind'))
        ->toBe(['car', 'variant'])
        ->and($desk[1]['place'])
        ->toBe(1)
        ->and($desk[0]['reading']['shots'])
        ->toBe(4);
    // The same file once more takes nothing twice.
    expect(takeIn($job, $found->json('id'), ['sample 1' => 'car']))
        ->toBe([['taken' => 0, 'already' => true]])
        ->and(ColourReading::query()->count())
        ->toBe(8);
});

it('takes all or nothing', function (): void {
    $job = $this->open($this->painter());
    // Two samples under one name for the car: their lights differ, so no mean exists.
    $id = bringIn($job, csvOf(2))->assertCreated()->json('id');
    takeIn($job, $id, ['sample 1' => 'car']);
    $other =
        "sample,viewing,L15,a15,b15,L45,a45,b45,L110,a110,b110\nlamp,A/10,120,0,0,60,0,0,38,0,0\nfine,D65/10,120,0,0,60,0,0,38,0,0";
    $steps = takeIn($job, bringIn($job, $other)->json('id'), ['fine' => 'variant', 'lamp' => 'car']);
    expect($steps)
        ->toHaveCount(1)
        ->and($steps[0]['title'])
        ->toBe('Nothing was taken.')
        ->and($steps[0]['detail'])
        ->toContain('cannot be compared')
        ->and(ColourSample::query()->count())
        ->toBe(1)
        ->and(ColourReading::query()->count())
        ->toBe(2)
        ->and(ReadingImport::query()->whereNotNull('taken_at')->count())
        ->toBe(1);
});

it('refuses files that are none, in words, and keeps nothing of them', function (string $text, string $says): void {
    $job = $this->open($this->painter());
    bringIn($job, $text)->assertStatus(422)->assertJsonPath('code', 'unreadable')->assertJsonPath('errors.0.field', 'file');
    expect(bringIn($job, $text)->json('detail'))
        ->toContain($says)
        ->and(ReadingImport::query()->count())
        ->toBe(0);
})->with([
    ['', 'empty'],
    ["\x89PNG\0\0", 'no text file'],
    ['<!DOCTYPE a [<!ENTITY b "c">]><CxF/>', 'entities'],
    ["a,b\n1,2", 'sample'],
]);

it('offers nothing to take when every line is broken', function (): void {
    $job = $this->open($this->painter());
    $found = bringIn($job, "sample,viewing,L,a,b\nx,D65/10,1,2\ny,F2/2,50,0,0")->assertCreated();
    expect($found->json('id'))->toBeNull()->and($found->json('leftOut'))->toBe(2);
});

it('refuses what is too large before it is looked at', function (): void {
    $job = $this->open($this->painter());
    bringIn($job, str_repeat('x', 16_000_001))
        ->assertStatus(413)
        ->assertJsonPath('detail', 'At most 16 MB can be sent at once.');
});

it('takes ten thousand readings step by step', function (): void {
    $job = $this->open($this->painter());
    $steps = takeIn(
        $job,
        bringIn($job, csvOf(100, 100))->assertCreated()->json('id'),
        array_fill_keys(array_map(fn (int $i): string => "sample {$i}", range(1, 100)), 'variant'),
    );
    $done = array_column($steps, 'done');
    $sorted = $done;
    sort($sorted);
    expect($done)
        ->toBe($sorted)
        ->and(count($done))
        ->toBeGreaterThan(30)
        ->and(end($steps)['taken'])
        ->toBe(10_000)
        ->and(ColourReading::query()->count())
        ->toBe(10_000);
});

it('gives every reading back in every format', function (string $format, string $begins): void {
    $job = $this->open($this->painter());
    takeIn($job, bringIn($job, csvOf(3, 2))->json('id'), ['sample 1' => 'car', 'sample 2' => 'card']);
    $file = (string) $this->get("/api/jobs/{$job->id}/colour/file?format={$format}")
        ->assertOk()
        ->assertHeader('Content-Disposition')
        ->getContent();
    expect($file)->toStartWith($begins);
    $again = $this->open($this->painter());
    expect(bringIn($again, $file)->assertCreated()->json())->toMatchArray([
        'rows' => 6,
        'leftOut' => 0,
        'format' => $format,
    ]);
})->with([['csv', 'sample,kind'], ['cgats', 'CGATS.17'], ['cxf', '<?xml']]);

it('shows a neighbour no file', function (): void {
    $job = $this->open($this->painter());
    $id = bringIn($job, csvOf(1))->json('id');
    $this->actingAs($this->painter());
    $this->postJson("/api/jobs/{$job->id}/colour/imports/{$id}/take", ['as' => ['sample 1' => 'car']])->assertStatus(404);
    $mine = $this->open($this->painter());
    $this->postJson("/api/jobs/{$mine->id}/colour/imports/{$id}/take", ['as' => []])->assertStatus(404);
});
