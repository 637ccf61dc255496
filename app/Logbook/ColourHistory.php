<?php

declare(strict_types=1);

namespace App\Logbook;

use App\Colour\Pair;
use App\Models\ColourEvent;
use App\Models\ColourFormula;
use App\Models\ColourSample;
use App\Models\JobFact;
use Kalopsis\Card\SampleKind;
use Kalopsis\Colour\AngleDifference;
use Kalopsis\Colour\Comparison;
use Kalopsis\Colour\Exception\CannotCompare;
use Kalopsis\Colour\Measurement;

/** Everything a workshop tried of one colour: its cars, their cards and variants, tint steps, and the formula's versions. */
final readonly class ColourHistory
{
    /** Cars beyond these are found by searching. */
    public const MOST_JOBS = 30;

    private const MOST_FORMULAS = 40;

    /**
     * @param list<JobFact> $jobs the newest first
     * @param list<array{sample: ColourSample, apart: ?AngleDifference, passed: ?ColourEvent}> $samples cards and variants, by job
     *     in the order of jobs, by number; how far from that job's car at the angle where that is most
     * @param list<ColourEvent> $steps tint steps, the newest first
     * @param list<ColourFormula> $formulas the newest first
     * @param ?string $paint the newest reading of a car in it, for a screen
     */
    private function __construct(
        public int $workshopId,
        public array $jobs,
        public array $samples,
        public array $steps,
        public array $formulas,
        public ?string $paint,
    ) {}

    public static function of(int $workshopId, string $name, string $code): self
    {
        $facts = JobFact::query()->where(['workshop_id' => $workshopId, 'colour' => $name, 'code' => $code]);
        $facts->orderByDesc('opened_at')->orderByDesc('repair_job_id')->limit(self::MOST_JOBS);
        $jobs = array_values($facts->get()->all());
        $ids = array_map(fn (JobFact $f): string => $f->repair_job_id, $jobs);
        $read = ColourSample::query();
        $read->with('user')->whereIn('repair_job_id', $ids)->whereNull('struck_at')->orderBy('number');
        $samples = [];
        foreach ($read->get()->all() as $sample) {
            $samples[$sample->repair_job_id][] = $sample;
        }
        $events = ColourEvent::query();
        $events->with('user')->whereIn('repair_job_id', $ids)->whereIn('kind', ['pass', 'tint'])->orderByDesc('id');
        $passed = $steps = [];
        foreach ($events->get()->all() as $event) {
            if ($event->kind === 'tint') {
                $steps[] = $event;
            } else {
                $passed[$event->colour_sample_id ?? ''] ??= $event;
            }
        }
        $tried = [];
        $paint = null;
        foreach ($ids as $id) {
            $own = $samples[$id] ?? [];
            $car = array_values(array_filter($own, fn (ColourSample $s): bool => $s->kind === SampleKind::Car));
            $reading = $car === [] ? null : Pair::readingOf($car[0]);
            $paint ??= $reading === null ? null : Pair::shownOn($reading);
            foreach ($own as $sample) {
                if ($sample->kind !== SampleKind::Car) {
                    $tried[] = [
                        'sample' => $sample,
                        'apart' => self::apart($reading, Pair::readingOf($sample)),
                        'passed' => $passed[$sample->id] ?? null,
                    ];
                }
            }
        }

        return new self($workshopId, $jobs, $tried, $steps, self::formulas($workshopId, $name, $code), $paint);
    }

    /** @return list<ColourFormula> */
    private static function formulas(int $workshopId, string $name, string $code): array
    {
        $kept = ColourFormula::query()->with('user')->where(['workshop_id' => $workshopId, 'colour' => $name, 'code' => $code]);
        $kept->orderByDesc('number')->limit(self::MOST_FORMULAS);
        $all = array_values($kept->get()->all());
        if ($all !== [] && $all[count($all) - 1]->number === 1) {
            return $all;
        }
        // Nothing of it was kept before the first tint step: what it began from is the shelf's.
        $shelf = ColourFormula::shelf($workshopId, $name, $code);

        return $shelf === null ? $all : [...$all, $shelf];
    }

    private static function apart(?Measurement $car, ?Measurement $card): ?AngleDifference
    {
        try {
            return $car === null || $card === null ? null : Comparison::of($car, $card)->worst();
        } catch (CannotCompare) {
            return null;
        }
    }
}
