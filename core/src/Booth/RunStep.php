<?php

declare(strict_types=1);

namespace Kalopsis\Booth;

use JsonSerializable;

/** A step of a run: what has to be so before it, what is done, and everything a screen shows of it. */
final readonly class RunStep implements JsonSerializable
{
    /**
     * @param float $minutes of work, >= 0
     * @param ?float $waitMin what the coat before it needs in the plan's air, min; null: straight on
     * @param ?string $movement air over that coat while it waits, as AirMovement; null: its wait goes by the clock alone
     * @param array<string, mixed> $shown what screens and the record say of it
     */
    public function __construct(
        public string $id,
        public StepKind $kind,
        public float $minutes,
        public ?float $waitMin,
        public ?string $movement,
        public array $shown,
    ) {}

    /** @param array<array-key, mixed> $kept as jsonSerialize wrote it */
    public static function kept(array $kept): self
    {
        $kind = StepKind::tryFrom(is_string($kept['kind'] ?? null) ? $kept['kind'] : '');
        $number = fn (string $name): ?float => is_numeric($kept[$name] ?? null) ? (float) $kept[$name] : null;
        $shown = [];
        foreach ($kept as $name => $value) {
            if (is_string($name) && ! in_array($name, ['id', 'kind', 'minutes', 'waitMin', 'movement', 'answers'], true)) {
                $shown[$name] = $value;
            }
        }

        return new self(
            is_string($kept['id'] ?? null) ? $kept['id'] : '',
            $kind ?? StepKind::Mend,
            $number('minutes') ?? 0.0,
            $number('waitMin'),
            is_string($kept['movement'] ?? null) ? $kept['movement'] : null,
            $shown,
        );
    }

    /**
     * The same work again as another step of the run.
     *
     * @param bool $waits does it come straight after the coat?
     * @param mixed $says what is said of it beside, a list of phrases
     */
    public function again(string $id, bool $waits, mixed $says): self
    {
        $own = $this->shown['says'] ?? [];
        $shown = [
            ...$this->shown,
            'again' => true,
            'says' => [...is_array($says) ? array_values($says) : [], ...is_array($own) ? array_values($own) : []],
        ];

        return $waits
            ? new self($id, $this->kind, $this->minutes, $this->waitMin, $this->movement, $shown)
            : new self($id, $this->kind, $this->minutes, null, null, $shown);
    }

    /** What is shown of it under a name, where that is a word. */
    public function text(string $name): string
    {
        $value = $this->shown[$name] ?? null;

        return is_string($value) ? $value : '';
    }

    public function named(string $id): self
    {
        return new self($id, $this->kind, $this->minutes, $this->waitMin, $this->movement, $this->shown);
    }

    /** @return array<string, mixed> */
    public function jsonSerialize(): array
    {
        return [
            'id' => $this->id,
            'kind' => $this->kind->value,
            'minutes' => round($this->minutes, 2),
            'waitMin' => $this->waitMin === null ? null : round($this->waitMin, 2),
            'movement' => $this->movement,
            'answers' => $this->kind->answers(),
            ...$this->shown,
        ];
    }
}
