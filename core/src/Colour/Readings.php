<?php

declare(strict_types=1);

namespace Kalopsis\Colour;

use Kalopsis\Colour\Difference\Ciede2000;
use Kalopsis\Colour\Exception\CannotCompare;
use Kalopsis\Colour\Internal\Middle;

/**
 * Several shots of one surface: their mean, how far they lie apart, and those that stand out. A shot stands out when
 * it is further
 * from the middle of all than 3.5 robust standard deviations (median absolute deviation, Iglewicz and Hoaglin 1993) and
 * than an instrument's own repeatability explains. Own model, docs/model.md section 6.
 */
final readonly class Readings
{
    /** CIEDE2000 between repeated shots that dirt or a slip explains better than noise. Chosen here. */
    private const NEVER_BELOW = 0.6;

    /** A mean difference from the mean above this is no good reading of a car. Common practice: 0.3 to 0.5. */
    public const LARGE_SPREAD = 0.5;

    /** Robust standard deviations; Iglewicz and Hoaglin 1993. */
    private const FAR = 3.5;

    /** The median absolute deviation of a normal distribution is 0.6745 of its standard deviation. */
    private const MAD_TO_SIGMA = 0.6745;

    /**
     * @param array<string, float> $away CIEDE2000 of each shot from the middle, worst angle, by id
     * @param list<string> $outliers ids
     * @param float $spread mean CIEDE2000 from the mean of the shots that count
     * @param int $spots how many places they were taken on
     */
    private function __construct(
        public Measurement $mean,
        public array $away,
        public array $outliers,
        public float $spread,
        public int $spots,
        public int $shots,
    ) {}

    /**
     * @param non-empty-list<Shot> $shots
     * @throws CannotCompare
     */
    public static function of(array $shots): self
    {
        $angles = $shots[0]->measurement->geometry->angles();
        foreach ($shots as $shot) {
            $angles = array_values(array_intersect($angles, $shot->measurement->geometry->angles()));
        }
        $away = [];
        if ($angles !== []) {
            $middle = [];
            foreach ($angles as $angle) {
                $labs = array_map(fn (Shot $s): Lab => $s->measurement->at($angle), $shots);
                $middle[$angle] = Lab::of(
                    Middle::of(array_map(fn (Lab $l): float => $l->l, $labs)),
                    Middle::of(array_map(fn (Lab $l): float => $l->a, $labs)),
                    Middle::of(array_map(fn (Lab $l): float => $l->b, $labs)),
                    $labs[0]->viewing,
                );
            }
            foreach ($shots as $shot) {
                $away[$shot->id] = max(
                    array_map(
                        fn (int $angle): float => Ciede2000::between($middle[$angle], $shot->measurement->at($angle)),
                        $angles,
                    ),
                );
            }
        }
        $outliers = self::standingOut($away);
        $good = array_values(array_filter($shots, fn (Shot $s): bool => ! in_array($s->id, $outliers, true)));
        assert($good !== []);
        $mean = Measurement::mean(array_map(fn (Shot $s): Measurement => $s->measurement, $good));
        $spread = 0.0;
        foreach ($good as $shot) {
            foreach ($mean->geometry->angles() as $angle) {
                $spread += Ciede2000::between($mean->at($angle), $shot->measurement->at($angle));
            }
        }

        return new self(
            $mean,
            $away,
            $outliers,
            $spread / (count($good) * count($mean->geometry->angles())),
            count(array_unique(array_map(fn (Shot $s): string => $s->spot, $good))),
            count($good),
        );
    }

    public function isScattered(): bool
    {
        return $this->spread > self::LARGE_SPREAD;
    }

    /**
     * @param array<string, float> $away
     * @return list<string>
     */
    private static function standingOut(array $away): array
    {
        if (count($away) < 3) {
            return [];
        }
        $middle = Middle::of(array_values($away));
        $sigma = Middle::of(array_map(fn (float $d): float => abs($d - $middle), array_values($away))) / self::MAD_TO_SIGMA;
        $limit = max(self::NEVER_BELOW, $middle + self::FAR * $sigma);
        $out = array_map(strval(...), array_keys(array_filter($away, fn (float $d): bool => $d > $limit)));

        // When half of them "stand out" there is no middle to stand out from.
        return 2 * count($out) < count($away) ? $out : [];
    }
}
