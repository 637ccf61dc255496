<?php

declare(strict_types=1);

/*
 * A deliberate fault whose line was rewritten is never tried again: the list has to move with the code.
 */

it('finds the line of every kept fault exactly once', function (): void {
    $core = dirname(__DIR__, 2) . '/core';
    $kept = json_decode((string) file_get_contents("{$core}/tests/faults.json"), true, 512, JSON_THROW_ON_ERROR);
    $lost = array_filter(
        $kept['faults'],
        fn (array $f): bool => substr_count((string) file_get_contents("{$core}/src/{$f['file']}"), $f['line']) !== 1,
    );
    expect(array_column($lost, 'name'))->toBe([])
        ->and(count($kept['faults']))->toBeGreaterThan(40);
});

it('gives a reason for every constant that nothing pins, and the constant is still there', function (): void {
    $core = dirname(__DIR__, 2) . '/core';
    $kept = json_decode((string) file_get_contents("{$core}/tests/faults.json"), true, 512, JSON_THROW_ON_ERROR);
    $notes = (string) file_get_contents(dirname($core) . '/docs/model.md');
    foreach ($kept['unpinned'] as $constant => $reason) {
        [$file, $name] = explode('::', $constant);
        expect((string) @file_get_contents("{$core}/src/{$file}.php"))->toContain("const {$name} =")
            ->and(str_word_count((string) $reason))->toBeGreaterThan(2)
            ->and($notes)->toContain('`' . basename($constant) . '`');
    }
});

it('says of every change that alters nothing where it is, what it is and why', function (): void {
    $core = dirname(__DIR__, 2) . '/core';
    $kept = json_decode((string) file_get_contents("{$core}/tests/alike.json"), true, 512, JSON_THROW_ON_ERROR);
    $all = array_merge(...array_values($kept));
    expect(array_unique($all))->toBe($all);
    foreach (array_keys($kept) as $reason) {
        expect(str_word_count($reason))->toBeGreaterThan(4);
    }
    foreach ($all as $one) {
        [$file, $change] = explode(': ', $one, 2);
        [$was, $is] = explode(' ~> ', $change, 2);
        expect(is_file("{$core}/src/{$file}"))->toBeTrue($one)->and($was)->not->toBe($is);
    }
});
