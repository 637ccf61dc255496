<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\Colour;

final class ColourResource
{
    /**
     * @return array{name: string, code: string, finish: string, undercoatShade: ?int, note: string, toners: array<string, float>,
     *     layer: array<string, float>, variants: list<array{name: string, toners: array<string, float>}>} toners by name
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
            'note' => $colour->note,
            'toners' => $named($recipe['toners'] ?? null),
            'layer' => $named($recipe['layer'] ?? null),
            'variants' => array_map(
                fn (array $v): array => ['name' => $v['name'], 'toners' => $named($v['toners'])],
                $recipe['variants'] ?? [],
            ),
        ];
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
        ];
    }
}
