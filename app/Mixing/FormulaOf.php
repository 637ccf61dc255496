<?php

declare(strict_types=1);

namespace App\Mixing;

use App\Colour\Bench;
use App\Models\ColourFormula;
use App\Models\RepairJob;
use Kalopsis\Cups\Cup;
use Kalopsis\Cups\Pour;
use Kalopsis\Film\ComponentKind;
use Kalopsis\Job\FormulaCup;
use Kalopsis\Job\JobPlan;
use Kalopsis\Sequence\CoatKind;
use Kalopsis\Tint\Formula;

/** The colour's formula for one cup of a plan, as it stands after every tint. */
final class FormulaOf
{
    /**
     * @param float $cardsMl ready paint for spray-out cards on top, ml
     * @throws MixRefused where nothing is known to be mixed
     */
    public function of(RepairJob $job, JobPlan $plan, Cup $cup, float $cardsMl): FormulaForCup
    {
        if (! $cup->mixture->product->role->isBase() || $cup->restOf !== null) {
            throw new MixRefused('Only a cup of colour is mixed from toners.');
        }
        $colour = $plan->job->colour;
        $newest = ColourFormula::newest($job->workshop_id, $colour->name, $colour->code);
        $library = Bench::of($job->workshop_id);
        $recipe = $newest?->recipe;
        $toners = $recipe['toners'] ?? [];
        if ($this->isLayer($plan, $cup)) {
            $toners = $recipe['layer'] ?? $toners;
        }
        $known = array_filter($toners, fn (string $toner): bool => $library->has($toner), ARRAY_FILTER_USE_KEY);
        if ($newest === null || array_sum($known) <= 0.0 || count($known) !== count($toners)) {
            throw new MixRefused("Nobody wrote down a formula for {$colour->name}. Bring one in at station 2, Colour.");
        }
        $base = array_sum(
            array_map(fn (Pour $p): float => $p->kind === ComponentKind::Binder ? $p->grams : 0.0, $cup->pours),
        );
        $grams = $base * $cup->count * (1.0 + $cardsMl / max(1.0, $cup->total->value()));
        $query = ColourFormula::query()->where([
            'workshop_id' => $job->workshop_id,
            'colour' => $colour->name,
            'code' => $colour->code,
        ]);
        $query->orderBy('number');
        $steps = $query
            ->get(['number', 'note'])
            ->map(fn (ColourFormula $f): array => ['number' => $f->number, 'note' => $f->note])
            ->all();

        return new FormulaForCup(
            FormulaCup::of(Formula::of($known), $library, $grams, $job->workshop->scale()),
            $newest->number,
            array_values($steps),
        );
    }

    /** Is it the cup of a layer that lies over a ground of its own? */
    private function isLayer(JobPlan $plan, Cup $cup): bool
    {
        foreach ($plan->blend->coats as $coat) {
            if ($coat->id() === $cup->coats[0]->coatId) {
                return $coat->kind() !== CoatKind::Ground;
            }
        }

        return false;
    }
}
