<?php

declare(strict_types=1);

namespace Kalopsis\Practice;

/** What a search over all that can be decided in a scenario would do, knowing what is true. */
final readonly class Best
{
    /** Ways that are all tried; more choices than these no scenario has. */
    public const MOST_WAYS = 150;

    /** One spread of the eye below what is just noticed: there the sharper of two people sees nothing either. */
    public const SURE = 0.82;

    /** Minutes that are given for e times less seen: a respray is half a day. Chosen here. */
    private const SEEN_COSTS = 500.0;

    /** ml that weigh as much as a minute. Chosen here. */
    private const ML_A_MINUTE = 20.0;

    /** @param array<string, string> $chosen option by ask */
    public function __construct(public array $chosen, public float $index, public float $minutes, public float $ml) {}

    /**
     * Every way to decide, with a hand as the data sheet has it: surely unseen first, then the fewest minutes and the least
     * paint.
     */
    public static function of(Scenario $scenario, SetUpReader $reader): self
    {
        $best = null;
        foreach (self::ways($scenario->asks) as $chosen) {
            $bay = new Bay((new Answer($scenario, $chosen))->setUp($reader));
            $way = new self($chosen, $bay->index(), $bay->minutes(), $bay->millilitres());
            $best = $best === null || $way->cost() < $best->cost() ? $way : $best;
        }

        return $best;
    }

    private function cost(): float
    {
        $seen = self::SEEN_COSTS * max(0.0, log($this->index / self::SURE));

        return $seen + $this->minutes + $this->ml / self::ML_A_MINUTE;
    }

    /**
     * @param list<Ask> $asks
     * @return non-empty-list<array<string, string>>
     */
    private static function ways(array $asks): array
    {
        $ways = [[]];
        foreach ($asks as $ask) {
            $next = [];
            foreach ($ways as $way) {
                foreach ($ask->options as $option) {
                    $next[] = [...$way, $ask->key => $option->key];
                }
            }
            $ways = $next === [] ? $ways : array_slice($next, 0, self::MOST_WAYS);
        }

        return $ways;
    }
}
