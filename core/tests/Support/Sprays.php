<?php

declare(strict_types=1);

namespace Kalopsis\Tests\Support;

use Kalopsis\Film\Air;
use Kalopsis\Film\AirMovement;
use Kalopsis\Film\Carrier;
use Kalopsis\Film\FlashOff;
use Kalopsis\Film\Laid;
use Kalopsis\Film\ReducerGrade;
use Kalopsis\Film\Volatile;
use Kalopsis\Gun\GunSetUp;
use Kalopsis\Gun\Stroke;
use Kalopsis\Sequence\FinishClass;
use Kalopsis\Sight\Eye;
use Kalopsis\Spray\Assumptions;
use Kalopsis\Spray\Bed;
use Kalopsis\Spray\Finish;
use Kalopsis\Spray\LayerStack;
use Kalopsis\Spray\Profile;
use Kalopsis\Spray\StackCoat;

/** Plans of the kind docs/model.md section 10 lists, without a car around them. */
final class Sprays
{
    public const LANDS_IN_BED_UM = 27.0;

    /**
     * @param array{reducer?: ReducerGrade, air?: Air, solids?: float, pigment?: float, film?: float} $how
     */
    public static function coat(float $reach, float $fade, array $how = []): StackCoat
    {
        $air = $how['air'] ?? new Air(22.0, 50.0);
        $volatile = Volatile::of(Carrier::Solvent, $how['reducer'] ?? ReducerGrade::Standard);
        $gun = new GunSetUp(1.4, 170.0, 70.0);
        $laid = Laid::of(Stroke::full()->wetUm($gun) * ($how['film'] ?? 1.0), $how['solids'] ?? 0.16, $how['pigment'] ?? 1.0, $gun, $volatile, $air);

        return new StackCoat("c{$reach}", $laid->pigmentedUm, $laid->volatileUm(), $reach, $fade, 0.95 * $laid->volatileUm(), FlashOff::minutes($laid->volatileUm(), FlashOff::rate($volatile, $air, AirMovement::Booth)));
    }

    /**
     * So many coats stepped out over a room, the last one's dust at its end.
     *
     * @param array{reducer?: ReducerGrade, air?: Air, solids?: float, pigment?: float, film?: float} $how
     * @return list<StackCoat>
     */
    public static function over(float $room, int $coats = 3, array $how = []): array
    {
        return array_map(fn (int $i): StackCoat => self::coat($room * 0.25 * $i * 2 / ($coats - 1), $room * 0.5, $how), range(0, $coats - 1));
    }

    /** @param list<StackCoat> $coats */
    public static function stack(array $coats, Bed $bed, float $h98, ?Air $air = null, ReducerGrade $reducer = ReducerGrade::Standard, float $step = 5.0, ?Assumptions $assumed = null): LayerStack
    {
        $to = 100.0 + max(array_map(fn (StackCoat $c): float => $c->reachMm + $c->fadeMm, $coats));
        $rate = FlashOff::rate(Volatile::of(Carrier::Solvent, $reducer), $air ?? new Air(22.0, 50.0), AirMovement::Booth);

        return new LayerStack($coats, $bed, self::LANDS_IN_BED_UM, 0.0, $rate, $h98, $assumed ?? new Assumptions(), array_map(floatval(...), range(-80.0, $to, $step)), $step);
    }

    /** @param list<StackCoat> $coats */
    public static function index(FinishClass $class, float $dL, array $coats, Bed $bed = Bed::None, ?Air $air = null, ReducerGrade $reducer = ReducerGrade::Standard, float $step = 5.0): float
    {
        $finish = Finish::assumed($class, 3, $dL);

        return Profile::of(self::stack($coats, $bed, $finish->h98Um, $air, $reducer, $step), $finish, new Eye())->worst;
    }
}
