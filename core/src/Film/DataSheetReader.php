<?php

declare(strict_types=1);

namespace Kalopsis\Film;

use Kalopsis\Input\Fields;
use Kalopsis\Units\Unit;

/** Reads what a data sheet says of a product beside its mix; every fault is told at its field. */
final class DataSheetReader
{
    /** Reducer in a mix, % of all the rest: none, and three parts to one. Common practice. */
    private const REDUCER_PERCENT = [0.0, 300.0];

    /** A cup that runs out sooner or later than this says nothing, s. Common practice. */
    private const SECONDS = [5.0, 300.0];

    /** Two-packs set within a quarter of an hour to two days, min. Common practice. */
    private const POT_LIFE_MIN = [5.0, 2880.0];

    /** Nothing is said to flash for less than half a minute or more than two hours. Common practice. */
    private const FLASH_MIN = [0.5, 120.0];

    private const BAKE_MIN = [1.0, 240.0];

    private const POLISH_HOURS = [0.25, 336.0];

    public static function read(Fields $sheet): DataSheet
    {
        return new DataSheet(
            $sheet->has('reducerPercent') ? self::range($sheet, 'reducerPercent', self::REDUCER_PERCENT, 'Reducer') : null,
            self::viscosity($sheet->maybe('viscosity')),
            self::plain($sheet, 'potLifeMin', self::POT_LIFE_MIN, 'Pot life in minutes'),
            $sheet->has('coats') ? $sheet->whole('coats', 1, 6, 'Coats') : 2,
            self::plain($sheet, 'bakeMin', self::BAKE_MIN, 'Bake in minutes'),
            self::plain($sheet, 'polishHours', self::POLISH_HOURS, 'Hours until it can be polished'),
            $sheet->has('grade') ? $sheet->choice('grade', ClearGrade::class, 'The grade of the clear') : null,
            self::flash($sheet->maybe('flash')),
            SheetSource::read($sheet->maybe('source')),
        );
    }

    private static function flash(Fields $f): ?FlashSheet
    {
        return $f->names() === []
            ? null
            : new FlashSheet(
                $f->plain('minutes', self::FLASH_MIN[0], self::FLASH_MIN[1], 'Flash in minutes'),
                $f->has('celsius') ? $f->number('celsius', 5.0, 45.0, Unit::Celsius, 'The temperature') : 20.0,
                $f->has('humidityPercent') ? $f->plain('humidityPercent', 5.0, 95.0, 'The humidity in %') : 50.0,
            );
    }

    /** Null where nothing is said. */
    public static function viscosity(Fields $f): ?SprayViscosity
    {
        if ($f->names() === []) {
            return null;
        }
        [$from, $to] = self::range($f, 'seconds', self::SECONDS, 'The seconds');

        return new SprayViscosity(
            $f->choice('cup', FlowCup::class, 'The flow cup'),
            $from,
            $to,
            $f->has('celsius') ? $f->number('celsius', 5.0, 45.0, Unit::Celsius, 'The temperature') : 20.0,
        );
    }

    /**
     * @param array{float, float} $within
     * @return array{float, float}
     */
    private static function range(Fields $f, string $name, array $within, string $what): array
    {
        $numbers = $f->numbers($name, 2, $what);
        $from = $numbers[0] ?? $within[0];
        $to = $numbers[1] ?? $within[1];
        if ($numbers !== [] && ! ($from >= $within[0] && $from <= $to && $to <= $within[1])) {
            $f->problems->add($f->path($name), 'order', "{$what}: the least, then the most, from {$within[0]} to {$within[1]}.");
        }

        return $from > 0.0 || $within[0] <= 0.0 ? [$from, $to] : $within;
    }

    /** @param array{float, float} $range */
    private static function plain(Fields $f, string $name, array $range, string $what): ?float
    {
        return $f->has($name) ? $f->plain($name, $range[0], $range[1], $what) : null;
    }
}
