<?php

declare(strict_types=1);

namespace App\Colour;

use Kalopsis\Input\Fields;
use Kalopsis\Panel\Repair;
use Kalopsis\Sequence\FinishClass;
use Kalopsis\Spray\Pigment;
use Kalopsis\Tint\TonerLibrary;
use Kalopsis\Units\Unit;

/**
 * A colour as a shop writes it down, read from what was typed or from a file; faults are noted at their fields.
 *
 * @phpstan-type Wish array{name: string, code: string, finish: string, undercoat_shade: ?int, hiding_um: ?float, note: string,
 *     recipe: ?array{toners: array<string, float>, layer?: array<string, float>,
 *     variants?: list<array{name: string, toners: array<string, float>}>}}
 */
final class ColourWish
{
    private const MOST_VARIANTS = 20;

    private const MOST_GRAMS = 20_000.0;

    /** @return Wish */
    public static function read(Fields $f, TonerLibrary $bench): array
    {
        $problems = $f->problems;
        $toners = self::grams($f, 'toners', $bench);
        $layer = self::grams($f, 'layer', $bench);
        $variants = [];
        foreach ($f->objects('variants', self::MOST_VARIANTS) as $v) {
            $own = self::grams($v, 'toners', $bench);
            if ($own === []) {
                $problems->add($v->path('toners'), 'missing', 'A variant needs its toners.');
            }
            $variants[] = ['name' => $v->text('name', 1, 40, 'The name of the variant'), 'toners' => $own];
        }
        if ($toners === [] && ($layer !== [] || $variants !== [])) {
            $problems->add('toners', 'missing', 'First the formula itself, toner by toner.');
        }

        return [
            'name' => $f->text('name', 1, 80, 'The name of the colour'),
            'code' => $f->has('code') ? $f->text('code', 0, 40, 'The code') : '',
            'finish' => $f->choice('finish', FinishClass::class, 'The finish')->value,
            'undercoat_shade' => $f->has('undercoatShade')
                ? $f->whole('undercoatShade', Repair::GREY_SHADES[0], Repair::GREY_SHADES[1], 'The grey shade')
                : null,
            'hiding_um' => $f->has('hidingUm')
                ? $f->number('hidingUm', ...[...Pigment::HIDING_UM, Unit::Micrometre, 'The film that hides'])
                : null,
            'note' => $f->has('note') ? $f->text('note', 0, 400, 'The note') : '',
            'recipe' => $toners === []
                ? null
                : [
                    'toners' => $toners,
                    ...$layer === [] ? [] : ['layer' => $layer],
                    ...$variants === [] ? [] : ['variants' => $variants],
                ],
        ];
    }

    /** @return array<string, float> by toner, in the order they were typed */
    private static function grams(Fields $f, string $name, TonerLibrary $library): array
    {
        $of = $f->maybe($name);
        $out = [];
        foreach ($of->names() as $toner) {
            if (! $library->has($toner)) {
                $f->problems->add($of->path($toner), 'unknown', 'There is no such toner on the bench.');

                continue;
            }
            $grams = $of->plain($toner, 0.0, self::MOST_GRAMS, 'Grams');
            if ($grams > 0.0) {
                $out[$toner] = $grams;
            }
        }

        return $out;
    }
}
