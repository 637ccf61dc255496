<?php

declare(strict_types=1);

namespace Kalopsis\Film;

use DomainException;

/**
 * Flow cups: seconds until the stream breaks, to kinematic viscosity in mm2/s, v = a t - b/t, or v = a (t - c).
 * ISO 2431:2011 (3, 4, 5, 6 mm), DIN 53211:1987 (4 mm, withdrawn and in daily use), ASTM D1200 (no. 4).
 */
enum FlowCup: string
{
    case Din4 = 'din-4';
    case Iso3 = 'iso-3';
    case Iso4 = 'iso-4';
    case Iso5 = 'iso-5';
    case Iso6 = 'iso-6';
    case Astm4 = 'astm-4';

    public function words(): string
    {
        return match ($this) {
            self::Din4 => 'DIN 4 mm',
            self::Iso3 => 'ISO 3 mm',
            self::Iso4 => 'ISO 4 mm',
            self::Iso5 => 'ISO 5 mm',
            self::Iso6 => 'ISO 6 mm',
            self::Astm4 => 'ASTM 4',
        };
    }

    public function standard(): string
    {
        return match ($this) {
            self::Din4 => 'DIN 53211',
            self::Iso3, self::Iso4, self::Iso5, self::Iso6 => 'ISO 2431',
            self::Astm4 => 'ASTM D1200',
        };
    }

    /** @return array{float, float} seconds between which the standard's formula holds */
    public function seconds(): array
    {
        return match ($this) {
            self::Din4 => [25.0, 150.0],
            self::Iso3, self::Iso4, self::Iso5, self::Iso6 => [30.0, 100.0],
            self::Astm4 => [20.0, 105.0],
        };
    }

    public function holdsAt(float $seconds): bool
    {
        [$from, $to] = $this->seconds();

        return $seconds >= $from && $seconds <= $to;
    }

    /**
     * @param float $seconds > 0; outside seconds() the formula is drawn on, and is rough
     * @return float mm2/s, at least 0.5
     * @throws DomainException when there are no seconds
     */
    public function viscosity(float $seconds): float
    {
        if (! ($seconds > 0.0 && $seconds < INF)) {
            throw new DomainException('A cup takes some seconds to run out.');
        }
        [$a, $b, $c] = $this->constants();

        return max(self::THINNEST, $a * ($seconds - $c) - $b / $seconds);
    }

    /**
     * The other way round: the positive root of a t2 - (v + a c) t - b = 0.
     *
     * @param float $mm2PerS > 0
     * @throws DomainException
     */
    public function secondsFor(float $mm2PerS): float
    {
        if (! ($mm2PerS > 0.0 && $mm2PerS < INF)) {
            throw new DomainException('A viscosity is above 0 mm2/s.');
        }
        [$a, $b, $c] = $this->constants();
        $v = $mm2PerS + $a * $c;

        return ($v + sqrt($v * $v + 4.0 * $a * $b)) / (2.0 * $a);
    }

    /** Thinner than light solvents no paint is, mm2/s: n-butyl acetate has 0.8. From memory. */
    private const THINNEST = 0.5;

    /** @return array{float, float, float} a, b and c of v = a (t - c) - b/t */
    private function constants(): array
    {
        return match ($this) {
            self::Din4 => [4.57, 452.0, 0.0],
            self::Iso3 => [0.443, 200.0, 0.0],
            self::Iso4 => [1.37, 200.0, 0.0],
            self::Iso5 => [3.28, 220.0, 0.0],
            self::Iso6 => [6.90, 570.0, 0.0],
            self::Astm4 => [3.85, 0.0, 4.49],
        };
    }
}
