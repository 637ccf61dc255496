<?php

declare(strict_types=1);

namespace Kalopsis\Booth;

use JsonSerializable;
use Kalopsis\Film\Air;
use Kalopsis\Film\AirMovement;
use Kalopsis\Film\FlashOff;
use Kalopsis\Film\Volatile;

/**
 * How fast a film dries in other air than the plan's, as a table to look up where no core is at hand: 1 in the plan's air.
 */
final readonly class DryingTable implements JsonSerializable
{
    private const CELSIUS = [5.0, 45.0, 2.5];

    private const HUMIDITY = [0.0, 100.0, 10.0];

    /**
     * @param list<float> $celsius
     * @param list<float> $humidity
     * @param array<string, list<list<float>>> $rates by movement, then temperature, then humidity
     * @param float $airMPerS booth air that the plan is made for
     */
    private function __construct(
        public array $celsius,
        public array $humidity,
        public array $rates,
        public float $airMPerS,
    ) {}

    public static function of(Volatile $volatile, Air $plan): self
    {
        $celsius = self::steps(self::CELSIUS);
        $humidity = self::steps(self::HUMIDITY);
        $rates = [];
        foreach (AirMovement::cases() as $movement) {
            $there = max(1e-9, FlashOff::rate($volatile, $plan, $movement));
            foreach ($celsius as $c) {
                $row = [];
                foreach ($humidity as $h) {
                    $row[] = round(FlashOff::rate($volatile, $plan->at($c, $h), $movement) / $there, 4);
                }
                $rates[$movement->value][] = $row;
            }
        }

        return new self($celsius, $humidity, $rates, $plan->movesMPerS);
    }

    /** @param array<array-key, mixed> $kept as jsonSerialize wrote it */
    public static function kept(array $kept): self
    {
        /**
         * @var array{celsius: list<float>, humidity: list<float>, airMPerS: float,
         *     rates: array<string, list<list<float>>>} $kept
         */
        return new self($kept['celsius'], $kept['humidity'], $kept['rates'], $kept['airMPerS']);
    }

    /**
     * Times as fast as in the plan's air; looked up between the four places around. A blower makes its own air; what only
     * the booth moves goes with the root of its speed (laminar flat plate).
     */
    public function rate(string $movement, float $celsius, float $humidity, float $airMPerS): float
    {
        $rows = $this->rates[$movement] ?? null;
        if ($rows === null) {
            return 1.0;
        }
        [$i, $u] = self::place($this->celsius, $celsius);
        [$j, $v] = self::place($this->humidity, $humidity);
        $rate =
            (1 - $u) * ((1 - $v) * $rows[$i][$j] + $v * $rows[$i][$j + 1]) +
            $u * ((1 - $v) * $rows[$i + 1][$j] + $v * $rows[$i + 1][$j + 1]);

        return $movement === AirMovement::Booth->value ? $rate * sqrt(max(0.0, $airMPerS) / $this->airMPerS) : $rate;
    }

    /** @return array<string, mixed> */
    public function jsonSerialize(): array
    {
        return [
            'celsius' => $this->celsius,
            'humidity' => $this->humidity,
            'rates' => $this->rates,
            'airMPerS' => $this->airMPerS,
        ];
    }

    /**
     * @param array{float, float, float} $range
     * @return list<float>
     */
    private static function steps(array $range): array
    {
        $out = [];
        for ($i = 0; $range[0] + $i * $range[2] <= $range[1] + 1e-9; $i++) {
            $out[] = $range[0] + $i * $range[2];
        }

        return $out;
    }

    /**
     * @param list<float> $axis
     * @return array{int, float} the place before, and how far to the next, 0 to 1
     */
    private static function place(array $axis, float $value): array
    {
        $step = $axis[1] - $axis[0];
        $at = min(max(0.0, ($value - $axis[0]) / $step), count($axis) - 1.0);
        $i = min((int) $at, count($axis) - 2);

        return [$i, $at - $i];
    }
}
