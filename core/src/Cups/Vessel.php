<?php

declare(strict_types=1);

namespace Kalopsis\Cups;

/**
 * A mixing cup: a frustum, a little wider at the top. Height of a fill line from the volume below it by the
 * frustum's formula V = pi h (R^2 + R r + r^2)/3, solved in closed form because the radius grows linearly:
 * r(h)^3 = r0^3 + 3 V g / pi with g the growth of the radius per mm.
 */
enum Vessel: string
{
    case Small = '200';
    case Medium = '450';
    case Large = '750';
    case Tall = '1300';

    /** @return array{bottomMm: float, topMm: float, heightMm: float} inner diameters and height up to the brim */
    public function size(): array
    {
        return match ($this) {
            self::Small => ['bottomMm' => 54.0, 'topMm' => 66.0, 'heightMm' => 84.0],
            self::Medium => ['bottomMm' => 72.0, 'topMm' => 86.0, 'heightMm' => 104.0],
            self::Large => ['bottomMm' => 86.0, 'topMm' => 102.0, 'heightMm' => 124.0],
            self::Tall => ['bottomMm' => 100.0, 'topMm' => 122.0, 'heightMm' => 150.0],
        };
    }

    /** Useful volume, ml: what can be filled and still be stirred. */
    public function usefulMl(): float
    {
        return (float) $this->value;
    }

    /** @param list<self> $shelf sizes that the shop has; none: all */
    public static function largest(array $shelf = []): self
    {
        $largest = self::Small;
        foreach ($shelf === [] ? self::cases() : $shelf as $vessel) {
            $largest = $vessel->usefulMl() > $largest->usefulMl() ? $vessel : $largest;
        }

        return $largest;
    }

    /**
     * The smallest cup that takes `$ml`; null when the largest does not.
     *
     * @param list<self> $shelf sizes that the shop has; none: all
     */
    public static function for(float $ml, array $shelf = []): ?self
    {
        foreach (self::cases() as $vessel) {
            if ($shelf !== [] && ! in_array($vessel, $shelf, true)) {
                continue;
            }
            if ($ml <= $vessel->usefulMl()) {
                return $vessel;
            }
        }

        return null;
    }

    /**
     * How an amount goes into each size alone.
     *
     * @return list<array{vessel: string, count: int}>
     */
    public static function splits(float $ml): array
    {
        return array_map(
            fn (self $v): array => ['vessel' => $v->value, 'count' => max(1, (int) ceil($ml / $v->usefulMl() - 1e-9))],
            self::cases(),
        );
    }

    /** Volume up to the brim, ml. */
    public function brimfulMl(): float
    {
        return $this->volumeTo($this->size()['heightMm']);
    }

    /** ml below a height of `$mm` above the inner bottom. */
    public function volumeTo(float $mm): float
    {
        ['bottomMm' => $bottom, 'topMm' => $top, 'heightMm' => $height] = $this->size();
        $r0 = $bottom / 2;
        $r = $r0 + ($top - $bottom) / 2 * $mm / $height;

        return M_PI * $mm * ($r0 * $r0 + $r0 * $r + $r * $r) / 3 / 1000;
    }

    /** Height of the surface above the inner bottom, mm, with `$ml` in the cup. */
    public function lineFor(float $ml): float
    {
        ['bottomMm' => $bottom, 'topMm' => $top, 'heightMm' => $height] = $this->size();
        $growth = ($top - $bottom) / 2 / $height;
        $r0 = $bottom / 2;

        return (($r0 ** 3 + 3 * $ml * 1000 * $growth / M_PI) ** (1 / 3) - $r0) / $growth;
    }
}
