<?php

declare(strict_types=1);

namespace Kalopsis\Panel\Exception;

use DomainException;

/** An outline that is no outline: too few points, too small, crossing itself. */
final class BadOutline extends DomainException
{
    private function __construct(public readonly string $reason, string $message)
    {
        parent::__construct($message);
    }

    public static function tooFewPoints(int $count): self
    {
        return new self('too-few-points', "An outline needs at least three points; this one has {$count}.");
    }

    public static function tooManyPoints(int $count, int $limit): self
    {
        return new self('too-many-points', "An outline may have {$limit} points; this one has {$count}.");
    }

    public static function notFinite(): self
    {
        return new self('not-finite', 'Every point of an outline needs two finite numbers.');
    }

    public static function tooSmall(float $areaMm2, float $limitMm2): self
    {
        return new self(
            'too-small',
            sprintf('The outline is too small: %.0f mm², at least %.0f mm² are needed.', $areaMm2, $limitMm2),
        );
    }

    public static function crossesItself(): self
    {
        return new self('crosses-itself', 'The outline crosses itself. Draw it again in one loop.');
    }
}
