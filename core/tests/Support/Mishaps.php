<?php

declare(strict_types=1);

namespace Kalopsis\Tests\Support;

use Kalopsis\Colour\Lab;
use Kalopsis\Colour\Measurement;
use Kalopsis\Film\Reducer;
use Kalopsis\Findings\Bayes;
use Kalopsis\Findings\Cause;
use Kalopsis\Findings\CauseReader;
use Kalopsis\Job\AsSprayed;
use Kalopsis\Job\Conditions;
use Kalopsis\Job\DoneInTheBooth;
use Kalopsis\Job\JobPlan;
use Kalopsis\Job\LookBack;
use Kalopsis\Job\Traces;
use Kalopsis\Sequence\FinishClass;
use Kalopsis\Spray\Finish;
use Kalopsis\Spray\Part;

/** Random jobs that go wrong for one known reason. */
final class Mishaps
{
    /**
     * What goes wrong, and what it is seen as: what the model shows when it goes as wrong as it ordinarily does. A slow reducer,
     * cold air, a wrong grey and few laps stay below what anybody sees in 150 random jobs each.
     */
    public const CASES = [
        ['no-bed', 'halo'],
        ['bed-dried', 'halo'],
        ['fast-reducer', 'halo'],
        ['hot-air', 'halo'],
        ['dry-gun', 'halo'],
        ['wet-hand', 'mottle'],
        ['short-waits', 'mottle'],
        ['few-coats', 'see-through'],
        ['thin-hand', 'see-through'],
        ['card-off', 'colour-off'],
        ['other-variant', 'colour-off'],
    ];

    /** Schools with a bed, of which any may be sprayed without it. */
    private const SCHOOLS = ['inside-out-wet-bed', 'outside-in', 'bed-before-each', 'inside-out-bed-wet', 'transparent-last'];

    /**
     * A job that went well, with everything that is solved written out as set by hand: what goes wrong later is not planned for.
     *
     * @return array{array<array-key, mixed>, JobPlan, callable(array<array-key, mixed>): JobPlan, array<string, mixed>} the job,
     *     its plan, how to plan it again, and what is seen of it
     */
    public static function good(string $finish): array
    {
        $job = Bodies::job(['front-door-left', 'bonnet', 'rear-door-left'][mt_rand(0, 2)], (float) mt_rand(25, 70), [
            'colour' => ['finish' => $finish],
            'paintSystem' => mt_rand(0, 2) > 0 ? 'northlight-s' : 'northlight-w',
            'booth' => ['temperatureC' => mt_rand(16, 28), 'humidityPercent' => mt_rand(35, 65)],
            'plan' => [
                'school' => self::SCHOOLS[mt_rand(0, count(self::SCHOOLS) - 1)],
                'certainty' => ['likely', 'doubtful'][mt_rand(0, 1)],
            ],
        ]);
        $class = FinishClass::from($finish);
        $labs = Finish::assumed($class, 3)->old;
        $car = Measurement::ofLabs($labs);
        $dL = mt_rand(-10, 10) / 10.0;
        $card = Measurement::ofLabs(array_map(fn (Lab $lab): Lab => $lab->shifted($dL, 0.0, 0.0), $labs));
        $plan = Bodies::planned($job, $car, $card);
        $sprayed = AsSprayed::on($plan, null);
        // Good primer, and a blend no longer than it must be: a long one forgives everything.
        $job['repairs'][0]['under']['greyShade'] = $sprayed === null ? 4 : $sprayed->seen($sprayed->planned())['shade'];
        $short = mt_rand(15, 70) / 100.0;
        $reach = [];
        foreach ($plan->blend->coats as $coat) {
            $reach[$coat->id()] = [$coat->reachMm, $coat->fadeMm];
        }
        $job['plan']['reducer'] = $plan->job->reducer()->key();
        $held = Bodies::withSteps($job, function (array $steps) use ($reach, $short): array {
            foreach ($steps as &$step) {
                [$mm, $fade] = $reach[$step['id']] ?? [null, 0.0];
                if ($mm !== null && $step['extent']['kind'] === 'past' && $step['kind'] !== 'sealer') {
                    $step['extent']['reachMm'] = round($short * $mm, 1);
                    $step['extent']['fadeMm'] = round($short * $fade, 1);
                }
            }

            return $steps;
        });

        $good = Bodies::planned($held, $car, $card);
        $sprayed = AsSprayed::on($good, null);

        return [
            $held,
            $good,
            fn (array $job): JobPlan => Bodies::planned($job, $car, $card),
            $sprayed?->seen($sprayed->planned()) ?? [],
        ];
    }

    /**
     * The same job gone wrong: as it was planned, what its run recorded, and how it was really sprayed.
     *
     * @param array<array-key, mixed> $job
     * @param callable(array<array-key, mixed>): JobPlan $planned
     * @return ?array{JobPlan, DoneInTheBooth, callable(Conditions): Conditions} null where this job cannot go wrong so
     */
    public static function wrong(array $job, JobPlan $good, callable $planned, string $cause): ?array
    {
        $lines = [];
        foreach ($good->blend->coats as $coat) {
            $lines[$coat->id()] = ['step' => $coat->id(), 'kind' => 'coat', 'waitPlanned' => 5.0, 'waited' => 5.5, 'answer' => ''];
        }
        $lines['card'] = ['step' => 'hold-card', 'kind' => 'card', 'answer' => 'matches'];
        $booth = $good->job->booth;
        $celsius = $booth->temperatureC + mt_rand(-10, 10) / 10.0;
        $record = function () use (&$lines, &$celsius, $booth): array {
            return [
                'lines' => array_values($lines),
                'climate' => [
                    'temperatureC' => [$celsius, $celsius],
                    'humidityPercent' => [$booth->humidityPercent, $booth->humidityPercent],
                ],
            ];
        };
        $same = fn (Conditions $c): Conditions => $c;
        $level = $good->job->reducer()->level();
        switch ($cause) {
            case 'no-bed':
                $job = Bodies::withSteps($job, fn (array $steps): array => array_values(
                    array_map(
                        fn (array $s): array => [...$s, 'landsIn' => $s['landsIn'] === 'wet-coat' ? 'wet-coat' : 'dry'],
                        array_filter($steps, fn (array $s): bool => $s['kind'] !== 'wet-bed'),
                    ),
                ));

                return [$planned($job), DoneInTheBooth::of($record(), true), $same];
            case 'bed-dried':
                $first = DoneInTheBooth::firstInBed($good->blend->coats);
                if ($first === null) {
                    return null;
                }
                $lines[$first->id()]['waited'] = 5.0 * mt_rand(3, 8);

                return [$good, DoneInTheBooth::of($record(), true), $same];
            case 'fast-reducer':
                $job['plan']['reducer'] = Reducer::at($level - mt_rand(10, 25) / 10.0)->key();

                return [$planned($job), DoneInTheBooth::of($record(), true), $same];
            case 'hot-air':
                $celsius = $booth->temperatureC + mt_rand(6, 14);

                return [$good, DoneInTheBooth::of($record(), true), $same];
            case 'dry-gun':
                [$mm, $bar] = [(float) mt_rand(80, 250), mt_rand(5, 16) / 10.0];

                $dry = fn (Conditions $c): Conditions => $c->with(furtherMm: $mm, barMore: $bar);

                return [$good, DoneInTheBooth::of($record(), true), $dry];
            case 'wet-hand':
            case 'thin-hand':
                $film = $cause === 'wet-hand' ? mt_rand(13, 25) / 10.0 : mt_rand(40, 75) / 100.0;

                return [$good, DoneInTheBooth::of($record(), true), fn (Conditions $c): Conditions => $c->with(film: $film)];
            case 'short-waits':
                $coats = array_values(array_filter($good->blend->coats, fn ($c): bool => $c->isColour()));
                if (count($coats) < 2) {
                    return null;
                }
                $lines[$coats[count($coats) - 1]->id()]['waited'] = mt_rand(2, 20) / 10.0;

                return [$good, DoneInTheBooth::of($record(), true), $same];
            case 'few-coats':
                $dropped = false;
                $job = Bodies::withSteps($job, function (array $steps) use (&$dropped): array {
                    $base = array_keys(array_filter($steps, fn (array $s): bool => $s['kind'] === 'base'));
                    foreach (array_slice($base, 1) as $i) {
                        unset($steps[$i]);
                        $dropped = true;
                    }
                    foreach ($steps as &$step) {
                        $step['landsIn'] = $step['landsIn'] === 'wet-coat' ? 'dry' : $step['landsIn'];
                    }

                    return array_values($steps);
                });

                return $dropped ? [$planned($job), DoneInTheBooth::of($record(), true), $same] : null;
            case 'card-off':
                $dL = mt_rand(20, 50) / 10.0;
                $lines['card']['answer'] = 'off';

                $passed = mt_rand(0, 1) > 0;

                return [$good, DoneInTheBooth::of($record(), $passed), fn (Conditions $c): Conditions => $c->with(lighter: $dL)];
            default:
                $dL = mt_rand(20, 50) / 10.0;

                return [$good, DoneInTheBooth::of($record(), true), fn (Conditions $c): Conditions => $c->with(lighter: $dL)];
        }
    }

    /** @return list<Cause> as they ship */
    public static function causes(): array
    {
        return CauseReader::read(json_decode((string) file_get_contents(dirname(__DIR__, 3) . '/data/causes.json'), true));
    }

    /** @param array{parts: array<string, float>, fade: float, ...} $seen */
    public static function index(array $seen, string $defect): float
    {
        $part = LookBack::PARTS[$defect];

        return $part === Part::Fringe ? max($seen['fade'], $seen['parts']['fringe']) : $seen['parts'][$part->value];
    }

    /**
     * What somebody marks of what is there, one defect after another by chance as sharp eyes differ.
     *
     * @param array{parts: array<string, float>, fade: float, ...} $seen
     * @return list<string>
     */
    public static function marked(array $seen, string $complaint): array
    {
        $out = [$complaint];
        foreach (array_keys(LookBack::PARTS) as $defect) {
            $sees = mt_rand() / mt_getrandmax() < Bayes::seen(self::index($seen, $defect));
            if ($defect !== $complaint && $sees && mt_rand(0, 9) < 7) {
                $out[] = $defect;
            }
        }

        return $out;
    }

    public static function recorded(JobPlan $plan, AsSprayed $sprayed, DoneInTheBooth $done): Conditions
    {
        return (new Traces($plan, $sprayed, $done))->recorded();
    }
}
