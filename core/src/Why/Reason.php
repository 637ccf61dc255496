<?php

declare(strict_types=1);

namespace Kalopsis\Why;

use JsonSerializable;
use Kalopsis\Units\Quantity;

/** One link of the chain behind a figure: the rule, what went into it, and where the rule comes from. */
final readonly class Reason implements JsonSerializable
{
    /** @param array<string, Quantity|string|int> $inputs by the name a painter would use */
    private function __construct(
        public Phrase $rule,
        public SourceKind $source,
        public string $citation,
        public array $inputs,
    ) {}

    /** @param array<string, Quantity|string|int> $inputs */
    public static function of(Phrase|string $rule, SourceKind $source, string $citation, array $inputs = []): self
    {
        return new self(is_string($rule) ? Phrase::of($rule) : $rule, $source, $citation, $inputs);
    }

    /**
     * @return array<string, mixed> rule, source, citation and inputs, each with its name and value
     */
    public function jsonSerialize(): array
    {
        $inputs = [];
        foreach ($this->inputs as $name => $value) {
            $inputs[] = ['name' => $name, 'value' => is_int($value) ? (string) $value : $value];
        }

        return [
            'rule' => $this->rule,
            'source' => $this->source->value,
            'citation' => $this->citation,
            'inputs' => $inputs,
        ];
    }
}
