<?php

declare(strict_types=1);

/*
 * Would a test notice? Changes the core on purpose, one change at a time, and runs the tests that go through it. Mutants are
 * those of Pest's own plugin; the runner is ours, because the plugin begins a PHP for each mutant and runs slow tests before
 * quick ones: 20 s for a survivor instead of two. Here each is a child of a process that has everything compiled, and meets
 * the tests of its line, the quick ones first. Writes var/mutants/NAME.json; docs/faults.md keeps the last results.
 *   php -d opcache.enable_cli=1 bin/mutants.php [--constants] [--lines] [--jobs=2] [--again] [--only=TEXT] [--sample=N] ROOM ...
 * --constants: every named constant of the rooms smaller and larger, instead of mutants; --lines: the kept list of changed
 * lines, core/tests/faults.json; --again: only what was not noticed the time before; --only: what has the text in
 * "Room/Class.php:line"; --sample: so many, drawn by their hashes, the same each time while the code is the same.
 */

require __DIR__ . '/../vendor/autoload.php';
require __DIR__ . '/mutants.d/coverage.php';
require __DIR__ . '/mutants.d/changes.php';
require __DIR__ . '/mutants.d/children.php';

/** Tests shorter than this come first, its own room's before all; s while coverage is read, 8 times as long. */
const QUICK_S = 0.15;
/** The shortest tests of its own room and of the others that a change meets, each sort together; longer ones test a whole; s. */
const LONGEST_S = ['own' => 40.0, 'other' => 12.0];
/** The same for the few kept lines, some of which only a long search shows. */
const LONGEST_FOR_LINES_S = ['own' => INF, 'other' => INF];
/** What goes round and round is stopped, and is noticed, after this; s. */
const STOPPED_AFTER_S = ['changes' => 20, 'lines' => 300];

/**
 * @param list<string> $tests that go through the change
 * @param array<string, float> $times
 * @param array{own: float, other: float} $longest
 * @return list<list<string>> what it meets one after the other until one notices it
 */
function rounds(string $room, array $tests, array $times, array $longest): array
{
    usort($tests, fn (string $a, string $b): int => $times[$a] <=> $times[$b]);
    $met = ['own' => [], 'other' => []];
    $sums = ['own' => 0.0, 'other' => 0.0];
    foreach ($tests as $test) {
        $sort = str_starts_with($test, "P\\Core\\tests\\{$room}\\") ? 'own' : 'other';
        $sums[$sort] += $times[$test];
        if ($sums[$sort] <= $longest[$sort]) {
            $met[$sort][$times[$test] <= QUICK_S ? 'quick' : 'slow'][] = $test;
        }
    }

    return array_values(array_filter([
        $met['own']['quick'] ?? [],
        $met['other']['quick'] ?? [],
        $met['own']['slow'] ?? [],
        $met['other']['slow'] ?? [],
    ]));
}

/** @param array<string, array<string, mixed>> $changes */
function keep(string $file, array $changes): void
{
    $short = array_map(fn (array $c): array => array_diff_key($c, ['tests' => 0, 'rounds' => 0, 'file' => 0]), $changes);
    file_put_contents($file, json_encode($short, JSON_PRETTY_PRINT | JSON_THROW_ON_ERROR));
}

$root = dirname(__DIR__);
$options = getopt('', ['constants', 'lines', 'jobs:', 'again', 'only:', 'sample:'], $rest);
$jobs = max(1, (int) ($options['jobs'] ?? 2));
$only = (string) ($options['only'] ?? '');
putenv('KALOPSIS_JOBS=1');
foreach (['coverage', 'sources'] as $folder) {
    @mkdir("{$root}/var/mutants/{$folder}", 0o777, true);
}
$began = microtime(true);
$coverage = coverage($root, $jobs);
fprintf(STDERR, "Which test goes through which line: %.0f s\n", microtime(true) - $began);
control($root, $coverage);

$alikes = alikes($root);
$sets = isset($options['lines']) ? ['lines' => fn (): array => keptLines($root, $coverage['lines'])] : [];
foreach (array_slice($argv, $rest) as $room) {
    $sets[isset($options['constants']) ? "{$room}-constants" : $room] = isset($options['constants'])
        ? fn (): array => constantsOf($root, $room, $coverage['lines'])
        : fn (): array => mutantsOf($root, $room, $coverage['lines']);
}

foreach ($sets as $name => $made) {
    $began = microtime(true);
    $kept = "{$root}/var/mutants/{$name}.json";
    $before = is_file($kept) ? json_decode((string) file_get_contents($kept), true, 512, JSON_THROW_ON_ERROR) : [];
    $changes = [];
    foreach (drawn($made(), (int) ($options['sample'] ?? 0)) as $change) {
        $known = $before[$change['id']]['noticed'] ?? false;
        $left = ($only !== '' && ! str_contains($change['at'], $only)) || (isset($options['again']) && $known === true);
        $longest = $name === 'lines' ? LONGEST_FOR_LINES_S : LONGEST_S;
        $change['rounds'] = $left ? [] : rounds(explode('/', $change['at'])[0], $change['tests'], $coverage['times'], $longest);
        $change['noticed'] = $change['tests'] === [] ? null : $left && $known;
        $changes[$change['id']] = $change;
    }
    $tell = function (int $done, int $left) use ($name, $kept, &$changes): void {
        if ($done % 100 === 0) {
            fprintf(STDERR, "%s: %d done, %d left\n", $name, $done, $left);
            keep($kept, $changes);
        }
    };
    $seconds = STOPPED_AFTER_S[$name === 'lines' ? 'lines' : 'changes'];
    meetAll($root, $changes, $coverage['files'], $jobs, $seconds, $tell);
    keep($kept, $changes);
    $covered = array_filter($changes, fn (array $c): bool => $c['noticed'] !== null);
    $noticed = array_filter($covered, fn (array $c): bool => $c['noticed']);
    $left = array_diff_key($covered, $noticed);
    $alike = array_filter($left, fn (array $c): bool => isAlike($c, $alikes));
    foreach (array_diff_key($left, $alike) as $change) {
        printf("%s %s\n%s\n\n", $change['at'], $change['what'], $change['diff']);
    }
    $share = fn (int $of): float => 100 * count($noticed) / max(1, $of);
    printf(
        "%s: %d of %d changes that a test goes through noticed (%.1f %%); %d alter nothing, without them %.1f %%; %d that no test "
            . "goes through, %.0f s\n",
        $name,
        count($noticed),
        count($covered),
        $share(count($covered)),
        count($alike),
        $share(count($covered) - count($alike)),
        count($changes) - count($covered),
        microtime(true) - $began,
    );
}
