<?php

declare(strict_types=1);

namespace Kalopsis\Film;

use JsonSerializable;
use Kalopsis\Input\Fields;
use Kalopsis\Units\Quantity;
use Kalopsis\Units\Unit;
use Kalopsis\Why\Phrase;

/** What a flow cup, or a stirring stick, says of a mix, brought to the data sheet's temperature and held against its window. */
final readonly class ViscosityCheck implements JsonSerializable
{
    /** Rooms that paint is mixed in, deg C. Common practice. */
    private const CELSIUS = [5.0, 45.0];

    private const SECONDS = [1.0, 600.0];

    private function __construct(
        private float $low,
        private float $high,
        private bool $holds,
        private bool $rough,
        private float $celsius,
        private float $atCelsius,
        private ?SprayViscosity $window,
    ) {}

    /** Reads {"cup", "seconds"} or {"stick"}, "celsius", and "window" as a data sheet has it. Faults are told at their field. */
    public static function read(Fields $f): self
    {
        $celsius = $f->number('celsius', self::CELSIUS[0], self::CELSIUS[1], Unit::Celsius, 'The temperature of the paint');
        $window = DataSheetReader::viscosity($f->maybe('window'));
        $at = $window->celsius ?? DataSheet::POT_LIFE_AT_C;
        if ($f->has('stick')) {
            [$low, $high] = $f->choice('stick', DrippingStick::class, 'The stick')->viscosity();

            return new self($low, $high, true, true, $celsius, $at, $window);
        }
        $cup = $f->choice('cup', FlowCup::class, 'The flow cup');
        $seconds = $f->plain('seconds', self::SECONDS[0], self::SECONDS[1], 'The seconds');
        $v = $seconds > 0.0 ? $cup->viscosity($seconds) : 1.0;

        return new self($v, $v, $cup->holdsAt($seconds), false, $celsius, $at, $window);
    }

    /** @return array{float, float} mm2/s at the sheet's temperature */
    private function corrected(): array
    {
        return [
            Viscosity::moved($this->low, $this->celsius, $this->atCelsius),
            Viscosity::moved($this->high, $this->celsius, $this->atCelsius),
        ];
    }

    private function says(): Phrase
    {
        [$low, $high] = $this->corrected();
        $window = $this->window;
        if ($window === null) {
            return Phrase::of('The data sheet gives no window.');
        }
        $values = [
            'from' => self::number($window->fromSeconds),
            'to' => self::number($window->toSeconds),
            'cup' => $window->cup->words(),
            'at' => Quantity::celsius($window->celsius),
        ];
        $one = $window->compare($low);
        $other = $window->compare($high);

        return Phrase::of(
            match (true) {
                $one !== $other => 'Too rough to say: take a flow cup. The sheet wants {from} to {to} s, {cup}, at {at}.',
                $one < 0 => 'Thinner than the sheet wants, {from} to {to} s, {cup}, at {at}.',
                $one > 0 => 'Thicker than the sheet wants, {from} to {to} s, {cup}, at {at}.',
                default => 'Within what the sheet wants, {from} to {to} s, {cup}, at {at}.',
            },
            $values,
        );
    }

    private static function number(float $v): string
    {
        return rtrim(rtrim(number_format($v, 1, '.', ''), '0'), '.');
    }

    /** @return array<string, mixed> */
    public function jsonSerialize(): array
    {
        [$low, $high] = $this->corrected();
        $here = sqrt($this->low * $this->high);

        return [
            'mm2PerS' => round($here, 1),
            'low' => round($this->low, 1),
            'high' => round($this->high, 1),
            'rough' => $this->rough,
            'holds' => $this->holds,
            'atCelsius' => $this->atCelsius,
            'corrected' => round(sqrt($low * $high), 1),
            'cups' => array_map(
                function (FlowCup $cup) use ($here): array {
                    $seconds = $cup->secondsFor($here);

                    return [
                        'key' => $cup->value,
                        'words' => $cup->words(),
                        'standard' => $cup->standard(),
                        'seconds' => round($seconds, 1),
                        'holds' => $cup->holdsAt($seconds),
                    ];
                },
                FlowCup::cases(),
            ),
            'fits' => $this->window === null || $this->window->compare($low) !== $this->window->compare($high)
                ? null
                : $this->window->compare($low),
            'says' => $this->says(),
        ];
    }
}
