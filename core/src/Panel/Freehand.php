<?php

declare(strict_types=1);

namespace Kalopsis\Panel;

use Kalopsis\Panel\Exception\BadOutline;
use Kalopsis\Panel\Internal\Simplify;

/** A repair drawn by hand. */
final readonly class Freehand implements RepairShape
{
    /** A fingertip is no finer than this. */
    private const TOLERANCE_MM = 2.0;

    private function __construct(public Outline $outline) {}

    /**
     * @param list<array{float, float}> $points mm, one loop
     * @throws BadOutline
     */
    public static function through(array $points): self
    {
        if (count($points) > Outline::MAX_POINTS) {
            throw BadOutline::tooManyPoints(count($points), Outline::MAX_POINTS);
        }
        $drawn = Outline::through($points);

        try {
            return new self(Outline::through(Simplify::line($points, self::TOLERANCE_MM)));
        } catch (BadOutline) {
            return new self($drawn);
        }
    }

    public function outlineOn(Panel $panel): Outline
    {
        return $this->outline;
    }
}
