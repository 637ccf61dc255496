<?php

declare(strict_types=1);

namespace Kalopsis\Colour;

/** The light and the observer a colour was computed for. Colours of different viewing cannot be compared. */
final readonly class Viewing
{
    private function __construct(public Illuminant $illuminant, public Observer $observer) {}

    public static function of(Illuminant $illuminant, Observer $observer): self
    {
        return new self($illuminant, $observer);
    }

    /** D65 and the 10 degree observer: what paint is measured with. Common practice. */
    public static function paint(): self
    {
        return new self(Illuminant::D65, Observer::Ten);
    }

    /** Reads "D65/10", "D65/10°", "A / 2"; null when it is none we know. */
    public static function parse(string $text): ?self
    {
        if (preg_match('~^\s*(A|D50|D65)\s*[/ ,]\s*(2|10)\s*(?:°|deg|degree|_degree)?\s*$~iu', $text, $m) !== 1) {
            return null;
        }
        $illuminant = Illuminant::tryFrom(strtoupper($m[1]));
        $observer = Observer::tryFrom($m[2]);

        return $illuminant === null || $observer === null ? null : new self($illuminant, $observer);
    }

    public function name(): string
    {
        return "{$this->illuminant->value}/{$this->observer->value}";
    }

    public function is(self $other): bool
    {
        return $this->illuminant === $other->illuminant && $this->observer === $other->observer;
    }

    /** The perfect reflector. ASTM E308, the weighting tables' sums at 10 nm. */
    public function white(): Xyz
    {
        return match ([$this->illuminant, $this->observer]) {
            [Illuminant::A, Observer::Two] => new Xyz(109.850, 100.0, 35.585),
            [Illuminant::A, Observer::Ten] => new Xyz(111.144, 100.0, 35.200),
            [Illuminant::D50, Observer::Two] => new Xyz(96.422, 100.0, 82.521),
            [Illuminant::D50, Observer::Ten] => new Xyz(96.720, 100.0, 81.427),
            [Illuminant::D65, Observer::Two] => new Xyz(95.047, 100.0, 108.883),
            [Illuminant::D65, Observer::Ten] => new Xyz(94.811, 100.0, 107.304),
        };
    }
}
