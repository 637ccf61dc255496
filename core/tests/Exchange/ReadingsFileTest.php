<?php

declare(strict_types=1);

use Kalopsis\Colour\Geometry;
use Kalopsis\Colour\Measurement;
use Kalopsis\Colour\Random;
use Kalopsis\Exchange\Exception\UnreadableFile;
use Kalopsis\Exchange\Fault;
use Kalopsis\Exchange\FileFormat;
use Kalopsis\Exchange\ReadingsFile;
use Kalopsis\Exchange\Row;
use Kalopsis\Tests\Support\Colours;
use Kalopsis\Tint\EffectModel;
use Kalopsis\Tint\SolidModel;
use Kalopsis\Tint\TonerLibrary;

/** @return array{list<Row>, list<Fault>} */
function readFileOf(string $text): array
{
    $all = iterator_to_array(ReadingsFile::read($text), false);

    return [
        array_values(array_filter($all, fn ($r) => $r instanceof Row)),
        array_values(array_filter($all, fn ($r) => $r instanceof Fault)),
    ];
}

/** @return list<Row> */
function someRows(bool $spectral, Geometry $geometry): array
{
    $library = TonerLibrary::northlight();
    $chance = new Random(3);
    $rows = [];
    foreach (['The car' => 'car', 'Card "one", first' => 'card', '=variant' => 'variant'] as $name => $kind) {
        for ($shot = 1; $shot <= 2; $shot++) {
            $m =
                $geometry === Geometry::FortyFiveZero
                    ? Colours::of(new SolidModel($library), Colours::LICHEN, $chance, 0.01)
                    : Colours::of(new EffectModel($library, $geometry), Colours::SILVER, $chance, 0.01);
            $rows[] = new Row(
                0,
                $name,
                $kind,
                'wing, left',
                (string) $shot,
                $spectral ? $m : Measurement::ofLabs($m->labs),
            );
        }
    }

    return $rows;
}

it('writes and reads back every format', function (FileFormat $format, bool $spectral, Geometry $geometry): void {
    $rows = someRows($spectral, $geometry);
    $text = ReadingsFile::write($format, $rows);
    expect(FileFormat::of($text))->toBe($format);
    [$back, $faults] = readFileOf($text);
    expect($faults)->toBe([])->and($back)->toHaveCount(6);
    foreach ($back as $i => $row) {
        expect([$row->kind, $row->shot, $row->spot])
            ->toBe([$rows[$i]->kind, $rows[$i]->shot, $rows[$i]->spot])
            ->and($row->measurement->geometry)
            ->toBe($geometry)
            ->and($row->measurement->hasSpectra())
            ->toBe($spectral);
        foreach ($geometry->angles() as $angle) {
            $a = $row->measurement->at($angle);
            $b = $rows[$i]->measurement->at($angle);
            expect([$a->l, $a->a, $a->b])->toEqualWithDelta([$b->l, $b->a, $b->b], 0.02);
        }
    }
    expect($back[0]->sample)->toBe('The car');
})
    ->with([[FileFormat::Csv], [FileFormat::Cgats], [FileFormat::Cxf]])
    ->with([[true], [false]])
    ->with([[Geometry::FortyFiveZero], [Geometry::Five], [Geometry::Six], [Geometry::Three]]);

it('reads CSV as spreadsheets write it: BOM, semicolons, decimal commas', function (): void {
    [$rows, $faults] = readFileOf(
        "\xEF\xBB\xBFSample;Kind;Viewing;L;a;b\r\nThe car;car;D65/10;36,02;-14,9;14,4\r\n\r\nCard;card;D65/10;37;-14;13,5\r\n",
    );
    expect($rows)
        ->toHaveCount(2)
        ->and($rows[0]->measurement->at(45)->l)
        ->toBe(36.02)
        ->and($rows[1]->measurement->at(45)->b)
        ->toBe(13.5)
        ->and($faults)
        ->toHaveCount(1)
        ->and($faults[0]->mended)
        ->toBeTrue()
        ->and($faults[0]->line)
        ->toBe(2);
});

it('names the line and the reason, and still takes the good lines', function (): void {
    $csv = implode("\n", [
        'sample,kind,spot,shot,viewing,L15,a15,b15,L45,a45,b45,L110,a110,b110',
        'good,car,a,1,D65/10,120,0,0,60,0,0,38,0,0', // 2
        'short,car,a,1,D65/10,120,0,0,60,0,0', // 3
        'angle,car,a,1,D65/10,120,0,0,,,,38,0,0', // 4
        'half,car,a,1,D65/10,120,0,0,60,,0,38,0,0', // 5
        'words,car,a,1,D65/10,120,0,0,sixty,0,0,38,0,0', // 6
        'light,car,a,1,F11/10,120,0,0,60,0,0,38,0,0', // 7
        'nothing,car,a,1,,120,0,0,60,0,0,38,0,0', // 8
        'gamut,car,a,1,D65/10,120,0,0,3,-150,0,38,0,0', // 9
        'good,car,a,1,D65/10,121,0,0,60,0,0,38,0,0', // 10: the same shot again
        'good,car,a,2,A/10,120,0,0,60,0,0,38,0,0', // 11: another light
        ',car,a,1,D65/10,120,0,0,60,0,0,38,0,0', // 12
        "bad\xFFutf,car,a,1,D65/10,120,0,0,60,0,0,38,0,0", // 13
        'good,car,a,3,D65/10,1e999,0,0,60,0,0,38,0,0', // 14
        'good,car,a,4,D65/10,119,0,0,60,0,0,38,0,0', // 15
    ]);
    [$rows, $faults] = readFileOf($csv);
    expect(array_map(fn (Row $r): int => $r->line, $rows))
        ->toBe([2, 15])
        ->and(array_map(fn (Fault $f): int => $f->line, $faults))
        ->toBe(range(3, 14));
    $reason = array_combine(
        array_map(fn (Fault $f): int => $f->line, $faults),
        array_map(fn (Fault $f): string => $f->reason, $faults),
    );
    expect($reason[3])
        ->toContain('11 columns')
        ->toContain('14')
        ->and($reason[4])
        ->toContain('15, 110')
        ->and($reason[5])
        ->toContain('45°')
        ->and($reason[6])
        ->toContain('45°')
        ->and($reason[7])
        ->toContain('light')
        ->and($reason[8])
        ->toContain('light')
        ->and($reason[9])
        ->toContain('no colour a surface can have')
        ->and($reason[10])
        ->toContain('twice')
        ->toContain('line 2')
        ->and($reason[11])
        ->toContain('D65/10')
        ->toContain('A/10')
        ->and($reason[12])
        ->toContain('name')
        ->and($reason[13])
        ->toContain('UTF-8')
        ->and($reason[14])
        ->toContain('15°');
});

it('refuses what is no file of readings, in words', function (string $text, string $why): void {
    expect(fn () => readFileOf($text))->toThrow(UnreadableFile::class, $why);
})->with([
    'empty' => ['', 'empty'],
    'blank' => [" \n\t\n", 'empty'],
    'binary' => ["PK\x03\x04\0\0\0\0", 'no text file'],
    'UTF-16' => ["\xFF\xFEs\0a\0", 'UTF-16'],
    'no sample column' => ["L,a,b\n1,2,3", 'sample'],
    'no readings' => ["sample,remark\nx,y", 'no readings'],
    'prose' => ["Dear Sir, the car is silver.\nYours", 'sample'],
    'an entity bomb' => [
        '<?xml version="1.0"?><!DOCTYPE x [<!ENTITY a "aaaa"><!ENTITY b "&a;&a;&a;">]><CxF>&b;</CxF>',
        'entities',
    ],
    'an outside entity' => ['<!DOCTYPE x SYSTEM "file:///etc/passwd"><CxF/>', 'entities'],
    'other XML' => ['<svg xmlns="http://www.w3.org/2000/svg"/>', 'no CxF objects'],
    'broken XML' => ['<CxF><Resources><', 'well-formed'],
    'CGATS without a format' => ["CGATS.17\nBEGIN_DATA\n1 2 3\nEND_DATA", 'before its format'],
    'CGATS with nothing' => ["CGATS.17\nORIGINATOR \"x\"\n", 'data format'],
]);

it('reads a line break inside quotes as part of the cell (RFC 4180, section 2, rule 6)', function (): void {
    $text = "sample,viewing,L,a,b\r\n\"Silver\r\n\"\"as sprayed\"\", card 2\",D65/10,50,0,0\r\nnext,D65/10,51,0,0\r\n";
    [$rows, $faults] = readFileOf($text);
    expect($faults)
        ->toBe([])
        ->and(array_map(fn (Row $r): string => $r->sample, $rows))
        ->toBe(["Silver\n\"as sprayed\", card 2", 'next'])
        ->and(array_map(fn (Row $r): int => $r->line, $rows))
        ->toBe([2, 4]);
    [$again] = readFileOf(ReadingsFile::write(FileFormat::Csv, $rows));
    expect(array_map(fn (Row $r): string => $r->sample, $again))->toBe(["Silver\n\"as sprayed\", card 2", 'next']);
});

it('loses nothing to a quote that is never closed', function (): void {
    [$rows] = readFileOf("sample,viewing,L,a,b\n\"5 inch,D65/10,50,0,0\nx,D65/10,51,0,0\ny,D65/10,52,0,0");
    expect(array_map(fn (Row $r): string => $r->sample, $rows))->toBe(['x', 'y']);
});

it('survives lines of any length and cuts nothing else off', function (): void {
    $long = "sample,viewing,L,a,b\nx,D65/10,50,0,0\n" . str_repeat('9', 3_000_000) . "\ny,D65/10,51,0,0";
    [$rows, $faults] = readFileOf($long);
    expect($rows)
        ->toHaveCount(2)
        ->and($faults)
        ->toHaveCount(1)
        ->and($faults[0]->line)
        ->toBe(3)
        ->and($faults[0]->reason)
        ->toContain('longer');
});

it('takes what stands before the place where a file was cut off', function (): void {
    $rows = someRows(false, Geometry::Five);
    $cgats = ReadingsFile::write(FileFormat::Cgats, $rows);
    [$back, $faults] = readFileOf(substr($cgats, 0, (int) (strlen($cgats) * 0.7)));
    expect(count($back))
        ->toBeGreaterThan(1)
        ->toBeLessThan(6)
        ->and(implode(' ', array_map(fn (Fault $f): string => $f->reason, $faults)))
        ->toContain('END_DATA');
    $cxf = ReadingsFile::write(FileFormat::Cxf, $rows);
    // The light and the angles stand at a CxF's end: without them Lab means nothing.
    [$back, $faults] = readFileOf(substr($cxf, 0, (int) (strlen($cxf) * 0.6)));
    expect($back)
        ->toBe([])
        ->and(count($faults))
        ->toBeGreaterThan(0)
        ->and($faults[count($faults) - 1]->reason)
        ->toContain('breaks off');
});

it('says when a CGATS file promises more than it holds', function (): void {
    $text = str_replace(
        'NUMBER_OF_SETS 6',
        'NUMBER_OF_SETS 9',
        ReadingsFile::write(FileFormat::Cgats, someRows(false, Geometry::FortyFiveZero)),
    );
    [$rows, $faults] = readFileOf($text);
    expect($rows)->toHaveCount(6)->and($faults[0]->mended)->toBeTrue()->and($faults[0]->reason)->toContain('9');
});

it('reads CGATS text by the letter of the standard: quotes, comments, keywords in any order', function (): void {
    $text = <<<'TXT'
    CGATS.17
    ORIGINATOR "somebody"  # a remark
    WEIGHTING_FUNCTION "ILLUMINANT, D50"
    WEIGHTING_FUNCTION "OBSERVER, 2 degree"
    BEGIN_DATA_FORMAT
    SAMPLE_ID SAMPLE_NAME LAB_L LAB_A LAB_B
    END_DATA_FORMAT
    BEGIN_DATA
    1 "Patch one" 50.5 -3.25 4
    2 "Patch two" 60 1 2
    END_DATA
    TXT;
    [$rows, $faults] = readFileOf($text);
    expect($faults)
        ->toBe([])
        ->and($rows[0]->sample)
        ->toBe('Patch one')
        ->and($rows[0]->measurement->viewing->name())
        ->toBe('D50/2')
        ->and($rows[0]->measurement->at(45)->a)
        ->toBe(-3.25)
        ->and($rows[1]->measurement->geometry)
        ->toBe(Geometry::FortyFiveZero);
});

it('refuses a solid that glows, and percent taken for shares', function (): void {
    $head = 'sample,' . implode(',', array_map(fn (int $i): string => 'R45_' . (400 + 10 * $i), range(0, 30)));
    [$rows, $faults] = readFileOf(
        "{$head}\nglows," .
            implode(',', [...array_fill(0, 15, '0.4'), '1.4', ...array_fill(0, 15, '0.5')]) .
            "\npercent," .
            implode(',', array_fill(0, 31, '55')),
    );
    expect($rows)
        ->toBe([])
        ->and($faults[0]->reason)
        ->toContain('fluorescence')
        ->and($faults[1]->reason)
        ->toContain('between 0 and 20');
});

it('keeps formulas for spreadsheets from being run', function (): void {
    $csv = ReadingsFile::write(FileFormat::Csv, someRows(false, Geometry::FortyFiveZero));
    expect($csv)->toContain("\r\n'=variant,")->and($csv)->toContain('"Card ""one"", first"');
});

it('reads ten thousand readings in seconds and little memory', function (): void {
    $row = fn (int $i): string => "s{$i},variant,a,1,D65/10," .
        implode(',', array_fill(0, 15, sprintf('%.1f', 20 + ($i % 60))));
    $text =
        "sample,kind,spot,shot,viewing,L15,a15,b15,L25,a25,b25,L45,a45,b45,L75,a75,b75,L110,a110,b110\n" .
        implode("\n", array_map($row, range(1, 10_000)));
    $before = memory_get_usage();
    $count = 0;
    foreach (ReadingsFile::read($text) as $one) {
        $count += $one instanceof Row ? 1 : 0;
    }
    expect($count)
        ->toBe(10_000)
        ->and(memory_get_peak_usage() - $before)
        ->toBeLessThan(120_000_000);
});
