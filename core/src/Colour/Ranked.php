<?php

declare(strict_types=1);

namespace Kalopsis\Colour;

/** One variant's place among the others. */
final readonly class Ranked
{
    public function __construct(public string $id, public Comparison $comparison, public float $overall) {}

    public function isClearlyOff(): bool
    {
        return $this->overall > Ranking::CLEARLY_OFF;
    }

    public function why(): string
    {
        $worst = $this->comparison->worst();
        $where = count($this->comparison->angles) === 1 ? '' : sprintf(', worst at %d° (%.1f)', $worst->angle, $worst->de2000);

        return sprintf('%.1f off over all angles%s. %s', $this->overall, $where, PainterWords::sentence($this->comparison));
    }
}
