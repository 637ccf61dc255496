<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\Colour;

final class ColourResource
{
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
                fn (array $v): array => ['name' => $v['name'], 'toners' => RecipeResource::toners($v['toners'], $colour->workshop_id)],
                $recipe['variants'] ?? [],
            ),
        ];
    }
}
