<?php

declare(strict_types=1);

namespace Kalopsis\Job\Internal;

use Kalopsis\Cups\CupWish;
use Kalopsis\Cups\Vessel;
use Kalopsis\Input\Fields;
use Kalopsis\Units\Unit;

/** Reads what a painter says of each cup. A cup that the plan no longer has keeps its wish, for when it is back. */
final class CupWishReader
{
    /** A plan has no more mixes than coats. */
    private const MOST_CUPS = 40;

    /** @return array<string, CupWish> by cup */
    public static function read(Fields $cups): array
    {
        $out = [];
        foreach ($cups->names() as $name) {
            if (count($out) >= self::MOST_CUPS || preg_match('/^[a-z0-9]+(-[a-z0-9]+)*$/D', $name) !== 1 || strlen($name) > 60) {
                $cups->problems->add($cups->path($name), 'unknown', 'There is no such cup.');

                continue;
            }
            $wish = $cups->object($name);
            $ml = fn (string $field, string $what): ?float => $wish->has($field)
                ? $wish->number($field, 0.0, CupWish::MOST_ML, Unit::Millilitre, $what)
                : null;
            $out[$name] = new CupWish(
                self::vessel($wish),
                $ml('onHandMl', 'What is on hand'),
                $ml('leftMl', 'What is left'),
            );
        }

        return $out;
    }

    /** By its size in ml; the shop's own shape is looked up where it is planned. */
    private static function vessel(Fields $wish): ?string
    {
        if (! $wish->has('vessel')) {
            return null;
        }
        $key = $wish->text('vessel', 1, 5, 'The vessel');
        if (! ctype_digit($key) || (float) $key < Vessel::ML[0] || (float) $key > Vessel::ML[1]) {
            $wish->problems->add($wish->path('vessel'), 'unknown', 'There is no such cup.');

            return null;
        }

        return $key;
    }
}
