<?php

declare(strict_types=1);

namespace Kalopsis\Colour;

/**
 * Takes a measured finish apart into a body, the same at all angles, and flakes with a lobe: XYZ(angle) = body + g(angle) flake,
 * least squares over the angles, each weighted by its own lightness so that the flop counts as much as the face. What
 * the fit leaves is
 * kept at each angle, so that the measured finish comes back exactly. Solids have no flakes.
 */
final readonly class EffectFit
{
    /**
     * @param array<int, Xyz> $rest what the fit leaves at each angle
     */
    private function __construct(public Xyz $body, public Xyz $flake, public array $rest, public Viewing $viewing) {}

    public static function of(Measurement $m, Flakes $flakes): self
    {
        $lobe = FlakeLobe::level($flakes);
        $xyz = array_map(fn (Lab $lab): Xyz => $lab->xyz(), $m->labs);
        if (count($xyz) < 3) {
            $mean = reset($xyz);
            assert($mean !== false);

            return self::with($mean, new Xyz(0.0, 0.0, 0.0), $xyz, $lobe, $m->viewing);
        }
        $body = $flake = [];
        foreach (['x', 'y', 'z'] as $c) {
            $s = $sg = $sgg = $sv = $sgv = 0.0;
            foreach ($xyz as $angle => $v) {
                $w = 1.0 / max(0.5, $v->{$c}) ** 2;
                $g = $lobe->at($angle);
                $s += $w;
                $sg += $w * $g;
                $sgg += $w * $g * $g;
                $sv += $w * $v->{$c};
                $sgv += $w * $g * $v->{$c};
            }
            $det = $s * $sgg - $sg * $sg;
            $flake[$c] = $det > 1e-15 ? max(0.0, ($s * $sgv - $sg * $sv) / $det) : 0.0;
            $body[$c] = max(0.0, ($sv - $flake[$c] * $sg) / $s);
        }

        return self::with(
            new Xyz($body['x'], $body['y'], $body['z']),
            new Xyz($flake['x'], $flake['y'], $flake['z']),
            $xyz,
            $lobe,
            $m->viewing,
        );
    }

    /** A finish whose body and flake are known. */
    public static function made(Lab $body, Lab $flake): self
    {
        return new self($body->xyz(), $flake->xyz(), [], $body->viewing);
    }

    /** The finish at an angle when its flakes lie as this lobe says. */
    public function at(int $angle, FlakeLobe $lobe): Xyz
    {
        $xyz = $this->body->plus($this->flake, $lobe->at($angle))->plus($this->restAt($angle));

        return new Xyz(max(0.0, $xyz->x), max(0.0, $xyz->y), max(0.0, $xyz->z));
    }

    /** What the fit leaves towards any angle: between two measured ones a share of both, beyond the last as there. */
    public function restAt(int $angle): Xyz
    {
        if (isset($this->rest[$angle])) {
            return $this->rest[$angle];
        }
        $angles = array_keys($this->rest);
        sort($angles);
        $below = $above = null;
        foreach ($angles as $known) {
            $below = $known < $angle ? $known : $below;
            $above ??= $known > $angle ? $known : null;
        }
        if ($below === null || $above === null) {
            return $this->rest[$below ?? $above ?? 0] ?? new Xyz(0.0, 0.0, 0.0);
        }
        $share = ($angle - $below) / ($above - $below);
        $from = $this->rest[$below];

        return $from->plus($from, -$share)->plus($this->rest[$above], $share);
    }

    /** @param array<int, Xyz> $measured */
    private static function with(Xyz $body, Xyz $flake, array $measured, FlakeLobe $lobe, Viewing $viewing): self
    {
        $rest = [];
        foreach ($measured as $angle => $v) {
            $rest[$angle] = $v->plus($body, -1.0)->plus($flake, -$lobe->at($angle));
        }

        return new self($body, $flake, $rest, $viewing);
    }
}
