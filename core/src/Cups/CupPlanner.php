<?php

declare(strict_types=1);

namespace Kalopsis\Cups;

use Kalopsis\Film\Mixture;
use Kalopsis\Film\ProductRole;
use Kalopsis\Units\Quantity;
use Kalopsis\Why\Figure;
use Kalopsis\Why\Phrase;
use Kalopsis\Why\Reason;
use Kalopsis\Why\SourceKind;

/**
 * Turns coats and their areas into cups to mix: one for each mixture. A mixture made from the remains of another is
 * poured from that one's cup,
 * which is filled for it too: what is poured is what is sprayed.
 */
final class CupPlanner
{
    /** What stays in gun, filter and cup walls, ml. Common practice: 30 to 50. */
    public const REMAINDER_ML = 40.0;

    /** Nobody mixes to the millilitre: amounts are rounded up to this. Common practice. */
    private const ROUND_UP_ML = 10.0;

    /**
     * @param list<CoatNeed> $needs in spraying order
     * @return list<Cup> in the order they are first sprayed
     */
    public static function plan(array $needs, float $remainderMl): array
    {
        $by = [];
        foreach ($needs as $need) {
            if ($need->areaM2 > 0.0) {
                $by[$need->mixture->key()][] = $need;
            }
        }
        // The rest of a cup goes into the mixtures made from it.
        $rest = $totals = [];
        foreach ($by as $key => $coats) {
            $totals[$key] = self::rounded(self::sum($coats) + $remainderMl);
            $mixture = $coats[0]->mixture;
            if ($mixture->isFromRemains() && isset($by[$mixture->baseKey()])) {
                $rest[$mixture->baseKey()][$key] = $totals[$key] * $mixture->baseShare();
            }
        }
        $ids = $taken = [];
        foreach ($by as $key => $coats) {
            $role =
                $coats[0]->mixture->product->role->value .
                match ($coats[0]->mixture->added?->role) {
                    null => '',
                    ProductRole::FadeSolvent => '-thinned',
                    ProductRole::ClearTint => '-tinted',
                    default => '-clear',
                };
            $taken[$role] = ($taken[$role] ?? 0) + 1;
            $ids[$key] = $taken[$role] === 1 ? $role : "{$role}-{$taken[$role]}";
        }
        $cups = [];
        foreach ($by as $key => $coats) {
            $base = $coats[0]->mixture->isFromRemains() ? $ids[$coats[0]->mixture->baseKey()] ?? null : null;
            $cups[] = self::cup($ids[$key], $coats, $remainderMl, array_sum($rest[$key] ?? []), $base);
        }

        return $cups;
    }

    private static function name(Mixture $mixture): string
    {
        return match ($mixture->added?->role) {
            null => ucfirst($mixture->product->role->words()),
            ProductRole::FadeSolvent => ucfirst($mixture->product->role->words()) . ', thinned',
            ProductRole::ClearTint => ucfirst($mixture->product->role->words()) . ', tinted',
            default => ucfirst($mixture->product->role->words()) . ', let down',
        };
    }

    /** @param list<CoatNeed> $needs */
    private static function sum(array $needs): float
    {
        return array_sum(array_map(fn (CoatNeed $n): float => $n->millilitres(), $needs));
    }

    private static function rounded(float $ml): float
    {
        return ceil(($ml - 1e-9) / self::ROUND_UP_ML) * self::ROUND_UP_ML;
    }

    /**
     * @param non-empty-list<CoatNeed> $needs
     * @param float $forRest ml that go into mixtures made from its remains
     */
    private static function cup(string $id, array $needs, float $remainderMl, float $forRest, ?string $restOf): Cup
    {
        $mixture = $needs[0]->mixture;
        $sum = self::sum($needs);
        $total = self::rounded($sum + $remainderMl + $forRest);
        $count = max(1, (int) ceil($total / Vessel::Tall->usefulMl()));
        $each = $total / $count;
        $vessel = Vessel::for($each) ?? Vessel::Tall;
        $more = $forRest > 0.0 ? ['for mixing into its rest' => Quantity::ml($forRest)] : [];

        return new Cup(
            $id,
            self::name($mixture),
            $mixture,
            Figure::of(
                Quantity::ml($total),
                Reason::of(
                    Phrase::of('{coats} of coats, {left} for gun and filter, rounded up.', [
                        'coats' => Quantity::ml($sum + $forRest),
                        'left' => Quantity::ml($remainderMl),
                    ]),
                    SourceKind::Practice,
                    'Common practice.',
                    ['coats together' => Quantity::ml($sum), 'gun and filter' => Quantity::ml($remainderMl), ...$more],
                ),
            ),
            $count,
            $vessel,
            array_map(self::amount(...), $needs),
            self::pours($mixture, $each, $vessel, $restOf),
            $restOf,
        );
    }

    private static function amount(CoatNeed $need): CoatAmount
    {
        $solids = $need->mixture->volumeSolids();

        return new CoatAmount(
            $need->coatId,
            $need->coatName,
            Figure::of(
                Quantity::ml($need->millilitres()),
                Reason::of(
                    'Volume = area x dry film / (volume solids x transfer efficiency).',
                    SourceKind::Published,
                    'One litre of solids covers 1000 m² at 1 µm; any paint handbook.',
                    [
                        'area, rim by half' => Quantity::squareMetres($need->areaM2),
                        'dry film' => Quantity::um($need->wetUm() * $solids),
                        'solids as sprayed' => Quantity::percent(100 * $solids),
                        'transfer efficiency' => Quantity::percent(100 * $need->gun->transferEfficiency()),
                    ],
                ),
                $need->gun->transferFigure()->reasons[0],
            ),
        );
    }

    /** @return list<Pour> */
    private static function pours(Mixture $mixture, float $ml, Vessel $vessel, ?string $restOf): array
    {
        $pours = [];
        $millilitres = $grams = 0.0;
        $add = function (string $name, float $parts, float $part, float $density) use (
            &$pours,
            &$millilitres,
            &$grams,
            $vessel,
        ): void {
            $millilitres += $part;
            $grams += $part * $density;
            $pours[] = new Pour(
                $name,
                $parts,
                $part,
                $part * $density,
                $millilitres,
                $grams,
                $vessel->lineFor($millilitres),
            );
        };
        $own = count($mixture->base->components);
        if ($restOf !== null) {
            $add(
                'what is left of the ' . $mixture->product->role->words(),
                1.0,
                $ml * $mixture->baseShare(),
                $mixture->base->densityGPerMl(),
            );
        }
        foreach ($mixture->parts() as $i => [$component, $parts, $share]) {
            if ($restOf === null || $i >= $own) {
                $add(
                    $component->name,
                    $restOf === null ? $parts : $parts / $mixture->ratio->total(),
                    $ml * $share,
                    $component->densityGPerMl,
                );
            }
        }

        return $pours;
    }
}
