<?php

declare(strict_types=1);

/*
 * Mutation testing of rooms of the core. The mutants are those of Pest's own plugin; the runner is ours, because the
 * plugin begins a PHP for each mutant and puts slow tests before quick ones: 20 seconds for a survivor instead of two.
 * Here each mutant is a child of a process that has everything compiled, and meets the tests that cover its line,
 * the quick ones first. Writes var/mutants/ROOM.json; docs/faults.md keeps the last result.
 *   php -d opcache.enable_cli=1 bin/mutants.php [--jobs=2] [--again] [--only=TEXT] [--sample=N] ROOM ...
 * --again tries only what survived the time before; --only what has the text in "Room/Class.php:line"; --sample so many,
 * drawn by their hashes: the same each time while the code is the same.
 */

use Pest\Kernel;
use Pest\Mutate\Mutators\Sets\DefaultSet;
use Pest\Mutate\Support\MutationGenerator;
use Pest\Support\Container;
use Pest\TestSuite;
use Psr\SimpleCache\CacheInterface;
use Symfony\Component\Console\Input\ArgvInput;
use Symfony\Component\Console\Output\NullOutput;
use Symfony\Component\Finder\SplFileInfo;
use Symfony\Component\Process\Process;

require __DIR__ . '/../vendor/autoload.php';

/** Tests shorter than this meet a mutant first, those of its own room before all. With what reads the coverage, so some 8 times as long; s. */
const QUICK_S = 0.15;
/** What a mutant meets of its own room's tests and of the others', each sort together, the shortest first: what takes longer tests a whole, not a line; s. */
const LONGEST_S = ['own' => 40.0, 'other' => 12.0];
/** A mutant that goes round and round is stopped, and is noticed, after this; s. */
const STOPPED_AFTER_S = 20;

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

/**
 * @param array<string, array<int, list<string>>> $lines
 * @return list<array{id: string, at: string, mutator: string, diff: string, file: string, tests: list<string>}>
 */
function mutants(string $root, string $room, array $lines): array
{
    $out = [];
    foreach (phpFiles("{$root}/core/src/{$room}") as $file) {
        $short = substr($file, strlen("{$root}/core/src/"));
        $covered = $lines["core/src/{$short}"] ?? [];
        $found = (new MutationGenerator())->generate(new SplFileInfo($file, '', ''), DefaultSet::mutators());
        foreach ($found as $mutation) {
            $tests = [];
            for ($line = $mutation->startLine; $line <= $mutation->endLine; $line++) {
                $tests += array_fill_keys($covered[$line] ?? [], true);
            }
            // Where its source lies must not change what it reads beside itself.
            $source = $mutation->modifiedSource();
            // The same wherever the project lies.
            $id = hash('xxh3', $short . $mutation->mutator . $source);
            $to = "{$root}/var/mutants/sources/{$id}.php";
            file_put_contents($to, str_replace('__DIR__', var_export(dirname($file), true), $source));
            $out[] = [
                'id' => $id,
                'at' => "{$short}:{$mutation->startLine}",
                'mutator' => substr((string) strrchr($mutation->mutator, '\\'), 1),
                'diff' => trim((string) preg_replace('~</?(fg=\w+)?>~', '', $mutation->diff)),
                'file' => $to,
                'tests' => array_keys($tests),
            ];
        }
    }

    return $out;
}

/**
 * @param list<array<string, mixed>> $mutants
 * @return list<array<string, mixed>> so many of those that a test goes through; all of them where 0 are asked for
 */
function drawn(array $mutants, int $sample): array
{
    if ($sample === 0) {
        return $mutants;
    }
    $covered = array_filter($mutants, fn (array $m): bool => $m['tests'] !== []);
    usort($covered, fn (array $a, array $b): int => $a['id'] <=> $b['id']);

    return array_slice($covered, 0, $sample);
}

/**
 * @param list<string> $tests that go through the mutant's lines
 * @param array<string, float> $times
 * @return list<list<string>> what it meets one after the other until one notices it
 */
function rounds(string $room, array $tests, array $times): array
{
    usort($tests, fn (string $a, string $b): int => $times[$a] <=> $times[$b]);
    $met = ['own' => [], 'other' => []];
    $sums = ['own' => 0.0, 'other' => 0.0];
    foreach ($tests as $test) {
        $sort = str_starts_with($test, "P\\Core\\tests\\{$room}\\") ? 'own' : 'other';
        $sums[$sort] += $times[$test];
        if ($sums[$sort] <= LONGEST_S[$sort]) {
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

/** The pattern of a test's own words, of which its method has letters and figures left. */
function described(string $method): string
{
    [$class, $name] = explode('::__pest_evaluable_', $method);

    return preg_quote(substr($class, strlen('P\\')), '/') . '::' . str_replace('_', '.{1,3}', preg_quote($name, '/'));
}

/**
 * In a child: the mutant is there before anything asks for its class. Ends with 0 where no test noticed it.
 *
 * @param array<string, string> $tests files of tests by method
 */
function meet(string $root, string $mutant, array $tests): never
{
    ini_set('display_errors', '0');
    ini_set('log_errors', '0');
    pcntl_alarm(STOPPED_AFTER_S);
    $these = implode('|', array_map(described(...), array_keys($tests)));
    $files = array_values(array_unique($tests));
    $arguments = ['pest', ...$files, "--filter=/^({$these})/s", '--bail', '--do-not-cache-result', '--no-output'];
    $_SERVER['argv'] = $GLOBALS['argv'] = $arguments;
    require $mutant;
    $suite = TestSuite::getInstance($root, 'tests');
    exit(Kernel::boot($suite, new ArgvInput($arguments), new NullOutput())->handle($arguments, $arguments));
}

/** @param array<string, string> $tests */
function outcome(string $root, string $mutant, array $tests): int
{
    $pid = pcntl_fork();
    if ($pid === 0) {
        meet($root, $mutant, $tests);
    }
    pcntl_waitpid($pid, $status);

    return pcntl_wifexited($status) ? pcntl_wexitstatus($status) : -1;
}

/** @param array<string, array<string, mixed>> $results */
function keep(string $file, array $results): void
{
    $short = array_map(fn (array $m): array => array_diff_key($m, ['tests' => 0, 'rounds' => 0, 'file' => 0]), $results);
    file_put_contents($file, json_encode($short, JSON_PRETTY_PRINT | JSON_THROW_ON_ERROR));
}

$root = dirname(__DIR__);
$options = getopt('', ['jobs:', 'again', 'only:', 'sample:'], $rest);
$rooms = array_slice($argv, $rest);
$jobs = max(1, (int) ($options['jobs'] ?? 2));
$only = (string) ($options['only'] ?? '');
putenv('KALOPSIS_JOBS=1');
foreach (['coverage', 'sources'] as $folder) {
    @mkdir("{$root}/var/mutants/{$folder}", 0o777, true);
}
@mkdir("{$root}/vendor/pestphp/pest-plugin-mutate/.temp/mutations", 0o777, true);
Container::getInstance()->add(CacheInterface::class, new Pest\Mutate\Cache\NullStore());
$began = microtime(true);
$coverage = coverage($root, $jobs);
fprintf(STDERR, "Which test goes through which line: %.0f s\n", microtime(true) - $began);

// Unchanged source must pass, each file of tests by itself: otherwise everything would count as noticed.
$control = "{$root}/var/mutants/sources/control.php";
file_put_contents($control, "<?php\n");
foreach (array_unique($coverage['files']) as $file) {
    $tests = array_keys($coverage['files'], $file, true);
    usort($tests, fn (string $a, string $b): int => $coverage['times'][$a] <=> $coverage['times'][$b]);
    if (outcome($root, $control, [$tests[0] => $file]) !== 0) {
        fwrite(STDERR, "{$file} does not pass as it is.\n");
        exit(1);
    }
}

foreach ($rooms as $room) {
    $began = microtime(true);
    $kept = "{$root}/var/mutants/{$room}.json";
    $before = is_file($kept) ? json_decode((string) file_get_contents($kept), true, 512, JSON_THROW_ON_ERROR) : [];
    $results = [];
    $waiting = [];
    foreach (drawn(mutants($root, $room, $coverage['lines']), (int) ($options['sample'] ?? 0)) as $mutant) {
        $mutant['rounds'] = rounds($room, $mutant['tests'], $coverage['times']);
        $mutant['noticed'] = $mutant['tests'] === [] ? null : false;
        $results[$mutant['id']] = $mutant;
        $known = $before[$mutant['id']]['noticed'] ?? false;
        $left = $only !== '' && ! str_contains($mutant['at'], $only);
        if ($left || (isset($options['again']) && $known === true)) {
            $results[$mutant['id']]['noticed'] = $known;
        } elseif ($mutant['rounds'] !== []) {
            $waiting[] = [$mutant['id'], 0];
        }
    }
    $running = [];
    $done = 0;
    while ($waiting !== [] || $running !== []) {
        while ($waiting !== [] && count($running) < $jobs) {
            [$id, $round] = array_shift($waiting);
            $tests = [];
            foreach ($results[$id]['rounds'][$round] as $test) {
                $tests[$test] = $coverage['files'][$test];
            }
            $pid = pcntl_fork();
            if ($pid === 0) {
                meet($root, $results[$id]['file'], $tests);
            }
            $running[$pid] = [$id, $round];
        }
        $pid = pcntl_wait($status);
        [$id, $round] = $running[$pid];
        unset($running[$pid]);
        if (! pcntl_wifexited($status) || pcntl_wexitstatus($status) !== 0) {
            $results[$id]['noticed'] = true;
        } elseif (isset($results[$id]['rounds'][$round + 1])) {
            array_unshift($waiting, [$id, $round + 1]);

            continue;
        }
        if (++$done % 100 === 0) {
            fprintf(STDERR, "%s: %d done, %d left\n", $room, $done, count($waiting));
            keep($kept, $results);
        }
    }
    keep($kept, $results);
    $covered = array_filter($results, fn (array $m): bool => $m['noticed'] !== null);
    $noticed = array_filter($covered, fn (array $m): bool => $m['noticed']);
    foreach (array_diff_key($covered, $noticed) as $mutant) {
        printf("%s %s\n%s\n\n", $mutant['at'], $mutant['mutator'], $mutant['diff']);
    }
    printf(
        "%s: %d of %d covered mutants noticed (%.1f %%), %d on lines that no test goes through, %.0f s\n",
        $room, count($noticed), count($covered), 100 * count($noticed) / max(1, count($covered)),
        count($results) - count($covered), microtime(true) - $began,
    );
}
