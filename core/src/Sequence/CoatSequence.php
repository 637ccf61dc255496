<?php

declare(strict_types=1);

namespace Kalopsis\Sequence;

use JsonSerializable;
use Kalopsis\Film\MixRatio;
use Kalopsis\Film\Mixture;
use Kalopsis\Film\PaintSystem;
use Kalopsis\Film\ProductRole;

/** The steps of a plan in spraying order. */
final readonly class CoatSequence implements JsonSerializable
{
    /** More steps than this is another job. */
    public const MOST_STEPS = 24;

    /** @param list<CoatStep> $steps */
    public function __construct(public array $steps) {}

    /** @return list<CoatStep> */
    public function colour(): array
    {
        return array_values(array_filter($this->steps, fn (CoatStep $s): bool => $s->kind->isColour()));
    }

    public function hasBed(): bool
    {
        return $this->has(CoatKind::WetBed);
    }

    public function has(CoatKind $kind): bool
    {
        foreach ($this->steps as $step) {
            if ($step->kind === $kind) {
                return true;
            }
        }

        return false;
    }

    /** Does any colour fade out, so that a blend has a length? */
    public function fades(): bool
    {
        foreach ($this->colour() as $step) {
            if ($step->extent->fades()) {
                return true;
            }
        }

        return false;
    }

    /** The widest coat comes first: no later one may pass it. */
    public function isOutsideIn(): bool
    {
        $colour = $this->colour();
        $first = $colour[0] ?? null;
        foreach (array_slice($colour, 1) as $step) {
            if ($first === null || $step->extent->reach >= $first->extent->reach) {
                return false;
            }
        }

        return $first !== null && count($colour) > 1 && $first->extent->fades();
    }

    /**
     * The steps that are sprayed on one panel, for the repairs it carries or sees.
     *
     * @param list<string> $repairs ids
     */
    public function on(string $panel, array $repairs): self
    {
        return new self(
            array_values(
                array_filter($this->steps, function (CoatStep $s) use ($panel, $repairs): bool {
                    foreach ($repairs as $repair) {
                        if ($s->where->takesRepair($repair)) {
                            return $s->where->takesPanel($panel);
                        }
                    }

                    return false;
                }),
            ),
        );
    }

    /** Full coats of the colour's own layer, thin ones by their share; a control coat only lays what is there. */
    public function layerCoats(): float
    {
        $sum = 0.0;
        foreach ($this->steps as $step) {
            if ($step->kind->isLayer()) {
                $sum += $step->film * $step->strokes->passes();
            }
        }

        return $sum;
    }

    /** Is the clear itself a colour, over a metallic ground? */
    public function isTinted(): bool
    {
        return $this->has(CoatKind::TintedClear);
    }

    /** Does the clear end inside a panel? */
    public function clearFades(): bool
    {
        foreach ($this->steps as $step) {
            if ($step->kind === CoatKind::Clear && $step->extent->fades()) {
                return true;
            }
        }

        return false;
    }

    /** @return list<ProductRole> what its steps are mixed from on a finish */
    public function roles(FinishClass $finish): array
    {
        $out = [];
        foreach ($this->steps as $step) {
            foreach ([$this->role($step->kind, $finish), $step->mixture->added()] as $role) {
                if ($role !== null && ! in_array($role, $out, true)) {
                    $out[] = $role;
                }
            }
        }

        return $out;
    }

    /** With another step in front. */
    public function after(CoatStep $first): self
    {
        return new self([$first, ...$this->steps]);
    }

    /**
     * Every step on this car, drawn out over so long a blend.
     *
     * @param array<string, MixRatio> $ratios by product role, what the painter mixes instead of the data sheet's
     * @param ShopGuns $guns of this shop
     * @return list<Coat>
     */
    public function drawnOut(
        float $blendMm,
        PaintSystem $system,
        FinishClass $finish,
        GunChoice $gun,
        array $ratios,
        ShopGuns $guns = new ShopGuns(),
    ): array {
        $out = [];
        foreach ($this->steps as $step) {
            $role = $this->role($step->kind, $finish);
            $mixture = Mixture::of($system, $role, $step->mixture, $ratios[$role->value] ?? null);
            $sheet = $mixture->product->gun;
            // Sealer, bed and clear are sprayed as their sheets say, small gun or not.
            $held = $step->kind->isColour() ? $gun : GunChoice::Standard;
            $out[] = new Coat(
                $step,
                $mixture,
                $step->extent->fades() ? $step->extent->reachIn($blendMm) : null,
                $step->extent->fades() ? $step->extent->fadeIn($blendMm) : 0.0,
                $step->film * $step->strokes->passes() * $step->gun->film($held, $sheet, $guns),
                $step->gun->setUp($held, $sheet)->fanning($guns->of($held)->fanMm),
                $step->gun->stroke($held, $guns),
                $step->extent->fades() ? $step->extent->reach * $blendMm + $step->extent->beyondMm : null,
                $step->extent->innerIn($blendMm),
            );
        }

        return $out;
    }

    private function role(CoatKind $kind, FinishClass $finish): ProductRole
    {
        return match ($kind) {
            CoatKind::Sealer => ProductRole::Sealer,
            CoatKind::WetBed => ProductRole::WetBed,
            CoatKind::Clear, CoatKind::TintedClear => ProductRole::Clear,
            CoatKind::FadeSolvent => ProductRole::FadeSolvent,
            // The ground of a three-stage is a solid; under a tinted clear lies a metallic.
            CoatKind::Ground => $this->isTinted() || ($finish->isEffect() && $finish !== FinishClass::Pearl)
                ? ProductRole::BaseEffect
                : ProductRole::BaseSolid,
            CoatKind::Base, CoatKind::Half, CoatKind::Effect, CoatKind::Control => $finish->isEffect()
                ? ProductRole::BaseEffect
                : ProductRole::BaseSolid,
        };
    }

    /** @return list<CoatStep> */
    public function jsonSerialize(): array
    {
        return $this->steps;
    }
}
