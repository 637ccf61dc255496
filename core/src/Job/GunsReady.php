<?php

declare(strict_types=1);

namespace Kalopsis\Job;

use JsonSerializable;
use Kalopsis\Cups\Cup;
use Kalopsis\Sequence\Coat;
use Kalopsis\Sequence\Drying;
use Kalopsis\Sequence\LandsIn;
use Kalopsis\Why\Phrase;

/** Two guns filled before the first of them is lifted: wherever a coat of another mix follows without a wait. */
final readonly class GunsReady implements JsonSerializable
{
    /** @param list<array{Cup, Cup, Coat, Coat}> $pairs the first gun, the second, the coats they spray */
    private function __construct(public array $pairs) {}

    public static function of(JobPlan $plan): self
    {
        $cupOf = [];
        foreach ($plan->cups as $cup) {
            foreach ($cup->coats as $coat) {
                $cupOf[$coat->coatId] = $cup;
            }
        }
        $pairs = [];
        $before = null;
        foreach ($plan->blend->coats as $coat) {
            $cup = $cupOf[$coat->id()] ?? null;
            if ($cup === null) {
                continue;
            }
            $first = $before === null ? null : $cupOf[$before->id()];
            if ($before !== null && $first !== null && $first->id !== $cup->id && self::atOnce($before, $coat)) {
                $pairs["{$first->id} {$cup->id}"] ??= [$first, $cup, $before, $coat];
            }
            $before = $coat;
        }

        return new self(array_values($pairs));
    }

    private static function atOnce(Coat $before, Coat $next): bool
    {
        return $before->step->drying === Drying::WetOnWet ||
            $next->step->landsIn === LandsIn::WetCoat ||
            $next->step->landsIn === LandsIn::WetBed;
    }

    /** @return list<array<string, mixed>> */
    public function jsonSerialize(): array
    {
        return array_map(
            fn (array $p): array => [
                'first' => ['cup' => $p[0]->id, 'name' => $p[0]->name],
                'second' => ['cup' => $p[1]->id, 'name' => $p[1]->name],
                'when' => Phrase::of('Both filled before {first} begins: {second} follows straight on.', [
                    'first' => $p[2]->name(),
                    'second' => $p[3]->name(),
                ]),
            ],
            $this->pairs,
        );
    }
}
