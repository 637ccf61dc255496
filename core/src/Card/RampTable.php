<?php

declare(strict_types=1);

namespace Kalopsis\Card;

use Kalopsis\Colour\Comparison;
use Kalopsis\Units\Quantity;
use Kalopsis\Why\Figure;
use Kalopsis\Why\Phrase;
use Kalopsis\Why\Reason;
use Kalopsis\Why\SourceKind;

/** The ramp that hides a difference, from a table made with the model of the eye, docs/model.md section 9. Between its points straight lines. */
final class RampTable implements ReachNeeded
{
    /** Seen lightness difference, rows; weighted chroma and hue, columns. */
    private const LIGHTNESS = [0.0, 1.0, 2.0, 3.0, 4.0, 6.0];

    private const COLOUR = [0.0, 1.0, 2.0, 3.0];

    /** mm of straight ramp, worst distance; null: never. The first row is the second less what its lightness takes alone. */
    private const MM = [
        [0.0, 39.0, 150.0, 288.0],
        [14.0, 53.0, 164.0, 302.0],
        [52.0, 93.0, 194.0, 340.0],
        [112.0, 152.0, 251.0, 415.0],
        [205.0, 242.0, 350.0, 552.0],
        [621.0, 688.0, 924.0, null],
    ];

    /** Colour has to hide fully before it can fade: the first coat's way past the primer, mm. Common practice. */
    private const MARGIN_MM = 40.0;

    /** A sharp step of one unit: visibility of lightness and of colour. docs/model.md section 9. */
    private const STEP_LIGHTNESS = 1.9;

    private const STEP_COLOUR = 1.07;

    /** A gap of 4 mm hides this much of a step. Chosen here. */
    private const GAP = 1.7;

    public function forDifference(Comparison $c): ?Figure
    {
        $need = 0.0;
        $at = null;
        foreach (SeenDifference::all($c) as $seen) {
            $mm = self::ramp($seen->lightness, $seen->colour);
            if ($mm === null) {
                return null;
            }
            if ($at === null || $mm > $need) {
                [$need, $at] = [$mm, $seen];
            }
        }
        assert($at !== null);

        return Figure::of(Quantity::mm($need + self::MARGIN_MM), Reason::of(
            Phrase::of('The worst angle, {angle}, wants a ramp of {ramp}; before it the colour needs {margin} to hide.', ['angle' => "{$at->angle}°", 'ramp' => Quantity::mm($need), 'margin' => Quantity::mm(self::MARGIN_MM)]),
            SourceKind::Estimate,
            'Own model of the eye, docs/model.md section 9: the ramp at which the worst standing distance no longer sees it.',
            ['lighter or darker, as seen' => sprintf('%.1f', $at->lightness), 'colour, as seen' => sprintf('%.1f', $at->colour)],
        ));
    }

    public function gapIndex(Comparison $c): float
    {
        $worst = 0.0;
        foreach (SeenDifference::all($c) as $seen) {
            $worst = max($worst, hypot(self::STEP_LIGHTNESS * $seen->lightness, self::STEP_COLOUR * $seen->colour) / self::GAP);
        }

        return $worst;
    }

    /** mm; null when nothing hides it. */
    public static function ramp(float $lightness, float $colour): ?float
    {
        $rows = self::LIGHTNESS;
        $columns = self::COLOUR;
        if (! ($lightness <= 6.0 && $colour <= 3.0)) {
            return null;
        }
        [$i, $u] = self::cell($rows, $lightness);
        [$j, $v] = self::cell($columns, $colour);
        $sum = 0.0;
        foreach ([[0, 0, (1 - $u) * (1 - $v)], [1, 0, $u * (1 - $v)], [0, 1, (1 - $u) * $v], [1, 1, $u * $v]] as [$di, $dj, $share]) {
            $mm = self::MM[$i + $di][$j + $dj];
            if ($share <= 0.0) {
                continue;
            }
            if ($mm === null) {
                return null;
            }
            $sum += $share * $mm;
        }

        return $sum;
    }

    /**
     * @param list<float> $edges rising
     * @return array{int, float} the cell and how far into it, 0 to 1
     */
    private static function cell(array $edges, float $value): array
    {
        $i = count($edges) - 2;
        while ($i > 0 && $value < $edges[$i]) {
            $i--;
        }

        return [$i, ($value - $edges[$i]) / ($edges[$i + 1] - $edges[$i])];
    }
}
