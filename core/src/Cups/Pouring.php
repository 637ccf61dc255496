<?php

declare(strict_types=1);

namespace Kalopsis\Cups;

use Kalopsis\Film\ComponentKind;
use Kalopsis\Film\Mixture;

/** What is poured into a cup one after the other, with what the scale then shows and where the surface stands. */
final class Pouring
{
    /**
     * @param ?float $restShare share that is what is left of the mix before it; null: mixed afresh
     * @return list<Pour>
     */
    public static function of(Mixture $mixture, float $ml, Vessel $vessel, ?float $restShare): array
    {
        $pours = [];
        $millilitres = $grams = 0.0;
        foreach (self::lines($mixture, $restShare) as [$name, $kind, $parts, $share, $density]) {
            $millilitres += $ml * $share;
            $grams += $ml * $share * $density;
            $pours[] = new Pour(
                $name,
                $kind,
                $parts,
                $ml * $share,
                $ml * $share * $density,
                $millilitres,
                $grams,
                $vessel->lineFor($millilitres),
            );
        }

        return $pours;
    }

    /** @return list<array{string, ?ComponentKind, float, float, float}> name, kind, parts as told, share, density */
    private static function lines(Mixture $mixture, ?float $restShare): array
    {
        $all = $mixture->parts();
        $lines = [];
        if ($restShare === null) {
            foreach ($all as [$component, $parts, $share]) {
                $lines[] = [$component->name, $component->kind, $parts, $share, $component->densityGPerMl];
            }

            return $lines;
        }
        $own = count($mixture->base->components);
        $rest = 'what is left of the ' . $mixture->product->role->words();
        if ($mixture->isFromRemains()) {
            $lines[] = [$rest, null, 1.0, $restShare, $mixture->base->densityGPerMl()];
            foreach (array_slice($all, $own) as [$component, $parts, $share]) {
                $part = $parts / $mixture->ratio->total();
                $lines[] = [$component->name, $component->kind, $part, $share, $component->densityGPerMl];
            }

            return $lines;
        }
        // Only reducer is added: what is left weighs what the whole weighs without it.
        $reducer = $mixture->base->components[$mixture->product->reducerAt() ?? 0];
        $more = 1.0 - $restShare;
        $density = ($mixture->densityGPerMl() - $more * $reducer->densityGPerMl) / $restShare;

        return [
            [$rest, null, 1.0, $restShare, $density],
            [$reducer->name, $reducer->kind, $more / $restShare, $more, $reducer->densityGPerMl],
        ];
    }
}
