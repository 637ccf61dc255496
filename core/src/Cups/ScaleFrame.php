<?php

declare(strict_types=1);

namespace Kalopsis\Cups;

use JsonSerializable;

/** What a painter is to see of the scale at one moment: how much is still to go, and what to do. */
final readonly class ScaleFrame implements JsonSerializable
{
    /** From here on the hand slows down: the last tenth of a portion, or so many grams. Common practice. */
    private const NEAR_SHARE = 0.1;

    private const NEAR_G = 12.0;

    private function __construct(
        public float $grams,
        public ScaleState $state,
        public float $toGoG,
        public float $share,
        public string $advice,
        public float $near,
        public bool $canTake,
    ) {}

    public static function of(Weighing $weighing, float $grams, ScaleState $state): self
    {
        $i = $weighing->current();
        if ($i === null) {
            return new self($grams, $state, 0.0, 1.0, $weighing->over() === null ? 'done' : 'over', 0.0, false);
        }
        $toGo = $weighing->targetG() - $grams;
        $tolerance = $weighing->toleranceG($i);
        $portion = $weighing->portions[$i]->grams;
        $range = max(self::NEAR_G, self::NEAR_SHARE * $portion);
        $in = $grams - $weighing->sum() + $weighing->poured[$i];
        $advice = match (true) {
            $toGo < -$tolerance => 'over',
            $toGo <= $tolerance => 'stop',
            $toGo <= $range => 'near',
            default => 'pour',
        };

        return new self(
            $grams,
            $state,
            $toGo,
            max(0.0, $in / $portion),
            $advice,
            $toGo > $range || $toGo < -$tolerance ? 0.0 : 1.0 - max(0.0, $toGo) / $range,
            $state->isTrusted() && ($advice === 'stop' || $advice === 'over'),
        );
    }

    /** @return array<string, mixed> */
    public function jsonSerialize(): array
    {
        return [
            'grams' => round($this->grams, 2),
            'state' => $this->state->value,
            'words' => $this->state->words(),
            'toGo' => round($this->toGoG, 2),
            'share' => round($this->share, 4),
            'advice' => $this->advice,
            'near' => round($this->near, 3),
            'canTake' => $this->canTake,
        ];
    }
}
