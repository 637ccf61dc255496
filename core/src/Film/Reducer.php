<?php

declare(strict_types=1);

namespace Kalopsis\Film;

use Kalopsis\Units\Quantity;
use Kalopsis\Units\UnitSystem;
use Kalopsis\Why\Phrase;
use Kalopsis\Why\Reason;
use Kalopsis\Why\SourceKind;

/**
 * The reducer in the mix: one grade, or two neighbours poured together, as shops do between two temperatures. Told in
 * tenths, so that what is computed is what can be poured.
 */
final readonly class Reducer
{
    /** One grade hands over to the next over so many kelvin around the temperature. Chosen here, within common practice. */
    private const HANDS_OVER_K = 4.0;

    /** Around so much colour (m2) a slower grade begins to keep the wet edge. Common practice. */
    private const LARGE_AREA_M2 = 2.5;

    /** The same hand-over, m2. Chosen here. */
    private const HANDS_OVER_M2 = 1.0;

    /** Waterborne: above so much humidity water hardly leaves, and the fastest is taken, %. Common practice. */
    private const HUMID_PERCENT = 70.0;

    /** Waterborne: in air drier than this the mist dries before it lands, %. Common practice. */
    private const ARID_PERCENT = 35.0;

    /** The same hand-over, %. Chosen here. */
    private const HANDS_OVER_PERCENT = 10.0;

    /** Waterborne: from here on heat dries the mist as well, deg C. Common practice. */
    private const WATER_HOT_C = 30.0;

    /** @param int $tenths of the next slower grade, 0 to 9 */
    private function __construct(public ReducerGrade $grade, public int $tenths) {}

    public static function of(ReducerGrade $grade): self
    {
        return new self($grade, 0);
    }

    /** @return list<self> what is offered to pick from: the grades, and halves of neighbours */
    public static function choices(): array
    {
        return array_map(fn (int $half): self => self::at($half / 2.0), range(0, 6));
    }

    /** @param float $level 0 (fast) to 3 (extra slow) */
    public static function at(float $level): self
    {
        $tenths = (int) round(10.0 * max(0.0, min(3.0, $level)));

        return new self(ReducerGrade::cases()[intdiv($tenths, 10)], $tenths % 10);
    }

    /** For solvent by temperature, for waterborne by the humidity of the air; slower for size and light effect colours. */
    public static function advisedIn(
        Carrier $carrier,
        Air $air,
        float $colourAreaM2,
        bool $critical,
        ReducerWindows $windows = new ReducerWindows(),
    ): self {
        return $carrier === Carrier::Solvent
            ? self::advised($air->temperatureC, $colourAreaM2, $critical, $windows)
            : self::at(
                self::bySize($colourAreaM2, $critical) +
                    1.0 -
                    self::share($air->humidityPercent, self::HUMID_PERCENT, self::HANDS_OVER_PERCENT) +
                    1.0 -
                    self::share($air->humidityPercent, self::ARID_PERCENT, self::HANDS_OVER_PERCENT) +
                    self::share($air->temperatureC, self::WATER_HOT_C, self::HANDS_OVER_K),
            );
    }

    private static function bySize(float $colourAreaM2, bool $critical): float
    {
        return self::share($colourAreaM2, self::LARGE_AREA_M2, self::HANDS_OVER_M2) + ($critical ? 1.0 : 0.0);
    }

    public static function advised(
        float $temperatureC,
        float $colourAreaM2,
        bool $critical,
        ReducerWindows $windows = new ReducerWindows(),
    ): self {
        $level = self::bySize($colourAreaM2, $critical);
        foreach (ReducerGrade::cases() as $grade) {
            $upToC = $windows->upToC($grade);
            $level += $upToC === null ? 0.0 : self::share($temperatureC, $upToC, self::HANDS_OVER_K);
        }

        return self::at($level);
    }

    /** Reads what key() writes; null for anything else. */
    public static function fromKey(string $key): ?self
    {
        if (preg_match('/^([a-z-]+?)(?:\+([1-9])0)?$/D', $key, $m) !== 1) {
            return null;
        }
        $grade = ReducerGrade::tryFrom($m[1]);
        $tenths = (int) ($m[2] ?? 0);

        return $grade === null || ($tenths > 0 && $grade->slower() === null) ? null : new self($grade, $tenths);
    }

    /** "standard", or "standard+30": standard with 30 % of the next slower. */
    public function key(): string
    {
        return $this->grade->value . ($this->tenths === 0 ? '' : "+{$this->tenths}0");
    }

    public function is(self $other): bool
    {
        return $this->key() === $other->key();
    }

    public function level(): float
    {
        return (int) array_search($this->grade, ReducerGrade::cases(), true) + $this->tenths / 10.0;
    }

    /** Relative evaporation rate, n-butyl acetate = 1: by volume, as for an ideal mixture. */
    public function relativeRate(): float
    {
        $slower = $this->grade->slower() ?? $this->grade;
        $share = $this->tenths / 10.0;

        return (1.0 - $share) * $this->grade->relativeRate() + $share * $slower->relativeRate();
    }

    public function says(): Phrase
    {
        $slower = $this->grade->slower();

        return $this->tenths === 0 || $slower === null
            ? Phrase::of($this->grade->words())
            : Phrase::of('{most} {grade}, {rest} {slower}', [
                'most' => Quantity::percent(100.0 - 10.0 * $this->tenths),
                'grade' => Phrase::of($this->grade->words()),
                'rest' => Quantity::percent(10.0 * $this->tenths),
                'slower' => Phrase::of($slower->words()),
            ]);
    }

    public function words(): string
    {
        return $this->says()->in(UnitSystem::Metric);
    }

    public static function because(
        Carrier $carrier,
        Air $air,
        float $colourAreaM2,
        bool $critical,
        ReducerWindows $windows = new ReducerWindows(),
    ): Reason {
        $water = $carrier === Carrier::Waterborne;
        $large = self::share($colourAreaM2, self::LARGE_AREA_M2, self::HANDS_OVER_M2) > 0.0;

        return Reason::of(
            Phrase::of(
                match (true) {
                    $critical && $large => 'A light effect colour and a large area: slower than the thermometer says.',
                    $critical => 'A light effect colour: one grade slower than the thermometer says.',
                    $large => 'A large area: slower than the thermometer says.',
                    $water => 'Picked for the humidity of the booth; moving air does the rest.',
                    default => 'Picked for the temperature of the booth.',
                },
            ),
            $windows->said() && ! $water ? SourceKind::DataSheet : SourceKind::Practice,
            $windows->said() && ! $water
                ? 'Temperatures of the data sheet; between two of them shops pour two grades together.'
                : 'Common practice; between two temperatures shops pour two grades together. The data sheet wins.',
            [
                'booth' => Quantity::celsius($air->temperatureC),
                ...$water ? ['humidity' => Quantity::percent($air->humidityPercent)] : [],
                'colour on' => Quantity::squareMetres($colourAreaM2),
            ],
        );
    }

    /** 0 well below a border, 1 well above it. */
    private static function share(float $value, float $border, float $over): float
    {
        return max(0.0, min(1.0, ($value - $border) / $over + 0.5));
    }
}
