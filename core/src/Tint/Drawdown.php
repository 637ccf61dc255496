<?php

declare(strict_types=1);

namespace Kalopsis\Tint;

use Kalopsis\Colour\Spectrum;

/**
 * A film drawn down on a card and read at 45/0: a toner alone (masstone) or with white. One that hides is read once; one that
 * does not is read over the black and over the white of the card.
 */
final readonly class Drawdown
{
    /** A contrast card: white 0.80, black next to nothing. ASTM D2805 asks for about that. */
    public const WHITE = 0.8;

    public const BLACK = 0.01;

    /**
     * @param float $share grams of the toner in a hundred of toner and white, above 0 to 100
     * @param list<float> $inside reflectance inside a film so thick that it hides, 31 values
     * @param list<float> $read as it was read over the white, or where it hides
     */
    private function __construct(public float $share, public array $inside, public array $read) {}

    /** @param float $share grams of the toner in a hundred, above 0 to 100 */
    public static function hiding(float $share, Spectrum $read): self
    {
        return new self($share, array_map(Surface::inside(...), $read->values), $read->values);
    }

    /**
     * What a film of it would reflect if it were thick: Kubelka's film over two grounds, solved for a and b coth bSh. Kubelka,
     * JOSA 38 (1948): a (R + Rg) + b coth(bSh) (R - Rg) = 1 + R Rg at each.
     *
     * @param ?Spectrum $black the bare black of the card; null: as cards usually are
     * @param ?Spectrum $white the bare white
     */
    public static function over(
        float $share,
        Spectrum $overBlack,
        Spectrum $overWhite,
        ?Spectrum $black = null,
        ?Spectrum $white = null,
    ): self {
        $inside = [];
        foreach ($overBlack->values as $i => $dark) {
            $inside[] = self::thick(
                Surface::inside($dark),
                Surface::inside($overWhite->values[$i]),
                Surface::inside($black->values[$i] ?? self::BLACK),
                Surface::inside($white->values[$i] ?? self::WHITE),
            );
        }

        return new self($share, $inside, array_map(Surface::outside(...), $inside));
    }

    public function isMasstone(): bool
    {
        return $this->share >= 100.0;
    }

    private static function thick(float $dark, float $light, float $black, float $white): float
    {
        // Where it hides both are the same, and there is nothing to solve.
        $det = ($dark + $black) * ($light - $white) - ($light + $white) * ($dark - $black);
        if (abs($light - $dark) < 1e-6 || abs($det) < 1e-12) {
            return ($dark + $light) / 2.0;
        }
        $a = ((1.0 + $dark * $black) * ($light - $white) - (1.0 + $light * $white) * ($dark - $black)) / $det;
        $a = max(1.0, $a);

        return $a - sqrt($a * $a - 1.0);
    }
}
