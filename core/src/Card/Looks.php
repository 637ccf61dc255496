<?php

declare(strict_types=1);

namespace Kalopsis\Card;

/** What people saw with a card held to the car: light by light, from face to flop. */
final readonly class Looks
{
    /** Lights in which every direction must have been looked at before the eye alone may decide. Common practice: two. */
    private const LIGHTS = 2;

    /** @param array<string, array<string, EyeVerdict>> $seen the newest by light and by direction */
    private function __construct(private array $seen) {}

    public static function none(): self
    {
        return new self([]);
    }

    /** The newest look counts. */
    public function with(Light $light, LookFrom $from, EyeVerdict $verdict): self
    {
        $seen = $this->seen;
        $seen[$light->value][$from->value] = $verdict;

        return new self($seen);
    }

    /** @param list<EyeVerdict> $verdicts of one light, in the order of the directions */
    public static function in(Light $light, array $verdicts): self
    {
        $looks = self::none();
        foreach ($verdicts as $i => $verdict) {
            $looks = $looks->with($light, LookFrom::cases()[$i], $verdict);
        }

        return $looks;
    }

    public function and(self $other): self
    {
        return new self([...$this->seen, ...$other->seen]);
    }

    public function isEmpty(): bool
    {
        return $this->seen === [];
    }

    /** Lights in which the card was seen from every direction. */
    public function lights(): int
    {
        return count(array_filter($this->seen, fn (array $from): bool => count($from) === count(LookFrom::cases())));
    }

    /** Two lights, three directions, every answer given: enough for a shop that judges by eye. */
    public function areComplete(): bool
    {
        return $this->lights() >= self::LIGHTS;
    }

    /** What the strictest look says; null while nobody has looked. */
    public function strictest(): ?EyeVerdict
    {
        $all = $this->verdicts();
        foreach ([EyeVerdict::Off, EyeVerdict::Blendable, EyeVerdict::Matches] as $verdict) {
            if (in_array($verdict, $all, true)) {
                return $verdict;
            }
        }

        return null;
    }

    /** @return list<EyeVerdict> */
    public function verdicts(): array
    {
        return array_merge(...array_map(array_values(...), array_values($this->seen)));
    }
}
