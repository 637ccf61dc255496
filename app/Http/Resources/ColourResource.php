<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Colour\Pair;
use App\Models\Colour;
use Generator;
use Kalopsis\Colour\Lab;
use Kalopsis\Colour\Screen;
use Kalopsis\Exchange\Row;
use Kalopsis\Job\FinishRead;
use Kalopsis\Sequence\FinishClass;

final class ColourResource
{
    /**
     * @return array{name: string, code: string, finish: string, undercoatShade: ?int, hidingUm: ?float, note: string,
     *     toners: array<string, float>, layer: array<string, float>, variants: list<array{name: string, toners: array<string,
     *     float>}>} toners by name
     */
    public static function row(Colour $colour): array
    {
        $recipe = $colour->recipe;
        $named = fn (mixed $grams): array => array_column(RecipeResource::toners($grams, $colour->workshop_id), 'grams', 'name');

        return [
            'name' => $colour->name,
            'code' => $colour->code,
            'finish' => $colour->finish,
            'undercoatShade' => $colour->undercoat_shade,
            'hidingUm' => $colour->hiding_um,
            'note' => $colour->note,
            'toners' => $named($recipe['toners'] ?? null),
            'layer' => $named($recipe['layer'] ?? null),
            'variants' => array_map(
                fn (array $v): array => ['name' => $v['name'], 'toners' => $named($v['toners'])],
                $recipe['variants'] ?? [],
            ),
        ];
    }

    /**
     * The colours' own readings as rows of a file, each under the name it is found by again.
     *
     * @param array<array-key, Colour> $colours
     * @return Generator<int, Row>
     */
    public static function shots(array $colours): Generator
    {
        foreach ($colours as $colour) {
            if ($colour->reading !== null) {
                $name = trim("{$colour->name} {$colour->code}");
                yield new Row(0, $name, 'variant', 'mean', '1', Pair::measurement($colour->reading['measurement']));
            }
        }
    }

    /** @return array<string, mixed> */
    public static function of(Colour $colour): array
    {
        $recipe = $colour->recipe;

        return [
            'id' => $colour->id,
            'name' => $colour->name,
            'code' => $colour->code,
            'finish' => $colour->finish,
            'undercoatShade' => $colour->undercoat_shade,
            'hidingUm' => $colour->hiding_um,
            'note' => $colour->note,
            'putAway' => $colour->put_away_at !== null,
            'toners' => RecipeResource::toners($recipe['toners'] ?? null, $colour->workshop_id),
            'layer' => RecipeResource::toners($recipe['layer'] ?? null, $colour->workshop_id),
            'variants' => array_map(
                fn (array $v): array => [
                    'name' => $v['name'],
                    'toners' => RecipeResource::toners($v['toners'], $colour->workshop_id),
                ],
                $recipe['variants'] ?? [],
            ),
            'reading' => self::reading($colour),
        ];
    }

    /** @return ?array<string, mixed> */
    private static function reading(Colour $colour): ?array
    {
        $kept = $colour->reading;
        if ($kept === null) {
            return null;
        }
        $read = Pair::measurement($kept['measurement']);
        $exposure = Screen::exposure(array_values($read->labs));
        $said = FinishClass::tryFrom($colour->finish);

        return [
            'shots' => $kept['shots'],
            'from' => $kept['from'],
            'at' => $kept['at'],
            'geometry' => $read->geometry->words(),
            'viewing' => $read->viewing->name(),
            'looksLike' => $said === null ? null : FinishRead::of($read, $said)?->finish->value,
            'angles' => array_map(
                fn (int $angle, Lab $lab): array => ['angle' => $angle, 'lab' => $lab, 'hex' => Screen::hex($lab, $exposure)],
                array_keys($read->labs),
                array_values($read->labs),
            ),
        ];
    }
}
