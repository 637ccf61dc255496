<?php

declare(strict_types=1);

/*
 * Would a test notice? Puts one deliberate fault after another into the core and runs its tests: every named constant
 * of the rooms below times 0.75 and 1.33, and the changed lines of core/tests/faults.json. Writes var/faults/results.json;
 * docs/faults.md keeps the last result.
 *   php bin/faults.php [--jobs=2] [--only=TEXT] [--lines | --constants]
 */

use Symfony\Component\Process\Process;

require __DIR__ . '/../vendor/autoload.php';

const ROOMS = ['Gun', 'Film', 'Sight', 'Spray', 'Cups', 'Card', 'Tint', 'Panel', 'Blend'];

$root = dirname(__DIR__);
$options = getopt('', ['jobs:', 'only:', 'lines', 'constants']);
$jobs = max(1, (int) ($options['jobs'] ?? 2));
$only = (string) ($options['only'] ?? '');

/** @return list<array{name: string, file: string, source: string, kind: string}> */
function constants(string $root): array
{
    $out = [];
    $kept = json_decode((string) file_get_contents("{$root}/core/tests/faults.json"), true, 512, JSON_THROW_ON_ERROR);
    $unpinned = $kept['unpinned'];
    foreach (ROOMS as $room) {
        foreach (glob("{$root}/core/src/{$room}/{*,Internal/*}.php", GLOB_BRACE) ?: [] as $file) {
            $tokens = token_get_all((string) file_get_contents($file));
            foreach ([0.75, 1.33] as $by) {
                foreach (changedConstants($tokens, $by) as $name => $source) {
                    $short = substr($file, strlen("{$root}/core/src/"), -4);
                    // Nothing outside can pin these; the file says why for each.
                    if (isset($unpinned["{$short}::{$name}"])) {
                        continue;
                    }
                    $out[] = ['name' => "{$short}::{$name} x {$by}", 'file' => $file, 'source' => $source, 'kind' => 'constant'];
                }
            }
        }
    }

    return $out;
}

/**
 * @param list<array{int, string, int}|string> $tokens
 * @return array<string, string> whole sources by name of the one constant that is changed
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
            if (! is_array($t) || ! in_array($t[0], [T_LNUMBER, T_DNUMBER], true)) {
                continue;
            }
            $next = $i + 1;
            while (is_array($tokens[$next] ?? null) && $tokens[$next][0] === T_WHITESPACE) {
                $next++;
            }
            if (is_array($tokens[$next] ?? null) && $tokens[$next][0] === T_DOUBLE_ARROW) {
                continue;
            }
            $was = (float) str_replace('_', '', $t[1]);
            $is = $was * $by;
            if ($t[0] === T_LNUMBER) {
                $is = round($is) === $was ? $was + ($by > 1.0 ? 1.0 : -1.0) : round($is);
            }
            if ($is === $was) {
                continue;
            }
            $changed[$i] = [$t[0], $t[0] === T_LNUMBER ? (string) (int) $is : var_export($is, true), $t[2]];
            $touched = true;
        }
        if ($touched) {
            $out[$name] = implode('', array_map(fn (array|string $t): string => is_array($t) ? $t[1] : $t, $changed));
        }
    }

    return $out;
}

/** @return list<array{name: string, file: string, source: string, kind: string}> */
function lines(string $root): array
{
    $out = [];
    $kept = json_decode((string) file_get_contents("{$root}/core/tests/faults.json"), true, 512, JSON_THROW_ON_ERROR);
    foreach ($kept['faults'] as $fault) {
        $file = "{$root}/core/src/{$fault['file']}";
        $source = (string) file_get_contents($file);
        if (substr_count($source, $fault['line']) !== 1) {
            fwrite(STDERR, "{$fault['name']}: its line is not there exactly once in {$fault['file']}.\n");
            exit(1);
        }
        $out[] = [
            'name' => $fault['name'],
            'file' => $file,
            'source' => str_replace($fault['line'], $fault['becomes'], $source),
            'kind' => 'line',
        ];
    }

    return $out;
}

/** Which tests can notice a fault in a room: those nearest to it first, then those of the rooms that stand on it. */
const NEAR = [
    'Tint' => [['Tint'], ['Card']],
    'Panel' => [['Panel'], ['Blend', 'Job']],
    'Card' => [['Card'], ['Job']],
    'Cups' => [['Cups'], ['Job']],
    'Blend' => [['Blend'], ['Job']],
    'Job' => [['Job'], ['Card']],
    'Colour' => [['Colour', 'Spray'], ['Tint', 'Card', 'Job']],
    'Sequence' => [['Sequence', 'Spray'], ['Cups', 'Blend', 'Job']],
];

/** @return list<list<string>> */
function suites(string $root, string $file): array
{
    $room = explode('/', substr($file, strlen("{$root}/core/src/")))[0];
    $near = NEAR[$room] ?? [[$room, 'Spray'], ['Film', 'Sight', 'Cups', 'Card', 'Blend', 'Job']];

    return array_map(
        fn (array $rooms): array => array_values(array_filter(
            array_map(fn (string $r): string => "core/tests/{$r}", array_unique($rooms)),
            fn (string $d): bool => is_dir("{$root}/{$d}"),
        )),
        $near,
    );
}

$faults = array_values(array_filter(
    match (true) {
        isset($options['lines']) => lines($root),
        isset($options['constants']) => constants($root),
        default => [...lines($root), ...constants($root)],
    },
    fn (array $f): bool => $only === '' || str_contains($f['name'], $only),
));
@mkdir("{$root}/var/faults", 0o777, true);

/** @param array{name: string, file: string, source: string, kind: string} $fault @param list<string> $paths */
$start = function (array $fault, array $paths, int $slot) use ($root): Process {
    $file = "{$root}/var/faults/{$slot}.php";
    file_put_contents($file, $fault['source']);
    $process = new Process(
        [
            PHP_BINARY, '-d', 'pcov.enabled=0', '-d', 'opcache.enable_cli=1', '-d', 'opcache.jit=tracing',
            '-d', 'opcache.jit_buffer_size=64M', 'vendor/bin/pest', ...$paths, '--bail', '--compact', '--colors=never',
        ],
        $root,
        ['PEST_MUTATION_TESTING' => $fault['file'], 'PEST_MUTATION_FILE' => $file, 'KALOPSIS_JOBS' => '1'],
        null,
        600.0,
    );
    $process->start();

    return $process;
};

$results = [];
$running = [];
$queue = $faults;
while ($queue !== [] || $running !== []) {
    for ($slot = 0; $slot < $jobs; $slot++) {
        if (! isset($running[$slot]) && $queue !== []) {
            $fault = array_shift($queue);
            $left = suites($root, $fault['file']);
            $running[$slot] = [$fault, $left, $start($fault, $left[0], $slot)];
        }
    }
    foreach ($running as $slot => [$fault, $left, $process]) {
        if ($process->isRunning()) {
            continue;
        }
        $output = $process->getOutput() . $process->getErrorOutput();
        array_shift($left);
        if ($process->isSuccessful() && $left !== []) {
            $running[$slot] = [$fault, $left, $start($fault, $left[0], $slot)];

            continue;
        }
        unset($running[$slot]);
        preg_match('/FAILED\s+Core.tests.(.+?)\s*(?:…|  |\n)/u', $output, $m);
        $noticed = ! $process->isSuccessful();
        $by = $noticed ? trim($m[1] ?? 'it does not run') : '';
        $results[] = ['name' => $fault['name'], 'kind' => $fault['kind'], 'noticed' => $noticed, 'by' => $by];
        printf("%4d/%d %s %s %s\n", count($results), count($faults), $noticed ? 'noticed  ' : 'UNNOTICED', $fault['name'], $by);
    }
    usleep(20_000);
}

usort($results, fn (array $a, array $b): int => [$a['kind'], $a['name']] <=> [$b['kind'], $b['name']]);
file_put_contents("{$root}/var/faults/results.json", json_encode($results, JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE));
$count = fn (string $kind, bool $noticed): int => count(
    array_filter($results, fn (array $r): bool => $r['kind'] === $kind && $r['noticed'] === $noticed),
);
$missed = $count('constant', false) + $count('line', false);
printf(
    "\nLines: %d of %d noticed. Constants: %d of %d.\n%d passed, %d failed\n",
    $count('line', true),
    $count('line', true) + $count('line', false),
    $count('constant', true),
    $count('constant', true) + $count('constant', false),
    count($results) - $missed,
    $missed,
);
