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

    /** @param ?string $due in the format DUE; null: nobody said; $waxed: waxed, or silicone was used on it */
    public function __construct(
        public string $label,
        public string $plate,
        public string $bodyShape,
        public ?string $due = null,
        public string $painter = '',
        public bool $waxed = false,
        public Peel $peel = Peel::Usual,
    ) {}

    /** Is this a day and a time there can be? */
    public static function isDue(string $text): bool
    {
        $read = DateTimeImmutable::createFromFormat('!' . self::DUE, $text);

        return $read !== false && $read->format(self::DUE) === $text;
    }
}
