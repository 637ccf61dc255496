<?php

declare(strict_types=1);

namespace Kalopsis\Spray;

/** One coat as the simulation knows it. Films at full strength, um. */
final readonly class StackCoat
{
    /**
     * @param float $pigmentedUm pigmented dry film; 0 for a wet bed
     * @param float $volatileUm volatile at landing
     * @param float $reachMm full strength up to here past the primer
     * @param float $fadeMm then fading to nothing over this
     * @param float $flashedUm volatile that leaves a full film before the next coat
     * @param float $minutes how long that takes
     * @param float $ripple peak to peak over the mean, from overlapping strokes
     */
    public function __construct(
        public string $id,
        public float $pigmentedUm,
        public float $volatileUm,
        public float $reachMm,
        public float $fadeMm,
        public float $flashedUm,
        public float $minutes,
        public float $ripple = 0.0,
        public float $pitchMm = 70.0,
    ) {}

    /** 1 up to the reach, then a raised cosine: wrist and trigger. Own model, docs/model.md section 10. */
    public function strength(float $x): float
    {
        $past = $x - $this->reachMm;

        return match (true) {
            $past <= 0.0 => 1.0,
            $past >= $this->fadeMm => 0.0,
            default => 0.5 * (1.0 + cos(M_PI * $past / $this->fadeMm)),
        };
    }
}
