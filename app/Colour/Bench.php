<?php

declare(strict_types=1);

namespace App\Colour;

use App\Models\PaintSystemRecord;
use App\Models\ShopToner;
use Kalopsis\Tint\Toner;
use Kalopsis\Tint\TonerLibrary;

/**
 * The mixing bench of a workshop: its own toners, and the shipped invented ones where one of its paint systems is mixed from
 * them. Asked for many times in one request, read once.
 */
final class Bench
{
    /** What a paint system's file names where the shipped toners are its own. */
    private const SHIPPED = 'northlight';

    /** @var array<int, TonerLibrary> */
    private array $read = [];

    public static function of(int $workshopId): TonerLibrary
    {
        $bench = app(self::class);

        return $bench->read[$workshopId] ??= self::library($workshopId);
    }

    /** After somebody changed a toner. */
    public static function forget(): void
    {
        app(self::class)->read = [];
    }

    /** Does the shop mix from the shipped toners? */
    public static function hasShipped(int $workshopId): bool
    {
        $query = PaintSystemRecord::query();
        $query->where('workshop_id', $workshopId)->where('sheet->toners', self::SHIPPED);

        return $query->exists();
    }

    private static function library(int $workshopId): TonerLibrary
    {
        $query = ShopToner::query();
        // What was put away is poured no more, but old formulas still name it.
        $query->where('workshop_id', $workshopId)->orderBy('id');
        $own = array_map(fn (ShopToner $t): Toner => $t->asToner(), array_values($query->get()->all()));

        return TonerLibrary::of([
            ...self::hasShipped($workshopId) ? array_values(TonerLibrary::northlight()->toners) : [],
            ...$own,
        ]);
    }
}
