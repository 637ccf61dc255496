<?php

declare(strict_types=1);

namespace Kalopsis\Tint;

use JsonSerializable;
use Kalopsis\Colour\Lab;

/** Where the colour's path through the number of coats passes nearest the car. */
final readonly class LetDown implements JsonSerializable
{
    /**
     * @param float $coats where the path is nearest, continuous
     * @param float $overall root mean square of CIEDE2000 over the angles there
     * @param float $worst the worst angle's CIEDE2000 there
     * @param array<int, Lab> $colour predicted there, by angle
     * @param float $stickerShare what is left of the hiding sticker's contrast, 0 to 1
     * @param float $fit how far the cards themselves lie from the path, root mean square of CIEDE2000
     * @param LetDownVerdict $verdict
     * @param list<array{coats: float, overall: float}> $path the difference along the way
     */
    public function __construct(
        public float $coats,
        public float $overall,
        public int $worstAngle,
        public float $worst,
        public array $colour,
        public float $stickerShare,
        public float $fit,
        public LetDownVerdict $verdict,
        public array $path,
    ) {}

    /** @return array<string, mixed> */
    public function jsonSerialize(): array
    {
        return [
            'coats' => round($this->coats, 2),
            'overall' => round($this->overall, 2),
            'worstAngle' => $this->worstAngle,
            'worst' => round($this->worst, 2),
            'colour' => $this->colour,
            'stickerPercent' => round(100 * $this->stickerShare, 1),
            'fit' => round($this->fit, 2),
            'verdict' => $this->verdict->value,
            'says' => $this->verdict->words(),
            'path' => $this->path,
        ];
    }
}
