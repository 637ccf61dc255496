<?php

declare(strict_types=1);

namespace App\Actions;

use App\Mixing\FormulaOf;
use App\Mixing\MixRefused;
use App\Models\Mix;
use App\Models\RepairJob;
use App\Models\User;
use App\Support\Planning;
use Kalopsis\Cups\Cup;
use Kalopsis\Cups\Portion;
use Kalopsis\Cups\Pour;
use Kalopsis\Job\JobPlan;

/** Puts a cup of the plan on the scale, or the formula for it. Begun twice with the same id, it is the same mix. */
final readonly class BeginMix
{
    public function __construct(private Planning $planning, private FormulaOf $formula) {}

    /** @throws MixRefused */
    public function __invoke(
        User $user,
        RepairJob $job,
        string $id,
        string $cupId,
        string $kind,
        string $batch,
        float $cardsMl,
    ): Mix {
        $mix = Mix::query()->find($id);
        if ($mix !== null) {
            return $mix->repair_job_id === $job->id ? $mix : throw new MixRefused('This id is taken.');
        }
        $plan = $this->planning->plan($job->at($job->head)->document, $job->workshop_id, $job);
        $cup = self::cup($plan, $cupId);
        if ($cup->total->value() <= 0.0) {
            throw new MixRefused('There is nothing to mix in this cup: enough was left of the one before.');
        }
        $scale = $job->workshop->scale();
        $formula = null;
        $portions = self::portions($cup);
        $vessel = $cup->vessel;
        $shelf = $job->workshop->equipment()->cups;
        if ($kind === 'formula') {
            $formula = $this->formula->of($job, $plan, $cup, $cardsMl);
            $portions = $formula->cup->portions();
            $ml = array_sum(array_map(fn (Portion $p): float => $p->grams / $p->densityGPerMl, $portions));
            $vessel = $shelf->for($ml) ?? $shelf->largest();
        }

        return Mix::query()->createOrFirst(['id' => $id], [
            'repair_job_id' => $job->id,
            'user_id' => $user->id,
            'job_version' => $job->head,
            'cup' => $cup->id,
            'kind' => $kind,
            'name' => $kind === 'formula' ? "{$plan->job->colour->name}, toners" : $cup->name,
            'batch' => $batch,
            'begun' => [
                'portions' => $portions,
                'vessel' => $vessel->key(),
                // What else there was to pour it over into, should too much go in.
                'cups' => $shelf,
                'readabilityG' => $scale->readabilityG,
                'colour' => $plan->job->colour->name,
                'code' => $plan->job->colour->code,
                'formula' => $formula?->number,
                'system' => $plan->job->system->name,
                'product' => $cup->mixture->product->name,
                'mixture' => $cup->mixture->text(),
                'roomC' => $plan->job->booth->temperatureC,
                'humidityPercent' => $plan->job->booth->humidityPercent,
                'potLifeMin' => $kind === 'formula' ? null : $cup->potLifeMin,
                'of' => $cup->count,
            ],
        ]);
    }

    /** @throws MixRefused */
    public static function cup(JobPlan $plan, string $id): Cup
    {
        foreach ($plan->cups as $cup) {
            if ($cup->id === $id) {
                return $cup;
            }
        }

        throw new MixRefused('The plan has no such cup any more. Look at Cups again.');
    }

    /** @return list<Portion> */
    private static function portions(Cup $cup): array
    {
        return array_map(
            fn (Pour $p): Portion => new Portion($p->component, $p->grams, $p->grams / $p->ml, $p->kind),
            $cup->pours,
        );
    }
}
