<?php

declare(strict_types=1);

namespace Kalopsis\Sequence;

use Kalopsis\Gun\GunSetUp;
use Kalopsis\Gun\Stroke;

/** The two ways the trade holds a gun for colour: for a full coat, and for a thin even one. */
enum Hold: string
{
    case Full = 'full';
    case Thin = 'thin';

    /** Pressure down, further away, tight overlap. Common practice; small guns a few tenths of a bar, close to the panel. */
    public function gun(GunChoice $gun, GunSetUp $sheet): GunSetUp
    {
        return match ([$this, $gun]) {
            [self::Full, GunChoice::Standard] => $sheet,
            [self::Thin, GunChoice::Standard] => new GunSetUp(0.95, 300.0, 85.0),
            [self::Full, GunChoice::Small] => GunSetUp::small(),
            [self::Thin, GunChoice::Small] => new GunSetUp(0.6, 130.0, 75.0),
        };
    }

    public function stroke(GunChoice $gun): Stroke
    {
        return match ([$this, $gun]) {
            [self::Full, GunChoice::Standard] => Stroke::full(),
            [self::Thin, GunChoice::Standard] => Stroke::control(),
            [self::Full, GunChoice::Small] => Stroke::small(),
            [self::Thin, GunChoice::Small] => Stroke::smallControl(),
        };
    }
}
