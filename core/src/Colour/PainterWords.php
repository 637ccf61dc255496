<?php

declare(strict_types=1);

namespace Kalopsis\Colour;

use Kalopsis\Why\Phrase;

/**
 * Differences in the words painters use: lighter or darker on the face and on the flop, redder or greener, yellower or bluer,
 * cleaner or dirtier. Thresholds chosen here: half a unit is where a painter starts to talk about it. docs/model.md section 6.
 */
final class PainterWords
{
    /** Seen, in units of CIEDE2000's own terms. */
    private const SPEAKS_AT = 0.5;

    /** "Clearly", same units. */
    private const CLEARLY_AT = 2.0;

    /** What the second of a pair is beside the first: "The card is clearly lighter on the face and a touch redder." */
    public static function sentence(Comparison $c): Phrase
    {
        $words = self::words($c);

        return match (true) {
            $words !== [] => Phrase::of('The card is {words}.', ['words' => $words]),
            $c->worst()->de2000 < self::SPEAKS_AT => Phrase::of('Matches at every angle.'),
            default => Phrase::of('Close: nothing stands out at any one angle.'),
        };
    }

    /** @return list<Phrase> lighter or darker, then its colour; empty when nothing is worth a word */
    public static function words(Comparison $c): array
    {
        return [...self::lightness($c), ...self::colour($c)];
    }

    /** @return list<Phrase> */
    private static function lightness(Comparison $c): array
    {
        $at = [];
        foreach ($c->angles as $angle => $d) {
            [$l] = self::terms($c, $angle);
            $place = count($c->angles) === 1 ? 'all' : Geometry::place($angle);
            $at[$place] = isset($at[$place]) && abs($at[$place]) > abs($l) ? $at[$place] : $l;
        }
        $said = array_filter($at, fn (float $l): bool => abs($l) >= self::SPEAKS_AT);
        if ($said === []) {
            return [];
        }
        $signs = array_unique(array_map(fn (float $l): bool => $l > 0, $said));
        if (count($said) === count($at) && count($signs) === 1) {
            $most = max(array_map(abs(...), $said));
            $lighter = reset($said) > 0;
            $words = count($at) > 1 ? ['lighter all over', 'darker all over'] : ['lighter', 'darker'];

            return [self::degree($most, $words[$lighter ? 0 : 1])];
        }
        // Face and flop say it all; the angle between them is mentioned only when it is alone.
        if (isset($said['face']) || isset($said['flop'])) {
            unset($said['between']);
        }
        $out = [];
        foreach ($said as $place => $l) {
            $out[] = self::degree(
                abs($l),
                match ($place) {
                    'face' => $l > 0 ? 'lighter on the face' : 'darker on the face',
                    'flop' => $l > 0 ? 'lighter on the flop' : 'darker on the flop',
                    'between' => $l > 0 ? 'lighter between face and flop' : 'darker between face and flop',
                    default => $l > 0 ? 'lighter' : 'darker',
                },
            );
        }

        return $out;
    }

    /** @return list<Phrase> */
    private static function colour(Comparison $c): array
    {
        $da = $db = $dc = $chroma = $best = 0.0;
        foreach ($c->angles as $angle => $d) {
            [, $tc, $th] = self::terms($c, $angle);
            $size = hypot($tc, $th);
            if ($size > $best) {
                $best = $size;
                [$da, $db, $dc] = [$d->parts->a, $d->parts->b, $tc];
                $chroma = ($c->car->at($angle)->chroma() + $c->card->at($angle)->chroma()) / 2;
            }
        }
        if ($best < self::SPEAKS_AT) {
            return [];
        }
        $out = [];
        // On a vivid colour more or less chroma is "cleaner" or "dirtier"; on a grey it is just another tint.
        if ($chroma > 12.0 && abs($dc) >= self::SPEAKS_AT) {
            $out[] = self::degree(abs($dc), $dc > 0 ? 'cleaner (more vivid)' : 'dirtier (duller)');
        }
        if ($chroma <= 12.0 || sqrt(max(0.0, $best ** 2 - $dc ** 2)) >= self::SPEAKS_AT) {
            if (abs($da) >= 0.4 * abs($db)) {
                $out[] = self::degree($best, $da > 0 ? 'redder' : 'greener');
            }
            if (abs($db) >= 0.4 * abs($da)) {
                $out[] = self::degree($best, $db > 0 ? 'yellower' : 'bluer');
            }
        }

        return $out;
    }

    /** @return array{float, float, float} CIEDE2000's terms, card minus car */
    private static function terms(Comparison $c, int $angle): array
    {
        $car = $c->car->at($angle);
        $card = $c->card->at($angle);
        [$l, $ch, $h] = Difference\Ciede2000::terms($car->l, $car->a, $car->b, $card->l, $card->a, $card->b);

        return [$l, $ch, $h];
    }

    private static function degree(float $size, string $change): Phrase
    {
        $change = Phrase::of($change);

        return match (true) {
            $size >= self::CLEARLY_AT => Phrase::of('clearly {change}', ['change' => $change]),
            $size < 1.0 => Phrase::of('a touch {change}', ['change' => $change]),
            default => $change,
        };
    }
}
