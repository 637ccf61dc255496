<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Colour\Bench;

/** A formula with its toners' names, as the bench of a workshop has them. */
final class RecipeResource
{
    /**
     * @param array<array-key, mixed> $recipe
     * @return array{toners: list<array{key: string, name: string, grams: float}>, layer: list<array{key: string,
     *         name: string, grams: float}>, totalGrams: float}
     */
    public static function of(array $recipe, int $workshopId): array
    {
        $toners = self::toners($recipe['toners'] ?? null, $workshopId);

        return [
            'toners' => $toners,
            'layer' => self::toners($recipe['layer'] ?? null, $workshopId),
            'totalGrams' => round(array_sum(array_column($toners, 'grams')), 2),
        ];
    }

    /** @return list<array{key: string, name: string, grams: float}> a toner nobody has any more by its key */
    public static function toners(mixed $grams, int $workshopId): array
    {
        $library = Bench::of($workshopId);
        $out = [];
        foreach (is_array($grams) ? $grams : [] as $key => $g) {
            if (is_string($key) && is_numeric($g)) {
                $out[] = [
                    'key' => $key,
                    'name' => $library->has($key) ? $library->toner($key)->name : $key,
                    'grams' => round((float) $g, 2),
                ];
            }
        }

        return $out;
    }
}
