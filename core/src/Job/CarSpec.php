<?php

declare(strict_types=1);

namespace Kalopsis\Job;

use DateTimeImmutable;
use Kalopsis\Gun\Peel;

/** The car, when it is to be ready, and who paints it. */
final readonly class CarSpec
{
    /** As a wall clock in the shop shows it, without a zone. */
    public const DUE = 'Y-m-d\TH:i';

    /** What a car maker allows in a warm booth, deg C: less is no bake, more than a bake is no limit. Common practice. */
    public const BAKE_LIMIT_C = [30.0, 90.0];

    /** What the paint of a job is charged at, in the shop's currency. Chosen here: a bound against a slip of the finger. */
    public const PAINT_PRICE = [0.0, 100_000.0];

    /**
     * @param ?string $due in the format DUE; null: nobody said
     * @param bool $waxed waxed, or silicone was used on it
     * @param bool $electric a battery drives it, alone or beside an engine
     * @param string $order number of the order, as the office has it
     * @param string $owner initials, or nothing: more nobody needs here
     * @param ?float $paintPrice what the paint is charged at; null: nobody said
     * @param ?float $bakeLimitC the panel's temperature its maker allows, deg C; null: nobody looked it up
     */
    public function __construct(
        public string $label,
        public string $plate,
        public string $bodyShape,
        public ?string $due = null,
        public string $painter = '',
        public bool $waxed = false,
        public Peel $peel = Peel::Usual,
        public bool $electric = false,
        public ?float $bakeLimitC = null,
        public string $order = '',
        public string $owner = '',
        public ?float $paintPrice = null,
    ) {}

    /** Is this a day and a time there can be? */
    public static function isDue(string $text): bool
    {
        $read = DateTimeImmutable::createFromFormat('!' . self::DUE, $text);

        return $read !== false && $read->format(self::DUE) === $text;
    }
}
