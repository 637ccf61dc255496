<?php

declare(strict_types=1);

namespace Kalopsis\Tests\Support;

use Kalopsis\Blend\BlendPlan;
use Kalopsis\Blend\Side;
use Kalopsis\Units\UnitSystem;
use RuntimeException;

/** What a plan is remarked on for. */
final class Remarks
{
    /** @return array<string, array{string, string, string}> gravity, what about, words; by code, the last of each */
    public static function of(BlendPlan $plan, string ...$codes): array
    {
        $out = [];
        foreach ($plan->warnings as $w) {
            if ($codes === [] || in_array($w->code, $codes, true)) {
                $out[$w->code] = [$w->severity->value, $w->about, $w->says->in(UnitSystem::Metric)];
            }
        }

        return $out;
    }

    /**
     * The plan of a silver's door, its steps written out and changed.
     *
     * @param array<string, array<string, mixed>> $extents set by hand, by step
     * @param array<string, mixed> $change of the job
     * @return array<array-key, mixed>
     */
    public static function door(array $extents, array $change = []): array
    {
        return Bodies::withSteps(Bodies::job(change: $change), fn (array $steps): array => array_map(
            fn (array $step): array => [...$step, 'extent' => [...$step['extent'], ...$extents[$step['id']] ?? []]],
            $steps,
        ));
    }

    /** @param array<string, mixed> $change */
    public static function toRear(array $change): Side
    {
        foreach (Bodies::remarked(Bodies::job(change: $change))->sides as $side) {
            if ($side->neighbourId === 'rear-door-left') {
                return $side;
            }
        }
        throw new RuntimeException('no side to the rear door');
    }
}
