<?php

declare(strict_types=1);

namespace Kalopsis\Film;

/** What else a data sheet says of a product; whatever it leaves out stays null, and nothing is guessed. */
final readonly class DataSheet
{
    /** Every ten to twelve kelvin warmer a two-pack sets twice as fast. Common practice. */
    private const TWICE_EACH_K = 11.0;

    /** Data sheets give pot lives at this temperature, deg C. Common practice. */
    public const POT_LIFE_AT_C = 20.0;

    /**
     * @param ?array{float, float} $reducerPercent the least and the most reducer, % by volume of all the rest
     * @param ?SprayViscosity $viscosity ready to spray
     * @param ?float $potLifeMin minutes at 20 deg C; null: nothing sets in the cup
     * @param int $coats coats that it wants
     * @param ?float $bakeMin minutes in a warm booth; null: not baked
     * @param ?float $polishHours until it can be polished
     * @param ?ClearGrade $grade clears only
     * @param ?FlashSheet $flash until a full coat takes the next
     * @param ?SheetSource $source which sheet says all this, the mix, film and gun too; null: nobody has named one
     */
    public function __construct(
        public ?array $reducerPercent = null,
        public ?SprayViscosity $viscosity = null,
        public ?float $potLifeMin = null,
        public int $coats = 2,
        public ?float $bakeMin = null,
        public ?float $polishHours = null,
        public ?ClearGrade $grade = null,
        public ?FlashSheet $flash = null,
        public ?SheetSource $source = null,
    ) {}

    /** Pot life at `$celsius`, minutes. */
    public function potLifeAt(float $celsius): ?float
    {
        return $this->potLifeMin === null ? null : $this->potLifeMin * self::slower($celsius);
    }

    /** How much longer than at 20 deg C setting takes. */
    public static function slower(float $celsius): float
    {
        return 2.0 ** ((self::POT_LIFE_AT_C - $celsius) / self::TWICE_EACH_K);
    }
}
