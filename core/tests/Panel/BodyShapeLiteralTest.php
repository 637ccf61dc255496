<?php

declare(strict_types=1);

use Kalopsis\Panel\BodyShapeSvg;
use Kalopsis\Panel\Exception\BadBodyShape;
use Kalopsis\Panel\Material;
use Kalopsis\Panel\Orientation;
use Kalopsis\Panel\PanelKind;

const TWO_SHEETS = <<<'SVG'
<?xml version="1.0" encoding="UTF-8"?>
<svg xmlns="http://www.w3.org/2000/svg" viewBox="-60 -60 1024 420" data-kalopsis="body-shape 1" data-key="two-sheets" data-name="Two sheets" data-style="test">
  <g id="left" data-panel="bonnet" data-name="Left &amp; first" data-material="aluminium" data-orientation="flat">
    <path data-role="outline" d="M0 0 L400 0 L400 300 L0 300 Z"/>
    <path data-role="body-line" data-name="crease" d="M0 150 L400 150"/>
    <path data-role="edge" data-name="window" d="M0 0 L400 0"/>
  </g>
  <g id="right" data-panel="wing" data-name="Right" data-material="plastic" data-orientation="upright">
    <path data-role="outline" d="M404 0 L904 0 L904 300 L404 300 Z"/>
  </g>
  <g data-seam="left right" data-gap="4">
    <path data-role="seam-a" d="M400 0 L400 300"/>
    <path data-role="seam-b" d="M404 0 L404 300"/>
  </g>
</svg>

SVG;

it('reads a literal drawing and writes it again to the letter', function (): void {
    $body = BodyShapeSvg::read(TWO_SHEETS);
    expect($body->key)
        ->toBe('two-sheets')
        ->and($body->style)
        ->toBe('test')
        ->and($body->panel('left')->name)
        ->toBe('Left & first')
        ->and($body->panel('left')->kind)
        ->toBe(PanelKind::Bonnet)
        ->and($body->panel('left')->material)
        ->toBe(Material::Aluminium)
        ->and($body->panel('left')->orientation)
        ->toBe(Orientation::Flat)
        ->and($body->panel('left')->areaM2())
        ->toBe(0.12)
        ->and($body->panel('right')->areaM2())
        ->toBe(0.15)
        ->and($body->panel('left')->bodyLines[0]->line->lengthMm())
        ->toBe(400.0)
        ->and($body->panel('left')->freeEdges[0]->name)
        ->toBe('window')
        ->and($body->seams[0]->other('left'))
        ->toBe('right')
        ->and($body->seams[0]->bOntoA->isNone())
        ->toBeTrue()
        ->and($body->seamsOf('right'))
        ->toHaveCount(1)
        ->and(BodyShapeSvg::write($body))
        ->toBe(TWO_SHEETS);
});

it('lays a sheet drawn elsewhere against its neighbour, one gap apart', function (): void {
    // The same two sheets, the right one drawn turned by a quarter and far away.
    $apart = str_replace(
        ['M404 0 L904 0 L904 300 L404 300 Z', 'M404 0 L404 300'],
        ['M5000 1000 L5000 1500 L4700 1500 L4700 1000 Z', 'M5000 1000 L4700 1000'],
        TWO_SHEETS,
    );
    $seam = BodyShapeSvg::read($apart)->seams[0];
    foreach ([[5000, 1000, 404, 0], [4700, 1000, 404, 300], [5000, 1500, 904, 0]] as [$x, $y, $toX, $toY]) {
        $at = $seam->otherOnto('left')->apply($x, $y);
        expect($at->x)->toEqualWithDelta($toX, 1e-6)->and($at->y)->toEqualWithDelta($toY, 1e-6);
        $back = $seam->otherOnto('right')->apply($toX, $toY);
        expect($back->x)->toEqualWithDelta($x, 1e-6)->and($back->y)->toEqualWithDelta($y, 1e-6);
    }
});

it('follows a curve to half a millimetre, with no more pieces than that takes', function (float $high): void {
    // A parabola over 400 mm, so high in the middle: cut into n pieces of its parameter it lies high / n2 off their chords.
    $curved = str_replace('M0 0 L400 0 L400 300 L0 300 Z', sprintf('M0 300 L0 0 Q200 %g 400 0 L400 300 Z', -2.0 * $high), TWO_SHEETS);
    $curved = preg_replace('~<path data-role="edge".*?/>~', '', $curved);
    $outline = BodyShapeSvg::read((string) $curved)->panel('left')->outline;
    $on = array_keys(array_filter($outline->ys, fn (float $y): bool => $y <= 0.0));
    $n = count($on) - 1;
    expect($high / $n ** 2)->toBeLessThanOrEqual(0.5)->and($high / ($n - 1) ** 2)->toBeGreaterThan(0.5);
    foreach ($on as $i) {
        $t = $outline->xs[$i] / 400.0;
        expect($outline->ys[$i])->toEqualWithDelta(-4.0 * $high * $t * (1.0 - $t), 1e-6);
    }
})->with([17.0, 31.0, 49.0, 60.0, 97.0, 120.0]);

it('names the seam, the trim and the place that it cannot trust', function (string $was, string $is, string $says): void {
    expect(fn () => BodyShapeSvg::read(str_replace($was, $is, TWO_SHEETS)))->toThrow(BadBodyShape::class, $says);
})->with([
    'a seam of one' => ['data-seam="left right"', 'data-seam="left"', 'seam left: a seam names two different panels'],
    'a seam with itself' => ['data-seam="left right"', 'data-seam="left left"', 'seam left left'],
    'a seam of three' => ['data-seam="left right"', 'data-seam="left right left"', 'two different panels'],
    'a gap too wide' => ['data-gap="4"', 'data-gap="20.1"', 'seam left right: data-gap is a width from 0 to 20 mm'],
    'a gap in words' => ['data-gap="4"', 'data-gap="narrow"', 'from 0 to 20 mm'],
    'one side only' => [
        '<path data-role="seam-b" d="M404 0 L404 300"/>', '', 'one path with data-role="seam-b" is needed',
    ],
    'too much trim' => [
        '<g data-seam',
        '<g data-trim="glass">' . str_repeat('<path d="M0 0 L9 9"/>', 101) . '</g><g data-seam',
        'at most 100 parts of trim',
    ],
    'trim nobody knows' => ['<g data-seam', '<g data-trim="spoiler"><path d="M0 0 L9 9"/></g><g data-seam', 'wheel, glass, lamp or handle'],
]);

it('takes spaces round a seam\'s names, and gaps from none to 20 mm', function (string $was, string $is): void {
    $seam = BodyShapeSvg::read(str_replace($was, $is, TWO_SHEETS))->seams[0];
    expect([$seam->panelA, $seam->panelB])->toBe(['left', 'right']);
})->with([
    ['data-seam="left right"', 'data-seam=" left right "'],
    ['data-gap="4"', 'data-gap="0"'],
    ['data-gap="4"', 'data-gap="20"'],
]);

it('writes lengths to a tenth of a millimetre', function (): void {
    $fine = str_replace('M0 150 L400 150', 'M0.26 150.04 L399.96 149.75', TWO_SHEETS);
    expect(BodyShapeSvg::write(BodyShapeSvg::read($fine)))->toContain('d="M0.3 150 L400 149.8"');
});
