<?php

declare(strict_types=1);

/* Which test goes through which line of the core. Required by bin/mutants.php. */

use Symfony\Component\Process\Process;

/**
 * Which tests go through a line, read with each file of tests alone and kept until it or the core changes.
 *
 * @return array{lines: array<string, array<int, list<string>>>, times: array<string, float>, files: array<string, string>}
 */
function coverage(string $root, int $jobs): array
{
    $core = hash_init('xxh3');
    foreach (phpFiles("{$root}/core/src") as $file) {
        hash_update_file($core, $file);
    }
    $version = hash_final($core);
    $waiting = $running = $kept = [];
    foreach (phpFiles("{$root}/core/tests") as $file) {
        if (! str_ends_with($file, 'Test.php')) {
            continue;
        }
        $at = "{$root}/var/mutants/coverage/" . hash('xxh3', $version . $file . file_get_contents($file));
        $kept[$file] = "{$at}.json";
        if (! is_file("{$at}.json")) {
            $waiting[$file] = $at;
        }
    }
    while ($waiting !== [] || $running !== []) {
        foreach ($running as $file => [$process, $at]) {
            if (! $process->isRunning()) {
                unset($running[$file]);
                file_put_contents("{$at}.json", json_encode(covered($at, $root), JSON_THROW_ON_ERROR));
                array_map(unlink(...), glob("{$at}.{php,xml}", GLOB_BRACE) ?: []);
            }
        }
        if ($waiting !== [] && count($running) < $jobs) {
            $file = array_key_first($waiting);
            $running[$file] = [coverageOf($root, $file, $waiting[$file]), $waiting[$file]];
            unset($waiting[$file]);
        }
        usleep(20_000);
    }
    $out = ['lines' => [], 'times' => [], 'files' => []];
    foreach ($kept as $file => $at) {
        $one = json_decode((string) file_get_contents($at), true, 512, JSON_THROW_ON_ERROR);
        $out['times'] += $one['times'];
        $out['files'] += array_fill_keys(array_keys($one['times']), $file);
        foreach ($one['lines'] as $source => $lines) {
            foreach ($lines as $line => $tests) {
                $out['lines'][$source][$line] = [...$out['lines'][$source][$line] ?? [], ...$tests];
            }
        }
    }

    return $out;
}

function coverageOf(string $root, string $file, string $at): Process
{
    $pcov = ['-d', 'pcov.enabled=1', '-d', "pcov.directory={$root}/core/src", '-d', 'memory_limit=4G'];
    $reports = ["--coverage-php={$at}.php", "--log-junit={$at}.xml", '--do-not-cache-result'];
    $process = new Process(
        [PHP_BINARY, ...$pcov, 'vendor/bin/pest', $file, ...$reports],
        $root,
        ['KALOPSIS_JOBS' => '1'],
        null,
        1200.0,
    );
    $process->start();

    return $process;
}

/**
 * Tests by their methods, all data sets of one together.
 *
 * @return array{lines: array<string, array<int, list<string>>>, times: array<string, float>}
 */
function covered(string $at, string $root): array
{
    $times = [];
    $lines = [];
    // What covers a line is told by method; how long it took by description, which has other signs between its words.
    foreach ((require "{$at}.php")->getData()->lineCoverage() as $source => $covered) {
        foreach (array_filter($covered ?? []) as $line => $tests) {
            $methods = array_values(array_unique(array_map(fn (string $id): string => explode('#', $id)[0], $tests)));
            $lines[substr($source, strlen($root) + 1)][$line] = $methods;
            $times += array_fill_keys($methods, 0.0);
        }
    }
    $plain = fn (string $text): string => strtolower((string) preg_replace('/[^A-Za-z0-9]/', '', $text));
    $report = (string) preg_replace('/[^\x20-\x7E\n]/', '?', (string) file_get_contents("{$at}.xml"));
    preg_match_all('/<testcase name="([^"]*)".*? time="([\d.]+)"/', $report, $cases, PREG_SET_ORDER);
    foreach (array_keys($times) as $method) {
        $name = $plain((string) preg_replace('/^.*__pest_evaluable_/', '', $method));
        foreach ($cases as [, $case, $time]) {
            $times[$method] += str_starts_with($plain(html_entity_decode($case)), $name) ? (float) $time : 0.0;
        }
    }

    return ['lines' => $lines, 'times' => $times];
}

/** @return list<string> */
function phpFiles(string $folder): array
{
    $out = [];
    foreach (new RecursiveIteratorIterator(new RecursiveDirectoryIterator($folder, FilesystemIterator::SKIP_DOTS)) as $file) {
        if ($file->getExtension() === 'php') {
            $out[] = $file->getPathname();
        }
    }
    sort($out);

    return $out;
}
