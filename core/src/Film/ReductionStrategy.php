<?php

declare(strict_types=1);

namespace Kalopsis\Film;

/** How painters thin a mixture, by name. What each comes to is a MixtureSpec. Common practice throughout. */
enum ReductionStrategy: string
{
    case Under = 'under';
    case Standard = 'standard';
    case UpperEnd = 'upper-end';
    case Over = 'over';
    case ClearOneToOne = 'clear-1-1';
    case ClearHalfMore = 'clear-150';

    public function words(): string
    {
        return match ($this) {
            self::Under => 'Under-reduced',
            self::Standard => 'As the data sheet',
            self::UpperEnd => 'Upper end',
            self::Over => 'Over-reduced',
            self::ClearOneToOne => '1:1 with blending clear',
            self::ClearHalfMore => '+150% blending clear',
        };
    }

    public function purpose(): string
    {
        return match ($this) {
            self::Under => 'Covers in a coat and a half: small production jobs. Thick, and wants about 20 min of flash.',
            self::Standard => 'What the sheet says.',
            self::UpperEnd => 'Critical light metallics: it flows, and keeps flakes even.',
            self::Over => 'Transparent, for the fade.',
            self::ClearOneToOne => 'From the remains: half as much colour, for the last coats of a blend.',
            self::ClearHalfMore => 'From the remains: the transparent last coat of a blend.',
        };
    }

    /** What it comes to; null where the product cannot: nobody thins it, or its sheet gives no window. */
    public function spec(Product $product): ?MixtureSpec
    {
        $standard = $product->reducerPercent($product->ratio);
        $most = $product->sheet->reducerPercent[1] ?? null;

        return match ($this) {
            self::Standard => new MixtureSpec(),
            self::Under => $standard === null ? null : new MixtureSpec(0.5),
            self::Over => $standard === null ? null : new MixtureSpec(1.5),
            self::UpperEnd => $standard === null || $most === null || $most <= $standard
                ? null
                : new MixtureSpec(round($most / $standard, 3)),
            self::ClearOneToOne => $product->role->isBase() ? new MixtureSpec(1.0, 1.0) : null,
            self::ClearHalfMore => $product->role->isBase() ? new MixtureSpec(1.0, 1.5) : null,
        };
    }
}
