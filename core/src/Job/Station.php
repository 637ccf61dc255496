<?php

declare(strict_types=1);

namespace Kalopsis\Job;

use JsonSerializable;
use Kalopsis\Blend\Severity;
use Kalopsis\Why\Phrase;

/** The state of one station in a word or two. */
final readonly class Station implements JsonSerializable
{
    public function __construct(public string $id, public Phrase $state, public Severity $severity, public bool $ready) {}

    /** @return array{id: string, state: Phrase, severity: string, ready: bool} */
    public function jsonSerialize(): array
    {
        return ['id' => $this->id, 'state' => $this->state, 'severity' => $this->severity->value, 'ready' => $this->ready];
    }
}
