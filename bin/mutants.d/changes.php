<?php

declare(strict_types=1);

/*
 * What is changed in the core: mutants of Pest's own plugin, named constants, and kept lines. Required by bin/mutants.php.
 * A change is {id, at, what, diff, file, tests}: where it is, what was done, its source, and the tests that go through it.
 */

use Pest\Mutate\Cache\NullStore;
use Pest\Mutate\Mutators\Sets\DefaultSet;
use Pest\Mutate\Support\MutationGenerator;
use Pest\Support\Container;
use Psr\SimpleCache\CacheInterface;
use Symfony\Component\Finder\SplFileInfo;

/** A constant is made smaller and larger by these: the plugin moves a figure by 1, which is too coarse for them. */
const TIMES = [0.75, 1.33];

/**
 * @param list<string> $tests
 * @return array{id: string, at: string, what: string, diff: string, file: string, tests: list<string>}
 */
function change(string $root, string $short, int $line, string $what, string $diff, string $source, array $tests): array
{
    // The same wherever the project lies; and where its source lies must not change what it reads beside itself.
    $id = hash('xxh3', $short . $what . $source);
    $to = "{$root}/var/mutants/sources/{$id}.php";
    file_put_contents($to, str_replace('__DIR__', var_export(dirname("{$root}/core/src/{$short}"), true), $source));

    return ['id' => $id, 'at' => "{$short}:{$line}", 'what' => $what, 'diff' => $diff, 'file' => $to, 'tests' => $tests];
}

/**
 * @param array<string, array<int, list<string>>> $lines tests by file and line
 * @return list<array<string, mixed>>
 */
function mutantsOf(string $root, string $room, array $lines): array
{
    @mkdir("{$root}/vendor/pestphp/pest-plugin-mutate/.temp/mutations", 0o777, true);
    Container::getInstance()->add(CacheInterface::class, new NullStore());
    $out = [];
    foreach (phpFiles("{$root}/core/src/{$room}") as $file) {
        $short = substr($file, strlen("{$root}/core/src/"));
        $covered = $lines["core/src/{$short}"] ?? [];
        foreach ((new MutationGenerator())->generate(new SplFileInfo($file, '', ''), DefaultSet::mutators()) as $mutation) {
            $tests = [];
            for ($line = $mutation->startLine; $line <= $mutation->endLine; $line++) {
                $tests += array_fill_keys($covered[$line] ?? [], true);
            }
            $what = substr((string) strrchr($mutation->mutator, '\\'), 1);
            $diff = trim((string) preg_replace('~</?(fg=\w+)?>~', '', $mutation->diff));
            $out[] = change($root, $short, $mutation->startLine, $what, $diff, $mutation->modifiedSource(), array_keys($tests));
        }
    }

    return $out;
}

/**
 * Changes that alter nothing anybody could see, judged by hand: "Room/Class.php: was ~> is" by the reason why.
 *
 * @return array<string, list<array{string, string}>> was and is, by file
 */
function alikes(string $root): array
{
    $out = [];
    $kept = json_decode((string) file_get_contents("{$root}/core/tests/alike.json"), true, 512, JSON_THROW_ON_ERROR);
    foreach (array_merge(...array_values($kept)) as $one) {
        [$file, $change] = explode(': ', $one, 2);
        $out[$file][] = explode(' ~> ', $change, 2);
    }

    return $out;
}

/**
 * Is this one of those: does a line become the other by what is listed, once?
 *
 * @param array<string, mixed> $change
 * @param array<string, list<array{string, string}>> $alikes
 */
function isAlike(array $change, array $alikes): bool
{
    $text = str_replace('\\', '', $change['diff']);
    $line = fn (string $sign): string => preg_match("/^\\s*\\{$sign}(.*)$/m", $text, $found) === 1 ? trim($found[1]) : '';
    [$was, $is] = [$line('-'), $line('+')];
    foreach ($alikes[explode(':', $change['at'])[0]] ?? [] as [$from, $to]) {
        for ($at = -1; ($at = strpos($was, $from, $at + 1)) !== false;) {
            if (substr_replace($was, $to, $at, strlen($from)) === $is) {
                return true;
            }
        }
    }

    return false;
}

/** @return array{faults: list<array<string, string>>, unpinned: array<string, string>} */
function kept(string $root): array
{
    return json_decode((string) file_get_contents("{$root}/core/tests/faults.json"), true, 512, JSON_THROW_ON_ERROR);
}

/**
 * Every named constant of a room that something outside can pin, smaller and larger. What goes through a line that names it
 * can notice it.
 *
 * @param array<string, array<int, list<string>>> $lines tests by file and line
 * @return list<array<string, mixed>>
 */
function constantsOf(string $root, string $room, array $lines): array
{
    $unpinned = kept($root)['unpinned'];
    $out = [];
    foreach (phpFiles("{$root}/core/src/{$room}") as $file) {
        $short = substr($file, strlen("{$root}/core/src/"));
        $tokens = token_get_all((string) file_get_contents($file));
        foreach (TIMES as $by) {
            foreach (changedConstants($tokens, $by) as $name => [$source, $line]) {
                if (! isset($unpinned[substr($short, 0, -4) . "::{$name}"])) {
                    $tests = usersOf($root, $short, $name, $lines);
                    $out[] = change($root, $short, $line, "{$name} x {$by}", '', $source, $tests);
                }
            }
        }
    }

    return $out;
}

/**
 * A constant may stand in a default, which no line tells; so everything counts that goes through a class which names it.
 *
 * @param array<string, array<int, list<string>>> $lines tests by file and line
 * @return list<string>
 */
function usersOf(string $root, string $short, string $name, array $lines): array
{
    $class = basename($short, '.php');
    $tests = [];
    foreach ($lines as $file => $covered) {
        $names = $file === "core/src/{$short}" ? "self|static|{$class}" : $class;
        if (preg_match("/\\b({$names})::{$name}\\b/", (string) file_get_contents("{$root}/{$file}")) === 1) {
            foreach ($covered as $through) {
                $tests += array_fill_keys($through, true);
            }
        }
    }

    return array_keys($tests);
}

/**
 * @param list<array{int, string, int}|string> $tokens
 * @return array<string, array{string, int}> whole sources by name of the one constant that is changed, and its line
 */
function changedConstants(array $tokens, float $by): array
{
    $out = [];
    foreach ($tokens as $at => $token) {
        if (! is_array($token) || $token[0] !== T_CONST) {
            continue;
        }
        $changed = $tokens;
        $name = '';
        $touched = false;
        for ($i = $at + 1; isset($tokens[$i]) && $tokens[$i] !== ';'; $i++) {
            $t = $tokens[$i];
            if (is_array($t) && $t[0] === T_STRING && $name === '') {
                $name = $t[1];
            }
            if (! is_array($t) || ! in_array($t[0], [T_LNUMBER, T_DNUMBER], true) || isKey($tokens, $i)) {
                continue;
            }
            $was = (float) str_replace('_', '', $t[1]);
            $is = $was * $by;
            if ($t[0] === T_LNUMBER) {
                $is = round($is) === $was ? $was + ($by > 1.0 ? 1.0 : -1.0) : round($is);
            }
            if ($is !== $was) {
                $changed[$i] = [$t[0], $t[0] === T_LNUMBER ? (string) (int) $is : var_export($is, true), $t[2]];
                $touched = true;
            }
        }
        if ($touched) {
            $source = implode('', array_map(fn (array|string $t): string => is_array($t) ? $t[1] : $t, $changed));
            $out[$name] = [$source, $token[2]];
        }
    }

    return $out;
}

/** @param list<array{int, string, int}|string> $tokens */
function isKey(array $tokens, int $at): bool
{
    for ($next = $at + 1; is_array($tokens[$next] ?? null) && $tokens[$next][0] === T_WHITESPACE; $next++) {
        continue;
    }

    return is_array($tokens[$next] ?? null) && $tokens[$next][0] === T_DOUBLE_ARROW;
}

/**
 * The kept list of changed lines, core/tests/faults.json.
 *
 * @param array<string, array<int, list<string>>> $lines tests by file and line
 * @return list<array<string, mixed>>
 */
function keptLines(string $root, array $lines): array
{
    $out = [];
    foreach (kept($root)['faults'] as $fault) {
        $source = (string) file_get_contents("{$root}/core/src/{$fault['file']}");
        if (substr_count($source, $fault['line']) !== 1) {
            fwrite(STDERR, "{$fault['name']}: its line is not there exactly once in {$fault['file']}.\n");
            exit(1);
        }
        $first = substr_count(strstr($source, $fault['line'], true), "\n") + 1;
        $covered = $lines["core/src/{$fault['file']}"] ?? [];
        $tests = [];
        for ($line = $first; $line <= $first + substr_count($fault['line'], "\n"); $line++) {
            $tests += array_fill_keys($covered[$line] ?? [], true);
        }
        $constant = preg_match('/const (?:\w+ )?([A-Z][A-Z0-9_]+) =/', $fault['line'], $m) === 1 ? $m[1] : null;
        if ($tests === []) {
            $users = $constant === null ? array_merge(...$covered) : usersOf($root, $fault['file'], $constant, $lines);
            $tests = array_fill_keys($users, true);
        }
        $changed = str_replace($fault['line'], $fault['becomes'], $source);
        $out[] = change($root, $fault['file'], $first, $fault['name'], '', $changed, array_keys($tests));
    }

    return $out;
}

/**
 * @param list<array<string, mixed>> $changes
 * @return list<array<string, mixed>> so many of those that a test goes through; all of them where 0 are asked for
 */
function drawn(array $changes, int $sample): array
{
    if ($sample === 0) {
        return $changes;
    }
    $covered = array_filter($changes, fn (array $c): bool => $c['tests'] !== []);
    usort($covered, fn (array $a, array $b): int => $a['id'] <=> $b['id']);

    return array_slice($covered, 0, $sample);
}
