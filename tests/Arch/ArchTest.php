<?php

declare(strict_types=1);

arch('core uses nothing but PHP and itself')
    ->expect('Kalopsis')
    ->toOnlyUse([
        'Kalopsis',
        'DOMDocument',
        'DOMElement',
        'Generator',
        'JsonSerializable',
        'LibXMLError',
        'Throwable',
        'XMLReader',
        'XMLWriter',
        'BackedEnum',
        'DomainException',
        'InvalidArgumentException',
        'OutOfBoundsException',
    ])
    ->ignoring('Kalopsis\Tests');

arch('core has no clock, chance or I/O')
    ->expect([
        'date',
        'time',
        'microtime',
        'rand',
        'mt_rand',
        'random_int',
        'file_get_contents',
        'file_put_contents',
        'fopen',
        'getenv',
        'sleep',
        'var_dump',
        'dd',
        'dump',
        'exit',
    ])
    ->not->toBeUsedIn('Kalopsis');

arch('everything is strict')
    ->expect(['Kalopsis', 'App', 'Database'])
    ->toUseStrictTypes();

/** Which rooms of the core a room may use; the order is the order of the floors. */
const ROOMS = [
    'Units' => [],
    'Why' => ['Units'],
    'Input' => ['Units', 'Why'],
    'Colour' => ['Units', 'Why'],
    'Exchange' => ['Colour'],
    'Panel' => ['Units', 'Why', 'Input'],
    'Calibration' => ['Units', 'Why'],
    'Gun' => ['Units', 'Why', 'Calibration'],
    'Film' => ['Units', 'Why', 'Input', 'Colour', 'Gun'],
    'Tint' => ['Units', 'Why', 'Calibration', 'Colour', 'Film'],
    'Caution' => ['Film'],
    'Cups' => ['Units', 'Why', 'Calibration', 'Film', 'Gun'],
    'Sight' => ['Colour'],
    'Sequence' => ['Units', 'Input', 'Film', 'Gun'],
    'Spray' => ['Units', 'Why', 'Calibration', 'Colour', 'Sight', 'Film', 'Gun', 'Sequence'],
    'Booth' => ['Units', 'Why', 'Film'],
    'Findings' => ['Why', 'Input', 'Booth'],
    'Blend' => ['Units', 'Why', 'Panel', 'Film', 'Sequence', 'Spray'],
    'Card' => ['Units', 'Why', 'Input', 'Colour', 'Tint', 'Panel', 'Gun', 'Film', 'Sequence', 'Spray'],
    'Job' => [
        'Units',
        'Why',
        'Input',
        'Calibration',
        'Colour',
        'Sight',
        'Panel',
        'Gun',
        'Film',
        'Caution',
        'Cups',
        'Booth',
        'Findings',
        'Tint',
        'Sequence',
        'Spray',
        'Blend',
        'Card',
    ],
    'Practice' => [
        'Units',
        'Why',
        'Input',
        'Colour',
        'Gun',
        'Film',
        'Tint',
        'Cups',
        'Panel',
        'Sequence',
        'Spray',
        'Findings',
        'Job',
    ],
    'Trials' => [
        'Units',
        'Why',
        'Input',
        'Calibration',
        'Colour',
        'Sight',
        'Gun',
        'Film',
        'Tint',
        'Sequence',
        'Spray',
        'Job',
    ],
];

it('uses only the rooms below', function (string $room, array $may): void {
    $files = new RecursiveIteratorIterator(new RecursiveDirectoryIterator(dirname(__DIR__, 2) . "/core/src/{$room}"));
    $seen = 0;
    foreach ($files as $file) {
        if (! ($file instanceof SplFileInfo) || $file->getExtension() !== 'php') {
            continue;
        }
        $seen++;
        preg_match_all('~Kalopsis\\\\(\w+)\\\\~', (string) file_get_contents($file->getPathname()), $used);
        foreach (array_unique($used[1]) as $other) {
            expect($other === $room || in_array($other, $may, true))->toBeTrue(
                "{$file->getFilename()} in {$room} uses {$other}",
            );
        }
    }
    expect($seen)->toBeGreaterThan(0);
})->with(array_map(fn (string $room, array $may): array => [$room, $may], array_keys(ROOMS), ROOMS));

it('knows every room there is', function (): void {
    $there = array_map(basename(...), glob(dirname(__DIR__, 2) . '/core/src/*', GLOB_ONLYDIR) ?: []);
    $known = array_keys(ROOMS);
    sort($known);
    expect($there)->toBe($known);
});

arch('what is internal stays in its room')
    ->expect('Kalopsis\Panel\Internal')
    ->toOnlyBeUsedIn(['Kalopsis\Panel', 'Kalopsis\Tests']);
arch('tints keep their fits to themselves')->expect('Kalopsis\Tint\Internal')->toOnlyBeUsedIn('Kalopsis\Tint');
arch('spectra keep their tables to themselves')->expect('Kalopsis\Colour\Internal')->toOnlyBeUsedIn('Kalopsis\Colour');
arch('formats keep their readers to themselves')->expect('Kalopsis\Exchange\Internal')->toOnlyBeUsedIn('Kalopsis\Exchange');
arch('the eye keeps its sums to itself')->expect('Kalopsis\Sight\Internal')->toOnlyBeUsedIn('Kalopsis\Sight');
arch('the blend keeps its own counsel')->expect('Kalopsis\Blend\Internal')->toOnlyBeUsedIn('Kalopsis\Blend');

it('keeps values final and unchanging', function (): void {
    $mutable = [
        'Kalopsis\Booth\BestOrder',
        'Kalopsis\Booth\OnePainter',
        'Kalopsis\Booth\Replay',
        'Kalopsis\Blend\NeedsOfThisRun',
        'Kalopsis\Colour\Random',
        'Kalopsis\Sight\Filter',
        'Kalopsis\Exchange\Internal\CgatsShot',
        'Kalopsis\Input\Problems',
        'Kalopsis\Blend\Internal\Fields',
        'Kalopsis\Blend\Internal\InPlay',
        'Kalopsis\Blend\Internal\PanelsInPlay',
        'Kalopsis\Blend\Internal\Warnings',
    ];
    $files = new RecursiveIteratorIterator(new RecursiveDirectoryIterator(dirname(__DIR__, 2) . '/core/src'));
    foreach ($files as $file) {
        if (! ($file instanceof SplFileInfo) || $file->getExtension() !== 'php') {
            continue;
        }
        $class =
            'Kalopsis\\' .
            str_replace('/', '\\', substr($file->getPathname(), strlen(dirname(__DIR__, 2) . '/core/src/'), -4));
        expect(class_exists($class) || interface_exists($class) || enum_exists($class))->toBeTrue($class);
        $reflection = new ReflectionClass($class);
        if ($reflection->isInterface() || $reflection->isEnum() || $reflection->isSubclassOf(Throwable::class)) {
            continue;
        }
        expect($reflection->isFinal())->toBeTrue("{$class} is final");
        if ($reflection->getProperties() !== [] && ! in_array($class, $mutable, true)) {
            expect($reflection->isReadOnly())->toBeTrue("{$class} is readonly");
        }
    }
});

arch('controllers leave the database to actions and models')
    ->expect('App\Http\Controllers')
    ->not->toUse(['Illuminate\Support\Facades\DB', 'Illuminate\Database\ConnectionInterface']);

arch('only the app and its seeds know Eloquent')
    ->expect('Illuminate\Database\Eloquent')
    ->toOnlyBeUsedIn(['App', 'Database', 'Tests']);

it('declares each helper of the core tests once: all run in one process', function (): void {
    $seen = [];
    $files = new RecursiveIteratorIterator(new RecursiveDirectoryIterator(dirname(__DIR__, 2) . '/core/tests'));
    foreach ($files as $file) {
        if (! ($file instanceof SplFileInfo) || $file->getExtension() !== 'php') {
            continue;
        }
        preg_match_all('/^function (\w+)\(/m', (string) file_get_contents($file->getPathname()), $found);
        foreach ($found[1] as $name) {
            expect($seen)->not->toHaveKey($name, "{$name} in {$file->getFilename()} and in " . ($seen[$name] ?? ''));
            $seen[$name] = $file->getFilename();
        }
    }
    expect($seen)->not->toBe([]);
});

it('asks nowhere which school a plan came from: rules look at the steps', function (): void {
    $keys = array_map(
        fn (string $f): string => basename($f, '.json'),
        glob(dirname(__DIR__, 2) . '/data/schools/*.json') ?: [],
    );
    // "Edge to edge" is what happens to a panel, too.
    $keys = array_diff($keys, ['edge-to-edge']);
    foreach (['core/src', 'app', 'web/src'] as $folder) {
        foreach (
            new RecursiveIteratorIterator(new RecursiveDirectoryIterator(dirname(__DIR__, 2) . "/{$folder}")) as $file
        ) {
            if (
                ! ($file instanceof SplFileInfo) ||
                ! in_array($file->getExtension(), ['php', 'ts', 'tsx'], true) ||
                str_contains($file->getFilename(), '.test.')
            ) {
                continue;
            }
            // The order of the list, what an old row is read as, and what a new job begins with.
            if (in_array($file->getFilename(), ['SchoolFiles.php', 'ShopSchool.php', 'NewJobDialog.tsx'], true)) {
                continue;
            }
            foreach ($keys as $key) {
                expect(str_contains((string) file_get_contents($file->getPathname()), "'{$key}'"))->toBeFalse(
                    "{$file->getFilename()} asks for {$key}",
                );
            }
        }
    }
});
