<?php

declare(strict_types=1);

namespace Kalopsis\Spray;

use Kalopsis\Sequence\Coat;

/** One colour coat as it lands. Films at full strength, um. */
final readonly class Layer
{
    /**
     * @param float $pigmentedUm pigmented dry film
     * @param float $volatileUm volatile at landing
     * @param float $gone share of the volatile there is that leaves before the next coat
     * @param float $floorUm volatile that a bed below holds open
     * @param float $ripple peak to peak over the mean, from overlapping strokes
     * @param float $pitchMm of the strokes
     */
    public function __construct(
        public Coat $coat,
        public float $pigmentedUm,
        public float $volatileUm,
        public float $gone,
        public float $floorUm,
        public float $ripple,
        public float $pitchMm,
    ) {}

    /** Full strength up to here, mm past the primer, in a blend so long; null on the whole panel. */
    public function reachMm(float $blendMm, bool $byHand): ?float
    {
        $extent = $this->coat->step->extent;
        if (! $extent->fades()) {
            return null;
        }

        return $byHand ? $extent->reachIn($blendMm) : $extent->reach * $blendMm;
    }

    public function fadeMm(float $blendMm, bool $byHand): float
    {
        $extent = $this->coat->step->extent;

        return $byHand ? $extent->fadeIn($blendMm) : max(1.0, $extent->fade * $blendMm);
    }

    /** 1 up to the reach, then a raised cosine: wrist and trigger. Own model, docs/model.md section 10. */
    public static function strength(float $x, ?float $reachMm, float $fadeMm): float
    {
        if ($reachMm === null || $x <= $reachMm) {
            return 1.0;
        }
        $past = $x - $reachMm;

        return $past >= $fadeMm ? 0.0 : 0.5 * (1.0 + cos(M_PI * $past / $fadeMm));
    }
}
