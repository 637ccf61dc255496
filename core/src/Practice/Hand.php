<?php

declare(strict_types=1);

namespace Kalopsis\Practice;

use JsonSerializable;
use Kalopsis\Gun\GunSetUp;
use Kalopsis\Gun\Stroke;
use Kalopsis\Units\Quantity;
use Kalopsis\Why\Phrase;

/**
 * How somebody moved the gun over the practice panel: its path laid down as paint, place by place, and what a teacher would
 * say of speed, overlap and distance. A stroke across its fan is a parabola, as docs/model.md section 8 takes it.
 */
final readonly class Hand implements JsonSerializable
{
    /** The panel that is sprayed on, mm: a door's lower half. */
    public const PANEL_MM = [1200.0, 500.0];

    /** Cells of the film across and down. */
    private const CELLS = [40, 25];

    /** Along the stroke the jet is so wide, mm. Common practice: a fan two fingers thick. */
    private const THICK_MM = 50.0;

    /** Nobody holds a gun nearer or further, mm. */
    private const DISTANCE_MM = [50.0, 500.0];

    /** What is within this of the panel's edges is not judged: there everybody turns, mm. */
    private const RIM_MM = 100.0;

    /** A pause between two places longer than this is the trigger let go, ms. */
    private const LET_GO_MS = 400.0;

    /** Nobody lays strokes closer together than this, mm. Chosen here. */
    private const SAME_MM = 10.0;

    /** A hand that is this far off is told so: shares of the speed and the distance, points of overlap. Common practice. */
    private const TOLD = ['speed' => 0.2, 'distance' => 0.2, 'overlap' => 10.0];

    /**
     * @param float $mmPerS mean speed while spraying
     * @param float $overlapPercent of the fan, from stroke to stroke
     * @param float $distanceMm mean distance
     * @param float $mean film inside the rim, 1 is a full coat of the data sheet
     * @param float $least of it, and $most
     * @param array<int, array<int, float>> $film by row, 1 is a full coat
     */
    private function __construct(
        private GunSetUp $sheet,
        public float $mmPerS,
        public float $overlapPercent,
        public float $distanceMm,
        public float $mean,
        public float $least,
        public float $most,
        public array $film,
        public int $strokes,
    ) {}

    /**
     * @param list<array{float, float, float, float}> $path ms, mm across, mm down, mm from the panel
     * @param GunSetUp $sheet as the data sheet has it
     */
    public static function along(array $path, GunSetUp $sheet): self
    {
        [$columns, $rows] = self::CELLS;
        $film = array_fill(0, $rows, array_fill(0, $columns, 0.0));
        $sum = ['mm' => 0.0, 's' => 0.0, 'distance' => 0.0];
        $n = count($path);
        for ($i = 1; $i < $n; $i++) {
            [$ms, $x, $y, $distance] = $path[$i];
            $seconds = ($ms - $path[$i - 1][0]) / 1000.0;
            if ($seconds <= 0.0 || $seconds * 1000.0 > self::LET_GO_MS) {
                continue;
            }
            $distance = max(self::DISTANCE_MM[0], min(self::DISTANCE_MM[1], $distance));
            $sum['mm'] += hypot($x - $path[$i - 1][1], $y - $path[$i - 1][2]);
            $sum['s'] += $seconds;
            $sum['distance'] += $distance * $seconds;
            self::lay($film, ($x + $path[$i - 1][1]) / 2.0, ($y + $path[$i - 1][2]) / 2.0, $seconds, new GunSetUp(
                $sheet->bar,
                $distance,
                $sheet->overlapPercent,
            ));
        }
        // A full coat of the data sheet's hand is 1.
        $full = Stroke::full()->wetUm($sheet);
        $inside = [];
        foreach ($film as $r => $row) {
            foreach ($row as $c => $um) {
                $film[$r][$c] = round($um / $full, 3);
                if (self::isInside($c, $r)) {
                    $inside[] = $um / $full;
                }
            }
        }
        $distance = $sum['s'] > 0.0 ? $sum['distance'] / $sum['s'] : $sheet->distanceMm;
        $levels = self::levels($path);

        return new self(
            $sheet,
            $sum['s'] > 0.0 ? $sum['mm'] / $sum['s'] : 0.0,
            self::overlap($levels, $distance, $sheet),
            $distance,
            array_sum($inside) / max(1, count($inside)),
            $inside === [] ? 0.0 : min($inside),
            $inside === [] ? 0.0 : max($inside),
            $film,
            count($levels),
        );
    }

    /**
     * The hand by numbers, for who cannot or would not drag: evenly laid.
     */
    public static function even(float $mmPerS, float $overlapPercent, float $distanceMm, GunSetUp $sheet): self
    {
        $gun = new GunSetUp($sheet->bar, $distanceMm, $overlapPercent);
        $share = (new Stroke(Stroke::full()->flowMlPerMin, $mmPerS))->wetUm($gun) / Stroke::full()->wetUm($sheet);
        $film = array_fill(0, self::CELLS[1], array_fill(0, self::CELLS[0], round($share, 3)));

        return new self($sheet, $mmPerS, $overlapPercent, $distanceMm, $share, $share, $share, $film, 0);
    }

    public function furtherMm(): float
    {
        return $this->distanceMm - $this->sheet->distanceMm;
    }

    public function overlapMore(): float
    {
        return $this->overlapPercent - $this->sheet->overlapPercent;
    }

    /**
     * What a teacher would say of it.
     *
     * @return list<Phrase>
     */
    public function remarks(): array
    {
        $out = [];
        $right = Stroke::full()->speedMmPerS;
        $speed = ['mm' => Quantity::mm(round($this->mmPerS)), 'right' => Quantity::mm($right)];
        if (abs($this->mmPerS / $right - 1.0) > self::TOLD['speed']) {
            $out[] = $this->mmPerS > $right
                ? Phrase::of('Too fast: {mm} a second, a full coat wants about {right}.', $speed)
                : Phrase::of('Too slow: {mm} a second, a full coat wants about {right}.', $speed);
        }
        $far = ['mm' => Quantity::mm(round($this->distanceMm)), 'sheet' => Quantity::mm($this->sheet->distanceMm)];
        if (abs($this->distanceMm / $this->sheet->distanceMm - 1.0) > self::TOLD['distance']) {
            $out[] = $this->furtherMm() > 0.0
                ? Phrase::of('Too far away: {mm}, the data sheet says {sheet}. It lands drier, and less of it.', $far)
                : Phrase::of('Too close: {mm}, the data sheet says {sheet}. It lands wetter, in a narrower fan.', $far);
        }
        if (abs($this->overlapMore()) > self::TOLD['overlap']) {
            $out[] = Phrase::of('Strokes overlap by {percent}, the data sheet says {sheet}.', [
                'percent' => Quantity::percent(round($this->overlapPercent)),
                'sheet' => Quantity::percent($this->sheet->overlapPercent),
            ]);
        }
        if ($this->least < 0.5 * $this->mean) {
            $out[] = Phrase::of('The thinnest place has {least} of a coat, the fullest {most}.', [
                'least' => Quantity::percent(round(100.0 * $this->least)),
                'most' => Quantity::percent(round(100.0 * $this->most)),
            ]);
        }

        return $out;
    }

    /** @param array<int, array<int, float>> $film um, added to */
    private static function lay(array &$film, float $x, float $y, float $seconds, GunSetUp $gun): void
    {
        $fan = Stroke::fanMm($gun);
        [$columns, $rows] = self::CELLS;
        [$wide, $high] = [self::PANEL_MM[0] / $columns, self::PANEL_MM[1] / $rows];
        // ml/min to um mm2: a ml is 1000 mm3, a mm is 1000 um.
        $laid = Stroke::full()->flowMlPerMin / 60.0 * 1e6 * $gun->transferEfficiency() * $seconds;
        $perColumn = $laid / max($wide, self::THICK_MM);
        $half = max($wide, self::THICK_MM) / 2.0;
        for ($c = max(0, (int) floor(($x - $half) / $wide)); $c < $columns && $c * $wide < $x + $half; $c++) {
            $covers = (min(($c + 1) * $wide, $x + $half) - max($c * $wide, $x - $half)) / $wide;
            for ($r = max(0, (int) floor(($y - $fan / 2.0) / $high)); $r < $rows && $r * $high < $y + $fan / 2.0; $r++) {
                $u = (($r + 0.5) * $high - $y) / ($fan / 2.0);
                if (abs($u) < 1.0) {
                    // 1.5 (1 - u2) / fan has the integral 1 over the fan.
                    $film[$r][$c] += max(0.0, $covers) * $perColumn * 1.5 * (1.0 - $u * $u) / $fan;
                }
            }
        }
    }

    private static function isInside(int $column, int $row): bool
    {
        $x = ($column + 0.5) * self::PANEL_MM[0] / self::CELLS[0];
        $y = ($row + 0.5) * self::PANEL_MM[1] / self::CELLS[1];

        return $x > self::RIM_MM
            && $x < self::PANEL_MM[0] - self::RIM_MM
            && $y > self::RIM_MM
            && $y < self::PANEL_MM[1] - self::RIM_MM;
    }

    /**
     * How far down each stroke lay, mm: a stroke goes one way across; where it turns, the next begins.
     *
     * @param list<array{float, float, float, float}> $path
     * @return list<float>
     */
    private static function levels(array $path): array
    {
        $levels = $ys = [];
        $way = 0;
        $from = $path[0][1] ?? 0.0;
        foreach ($path as $i => [, $x, $y]) {
            $dx = $i === 0 ? 0.0 : $x - $path[$i - 1][1];
            $turn = $dx === 0.0 ? 0 : ($dx > 0.0 ? 1 : -1);
            if ($turn !== 0 && $way !== 0 && $turn !== $way) {
                self::close($levels, $ys, abs($path[$i - 1][1] - $from));
                [$ys, $from] = [[], $path[$i - 1][1]];
            }
            $way = $turn === 0 ? $way : $turn;
            $ys[] = $y;
        }
        self::close($levels, $ys, abs(($path[count($path) - 1][1] ?? 0.0) - $from));

        return $levels;
    }

    /**
     * A wobble is no stroke: it goes a quarter of the panel at least.
     *
     * @param list<float> $levels
     * @param list<float> $ys
     */
    private static function close(array &$levels, array $ys, float $acrossMm): void
    {
        if ($ys === [] || $acrossMm <= self::PANEL_MM[0] / 4.0) {
            return;
        }
        $level = array_sum($ys) / count($ys);
        // Where a hand stops and goes on at the same height it is one stroke.
        if ($levels === [] || abs($level - $levels[count($levels) - 1]) > self::SAME_MM) {
            $levels[] = $level;
        }
    }

    /** @param list<float> $levels */
    private static function overlap(array $levels, float $distanceMm, GunSetUp $sheet): float
    {
        $steps = [];
        for ($i = 1, $n = count($levels); $i < $n; $i++) {
            $steps[] = abs($levels[$i] - $levels[$i - 1]);
        }
        if ($steps === []) {
            return $sheet->overlapPercent;
        }
        sort($steps);
        $pitch = $steps[intdiv(count($steps), 2)];
        $fan = Stroke::fanMm(new GunSetUp($sheet->bar, $distanceMm, $sheet->overlapPercent));

        return max(0.0, min(95.0, 100.0 * (1.0 - $pitch / $fan)));
    }

    /** @return array<string, mixed> */
    public function jsonSerialize(): array
    {
        return [
            'mmPerS' => round($this->mmPerS),
            'rightMmPerS' => Stroke::full()->speedMmPerS,
            'overlap' => Quantity::percent(round($this->overlapPercent)),
            'sheetOverlap' => Quantity::percent($this->sheet->overlapPercent),
            'distance' => Quantity::mm(round($this->distanceMm)),
            'sheetDistance' => Quantity::mm($this->sheet->distanceMm),
            'mean' => round($this->mean, 2),
            'least' => round($this->least, 2),
            'most' => round($this->most, 2),
            'strokes' => $this->strokes,
            'film' => $this->film,
            'remarks' => $this->remarks(),
        ];
    }
}
