<?php

declare(strict_types=1);

namespace Kalopsis\Practice;

use Kalopsis\Job\JobPlan;
use Kalopsis\Panel\Spot;
use Kalopsis\Sequence\School;
use Kalopsis\Spray\Finish;

/** A scenario made of a job that the workshop did: the trainee decides way and length, the colour difference stays hidden. */
final class FromJob
{
    /** Ways that are offered beside the job's own. */
    private const MOST_WAYS = 4;

    /** Lengths that are offered, mm. */
    private const LENGTHS = ['from' => 50, 'to' => 550, 'step' => 50];

    private const LARGEST_MM = 400.0;

    /**
     * @param list<School> $schools that can be sprayed on its finish
     * @return array<string, mixed> as ScenarioReader takes it
     */
    public static function scenario(JobPlan $plan, string $key, string $title, array $schools): array
    {
        $job = $plan->job;
        $finish = $plan->blend->request->finish;
        $repair = $job->repairs[0] ?? null;
        $radius = $repair?->shape instanceof Spot ? $repair->shape->radiusMm : 60.0;
        $room = $plan->blend->need->roomMm;
        $ways = array_map(fn (School $s): string => $s->key, $schools);
        // The job's own way is among those that are offered.
        usort($ways, fn (string $a, string $b): int => ($b === $job->plan->school) <=> ($a === $job->plan->school));

        return [
            'key' => $key,
            'skill' => Skill::Reach->value,
            'level' => 4,
            'title' => $title,
            'brief' => "{$job->colour->name}, as it came in. Which way, and how far?",
            'shown' => [
                'finish' => $job->colour->finish->value,
                'system' => $job->system->key,
                'reducer' => $job->reducer()->key(),
                'temperatureC' => $job->booth->temperatureC,
                'humidityPercent' => $job->booth->humidityPercent,
                'shade' => $repair->greyShade ?? 4,
                'spotMm' => max(5.0, min(self::LARGEST_MM, $radius)),
                ...$room === null ? [] : ['roomMm' => max(20.0, min(3000.0, round($room)))],
            ],
            'truth' => self::off($finish),
            'asks' => [
                [
                    'key' => 'way',
                    'text' => 'How do you spray it?',
                    'schools' => array_slice($ways, 0, self::MOST_WAYS),
                ],
                ['key' => 'length', 'text' => 'Colour goes this far past the primer', 'length' => self::LENGTHS],
            ],
        ];
    }

    /**
     * How far the card was off the car, straight on, and along more than in the face.
     *
     * @return array{off: list<float>, flop: float}
     */
    private static function off(Finish $finish): array
    {
        $d = fn (int $angle): float => isset($finish->new[$angle], $finish->old[$angle])
            ? $finish->new[$angle]->l - $finish->old[$angle]->l
            : 0.0;
        [$new, $old] = [$finish->new[45] ?? null, $finish->old[45] ?? null];

        return [
            'off' => $new === null || $old === null
                ? [0.0, 0.0, 0.0]
                : [round($new->l - $old->l, 2), round($new->a - $old->a, 2), round($new->b - $old->b, 2)],
            'flop' => isset($finish->old[15], $finish->old[110]) ? round(($d(110) - $d(15)) / 2.0, 2) : 0.0,
        ];
    }
}
