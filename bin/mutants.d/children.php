<?php

declare(strict_types=1);

/* Children of one process that has everything compiled: each meets one change with some tests. Required by bin/mutants.php. */

use Pest\Kernel;
use Pest\TestSuite;
use Symfony\Component\Console\Input\ArgvInput;
use Symfony\Component\Console\Output\NullOutput;

/** The pattern of a test's own words, of which its method has letters and figures left. */
function described(string $method): string
{
    [$class, $name] = explode('::__pest_evaluable_', $method);

    return preg_quote(substr($class, strlen('P\\')), '/') . '::' . str_replace('_', '.{1,3}', preg_quote($name, '/'));
}

/**
 * In a child: the changed source is there before anything asks for its class. Ends with 0 where no test noticed it.
 *
 * @param array<string, string> $tests files of tests by method
 * @param int $seconds a change that goes round and round is stopped, and is noticed, after these
 */
function meet(string $root, string $source, array $tests, int $seconds): never
{
    ini_set('display_errors', '0');
    ini_set('log_errors', '0');
    pcntl_alarm($seconds);
    $these = implode('|', array_map(described(...), array_keys($tests)));
    $files = array_values(array_unique($tests));
    $arguments = ['pest', ...$files, "--filter=/^({$these})/s", '--bail', '--do-not-cache-result', '--no-output'];
    $_SERVER['argv'] = $GLOBALS['argv'] = $arguments;
    require $source;
    $suite = TestSuite::getInstance($root, 'tests');
    exit(Kernel::boot($suite, new ArgvInput($arguments), new NullOutput())->handle($arguments, $arguments));
}

/**
 * Unchanged source must pass, each file of tests by itself: otherwise everything would count as noticed.
 *
 * @param array{times: array<string, float>, files: array<string, string>} $coverage
 */
function control(string $root, array $coverage): void
{
    $nothing = "{$root}/var/mutants/sources/control.php";
    file_put_contents($nothing, "<?php\n");
    foreach (array_unique($coverage['files']) as $file) {
        $tests = array_keys($coverage['files'], $file, true);
        usort($tests, fn (string $a, string $b): int => $coverage['times'][$a] <=> $coverage['times'][$b]);
        $pid = pcntl_fork();
        if ($pid === 0) {
            meet($root, $nothing, [$tests[0] => $file], 60);
        }
        pcntl_waitpid($pid, $status);
        if (! pcntl_wifexited($status) || pcntl_wexitstatus($status) !== 0) {
            fwrite(STDERR, "{$file} does not pass as it is.\n");
            exit(1);
        }
    }
}

/**
 * Lets each change meet its rounds of tests until one notices it, so many at a time.
 *
 * @param array<string, array<string, mixed>> $changes with their rounds, by id; "noticed" is set
 * @param array<string, string> $files of tests, by method
 * @param callable(int, int): void $tell how many are done and left
 */
function meetAll(string $root, array &$changes, array $files, int $jobs, int $seconds, callable $tell): void
{
    $met = array_filter($changes, fn (array $c): bool => $c['rounds'] !== []);
    $waiting = array_map(fn (string $id): array => [$id, 0], array_keys($met));
    $running = [];
    $done = 0;
    while ($waiting !== [] || $running !== []) {
        while ($waiting !== [] && count($running) < $jobs) {
            [$id, $round] = array_shift($waiting);
            $tests = [];
            foreach ($changes[$id]['rounds'][$round] as $test) {
                $tests[$test] = $files[$test];
            }
            $pid = pcntl_fork();
            if ($pid === 0) {
                meet($root, $changes[$id]['file'], $tests, $seconds);
            }
            $running[$pid] = [$id, $round];
        }
        $pid = pcntl_wait($status);
        [$id, $round] = $running[$pid];
        unset($running[$pid]);
        if (! pcntl_wifexited($status) || pcntl_wexitstatus($status) !== 0) {
            $changes[$id]['noticed'] = true;
        } elseif (isset($changes[$id]['rounds'][$round + 1])) {
            array_unshift($waiting, [$id, $round + 1]);

            continue;
        }
        $tell(++$done, count($waiting));
    }
}
