<?php

declare(strict_types=1);

namespace Kalopsis\Spray;

use Kalopsis\Film\Air;
use Kalopsis\Film\AirMovement;
use Kalopsis\Film\Carrier;
use Kalopsis\Film\FlashOff;
use Kalopsis\Film\Laid;
use Kalopsis\Film\MixRatio;
use Kalopsis\Film\PaintSystem;
use Kalopsis\Film\ProductRole;
use Kalopsis\Film\ReducerGrade;
use Kalopsis\Film\Volatile;
use Kalopsis\Gun\GunSetUp;
use Kalopsis\Gun\Stroke;
use Kalopsis\Sequence\Coat;
use Kalopsis\Sequence\CoatKind;

/** From planned coats to what lands: films, volatiles and flash times by the paint's data sheet, the mix, the gun and the air. */
final readonly class StackBuilder
{
    /** A film is dull when this share of its volatile has gone. Chosen here, as in FlashOff. */
    private const GONE = 0.95;

    /** Beyond the last dust the picture goes on this far, mm. */
    private const BEYOND_MM = 120.0;

    /** Into the repair, mm. */
    private const INTO_MM = 80.0;

    private Volatile $volatile;

    private AirMovement $movement;

    /** @param array<string, MixRatio> $ratios by product role */
    public function __construct(private PaintSystem $system, private array $ratios, ReducerGrade $grade, private Air $air)
    {
        $this->volatile = Volatile::of($system->carrier, $grade);
        $this->movement = $system->carrier === Carrier::Solvent ? AirMovement::Booth : AirMovement::HandBlower;
    }

    /** One coat at full strength. */
    public function laid(Coat $coat): Laid
    {
        $product = $this->system->product($coat->role);
        // What the painter chose is the mix; else the school's way with the data sheet's.
        $ratio = $this->ratios[$coat->role->value] ?? $product->ratio->reduced($coat->reduction);

        // The hand lays as much wet paint whatever is in it: more reducer, less film.
        return Laid::of($product->wetFilmUm() * $coat->filmShare, $product->mixedAt($ratio)->volumeSolids(), $coat->pigmentShare, $coat->gun, $this->volatile, $this->air);
    }

    public function flashMinutes(Coat $coat): float
    {
        return FlashOff::minutes($this->laid($coat)->volatileUm(), FlashOff::rate($this->volatile, $this->air, $this->movement));
    }

    /**
     * @param list<Coat> $coats all of a plan, in spraying order
     * @param ?list<float> $xs places to look at, mm past the primer; null: from inside the repair to past the last dust
     * @param float $scale of all reaches and fades, to look for the shortest blend that does
     */
    public function stack(array $coats, Bed $bed, float $h98Um, Assumptions $assumed, float $stepMm, float $scale = 1.0, ?float $toMm = null, ?array $xs = null): LayerStack
    {
        $layers = [];
        $first = null;
        $furthest = 0.0;
        foreach ($coats as $coat) {
            if (! $coat->kind->isColour() || $coat->reachMm === null) {
                continue;
            }
            $laid = $this->laid($coat);
            $reach = $coat->reachMm * $scale;
            $first = min($first ?? INF, $coat->kind === CoatKind::Base ? $reach : INF);
            $furthest = max($furthest, $reach + $coat->fadeMm * $scale);
            $layers[] = new StackCoat($coat->id, $laid->pigmentedUm, $laid->volatileUm(), $reach, max(1.0, $coat->fadeMm * $scale), self::GONE * $laid->volatileUm(), $this->flashMinutes($coat), self::ripple($coat->gun), Stroke::fanMm($coat->gun) * (1.0 - $coat->gun->overlapPercent / 100.0));
        }
        $wetBed = $this->system->product(ProductRole::WetBed);
        $landing = Laid::of($wetBed->wetFilmUm(), $wetBed->mix()->volumeSolids(), 0.0, $wetBed->gun, $this->volatile, $this->air)->volatileUm();

        return new LayerStack(
            $layers,
            $bed,
            $landing,
            min($first ?? 0.0, 30.0),
            FlashOff::rate($this->volatile, $this->air, AirMovement::Booth),
            $h98Um,
            $assumed,
            $xs ?? self::evenly(-self::INTO_MM, $toMm ?? $furthest + self::BEYOND_MM, $stepMm),
            $stepMm,
        );
    }

    /** @return list<float> */
    private static function evenly(float $from, float $to, float $step): array
    {
        $out = [];
        for ($i = 0, $n = max(2, (int) round(($to - $from) / $step) + 1); $i < $n; $i++) {
            $out[] = $from + $i * $step;
        }

        return $out;
    }

    /** Peak to peak over the mean of parabolic strokes side by side: 1.5 (1 - overlap)^2, exact at overlaps of 1 - 1/n. Own model, docs/model.md section 10. */
    public static function ripple(GunSetUp $gun): float
    {
        return 1.5 * (1.0 - $gun->overlapPercent / 100.0) ** 2;
    }
}
