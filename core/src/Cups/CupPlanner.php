<?php

declare(strict_types=1);

namespace Kalopsis\Cups;

use Kalopsis\Film\Air;
use Kalopsis\Film\Component;
use Kalopsis\Film\Mixture;
use Kalopsis\Film\ProductRole;
use Kalopsis\Units\Quantity;
use Kalopsis\Why\Figure;
use Kalopsis\Why\Phrase;
use Kalopsis\Why\Reason;
use Kalopsis\Why\SourceKind;

/**
 * Turns coats and their areas into cups to mix. A mixture made from the remains of another is poured from that one's cup,
 * which is filled for it too: what is poured is what is sprayed.
 */
final class CupPlanner
{
    /** What stays in gun, filter and cup walls, ml. Common practice: 30 to 50. */
    public const REMAINDER_ML = 40.0;

    /** Nobody mixes to the millilitre: amounts are rounded up to this. Common practice. */
    private const ROUND_UP_ML = 10.0;

    /** A second coat of clear takes what the first took and so much more. Common practice: 10 %. */
    private const SECOND_COAT = 1.1;

    /**
     * @param list<CoatNeed> $needs in spraying order
     * @param array<string, CupWish> $wishes by cup
     * @return list<Cup> in the order they are first sprayed
     */
    public static function plan(
        array $needs,
        float $remainderMl,
        array $wishes = [],
        Air $air = new Air(20.0, 50.0),
        CupShelf $shelf = new CupShelf(),
    ): array {
        $batches = Batch::all($needs);
        $totals = $rest = [];
        // What is made from remains is filled first, since it says what must be left; a clear follows the one before it.
        foreach ($batches as $id => $batch) {
            $totals[$id] = $batch->follows === null ? self::rounded($batch->coatsMl() + $remainderMl) : 0.0;
        }
        foreach (array_reverse($batches) as $batch) {
            if ($batch->restOf !== null) {
                $rest[$batch->restOf] = ($rest[$batch->restOf] ?? 0.0) + $totals[$batch->id] * $batch->restShare;
                $totals[$batch->restOf] = self::rounded(
                    $batches[$batch->restOf]->coatsMl() + $remainderMl + $rest[$batch->restOf],
                );
            }
        }
        $cups = [];
        foreach ($batches as $id => $batch) {
            $wish = $wishes[$id] ?? new CupWish();
            $before = $batch->follows === null ? null : $batches[$batch->follows];
            $used = null;
            if ($before !== null) {
                $left = ($wishes[$before->id] ?? new CupWish())->leftMl;
                $used = $left === null ? $before->coatsMl() : max(0.0, $totals[$before->id] - $left);
                $totals[$id] = self::rounded($used * self::times($before, $batch) + ($rest[$id] ?? 0.0));
            }
            $followed = in_array($id, array_map(fn (Batch $b): ?string => $b->follows, array_values($batches)), true);
            $name = self::name($batch, $followed);
            $cups[] = self::cup($batch, $name, $totals[$id], $remainderMl, $rest[$id] ?? 0.0, $wish, $used, $air, $shelf);
        }

        return $cups;
    }

    /** How many times what the coat before took. */
    private static function times(Batch $before, Batch $batch): float
    {
        $times = $batch->coatsMl() / $before->coatsMl();
        // What the plan lays thicker already counts towards the tenth.
        $thicker = max(1.0, $times * $before->areaM2() / $batch->areaM2());

        return $times * max(1.0, self::SECOND_COAT / $thicker);
    }

    /** @param bool $followed does another coat of the same clear come after it? */
    private static function name(Batch $batch, bool $followed): string
    {
        $mixture = $batch->mixture();
        $own = ucfirst($mixture->product->role->words());
        if (preg_match('/^clear-(\d)$/', $batch->id, $m) === 1 || $followed) {
            return "{$own} " . ($m[1] ?? 1);
        }

        return match ($mixture->added?->role) {
            null => $batch->restOf !== null ? "{$own}, over-reduced" : $own,
            ProductRole::FadeSolvent => "{$own}, thinned",
            ProductRole::ClearTint => "{$own}, tinted",
            default => "{$own}, let down",
        };
    }

    private static function rounded(float $ml): float
    {
        return ceil(($ml - 1e-9) / self::ROUND_UP_ML) * self::ROUND_UP_ML;
    }

    /**
     * @param float $forRest ml that go into mixtures made from its remains
     * @param ?float $used ml that the coat before it took, where it follows one
     */
    private static function cup(
        Batch $batch,
        string $name,
        float $total,
        float $remainderMl,
        float $forRest,
        CupWish $wish,
        ?float $used,
        Air $air,
        CupShelf $shelf,
    ): Cup {
        $mixture = $batch->mixture();
        $sum = $batch->coatsMl();
        $chosen = $wish->vessel === null ? null : $shelf->named($wish->vessel);
        $largest = $chosen ?? $shelf->largest();
        $count = max(1, (int) ceil($total / $largest->usefulMl));
        $vessel = $chosen ?? $shelf->for($total / $count) ?? $largest;
        $more = $forRest > 0.0 ? ['for mixing into its rest' => Quantity::ml($forRest)] : [];

        return new Cup(
            $batch->id,
            $name,
            $mixture,
            Figure::of(
                Quantity::ml($total),
                $used === null
                    ? Reason::of(
                        Phrase::of('{coats} of coats, {left} for gun and filter, rounded up.', [
                            'coats' => Quantity::ml($sum + $forRest),
                            'left' => Quantity::ml($remainderMl),
                        ]),
                        SourceKind::Practice,
                        'Common practice.',
                        ['coats together' => Quantity::ml($sum), 'gun and filter' => Quantity::ml($remainderMl), ...$more],
                    )
                    : Reason::of(
                        $wish->leftMl === null && $used === $sum
                            ? 'What the coat before takes, and a tenth more; what is in the gun stays in it.'
                            : 'What the coat before took, and a tenth more; what is in the gun stays in it.',
                        SourceKind::Practice,
                        'Common practice.',
                        ['the coat before' => Quantity::ml($used), ...$more],
                    ),
            ),
            $count,
            $vessel,
            array_map(self::amount(...), $batch->needs),
            Pouring::of($mixture, $total / $count, $vessel, $batch->restOf === null ? null : $batch->restShare),
            $batch->restOf,
            $batch->follows,
            max(0.0, $total - $sum - $forRest),
            $forRest,
            $mixture->product->sheet->potLifeAt($air->temperatureC),
            $wish,
            $air->temperatureC,
            $shelf,
            // Of what is left only so much goes on: the rest is poured off, or is missing.
            $forRest > 0.0 && $wish->leftMl !== null ? $wish->leftMl - $forRest : null,
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
                        'transfer efficiency' => Quantity::percent(100 * $need->lands()),
                    ],
                ),
                ...$need->gun->transferFigure($need->transfer)->reasons,
                ...[$need->mixture->product->source()],
            ),
        );
    }

    /** What a cup of so much costs; null where a price is missing. */
    public static function cost(Mixture $mixture, float $ml): ?float
    {
        $known = true;
        $perL = $mixture->mean(function (Component $c) use (&$known): float {
            $known = $known && $c->pricePerL !== null;

            return $c->pricePerL ?? 0.0;
        });

        return $known ? $perL * $ml / 1000.0 : null;
    }
}
