<?php

declare(strict_types=1);

namespace Kalopsis\Job;

use Kalopsis\Blend\BlendRequest;
use Kalopsis\Blend\SideChoice;
use Kalopsis\Colour\FlakeGrade;
use Kalopsis\Colour\Flakes;
use Kalopsis\Cups\CupPlanner;
use Kalopsis\Film\BadRatio;
use Kalopsis\Film\ClearGrade;
use Kalopsis\Film\MixRatio;
use Kalopsis\Film\PaintSystem;
use Kalopsis\Film\ProductRole;
use Kalopsis\Film\Reducer;
use Kalopsis\Gun\Peel;
use Kalopsis\Input\Fields;
use Kalopsis\Input\InvalidInput;
use Kalopsis\Input\Problems;
use Kalopsis\Job\Internal\CupWishReader;
use Kalopsis\Job\Internal\MeasuredBody;
use Kalopsis\Job\Internal\RepairReader;
use Kalopsis\Panel\BodyShape;
use Kalopsis\Panel\Repair;
use Kalopsis\Sequence\CoatSequence;
use Kalopsis\Sequence\CoatStep;
use Kalopsis\Sequence\FinishClass;
use Kalopsis\Sequence\GunChoice;
use Kalopsis\Sequence\SequenceReader;
use Kalopsis\Spray\Certainty;
use Kalopsis\Spray\Pigment;
use Kalopsis\Units\Unit;
use Kalopsis\Why\Phrase;

/** Reads a job from decoded JSON (docs/formats/job.schema.json). Every fault is told at its field, all at once. */
final readonly class JobReader
{
    /** More repairs than this is a car for another job sheet. */
    public const MOST_REPAIRS = 20;

    /** Nobody types a data sheet in so often. Chosen here. */
    private const MOST_EDITIONS = 100_000;

    /** As SchoolReader. */
    private const USUAL = [0.2, 2.0];

    /** What gun and filter can hold at the most, ml. Common practice. */
    private const MOST_REMAINDER_ML = 500.0;

    public function __construct(private Catalogue $catalogue) {}

    /** @throws InvalidInput */
    public function read(mixed $json): JobSpec
    {
        $problems = new Problems();
        $job = Fields::of(is_array($json) ? (new Upgrade($this->catalogue))->newest($json) : $json, $problems);
        $car = $job->object('car');
        $carSpec = new CarSpec(
            $car->text('label', 1, 80, 'The car'),
            $car->has('plate') ? $car->text('plate', 0, 20, 'The plate') : '',
            $car->text('bodyShape', 1, 60, 'The body shape'),
            $car->has('due') ? $car->text('due', 1, 20, 'When it is due') : null,
            $car->has('painter') ? $car->text('painter', 0, 80, 'The painter') : '',
            $car->has('waxed') && $car->flag('waxed', 'Waxed or silicone'),
            Peel::from($car->has('peel') ? $car->whole('peel', 1, 5, 'The peel') : Peel::Usual->value),
            $car->has('electric') && $car->flag('electric', 'Hybrid or electric'),
            $car->has('bakeLimitC')
                ? $car->number('bakeLimitC', CarSpec::BAKE_LIMIT_C[0], CarSpec::BAKE_LIMIT_C[1], Unit::Celsius, 'The bake limit')
                : null,
            $car->has('order') ? $car->text('order', 0, 40, 'The order number') : '',
            $car->has('owner') ? $car->text('owner', 0, 6, 'The owner\'s initials') : '',
            $car->has('paintPrice') ? $car->plain('paintPrice', ...[...CarSpec::PAINT_PRICE, 'The price of the paint']) : null,
        );
        if ($carSpec->due !== null && $carSpec->due !== '' && ! CarSpec::isDue($carSpec->due)) {
            $problems->add('car.due', 'no-time', 'When it is due is a day and a time, like 2026-11-30T16:00.');
        }
        $colour = $job->object('colour');
        $colourSpec = new ColourSpec(
            $colour->text('name', 1, 80, 'The colour'),
            $colour->has('code') ? $colour->text('code', 0, 40, 'The code') : '',
            $colour->choice('finish', FinishClass::class, 'The finish'),
            $colour->has('undercoatShade')
                ? $colour->whole('undercoatShade', Repair::GREY_SHADES[0], Repair::GREY_SHADES[1], 'The grey shade')
                : null,
            $colour->has('hidingUm')
                ? $colour->number('hidingUm', ...[...Pigment::HIDING_UM, Unit::Micrometre, 'The film that hides'])
                : null,
            self::flakes($colour->maybe('flakes')),
        );
        $booth = $job->object('booth');
        $boothSpec = new BoothSpec(
            $booth->number(
                'temperatureC',
                BoothSpec::TEMPERATURE_C[0],
                BoothSpec::TEMPERATURE_C[1],
                Unit::Celsius,
                'Booth temperature',
            ),
            $booth->number('humidityPercent', 1.0, 100.0, Unit::Percent, 'Humidity'),
            $booth->has('name') ? $booth->text('name', 0, 40, 'The booth') : '',
        );
        $body = $carSpec->bodyShape === '' ? null : $this->catalogue->bodyShape($carSpec->bodyShape);
        if ($body === null && $carSpec->bodyShape !== '') {
            $problems->add('car.bodyShape', 'unknown', "There is no body shape \"{$carSpec->bodyShape}\".");
        }
        $body = $body === null ? null : MeasuredBody::of($car, $body);
        $systemKey = $job->text('paintSystem', 1, 60, 'The paint system');
        $edition = $job->has('paintEdition') ? $job->whole('paintEdition', 1, self::MOST_EDITIONS, 'The edition') : null;
        $system = $systemKey === '' ? null : $this->catalogue->paintSystem($systemKey, $edition);
        if ($system === null && $systemKey !== '') {
            $problems->add('paintSystem', 'unknown', "There is no paint system \"{$systemKey}\".");
        }
        $repairs = [];
        if ($body !== null) {
            $repairs = RepairReader::read($job->objects('repairs', self::MOST_REPAIRS), $body);
        }
        self::oneBinder($job->object('plan'), $systemKey);
        $practice = $job->has('practice') && $job->flag('practice', 'Practice');
        $plan = $this->plan($job->object('plan'), $system, $colourSpec->finish);
        if ($system !== null && $plan->clear !== null) {
            $chosen = $system->withClear($plan->clear);
            if ($chosen === null) {
                $problems->add('plan.clear', 'no-product', "{$system->name} has no {$plan->clear->words()}.");
            }
            $system = $chosen ?? $system;
        }
        foreach ($plan->sequence->steps as $step) {
            self::places($step, $body, $problems);
        }
        $problems->stop();
        assert($body !== null && $system !== null);

        $shop = $this->catalogue->calibration();

        $equipment = $this->catalogue->equipment();

        return new JobSpec($carSpec, $colourSpec, $boothSpec, $body, $system, $repairs, $plan, $practice, $shop, $equipment);
    }

    private function plan(Fields $plan, ?PaintSystem $system, FinishClass $finish): PlanSpec
    {
        $key = $plan->text('school', 1, 60, 'The school');
        $school = $key === '' ? null : $this->catalogue->school($key);
        $own = $plan->has('sequence');
        if ($school === null && $key !== '' && ! $own) {
            $plan->problems->add($plan->path('school'), 'unknown', "There is no school \"{$key}\".");
        }
        $sequence = $own
            ? new CoatSequence(SequenceReader::steps($plan->objects('sequence', CoatSequence::MOST_STEPS)))
            : $school?->sequence($finish) ?? new CoatSequence([]);
        if ($own && $sequence->steps === []) {
            $plan->problems->add($plan->path('sequence'), 'missing', 'A plan has at least one coat.');
        }
        if ($system !== null) {
            self::products($sequence, $system, $finish, $plan);
        }
        $usual = $plan->has('usual')
            ? $plan->plain('usual', ...[...self::USUAL, 'The usual length'])
            : $school->usual ?? 1.0;
        $sides = [];
        foreach ($plan->objects('sides', 100) as $side) {
            $panel = $side->text('panel', 1, 60, 'The panel');
            $neighbour = $side->text('neighbour', 1, 60, 'The neighbour');
            $choice = $side->choice('choice', SideChoice::class, 'The choice');
            if ($choice === SideChoice::SmallGun) {
                $plan->problems->add(
                    $side->path('choice'),
                    'unknown',
                    'The small gun is chosen for the whole plan, with "gun".',
                );
            }
            $sides[BlendRequest::sideKey($panel, $neighbour)] = $choice;
        }

        return new PlanSpec(
            $key,
            $sequence,
            $usual,
            $own,
            $plan->has('gun') ? $plan->choice('gun', GunChoice::class, 'The gun') : GunChoice::Standard,
            $plan->has('certainty') ? $plan->choice('certainty', Certainty::class, 'The certainty') : Certainty::Sure,
            $sides,
            self::ratios($plan->maybe('ratios'), $system),
            $plan->has('remainderMl')
                ? $plan->number('remainderMl', 0.0, self::MOST_REMAINDER_ML, Unit::Millilitre, 'The remainder')
                : CupPlanner::REMAINDER_ML,
            self::reducer($plan),
            $plan->has('letDown') && $plan->flag('letDown', 'The let-down set'),
            CupWishReader::read($plan->maybe('cups')),
            $plan->has('clear') ? $plan->choice('clear', ClearGrade::class, 'The clear') : null,
        );
    }

    private static function flakes(Fields $flakes): ?Flakes
    {
        $areas = [];
        foreach (FlakeGrade::cases() as $grade) {
            if ($flakes->has($grade->value)) {
                $areas[$grade->value] = $flakes->plain($grade->value, 0.0, 1.0, "The share of {$grade->words()}");
            }
        }

        return Flakes::mixed($areas);
    }

    /** A system that was brought in need not have all that a plan can want. */
    private static function products(CoatSequence $sequence, PaintSystem $system, FinishClass $finish, Fields $plan): void
    {
        foreach ($sequence->roles($finish) as $role) {
            if (! $system->has($role)) {
                $plan->problems->add(
                    $plan->path('sequence'),
                    'no-product',
                    Phrase::of('{system} has no {product}: bring in its data sheet, or do without it.', [
                        'system' => $system->name,
                        'product' => Phrase::of($role->words()),
                    ]),
                );
            }
        }
    }

    /** Solvent and waterborne binders of the same toners are never mixed in one build-up. */
    private static function oneBinder(Fields $plan, string $system): void
    {
        foreach ($plan->objects('sequence', CoatSequence::MOST_STEPS) as $step) {
            if ($step->has('paintSystem') && ! $step->isText('paintSystem', $system)) {
                $plan->problems->add(
                    $step->path('paintSystem'),
                    'mixed-systems',
                    'A build-up stays in one paint system: choose the other for the whole job, or for none of it.',
                );
            }
        }
    }

    private static function reducer(Fields $plan): ?Reducer
    {
        $key = $plan->has('reducer') ? $plan->text('reducer', 1, 30, 'The reducer') : '';
        $reducer = $key === '' ? null : Reducer::fromKey($key);
        if ($key !== '' && $reducer === null) {
            $plan->problems->add($plan->path('reducer'), 'unknown', "There is no reducer \"{$key}\".");
        }

        return $reducer;
    }

    /** A panel that a step names has to be there; of a repair that was taken away nothing is sprayed. */
    private static function places(CoatStep $step, ?BodyShape $body, Problems $problems): void
    {
        foreach ($step->where->panels as $panel) {
            if ($body !== null && ! $body->has($panel)) {
                $problems->add('plan.sequence', 'unknown', "{$step->name}: this car has no panel \"{$panel}\".");
            }
        }
    }

    /** @return array<string, MixRatio> */
    private static function ratios(Fields $fields, ?PaintSystem $system): array
    {
        $ratios = [];
        foreach ($fields->names() as $name) {
            $role = ProductRole::tryFrom($name);
            if ($role === null) {
                $fields->problems->add($fields->path($name), 'unknown', "There is no product \"{$name}\".");

                continue;
            }
            $text = $fields->text($name, 1, 40, 'The ratio');
            if ($text === '') {
                continue;
            }

            try {
                $ratio = MixRatio::parse($text);
                $system?->product($role)->mixedAt($ratio);
                $ratios[$name] = $ratio;
            } catch (BadRatio $bad) {
                $fields->problems->add($fields->path($name), 'bad-ratio', $bad->getMessage());
            }
        }

        return $ratios;
    }
}
