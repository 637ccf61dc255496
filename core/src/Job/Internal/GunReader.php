<?php

declare(strict_types=1);

namespace Kalopsis\Job\Internal;

use Kalopsis\Gun\GunSetUp;
use Kalopsis\Gun\ShopGun;
use Kalopsis\Input\Fields;
use Kalopsis\Units\Unit;

/** Reads what a shop measured of a gun. */
final class GunReader
{
    public static function read(Fields $f): ShopGun
    {
        $bar = fn (string $name, string $what): ?float => $f->has($name)
            ? $f->number($name, ...[...GunSetUp::PRESSURE_BAR, Unit::Bar, $what])
            : null;
        $least = $bar('leastBar', 'The least pressure');
        $most = $bar('mostBar', 'The most pressure');
        if ($least !== null && $most !== null && $least > $most) {
            $f->problems->add($f->path('mostBar'), 'turned', 'The most pressure is above the least.');
        }

        return new ShopGun(
            $f->has('name') ? $f->text('name', 0, 60, 'The gun') : '',
            $f->has('fanMm') ? $f->number('fanMm', ...[...ShopGun::FAN_MM, Unit::Millimetre, 'The fan']) : GunSetUp::FAN_MM,
            $f->has('nozzleMm') ? $f->plain('nozzleMm', ...[...ShopGun::NOZZLE_MM, 'The nozzle in mm']) : null,
            $f->has('flowMlPerMin') ? $f->plain('flowMlPerMin', ...[...ShopGun::FLOW_ML_PER_MIN, 'The flow in ml/min']) : null,
            $least,
            $most,
        );
    }
}
