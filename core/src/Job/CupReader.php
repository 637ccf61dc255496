<?php

declare(strict_types=1);

namespace Kalopsis\Job;

use Kalopsis\Cups\CupShelf;
use Kalopsis\Cups\Vessel;
use Kalopsis\Input\Fields;
use Kalopsis\Units\Unit;

/** Reads the cups that a shop has: how much goes in, and how they are shaped where somebody measured them. */
final class CupReader
{
    public const MOST = 12;

    /** ml above the brim that rounded millimetres may be short of. */
    private const ROUNDED = 0.98;

    public static function read(Fields $f): CupShelf
    {
        $cups = $f->raw('cups');
        if ($cups !== null && (! is_array($cups) || count($cups) > self::MOST)) {
            $f->problems->add($f->path('cups'), 'not-a-list', 'A list of up to 12 cups is needed.');

            return new CupShelf();
        }
        $vessels = [];
        foreach (array_values($cups ?? []) as $i => $cup) {
            // Until cups had shapes they were kept as their size alone.
            $of = is_string($cup) && is_numeric($cup) ? ['ml' => (float) $cup] : $cup;
            $vessel = self::cup(Fields::of($of, $f->problems, $f->path("cups.{$i}")));
            if (isset($vessels["k{$vessel->key()}"])) {
                $f->problems->add($f->path("cups.{$i}.ml"), 'twice', 'Two cups have one size.');
            }
            $vessels["k{$vessel->key()}"] = $vessel;
        }

        return new CupShelf(array_values($vessels));
    }

    private static function cup(Fields $f): Vessel
    {
        $ml = round($f->number('ml', ...[...Vessel::ML, Unit::Millilitre, 'What goes into the cup']));
        $shape = ['bottomMm' => 'The bottom', 'topMm' => 'The top', 'heightMm' => 'The height'];
        $said = array_filter(array_keys($shape), $f->has(...));
        if ($said === []) {
            return Vessel::of(max(Vessel::ML[0], $ml));
        }
        $mm = [];
        foreach ($shape as $field => $what) {
            if (! $f->has($field)) {
                $f->problems->add($f->path($field), 'missing', 'Bottom, top and height: all three, or none.');
            }
            $mm[] = $f->has($field)
                ? $f->number($field, ...[...Vessel::MM, Unit::Millimetre, $what])
                : Vessel::MM[0];
        }
        $vessel = new Vessel($ml, ...$mm);
        if (! $f->problems->any()) {
            if ($vessel->topMm < $vessel->bottomMm) {
                $f->problems->add($f->path('topMm'), 'turned', 'A cup is not narrower at the top.');
            } elseif ($vessel->brimfulMl() < self::ROUNDED * $ml) {
                $f->problems->add($f->path('heightMm'), 'too-small', 'So much does not go into a cup of this shape.');
            }
        }

        return $vessel;
    }
}
