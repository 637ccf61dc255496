<?php

declare(strict_types=1);

namespace Kalopsis\Colour\Exception;

use DomainException;

final class NotAColour extends DomainException implements ColourException
{
    public static function lightness(float $l): self
    {
        return new self(sprintf('L* %.1f cannot be: a painted surface lies between 0 and 250.', $l));
    }

    public static function vividness(float $a, float $b): self
    {
        return new self(sprintf('a* %.1f, b* %.1f cannot be: no paint is that vivid.', $a, $b));
    }

    public static function negativeLight(float $l, float $a, float $b): self
    {
        return new self(sprintf('L* %.1f, a* %.1f, b* %.1f is no colour a surface can have.', $l, $a, $b));
    }

    public static function spectrum(string $why): self
    {
        return new self($why);
    }
}
