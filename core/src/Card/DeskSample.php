<?php

declare(strict_types=1);

namespace Kalopsis\Card;

use Kalopsis\Colour\Measurement;

/** One thing on the colour desk: the car, a card, or a variant's chip. */
final readonly class DeskSample
{
    /**
     * @param ?Measurement $mean of its shots that count; null while nothing was read
     * @param float $spread mean CIEDE2000 of the shots from their mean
     * @param list<Surface> $surfaces what the surface was like when it was read
     * @param Looks $looks what people saw
     * @param ?int $ageDays since it was sprayed
     * @param ?Measurement $predicted what the tint advice said it would measure
     * @param bool $simulated is any of its readings made up by the simulated instrument?
     * @param ?float $letDownCoats coats of the effect layer, for a card of a let-down set
     * @param list<string> $instruments what it was read with, as far as somebody said
     * @param ?float $repeats how well the worst of them repeats, mean CIEDE2000 of single shots; null: nobody has tried
     */
    public function __construct(
        public string $id,
        public SampleKind $kind,
        public string $name,
        public bool $struck,
        public ?Measurement $mean,
        public int $shots,
        public int $spots,
        public int $outliers,
        public float $spread,
        public array $surfaces,
        public ?Spraying $spraying,
        public ?int $ageDays,
        public bool $formulaChanged,
        public Looks $looks,
        public ?Measurement $predicted = null,
        public ?float $letDownCoats = null,
        public bool $simulated = false,
        public array $instruments = [],
        public ?float $repeats = null,
    ) {}

    /** Was the other read with other instruments? What nobody named may be the same. */
    public function readWithAnother(self $other): bool
    {
        return $this->instruments !== [] && $other->instruments !== []
            && array_intersect($this->instruments, $other->instruments) === [];
    }
}
