<?php

declare(strict_types=1);

namespace Kalopsis\Booth;

/** A piece of a car's day that is still to be done, or is being done. */
final readonly class Block
{
    /**
     * @param float $minutes in all
     * @param float $handsMin of them with somebody's hands, from the beginning on
     * @param ?float $pinnedAt somebody put it there, or it has begun: minutes from midnight; null: the computation does
     * @param ?string $booth pinned to this one
     * @param ?string $person pinned to this one
     */
    public function __construct(
        public string $car,
        public BlockKind $kind,
        public float $minutes,
        public float $handsMin,
        public ?float $pinnedAt = null,
        public ?string $booth = null,
        public ?string $person = null,
    ) {}

    /**
     * A piece of the work of a car, as much as it takes by its plan; null where there is nothing of it to do.
     *
     * @param array<array-key, mixed> $work minutes by name, as PlannedWork::blocks gives them
     */
    public static function planned(string $car, BlockKind $kind, array $work): ?self
    {
        $of = function (string $name) use ($work): float {
            $minutes = $work[$name] ?? null;

            return is_int($minutes) || is_float($minutes) ? (float) $minutes : 0.0;
        };
        $minutes = $kind === BlockKind::Booth ? $of('booth') + $of('bake') : $of($kind->value);
        $hands = match (true) {
            ! $kind->takesHands() => 0.0,
            $kind === BlockKind::Booth => $of('booth'),
            default => $minutes,
        };

        return $minutes > 0.0 ? new self($car, $kind, $minutes, $hands) : null;
    }

    /** The same, put somewhere. */
    public function put(?float $at, ?string $booth, ?string $person): self
    {
        return new self($this->car, $this->kind, $this->minutes, $this->handsMin, $at, $booth, $person);
    }

    public function key(): string
    {
        return "{$this->car} {$this->kind->value}";
    }
}
