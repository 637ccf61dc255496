<?php

declare(strict_types=1);

namespace Kalopsis\Practice;

use Kalopsis\Colour\Measurement;
use Kalopsis\Colour\Spectrum;
use Kalopsis\Cups\CoatNeed;
use Kalopsis\Film\ProductRole;
use Kalopsis\Gun\GunSetUp;
use Kalopsis\Job\CoatsUnder;
use Kalopsis\Job\Conditions;
use Kalopsis\Sequence\Coat;
use Kalopsis\Sequence\GunChoice;
use Kalopsis\Spray\Assumptions;
use Kalopsis\Spray\Finish;
use Kalopsis\Spray\Outlook;
use Kalopsis\Spray\Pace;
use Kalopsis\Spray\Part;
use Kalopsis\Spray\Pigment;
use Kalopsis\Spray\Simulation;
use Kalopsis\Spray\Sprayed;
use Kalopsis\Tint\EffectModel;
use Kalopsis\Tint\Formula;
use Kalopsis\Tint\SolidModel;
use Kalopsis\Tint\TonerLibrary;

/** A set-up sprayed in the practice bay by the plan's own physics: one spot on a panel without a car around it. */
final readonly class Bay
{
    /** What is cleared, m2: a door. Common practice. */
    private const PANEL_M2 = 0.9;

    /** A hand leaves its thinnest places at this share of the mean anyway: Spray\Hiding. */
    private const THINNEST = 0.8;

    /** How the flop moves a colour at each angle, as a share of what it moves at 110 degrees. Chosen here. */
    private const FLOP = [15 => -1.0, 25 => -0.5, 45 => 0.0, 75 => 0.6, 110 => 1.0];

    public Finish $finish;

    /** @var list<Coat> as they came out */
    public array $coats;

    public Simulation $way;

    /** The same where the hand was thinnest; null: it was even. */
    private ?Simulation $thin;

    public function __construct(public SetUp $is, public ?Hand $hand = null)
    {
        $this->finish = self::colours($is);
        $ratios = $is->ratio === null ? [] : [self::base($is)->value => $is->ratio];
        $coats = $is->school->sequence($is->finish)->drawnOut(
            $is->blendMm,
            $is->system,
            $is->finish,
            GunChoice::Standard,
            $ratios,
        );
        $this->coats = CoatsUnder::conditions($coats, $is->system, $this->conditions($hand->mean ?? 1.0));
        $this->way = $this->sprayed($this->coats);
        $uneven = $hand !== null && $hand->least < self::THINNEST * $hand->mean;
        $this->thin = $uneven
            ? $this->sprayed(CoatsUnder::conditions($coats, $is->system, $this->conditions($hand->least / self::THINNEST)))
            : null;
    }

    /** The gun that the base's data sheet asks for. */
    public static function sheetGun(SetUp $is): GunSetUp
    {
        return $is->system->product(self::base($is))->gun;
    }

    /** Visibility index of the whole. */
    public function index(): float
    {
        $fade = $this->way->look($this->is->blendMm, Assumptions::usual(), true, Simulation::FINE, true)->worst;
        foreach ($this->lines() as [$mm, $hides]) {
            $fade = max($fade, $this->way->lookAtLine($this->is->blendMm, $mm, $hides)->worst);
        }

        return max($fade, ...array_values($this->film()));
    }

    public function outlook(): Outlook
    {
        $o = Sprayed::outlook($this->way, $this->is->blendMm, $this->lines());
        $parts = [...$o->parts, ...$this->film()];

        return new Outlook($o->free, $o->lines, $parts, $o->spread, $o->hiding, $this->is->finish->isEffect()
            ? $this->finish->pigment->flakes
            : null);
    }

    /** In the booth and beside it. */
    public function minutes(): float
    {
        $pace = new Pace($this->is->system, $this->is->reducer, $this->is->air);
        $sum = $this->is->minutes;
        foreach ($this->coats as $coat) {
            $sum += $pace->spraying($coat, $this->areaM2($coat)) + $pace->waiting($coat);
        }

        return $sum;
    }

    /** Ready mixture that leaves the guns, ml. */
    public function millilitres(): float
    {
        $sum = 0.0;
        foreach ($this->coats as $coat) {
            $sum += (new CoatNeed(
                $coat->id(),
                $coat->name(),
                $coat->mixture,
                $this->areaM2($coat),
                $coat->filmShare,
                $coat->gun,
            ))->millilitres();
        }

        return $sum;
    }

    /** How far colour reaches past the primer, mm; null: over the whole panel. */
    public function reachMm(): ?float
    {
        return $this->way->limitMm($this->is->blendMm);
    }

    /**
     * Where a gap cuts the blend off.
     *
     * @return array<string, array{float, float}>
     */
    private function lines(): array
    {
        $room = $this->is->roomMm;

        return $room !== null && $room < ($this->reachMm() ?? INF) ? ['the next panel' => [$room, Simulation::GAP]] : [];
    }

    /** @return array<string, float> by Part */
    private function film(): array
    {
        $film = Sprayed::film($this->way, Sprayed::hiding($this->way));
        if ($this->thin !== null) {
            $thin = Sprayed::film($this->thin, Sprayed::hiding($this->thin));
            $film[Part::Hiding->value] = max($film[Part::Hiding->value], $thin[Part::Hiding->value]);
        }

        return $film;
    }

    private function areaM2(Coat $coat): float
    {
        return $coat->reachMm === null
            ? self::PANEL_M2
            : M_PI * ($this->is->spotMm + $coat->reachMm + $coat->fadeMm / 2.0) ** 2 / 1e6;
    }

    /** @param list<Coat> $coats */
    private function sprayed(array $coats): Simulation
    {
        return Simulation::of($coats, $this->is->system, $this->finish, $this->is->reducer, $this->is->air);
    }

    private function conditions(float $film): Conditions
    {
        return new Conditions(
            $this->is->reducer,
            $this->is->air,
            bed: $this->is->bed,
            furtherMm: $this->is->furtherMm + ($this->hand?->furtherMm() ?? 0.0),
            barMore: $this->is->barMore,
            overlapMore: $this->is->overlapMore + ($this->hand?->overlapMore() ?? 0.0),
            film: $this->is->film * $film,
            wetInWet: $this->is->hurried,
        );
    }

    private static function base(SetUp $is): ProductRole
    {
        return $is->finish->isEffect() ? ProductRole::BaseEffect : ProductRole::BaseSolid;
    }

    /** The car's colour and the one that is sprayed: so far off, or as the toners make it. */
    private static function colours(SetUp $is): Finish
    {
        $pigment = Pigment::of($is->finish);
        if ($is->formula !== null && $is->target !== null) {
            return Finish::measured(
                $is->finish,
                $is->shade,
                self::mixed($is->target),
                self::mixed($is->formula),
                $pigment,
            );
        }
        $old = Finish::assumed($is->finish, $is->shade, 0.0, $pigment)->old;
        $new = [];
        foreach ($old as $angle => $lab) {
            $flop = $is->flop * (self::FLOP[$angle] ?? 0.0);
            $new[$angle] = $lab->shifted($is->off[0] + $flop, $is->off[1], $is->off[2]);
        }

        return Finish::measured($is->finish, $is->shade, Measurement::ofLabs($old), Measurement::ofLabs($new), $pigment);
    }

    private static function mixed(Formula $formula): Measurement
    {
        $library = TonerLibrary::northlight();
        $model = $formula->isEffect($library) ? new EffectModel($library) : new SolidModel($library);

        return Measurement::ofSpectra(array_map(Spectrum::of(...), $model->spectra($formula->grams)));
    }
}
