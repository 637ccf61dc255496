<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\PaintSystemRecord;
use App\Support\UsedBy;
use Kalopsis\Exchange\PaintSystemTable;
use Kalopsis\Film\Product;
use Kalopsis\Film\Voc;
use Kalopsis\Units\Quantity;

/** A paint system as it is edited: its sheet, its editions, the cars that are mixed from it. */
final class PaintResource
{
    /**
     * @param ?int $edition null: the newest
     * @return ?array<string, mixed> null: it never had that edition
     */
    public static function of(PaintSystemRecord $record, ?int $edition = null): ?array
    {
        $sheet = $record->sheetAt($edition);
        if ($sheet === null) {
            return null;
        }
        $editions = [self::edition($record->edition, $record->by(), $record->updated_at->toIso8601String())];
        foreach ($record->editions->sortByDesc('number') as $before) {
            $editions[] = self::edition($before->number, $before->by(), $before->created_at->toIso8601String());
        }

        return [
            'key' => $record->key,
            'name' => $record->name,
            'edition' => $edition ?? $record->edition,
            'newest' => $record->edition,
            'sheet' => self::sheet($sheet),
            'editions' => $editions,
            'putAway' => $record->put_away_at !== null,
            'cars' => UsedBy::paintSystem($record->workshop_id, $record->key),
        ];
    }

    /**
     * Which edition a plan was made with, and whether a newer lies on the shelf.
     *
     * @param array<string, mixed> $document
     * @return array<string, mixed>
     */
    public static function standing(int $workshopId, array $document): array
    {
        $key = $document['paintSystem'] ?? '';
        $record = PaintSystemRecord::of($workshopId, is_string($key) ? $key : '');
        $used = $document['paintEdition'] ?? null;
        $used = is_int($used) ? $used : $record->edition ?? 1;
        $was = $record?->sheetAt($used);

        return [
            'name' => $record->name ?? '',
            'edition' => $used,
            'newest' => $record->edition ?? $used,
            'by' => $record?->by(),
            'at' => $record?->updated_at->toIso8601String(),
            'changes' => $record === null || $was === null || $used === $record->edition
                ? []
                : PaintSystemTable::differences($was, $record->sheet),
        ];
    }

    /**
     * What says nothing comes back from storage as an empty list.
     *
     * @param array<string, mixed> $sheet
     * @return array<string, mixed>
     */
    public static function sheet(array $sheet): array
    {
        if (is_array($sheet['products'] ?? null)) {
            foreach ($sheet['products'] as $i => $product) {
                if (is_array($product) && ($product['sheet'] ?? null) === []) {
                    unset($sheet['products'][$i]['sheet']);
                }
            }
        }
        if (($sheet['reducers'] ?? null) === []) {
            unset($sheet['reducers']);
        }

        return $sheet;
    }

    /** @return array<string, mixed> what follows from a product's figures */
    public static function follows(Product $product): array
    {
        $mix = $product->mix();

        return [
            'role' => $product->role->value,
            'name' => $product->name,
            'ratio' => $product->ratio->text(),
            'shares' => array_map(
                fn (int $i): float => round(100.0 * $mix->ratio->share($i), 1),
                array_keys($product->components),
            ),
            'solids' => Quantity::percent(round(100.0 * $mix->volumeSolids(), 1)),
            'wetFilm' => Quantity::um($product->wetFilmUm()),
            'densityGPerMl' => round($mix->densityGPerMl(), 3),
            'vocGPerL' => round(Voc::lessWater($mix)),
        ];
    }

    /** @return array{number: int, by: ?string, at: string} */
    private static function edition(int $number, ?string $by, string $at): array
    {
        return ['number' => $number, 'by' => $by, 'at' => $at];
    }
}
