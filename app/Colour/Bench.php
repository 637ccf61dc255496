<?php

declare(strict_types=1);

namespace App\Colour;

use App\Models\ShopToner;
use App\Models\Workshop;
use Kalopsis\Tint\Toner;
use Kalopsis\Tint\TonerLibrary;

/**
 * The mixing bench of a workshop: its own toners, and the shipped invented ones where they stand on it too. Asked for many
 * times in one request, read once.
 */
final class Bench
{
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

    /** Do the shipped toners stand on it? Those of the demo, and of shops that began before there were any of their own. */
    public static function hasShipped(int $workshopId): bool
    {
        return (bool) Workshop::query()->where('id', $workshopId)->value('shipped_toners');
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
