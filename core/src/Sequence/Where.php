<?php

declare(strict_types=1);

namespace Kalopsis\Sequence;

use JsonSerializable;

/** On which repairs or panels a coat is sprayed; neither named: everywhere. */
final readonly class Where implements JsonSerializable
{
    /**
     * @param list<string> $repairs ids
     * @param list<string> $panels ids
     */
    private function __construct(public array $repairs, public array $panels) {}

    public static function everywhere(): self
    {
        return new self([], []);
    }

    /** @param list<string> $ids */
    public static function repairs(array $ids): self
    {
        return new self($ids, []);
    }

    /** @param list<string> $ids */
    public static function panels(array $ids): self
    {
        return new self([], $ids);
    }

    public function isEverywhere(): bool
    {
        return $this->repairs === [] && $this->panels === [];
    }

    public function takesPanel(string $panel): bool
    {
        return $this->panels === [] || in_array($panel, $this->panels, true);
    }

    public function takesRepair(string $repair): bool
    {
        return $this->repairs === [] || in_array($repair, $this->repairs, true);
    }

    /** @return array<string, list<string>>|string */
    public function jsonSerialize(): array|string
    {
        return match (true) {
            $this->repairs !== [] => ['repairs' => $this->repairs],
            $this->panels !== [] => ['panels' => $this->panels],
            default => 'all',
        };
    }
}
