<?php

declare(strict_types=1);

use Kalopsis\Exchange\Exception\UnreadableFile;
use Kalopsis\Exchange\PaintSystemTable;
use Kalopsis\Film\PaintSystemReader;
use Kalopsis\Input\InvalidInput;

/** @return array<string, mixed> */
function sheetOfDemo(string $key): array
{
    return json_decode((string) file_get_contents(dirname(__DIR__, 3) . "/data/paint-systems/{$key}.json"), true);
}

it('writes a paint system as a table and reads the same back', function (string $key): void {
    $sheet = sheetOfDemo($key);
    $back = PaintSystemTable::read(PaintSystemTable::write($sheet))->json;
    expect(PaintSystemReader::read($back))->toEqual(PaintSystemReader::read($sheet));
})->with(['northlight-s', 'northlight-w']);

it('reads what a spreadsheet makes of it: semicolons, decimal commas, a mark, empty lines', function (): void {
    $text = PaintSystemTable::write(sheetOfDemo('northlight-w'));
    $semicolons = "\xEF\xBB\xBF" . preg_replace_callback(
        '~"[^"]*"|[^,\r\n]+|,~',
        fn (array $m): string => match (true) {
            $m[0] === ',' => ';',
            is_numeric($m[0]) => str_replace('.', ',', $m[0]),
            str_contains($m[0], ';') => "\"{$m[0]}\"",
            default => $m[0],
        },
        $text,
    ) . ";;;\r\n\r\n";
    expect(PaintSystemReader::read(PaintSystemTable::read($semicolons)->json))->toEqual(
        PaintSystemReader::read(sheetOfDemo('northlight-w')),
    );
});

it('tells a fault at its line and column', function (callable $spoil, string $where): void {
    $table = PaintSystemTable::read($spoil(PaintSystemTable::write(sheetOfDemo('northlight-w'))));

    try {
        PaintSystemReader::read($table->json);
        $told = [];
    } catch (InvalidInput $bad) {
        $told = array_map(fn ($p): string => $table->where($p->field), $bad->problems);
    }
    expect($told)->toContain($where);
})->with([
    'solids above one' => [fn (string $t): string => str_replace(',0.52,', ',1.52,', $t), 'Line 2, solids'],
    'a negative density' => [fn (string $t): string => str_replace(',1.06,0.48', ',-1.06,0.48', $t), 'Line 3, density g/ml'],
    'a film that is a word' => [fn (string $t): string => str_replace('4:1:1,20,', '4:1:1,thick,', $t), 'Line 2, dry film um'],
    'a ratio of a part too many' => [fn (string $t): string => str_replace('4:1:1,', '4:1:1:1,', $t), 'Line 2, ratio'],
    'a carrier nobody knows' => [fn (string $t): string => str_replace('waterborne', 'powder', $t), 'Line 2, carrier'],
    'a day that is none' => [
        fn (string $t): string => (string) preg_replace('~20\d\d-\d\d-\d\d~', '2026-02-30', $t, 1),
        'Line 2, sheet date',
    ],
]);

it('finds the line of a whole product and of a whole component', function (): void {
    $table = PaintSystemTable::read(PaintSystemTable::write(sheetOfDemo('northlight-w')));
    // The sealer takes lines 2 to 4, the bed begins on 5.
    expect($table->where('products.0.components.1'))->toBe('Line 3')
        ->and($table->where('products.1'))->toBe('Line 5')
        ->and($table->where('products.1.ratio'))->toBe('Line 5, ratio');
});

it('refuses a file that is no such table', function (string $text, string $why): void {
    expect(fn () => PaintSystemTable::read($text))->toThrow(UnreadableFile::class, $why);
})->with([
    ['', 'no lines'],
    ["product,component,viscosty\n", 'no column "viscosty"'],
    ["product,product\n", 'twice'],
    ["product,ratio\nx,1\n", 'no column "component"'],
    ["product,component\nx,y,z\n", 'Line 2 has 3 columns'],
    ["product,component\n,y\n", 'Line 2 belongs to no product'],
    ["\xFF\xFEp", 'UTF-8'],
]);

it('keeps a ratio that begins with a plus out of the reach of formulas', function (): void {
    $sheet = sheetOfDemo('northlight-w');
    $sheet['products'][2]['ratio'] = '+15 %';
    $text = PaintSystemTable::write($sheet);
    expect($text)->toContain(",'+15 %,")
        ->and(PaintSystemTable::read($text)->json['products'][2]['ratio'])->toBe('+15 %');
});
