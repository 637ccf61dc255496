<?php

declare(strict_types=1);

namespace Kalopsis\Colour;

use Kalopsis\Why\Phrase;

/** One variant's place among the others. */
final readonly class Ranked
{
    public function __construct(public string $id, public Comparison $comparison, public float $overall) {}

    public function isClearlyOff(): bool
    {
        return $this->overall > Ranking::CLEARLY_OFF;
    }

    public function why(): Phrase
    {
        $worst = $this->comparison->worst();

        return Phrase::of(
            count($this->comparison->angles) === 1
                ? '{off} off. {says}'
                : '{off} off over all angles, worst at {angle}° ({most}). {says}',
            [
                'off' => sprintf('%.1f', $this->overall),
                'angle' => $worst->angle,
                'most' => sprintf('%.1f', $worst->de2000),
                'says' => PainterWords::sentence($this->comparison),
            ],
        );
    }
}
