<?php

declare(strict_types=1);

namespace Kalopsis\Colour;

/**
 * How a colour goes with the coats of its effect layer (tinted clear, three-stage): at each angle, and for each of X, Y and Z,
 * end + (below - end) exp(-2 a coats), light crossing the layer twice (Bouguer, Lambert, Beer). What lies below may be the
 * ground it was fitted over, or anything else.
 */
final readonly class CoatPath
{
    /** @var list<int> aspecular, degrees, rising */
    private array $angles;

    /**
     * @param array<int, array{Xyz, Xyz, Xyz}> $fitted by angle: the bare ground, an endless layer, and a for each of X, Y, Z
     */
    public function __construct(private array $fitted)
    {
        $angles = array_keys($fitted);
        sort($angles);
        $this->angles = $angles;
    }

    /** @return list<int> aspecular, degrees */
    public function angles(): array
    {
        return $this->angles;
    }

    /**
     * Ground, end and absorption towards any angle: between two fitted ones a share of both, beyond the last as there.
     *
     * @param int $angle aspecular, degrees
     * @return array{Xyz, Xyz, Xyz} the last per coat
     */
    public function towards(int $angle): array
    {
        if (isset($this->fitted[$angle])) {
            return $this->fitted[$angle];
        }
        $below = $above = null;
        foreach ($this->angles as $known) {
            $below = $known < $angle ? $known : $below;
            $above ??= $known > $angle ? $known : null;
        }
        if ($below === null || $above === null) {
            return $this->fitted[$below ?? $above ?? 0];
        }
        $share = ($angle - $below) / ($above - $below);
        $mixed = fn (int $i): Xyz => $this->fitted[$below][$i]->times(1.0 - $share)->plus($this->fitted[$above][$i], $share);

        return [$mixed(0), $mixed(1), $mixed(2)];
    }

    /**
     * What so many coats make of what lies below them.
     *
     * @param array{Xyz, Xyz, Xyz} $towards
     */
    public static function over(array $towards, Xyz $below, float $coats): Xyz
    {
        [, $end, $a] = $towards;

        return new Xyz(
            $end->x + ($below->x - $end->x) * exp(-2.0 * $a->x * $coats),
            $end->y + ($below->y - $end->y) * exp(-2.0 * $a->y * $coats),
            $end->z + ($below->z - $end->z) * exp(-2.0 * $a->z * $coats),
        );
    }
}
