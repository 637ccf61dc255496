<?php

declare(strict_types=1);

namespace Kalopsis\Calibration;

/** The numbers of the model that a workshop can find out with simple tests. Each is a factor on what the model takes. */
enum Constant: string
{
    case Hiding = 'hiding';
    case Flakes = 'flakes';
    case DryBelow = 'dry-below';
    case Eye = 'eye';
    case Transfer = 'transfer';
    case Flash = 'flash';
    case Toner = 'toner';

    /**
     * How far off it may be before anybody has tested: standard deviation of the logarithm of the factor. Chosen here,
     * docs/model.md section 19.
     */
    public function prior(): float
    {
        return match ($this) {
            self::Hiding => 0.15,
            self::Flakes => 0.3,
            self::DryBelow => 0.25,
            self::Eye => 0.2,
            self::Transfer => 0.15,
            self::Flash => 0.3,
            self::Toner => 0.1,
        };
    }

    /** What it is a number of: of one colour, one booth, one toner, or of the whole workshop. */
    public function of(): string
    {
        return match ($this) {
            self::Hiding => 'colour',
            self::Toner => 'toner',
            default => 'workshop',
        };
    }

    public function text(): string
    {
        return match ($this) {
            self::Hiding => 'Film that hides',
            self::Flakes => 'How far dry flakes stand up',
            self::DryBelow => 'Wetness the flakes need',
            self::Eye => 'What your eyes catch',
            self::Transfer => 'Paint that lands',
            self::Flash => 'How fast the booth dries a coat',
            self::Toner => 'Strength of a toner',
        };
    }
}
