<?php

declare(strict_types=1);

namespace Kalopsis\Tint;

use Kalopsis\Colour\Lab;
use Kalopsis\Why\Phrase;

/** One way to bring a cup nearer to the car. */
final readonly class Correction
{
    /**
     * @param array<string, float> $additions grams by toner to pour in, in the order of effect; negative only in a remix
     * @param Formula $formula what is in the cup afterwards
     * @param array<int, Lab> $predicted by angle
     * @param float $before root mean square of CIEDE2000 over the angles, now
     * @param float $after the same, predicted
     * @param list<Phrase> $does painter's words for what each part does
     */
    public function __construct(
        public array $additions,
        public Formula $formula,
        public bool $isRemix,
        public array $predicted,
        public float $before,
        public float $after,
        public array $does,
    ) {}
}
