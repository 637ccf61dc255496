<?php

declare(strict_types=1);

namespace App\Mixing;

use JsonSerializable;
use Kalopsis\Job\FormulaCup;

/** A formula scaled to a cup, with its number and the tint steps that led to it. */
final readonly class FormulaForCup implements JsonSerializable
{
    /** @param list<array{number: int, note: string}> $steps */
    public function __construct(public FormulaCup $cup, public int $number, public array $steps) {}

    /** @return array<string, mixed> */
    public function jsonSerialize(): array
    {
        return [...$this->cup->jsonSerialize(), 'number' => $this->number, 'steps' => $this->steps];
    }
}
