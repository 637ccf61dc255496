<?php

declare(strict_types=1);

namespace Kalopsis\Film;

use JsonSerializable;
use Kalopsis\Units\Quantity;
use Kalopsis\Why\Phrase;

/** The reducer that is advised, the one that comes next, and what would turn the choice. */
final readonly class ReducerChoice implements JsonSerializable
{
    /** How far a booth's day is looked ahead, both ways. Chosen here. */
    private const KELVIN = 15.0;

    private const PERCENT = 50.0;

    private const SQUARE_METRES = 6.0;

    /** A step of looking, as a share of the range. Chosen here: half a kelvin. */
    private const STEPS = 30;

    private function __construct(
        private Carrier $carrier,
        private Air $air,
        private float $areaM2,
        private bool $critical,
        public Reducer $advised,
        private ReducerWindows $windows,
    ) {}

    public static function of(
        Carrier $carrier,
        Air $air,
        float $areaM2,
        bool $critical,
        ReducerWindows $windows = new ReducerWindows(),
    ): self {
        $advised = Reducer::advisedIn($carrier, $air, $areaM2, $critical, $windows);

        return new self($carrier, $air, $areaM2, $critical, $advised, $windows);
    }

    /** The neighbouring grade that is nearest to what is advised. */
    public function second(): Reducer
    {
        $level = $this->advised->level();
        $near = round($level);
        $other = $level > $near || $near === 0.0 ? $near + 1.0 : $near - 1.0;

        return Reducer::at(min(3.0, $other));
    }

    /** @return list<Phrase> "above 26 °C: extra slow" */
    public function turns(): array
    {
        $out = [];
        foreach ($this->directions() as [$text, $range, $quantity, $choice]) {
            for ($i = 1; $i <= self::STEPS; $i++) {
                $reducer = $choice($range * $i / self::STEPS);
                if ($reducer === null) {
                    break;
                }
                if (round($reducer->level()) !== round($this->advised->level())) {
                    $out[] = Phrase::of($text, [
                        'at' => $quantity($range * $i / self::STEPS),
                        'grade' => Reducer::at(round($reducer->level()))->says(),
                    ]);

                    break;
                }
            }
        }

        return $out;
    }

    /** @return list<array{string, float, callable(float): Quantity, callable(float): ?Reducer}> */
    private function directions(): array
    {
        $t = $this->air->temperatureC;
        $h = $this->air->humidityPercent;
        $in = fn (Air $air, float $m2): Reducer => Reducer::advisedIn(
            $this->carrier,
            $air,
            $m2,
            $this->critical,
            $this->windows,
        );
        $at = fn (float $c, float $percent): Reducer => $in($this->air->at($c, $percent), $this->areaM2);
        $warm = fn (float $k): ?Reducer => $t + $k > 45.0 || $t + $k < 5.0 ? null : $at($t + $k, $h);
        $damp = fn (float $p): ?Reducer => $h + $p > 100.0 || $h + $p < 1.0 ? null : $at($t, $h + $p);
        $celsius = fn (float $k): Quantity => Quantity::celsius($t + $k);
        $percent = fn (float $p): Quantity => Quantity::percent($h + $p);

        return [
            ['above {at}: {grade}', self::KELVIN, $celsius, $warm],
            ['below {at}: {grade}', -self::KELVIN, $celsius, $warm],
            ['above {at} humidity: {grade}', self::PERCENT, $percent, $damp],
            ['below {at} humidity: {grade}', -self::PERCENT, $percent, $damp],
            [
                'from {at} of colour: {grade}',
                self::SQUARE_METRES,
                fn (float $m2): Quantity => Quantity::squareMetres($this->areaM2 + $m2),
                fn (float $m2): Reducer => $in($this->air, $this->areaM2 + $m2),
            ],
        ];
    }

    /** @return array<string, mixed> */
    public function jsonSerialize(): array
    {
        return [
            'advised' => ['key' => $this->advised->key(), 'words' => $this->advised->says()],
            'second' => ['key' => $this->second()->key(), 'words' => $this->second()->says()],
            'turns' => $this->turns(),
            'reason' => Reducer::because($this->carrier, $this->air, $this->areaM2, $this->critical, $this->windows),
        ];
    }
}
