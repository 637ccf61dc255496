<?php

declare(strict_types=1);

namespace Kalopsis\Colour;

use Kalopsis\Colour\Exception\CannotCompare;

/** A card, or a variant, held against the car at every angle both were read at. */
final readonly class Comparison
{
    /**
     * @param non-empty-array<int, AngleDifference> $angles by angle, face to flop
     * @param ?float $flop difference of Alman's flop index, card minus car
     */
    private function __construct(
        public Measurement $car,
        public Measurement $card,
        public array $angles,
        public ?float $flop,
    ) {}

    /** @throws CannotCompare when light, observer or angles do not fit */
    public static function of(Measurement $car, Measurement $card): self
    {
        if (! $car->viewing->is($card->viewing)) {
            $card = $card->under($car->viewing) ?? throw CannotCompare::viewing($car->viewing, $card->viewing);
        }
        $angles = [];
        foreach ($car->anglesWith($card) as $angle) {
            $angles[$angle] = AngleDifference::of($angle, $car->at($angle), $card->at($angle));
        }
        if ($angles === []) {
            throw CannotCompare::angles();
        }
        $ours = FlopIndex::of($card);
        $theirs = FlopIndex::of($car);

        return new self($car, $card, $angles, $ours === null || $theirs === null ? null : $ours - $theirs);
    }

    /** The largest CIEDE2000 over the angles. */
    public function worst(): AngleDifference
    {
        $worst = $this->angles[array_key_first($this->angles)];
        foreach ($this->angles as $one) {
            if ($one->de2000 > $worst->de2000) {
                $worst = $one;
            }
        }

        return $worst;
    }

    /** Root mean square of CIEDE2000 over the angles: what variants are ranked by. */
    public function overall(): float
    {
        $sum = 0.0;
        foreach ($this->angles as $one) {
            $sum += $one->de2000 ** 2;
        }

        return sqrt($sum / count($this->angles));
    }

    /**
     * How much further apart they are in another light than in this one, worst angle, CIEDE2000; null without
     * spectra. Above about
     * 1 people see a match go (metamerism).
     */
    public function apartUnder(Viewing $other): ?float
    {
        $car = $this->car->under($other);
        $card = $this->card->under($other);

        return $car === null || $card === null ? null : self::of($car, $card)->worst()->de2000;
    }
}
