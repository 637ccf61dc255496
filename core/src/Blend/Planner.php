<?php

declare(strict_types=1);

namespace Kalopsis\Blend;

use Kalopsis\Blend\Internal\PanelsInPlay;
use Kalopsis\Blend\Internal\Regions;
use Kalopsis\Blend\Internal\Verdict;
use Kalopsis\Blend\Internal\Warnings;
use Kalopsis\Film\ProductRole;
use Kalopsis\Gun\GunSetUp;
use Kalopsis\Panel\Repair;
use Kalopsis\Panel\Under;
use Kalopsis\Sequence\Coat;
use Kalopsis\Sequence\CoatKind;
use Kalopsis\Sequence\GunChoice;

/**
 * Plans a repair: the coats of a school at their reaches, the panels that must take part, what each coat
 * covers, the zones and their preparation. Own model, docs/model.md section 3. Reaches come from a rule that
 * can be exchanged.
 */
final readonly class Planner
{
    public function __construct(private ReachRule $rule = new TradeReaches()) {}

    public function plan(BlendRequest $request): BlendPlan
    {
        $wetBed = match ($request->wetBed) {
            WetBedChoice::On => true,
            WetBedChoice::Off => false,
            WetBedChoice::Auto => $request->school->laysBed() && ($this->rule->reaches($request->finish)->wetBed || $request->school !== School::InsideOut && $request->school !== School::OutsideIn),
        };
        $coats = $this->coats($request, $wetBed);
        $need = $this->rule->roomNeeded($request->finish, $request->school, $request->gun);
        $small = $this->rule->roomNeeded($request->finish, $request->school, GunChoice::Small);
        $play = PanelsInPlay::find($request, $coats, $need->value(), $small->value());
        $panels = Regions::of($request, $coats, $play);
        $zones = Regions::zones($request, $coats, $panels);
        $warnings = Warnings::of($request, $coats, $play, $panels, $need->value(), $wetBed);
        [$verdict, $severity] = Verdict::of($play, $panels, $warnings);

        return new BlendPlan($coats, $panels, $zones, $play->sides, $warnings, $need, $wetBed, $verdict, $severity);
    }

    /** Does a repair want sealer over it before colour? */
    public static function wantsSealer(Repair $repair, ?int $undercoatShade): bool
    {
        return match ($repair->under) {
            Under::NewPrimedPart, Under::BareMetal, Under::BarePlastic, Under::ThermoplasticLacquer => true,
            Under::OldTwoPack => false,
            Under::Primer => $undercoatShade !== null && $repair->greyShade !== null && abs($undercoatShade - $repair->greyShade) >= 2,
        };
    }

    /** @return list<Coat> */
    private function coats(BlendRequest $request, bool $wetBed): array
    {
        $coats = [];
        foreach ($request->repairs as $repair) {
            if (self::wantsSealer($repair, $request->undercoatShade)) {
                $coats[] = Coats::sealer($request->system->product(ProductRole::Sealer)->gun);
                break;
            }
        }
        if ($wetBed) {
            $coats[] = Coats::wetBed($request->system->product(ProductRole::WetBed)->gun);
        }
        foreach (Coats::colour($request->finish, $request->school, $request->gun, $this->rule) as $coat) {
            $coats[] = $this->held($coat, $request);
        }
        foreach (Coats::clear($request->system->product(ProductRole::Clear)->gun) as $coat) {
            $coats[] = $coat;
        }

        return array_map(fn (Coat $coat): Coat => self::moved($coat, $request->reaches[$coat->id] ?? null), $coats);
    }

    /** The data sheet's way to hold the gun for full coats; thin coats and small guns are held as the trade does. */
    private function held(Coat $coat, BlendRequest $request): Coat
    {
        $sheet = $request->system->product($coat->role)->gun;
        $asSheet = $coat->kind === CoatKind::Base && $request->gun === GunChoice::Standard;

        return $asSheet ? self::with($coat, $coat->reachMm, $sheet) : $coat;
    }

    private static function moved(Coat $coat, ?float $reachMm): Coat
    {
        return $reachMm === null || $coat->reachMm === null ? $coat : self::with($coat, $reachMm, $coat->gun);
    }

    private static function with(Coat $coat, ?float $reachMm, GunSetUp $gun): Coat
    {
        return new Coat($coat->id, $coat->name, $coat->kind, $coat->role, $reachMm, $coat->fadeMm, $coat->filmShare, $gun, $coat->defaultReachMm, $coat->purpose, $coat->reason, $coat->pigmentShare, $coat->reduction);
    }
}
