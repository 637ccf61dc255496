<?php

declare(strict_types=1);

namespace Kalopsis\Cups;

use Kalopsis\Film\Coverage;
use Kalopsis\Film\MixRatio;
use Kalopsis\Film\PaintSystem;
use Kalopsis\Film\Product;
use Kalopsis\Film\ProductRole;
use Kalopsis\Units\Quantity;
use Kalopsis\Why\Figure;
use Kalopsis\Why\Phrase;
use Kalopsis\Why\Reason;
use Kalopsis\Why\SourceKind;

/** Turns coats and their areas into cups to mix: one cup for each product, filled for all its coats. */
final class CupPlanner
{
    /** What stays in gun, filter and cup walls, ml. Common practice: 30 to 50. */
    public const REMAINDER_ML = 40.0;

    /** Nobody mixes to the millilitre: amounts are rounded up to this. Common practice. */
    private const ROUND_UP_ML = 10.0;

    /**
     * @param list<CoatNeed> $needs in spraying order
     * @param array<string, MixRatio> $ratios by product role, where the painter chose another than the data sheet's
     * @return list<Cup> in the order they are first sprayed
     */
    public static function plan(array $needs, PaintSystem $system, array $ratios, float $remainderMl): array
    {
        $byRole = [];
        foreach ($needs as $need) {
            if ($need->areaM2 > 0.0) {
                $byRole[$need->role->value][] = $need;
            }
        }
        $cups = [];
        foreach ($byRole as $role => $coats) {
            $product = $system->product(ProductRole::from($role));
            $cups[] = self::cup($product, $ratios[$role] ?? $product->ratio, $coats, $remainderMl);
        }

        return $cups;
    }

    /** @param list<CoatNeed> $needs */
    private static function cup(Product $product, MixRatio $ratio, array $needs, float $remainderMl): Cup
    {
        $mix = $product->mixedAt($ratio);
        $sum = 0.0;
        $coats = [];
        foreach ($needs as $need) {
            // The hand lays as much wet paint whatever is in it: more reducer, less dry film.
            $film = $product->wetFilmUm() * $mix->volumeSolids() * $need->filmShare;
            $transfer = $need->gun->transferEfficiency();
            $ml = Coverage::millilitres($need->areaM2, $film, $mix->volumeSolids(), $transfer);
            $sum += $ml;
            $coats[] = new CoatAmount($need->coatId, $need->coatName, Figure::of(
                Quantity::ml($ml),
                Reason::of(
                    'Volume = area x dry film / (volume solids x transfer efficiency).',
                    SourceKind::Published,
                    'One litre of solids covers 1000 m² at 1 µm; any paint handbook.',
                    [
                        'area, rim by half' => Quantity::squareMetres($need->areaM2),
                        'dry film' => Quantity::um($film),
                        'solids as sprayed' => Quantity::percent(100 * $mix->volumeSolids()),
                        'transfer efficiency' => Quantity::percent(100 * $transfer),
                    ],
                ),
                $need->gun->transferFigure()->reasons[0],
            ));
        }
        $total = ceil(($sum + $remainderMl - 1e-9) / self::ROUND_UP_ML) * self::ROUND_UP_ML;
        $count = max(1, (int) ceil($total / Vessel::Tall->usefulMl()));
        $each = $total / $count;
        $vessel = Vessel::for($each) ?? Vessel::Tall;

        return new Cup(
            $product->role->value,
            ucfirst($product->role->words()),
            $product,
            $mix,
            Figure::of(Quantity::ml($total), Reason::of(
                Phrase::of('{coats} of coats, {left} for gun and filter, rounded up.', ['coats' => Quantity::ml($sum), 'left' => Quantity::ml($remainderMl)]),
                SourceKind::Practice,
                'Common practice.',
                ['coats together' => Quantity::ml($sum), 'gun and filter' => Quantity::ml($remainderMl)],
            )),
            $count,
            $vessel,
            $coats,
            self::pours($product, $ratio, $each, $vessel),
        );
    }

    /** @return list<Pour> */
    private static function pours(Product $product, MixRatio $ratio, float $ml, Vessel $vessel): array
    {
        $pours = [];
        $millilitres = $grams = 0.0;
        foreach ($product->components as $i => $component) {
            $part = $ml * $ratio->share($i);
            $millilitres += $part;
            $grams += $part * $component->densityGPerMl;
            $pours[] = new Pour($component->name, $ratio->parts[$i], $part, $part * $component->densityGPerMl, $millilitres, $grams, $vessel->lineFor($millilitres));
        }

        return $pours;
    }
}
